using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Parts;

/// <summary>A loose relay. Terminals: "id.pin" for every pin of its pinout, as printed on it.</summary>
/// <param name="ContactAmps">Contact rating at 12 V, A.</param>
public sealed record Relay(string Id, double ContactAmps) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

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

    /// <summary>Closed against water; null: not specified.</summary>
    public bool? Sealed { get; init; }

    /// <summary>Taken by hand: sizing leaves it as it is.</summary>
    public bool Fixed { get; init; }

    /// <summary>A new one: 40 A.</summary>
    public static Relay Usual(NewPart part) => new(part.Id, 40) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => [.. new[] { Pinout.CoilPlus, Pinout.CoilMinus, Pinout.Common, Pinout.Open, Pinout.Rest }.OfType<string>()];

    /// <inheritdoc/>
    public IPart WithPin(string pin, string name)
    {
        string Of(string old) => old == pin ? name : old;
        return this with { Pinout = new RelayPinout(Of(Pinout.CoilPlus), Of(Pinout.CoilMinus), Of(Pinout.Common), Of(Pinout.Open), Pinout.Rest is { } rest ? Of(rest) : null) };
    }

    /// <summary>The coil has narrow blades in every size of relay; the contacts of large ones wide blades, and then studs.</summary>
    WireEnd IPart.EndAt(string pin) => pin == Pinout.CoilPlus || pin == Pinout.CoilMinus || ContactAmps <= 40 ? WireEnd.Blade : ContactAmps <= 80 ? WireEnd.WideBlade : WireEnd.Ring;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var coil = Coil(around);
        yield return new PartElement($"{Id}.coil", coil.Plus, coil.Minus, new Law.Load((CoilOhms ?? TypicalCoil.Ohms(Of24(around))) * Warm));
        if (CoilDiode) yield return new PartElement($"{Id}.diode", coil.Minus, coil.Plus, new Law.Diode());
        yield return new PartElement($"{Id}.contact", Pin(Pinout.Common), Pin(Pinout.Open), new Law.Contact(TypicalOhms.RelayContact)) { Needs = [new Need.Coil(coil)] };
        if (Pinout.Rest is { } rest)
            yield return new PartElement($"{Id}.rest", Pin(Pinout.Common), Pin(rest), new Law.Contact(TypicalOhms.RelayContact)) { Needs = [new Need.AtRest(coil)] };
    }

    /// <inheritdoc/>
    public IEnumerable<ControlInput> Inputs(Surroundings around) => [Coil(around)];

    private double Warm => Copper.ResistanceFactor(CoilCelsius);

    private bool Of24(Surroundings around) => (CoilVolts ?? around.Vehicle.SystemVolts) == 24;

    /// <inheritdoc/>
    public string PinName(string pin) => pin;

    private string Pin(string pin) => $"{Id}.{pin}";

    /// <summary>Resistance and pull-in rise with the copper's temperature.</summary>
    private ControlInput Coil(Surroundings around) => new(
        Id, ControlKind.Coil, Pin(Pinout.CoilPlus), Pin(Pinout.CoilMinus), TypicalCoil.PullInVolts(Of24(around)) * Warm, TypicalCoil.DropOutVolts(Of24(around)), EitherWay: true);

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => inside switch
    {
        "contact" => new(StripKind.Relay, Id, name, PartWords.FormatTo(Pinout.Common, Pinout.Open)) { Rated = PartWords.FormatRelay(Format.RatedAmps(ContactAmps)) },
        "rest" => new(StripKind.Relay, Id, name, PartWords.FormatToAtRest(Pinout.Common, Pinout.Rest)) { Rated = PartWords.FormatRelay(Format.RatedAmps(ContactAmps)) },
        _ => new(StripKind.Coil, Id, PartWords.FormatCoilOf(name), PartWords.FormatTo2(Pinout.CoilPlus, Pinout.CoilMinus)) { Rated = CoilDiode ? PartWords.DiodeAcrossIt : "" },
    };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.contactAmps", ContactAmps, 1, 1000, "A");
        if (CoilOhms is { } ohms) problems.Within($"{path}.coilOhms", ohms, 5, 5000, "Ω");
        if (CoilVolts is { } volts) problems.OneOf($"{path}.coilVolts", volts, Vehicle.Voltages, "V");
        problems.Within($"{path}.coilCelsius", CoilCelsius, -40, 150, "°C");
        problems.Twice($"{path}.pinout", new[] { Pinout.CoilPlus, Pinout.CoilMinus, Pinout.Common, Pinout.Open, Pinout.Rest }.OfType<string>());
    }
}

/// <summary>Pins as printed on a relay; DIN 72552 (from memory) unless the maker prints them otherwise.</summary>
/// <param name="CoilPlus">End of the coil meant for plus.</param>
/// <param name="CoilMinus">The other end.</param>
/// <param name="Common">Contact common to both throws.</param>
/// <param name="Open">Contact closed when pulled in.</param>
/// <param name="Rest">Contact closed at rest; null where there is none.</param>
public sealed record RelayPinout(
    string CoilPlus = "86", string CoilMinus = "85", string Common = "30", string Open = "87", string? Rest = null);

/// <summary>
/// Coil of a relay of ISO 7588 kind (typical): of 12 V 88 Ω, sure to pull in at 8 V and to drop out at 1 V; of 24 V 340 Ω, 16
/// and 2.4 V.
/// </summary>
internal static class TypicalCoil
{
    public static double Ohms(bool of24) => of24 ? 340 : 88;

    public static double PullInVolts(bool of24) => of24 ? 16 : 8;

    public static double DropOutVolts(bool of24) => of24 ? 2.4 : 1;
}
