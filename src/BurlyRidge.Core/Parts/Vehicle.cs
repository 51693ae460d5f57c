using System.Text.Json.Serialization;

namespace BurlyRidge.Core.Parts;

/// <summary>The vehicle's electrical side, as found. Its body is the terminal "body".</summary>
/// <param name="SystemVolts">12 or 24.</param>
public sealed record Vehicle(int SystemVolts)
{
    /// <summary>Its body as a terminal.</summary>
    public const string Body = "body";

    /// <summary>
    /// One battery or more, of 12 V each. In parallel or separate the first is the vehicle's own; in series the first is on
    /// the body and the last gives the system's volts. Terminals: "id.plus", "id.minus".
    /// </summary>
    public IReadOnlyList<Battery> Batteries { get; init; } = [];

    /// <summary>How several batteries are joined.</summary>
    public BatteryLink BatteryLink { get; init; } = BatteryLink.Parallel;

    /// <summary>The alternator, across the system; null where there is none.</summary>
    public Alternator? Alternator { get; init; }

    /// <summary>What the vehicle itself draws with the key on, A at system volts; null: not specified, <see cref="UsualHouseLoadAmps"/> are taken.</summary>
    public double? HouseLoadAmps { get; init; }

    /// <summary>What it draws with the key off, A at system volts; null: not specified, <see cref="UsualKeyOffDrainAmps"/> are taken.</summary>
    public double? KeyOffDrainAmps { get; init; }

    /// <summary>Engine, pumps and blower with the key on, A (typical, no source).</summary>
    public const double UsualHouseLoadAmps = 15;

    /// <summary>Modules and alarm of a parked vehicle, A: 20 to 50 mA (typical, no source).</summary>
    public const double UsualKeyOffDrainAmps = 0.03;

    /// <summary>The draw with the key on that it is judged by, A.</summary>
    [JsonIgnore]
    public double TakenHouseLoadAmps => HouseLoadAmps ?? UsualHouseLoadAmps;

    /// <summary>The draw with the key off that it is judged by, A.</summary>
    [JsonIgnore]
    public double TakenKeyOffDrainAmps => KeyOffDrainAmps ?? UsualKeyOffDrainAmps;

    /// <summary>The high beam lamps. Terminals: "highBeam.plus", "highBeam.minus".</summary>
    public SignalLamp HighBeam { get; init; } = new();

    /// <summary>The reversing lamps. Terminals: "reverse.plus", "reverse.minus".</summary>
    public SignalLamp Reverse { get; init; } = new();

    /// <summary>The side lights. Terminals: "sideLight.plus", "sideLight.minus".</summary>
    public SignalLamp SideLight { get; init; } = new();

    /// <summary>The low beam lamps; null: nobody described them. Terminals: "lowBeam.plus", "lowBeam.minus"; the others alike.</summary>
    public SignalLamp? LowBeam { get; init; }

    /// <summary>The brake lamps; null: nobody described them.</summary>
    public SignalLamp? BrakeLamp { get; init; }

    /// <summary>The indicators on the left; null: nobody described them.</summary>
    public SignalLamp? IndicatorLeft { get; init; }

    /// <summary>The indicators on the right; null: nobody described them.</summary>
    public SignalLamp? IndicatorRight { get; init; }

    /// <summary>Where wires that are live with the key on were found.</summary>
    public IReadOnlyList<FoundWire> IgnitionWires { get; init; } = [];

    /// <summary>Factory auxiliary outputs. Terminal: "id.out".</summary>
    public IReadOnlyList<AuxOutput> AuxOutputs { get; init; } = [];

    /// <summary>Spare factory leads from one part of the vehicle to another. Terminals: "id.a", "id.b".</summary>
    public IReadOnlyList<PassThrough> PassThroughs { get; init; } = [];

    /// <summary>Pins of the trailer socket. Terminal: "id.pin".</summary>
    public IReadOnlyList<TrailerPin> TrailerPins { get; init; } = [];

    /// <summary>Fuse slots that can be tapped. Terminal: "id.tap", before the slot's own fuse.</summary>
    public IReadOnlyList<FuseSlot> FuseSlots { get; init; } = [];

    /// <summary>Whether it has a high-voltage drive; defer to the maker.</summary>
    public bool HighVoltageDrive { get; init; }

    /// <summary>A vehicle that nobody described: one battery, or two in series at 24 V, and an alternator.</summary>
    public static Vehicle Usual(int systemVolts) => new(systemVolts)
    {
        Batteries = systemVolts == 24
            ? [new Battery("battery-1"), new Battery("battery-2")]
            : [new Battery("battery")],
        BatteryLink = systemVolts == 24 ? BatteryLink.Series : BatteryLink.Parallel,
        Alternator = new Alternator(),
    };

    /// <summary>The voltages of vehicles.</summary>
    public static IReadOnlyList<int> Voltages { get; } = [12, 24];

    /// <summary>Terminal of the plus post that feeds the vehicle.</summary>
    [JsonIgnore]
    public string SystemPlus => $"{(BatteryLink == BatteryLink.Series ? Batteries[^1] : Batteries[0]).Id}.plus";

    /// <summary>The post that it returns to.</summary>
    [JsonIgnore]
    public string SystemMinus => $"{Batteries[0].Id}.minus";
}
