namespace BurlyRidge.Core.Rigs;

/// <summary>The vehicle's electrical side, as found. Its body is the terminal "body".</summary>
/// <param name="SystemVolts">12 or 24.</param>
public sealed record Vehicle(int SystemVolts)
{
    /// <summary>
    /// One battery or more, of 12 V each. In parallel or separate the first is the vehicle's own; in series the first is on
    /// the body and the last gives the system's volts. Terminals: "id.plus", "id.minus".
    /// </summary>
    public IReadOnlyList<Battery> Batteries { get; init; } = [];

    /// <summary>How several batteries are joined.</summary>
    public BatteryLink BatteryLink { get; init; } = BatteryLink.Parallel;

    /// <summary>The alternator, across the system; null where there is none.</summary>
    public Alternator? Alternator { get; init; }

    /// <summary>What the vehicle itself draws with the key on, A at system volts.</summary>
    public double HouseLoadAmps { get; init; }

    /// <summary>What it draws with the key off, A at system volts.</summary>
    public double KeyOffDrainAmps { get; init; }

    /// <summary>The high beam lamps. Terminals: "highBeam.plus", "highBeam.minus".</summary>
    public SignalLamp HighBeam { get; init; } = new();

    /// <summary>The reversing lamps. Terminals: "reverse.plus", "reverse.minus".</summary>
    public SignalLamp Reverse { get; init; } = new();

    /// <summary>The side lights. Terminals: "sideLight.plus", "sideLight.minus".</summary>
    public SignalLamp SideLight { get; init; } = new();

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

    /// <summary>A vehicle of no kind in particular: one battery of 80 Ah, or two in series at 24 V, and an alternator.</summary>
    public static Vehicle Usual(int systemVolts) => new(systemVolts)
    {
        Batteries = systemVolts == 24
            ? [new Battery("battery-1"), new Battery("battery-2")]
            : [new Battery("battery")],
        BatteryLink = systemVolts == 24 ? BatteryLink.Series : BatteryLink.Parallel,
        Alternator = new Alternator(systemVolts == 24 ? 28.4 : 14.2, 60, 120),
        HouseLoadAmps = 15,
    };
}

/// <summary>How several batteries are joined.</summary>
public enum BatteryLink
{
    /// <summary>Plus to plus; the minus ends on the body.</summary>
    Parallel,

    /// <summary>Plus to the minus of the next; the first minus on the body.</summary>
    Series,

    /// <summary>Not joined at plus, as a second battery behind its charger; the minus ends on the body.</summary>
    Separate,
}

/// <summary>One battery of 12 V.</summary>
/// <param name="Id">Stable name within the rig.</param>
/// <param name="CapacityAmpHours">Rated at 20 h, Ah.</param>
/// <param name="StateOfCharge">0 to 1.</param>
/// <param name="InternalMilliohms">Resistance when it gives, mΩ (70 to 100 Ah: 4 to 8, typical).</param>
/// <param name="Place">Where it stands.</param>
public sealed record Battery(
    string Id, double CapacityAmpHours = 80, double StateOfCharge = 0.9, double InternalMilliohms = 6, Zone Place = Zone.EngineBay)
{
    /// <summary>Peukert exponent: 1.1 (AGM) to 1.3 (flooded) (common practice, no source).</summary>
    public double PeukertExponent { get; init; } = 1.2;

    /// <summary>Whether a current sensor sits on its minus post; what is returned to the post itself passes it by.</summary>
    public bool CurrentSensor { get; init; }
}

/// <summary>The alternator.</summary>
/// <param name="RegulatedVolts">Without load, V (13.8 to 14.4, or twice that).</param>
/// <param name="IdleAmps">The most at idle, A.</param>
/// <param name="CruiseAmps">The most at cruise, A.</param>
public sealed record Alternator(double RegulatedVolts, double IdleAmps, double CruiseAmps);

/// <summary>Lamps of the vehicle that a signal is taken from.</summary>
public sealed record SignalLamp
{
    /// <summary>All lamps of this signal together, W at system volts.</summary>
    public double Watts { get; init; } = 60;

    /// <summary>Which wire is switched: the plus, or the minus with plus always live.</summary>
    public SwitchedSide Switched { get; init; } = SwitchedSide.Plus;

    /// <summary>Whether a control module drives it, from which no more than coil current may be taken.</summary>
    public bool ModuleDriven { get; init; }

    /// <summary>Whether it is pulsed, or watched for its lamp; a coil across it may hum or set a warning.</summary>
    public bool Pulsed { get; init; }

    /// <summary>The vehicle's own fuse before it, A.</summary>
    public double FuseAmps { get; init; } = 15;
}

/// <summary>Which wire of a lamp is switched.</summary>
public enum SwitchedSide
{
    /// <summary>The wire from the battery.</summary>
    Plus,

    /// <summary>The wire to the body.</summary>
    Minus,
}

/// <summary>Where a factory output is fed from.</summary>
public enum Feed
{
    /// <summary>Live always.</summary>
    Battery,

    /// <summary>Live with the key on.</summary>
    Ignition,
}

/// <summary>A factory auxiliary output with its switch.</summary>
/// <param name="RatingAmps">Of its fuse, A.</param>
/// <param name="LeadWire">Size of its lead, by name.</param>
public sealed record AuxOutput(string Id, double RatingAmps, string LeadWire, Feed Feed, double LeadMetres = 1, bool Latching = true);

/// <summary>A spare factory lead.</summary>
public sealed record PassThrough(string Id, string Wire, double LengthMetres, string Colour, string FromPlace, string ToPlace);

/// <summary>A pin of the trailer socket.</summary>
/// <param name="Carries">The signal on it; null for the earth pin.</param>
public sealed record TrailerPin(string Id, Signal? Carries, string LeadWire, double LeadMetres);

/// <summary>A state of the vehicle that lights or triggers something.</summary>
public enum Signal
{
    /// <summary>High beam.</summary>
    HighBeam,

    /// <summary>Reversing lamps.</summary>
    Reverse,

    /// <summary>Side lights.</summary>
    SideLight,
}

/// <summary>A fuse slot that can be tapped.</summary>
/// <param name="RatingAmps">Of its own fuse, A.</param>
/// <param name="Feed">When it is live.</param>
/// <param name="LoadAmps">What hangs on it already, A at system volts.</param>
/// <param name="Serves">What that is.</param>
public sealed record FuseSlot(string Id, double RatingAmps, Feed Feed, double LoadAmps, string Serves = "");
