using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Rigs;

/// <summary>A fuse or breaker in its holder. Terminals: "id.in", "id.out".</summary>
public sealed record ProtectiveDevice(string Id, Fuse Fuse, Zone Place = Zone.EngineBay, bool Breaker = false)
{
    /// <summary>The voltage that it is made to break, V; common blades 32 (typical).</summary>
    public double RatedVolts { get; init; } = 32;

    /// <summary>Taken by hand: sizing leaves it as it is.</summary>
    public bool Fixed { get; init; }
}

/// <summary>A loose relay. Terminals: "id.pin" for every pin of its pinout, as printed on it.</summary>
/// <param name="ContactAmps">Contact rating at 12 V, A.</param>
public sealed record Relay(string Id, double ContactAmps)
{
    /// <summary>Which printed pin does what.</summary>
    public RelayPinout Pinout { get; init; } = new();

    /// <summary>Coil resistance at 20 °C, Ω; null: 88 at 12 V, 340 at 24 V (typical).</summary>
    public double? CoilOhms { get; init; }

    /// <summary>Volts of its coil: 12 or 24; null: the system's.</summary>
    public int? CoilVolts { get; init; }

    /// <summary>Temperature of the coil, °C; resistance and pull-in rise with it.</summary>
    public double CoilCelsius { get; init; } = 20;

    /// <summary>A diode across the coil, its cathode at the pin that is to be plus.</summary>
    public bool CoilDiode { get; init; }

    /// <summary>Taken by hand: sizing leaves it as it is.</summary>
    public bool Fixed { get; init; }
}

/// <summary>Pins as printed on a relay; DIN 72552 (from memory) unless the maker prints them otherwise.</summary>
/// <param name="CoilPlus">End of the coil meant for plus.</param>
/// <param name="CoilMinus">The other end.</param>
/// <param name="Common">Contact common to both throws.</param>
/// <param name="Open">Contact closed when pulled in.</param>
/// <param name="Rest">Contact closed at rest; null where there is none.</param>
public sealed record RelayPinout(
    string CoilPlus = "86", string CoilMinus = "85", string Common = "30", string Open = "87", string? Rest = null);

/// <summary>A switch. Terminals: "id.pin" for every pin that its positions and lamps name.</summary>
/// <param name="RatingAmps">What it may carry, A.</param>
/// <param name="Positions">The first is the one it is found in.</param>
public sealed record Switch(string Id, double RatingAmps, IReadOnlyList<SwitchPosition> Positions)
{
    /// <summary>Lamps in it.</summary>
    public IReadOnlyList<SwitchLamp> Lamps { get; init; } = [];
}

/// <summary>One position of a switch.</summary>
/// <param name="Name">"off", "on", "auto".</param>
/// <param name="Joins">Pairs of pins joined in it.</param>
public sealed record SwitchPosition(string Name, IReadOnlyList<PinPair> Joins);

/// <summary>Two pins.</summary>
public sealed record PinPair(string A, string B)
{
    /// <summary>The same pair whichever way round it is written.</summary>
    public PinPair Ordered() => string.CompareOrdinal(A, B) <= 0 ? this : new PinPair(B, A);
}

/// <summary>A lamp in a switch.</summary>
/// <param name="Kind">Filament or resistor LED.</param>
/// <param name="Watts">At system volts, W.</param>
public sealed record SwitchLamp(string Id, string Plus, string Minus, LampKind Kind = LampKind.ResistorLed, double Watts = 0.12);

/// <summary>
/// Relays and fuses in one enclosure. Terminals: "id.plus", "id.minus", "id.sense", "id.output" for every output, and
/// "id.in-output" for outputs worked by an input.
/// </summary>
/// <param name="TotalAmps">What it may carry in all, A.</param>
public sealed record PowerBox(string Id, double TotalAmps, IReadOnlyList<BoxOutput> Outputs)
{
    /// <summary>Whether its minus must be on the battery post itself.</summary>
    public bool MinusOnPost { get; init; }

    /// <summary>What it draws asleep, A.</summary>
    public double SleepAmps { get; init; } = 0.005;

    /// <summary>Its panel; a box whose outputs are worked by inputs alone has none.</summary>
    public PanelFace Panel { get; init; } = new();
}

/// <summary>What a panel looks like.</summary>
/// <param name="Backlight">Colour that its legends are lit in.</param>
/// <param name="LegendWidthMillimetres">Of one legend, mm: 5 to 60.</param>
/// <param name="LegendHeightMillimetres">Of one legend, mm: 4 to 40.</param>
public sealed record PanelFace(Backlight Backlight = Backlight.White, double LegendWidthMillimetres = 24, double LegendHeightMillimetres = 9);

/// <summary>Colours of backlight; what is bright at night is read less well beside the road.</summary>
public enum Backlight
{
    /// <summary>None.</summary>
    Off,

    /// <summary>White.</summary>
    White,

    /// <summary>Amber.</summary>
    Amber,

    /// <summary>Red.</summary>
    Red,

    /// <summary>Green.</summary>
    Green,

    /// <summary>Blue.</summary>
    Blue,
}

/// <summary>One way of a power box.</summary>
/// <param name="RatingAmps">Of its fuse, A.</param>
/// <param name="Follows">Whether it drops when the sense lead goes dead.</param>
/// <param name="WorkedBy">By a slot of the panel, or by an input pin.</param>
/// <param name="Slot">Position on the panel, from the front; null where none is assigned.</param>
/// <param name="Legend">What is printed on the slot.</param>
public sealed record BoxOutput(
    string Id,
    double RatingAmps,
    Feed Follows = Feed.Battery,
    WorkedBy WorkedBy = WorkedBy.Slot,
    int? Slot = null,
    string Legend = "",
    OutputMode Mode = OutputMode.Latching);

/// <summary>What works an output.</summary>
public enum WorkedBy
{
    /// <summary>A slot of the panel.</summary>
    Slot,

    /// <summary>An input of its own.</summary>
    Input,
}

/// <summary>How an output answers its slot.</summary>
public enum OutputMode
{
    /// <summary>On until pressed again.</summary>
    Latching,

    /// <summary>On while pressed.</summary>
    Momentary,

    /// <summary>Slow flash.</summary>
    FlashSlow,

    /// <summary>Fast flash.</summary>
    FlashFast,

    /// <summary>Strobe.</summary>
    Strobe,

    /// <summary>On until the battery is low.</summary>
    LowVoltageCutOff,
}
