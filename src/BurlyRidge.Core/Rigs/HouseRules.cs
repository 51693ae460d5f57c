using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Conductors;

namespace BurlyRidge.Core.Rigs;

/// <summary>The workshop's chosen school.</summary>
public sealed record HouseRules
{
    /// <summary>How lengths are said.</summary>
    public UnitSystem Units { get; init; } = UnitSystem.Metric;

    /// <summary>How the wire on the shelf is sold.</summary>
    public GaugeSystem Gauges { get; init; } = GaugeSystem.Awg;

    /// <summary>What the wire is good for above the design current, as a fraction: 0 to 2.</summary>
    public double MarginFraction { get; init; } = 0.25;

    /// <summary>How far a fuse may be loaded, as a fraction of its rating: 0.5 to 1.</summary>
    public double FuseLoadFraction { get; init; } = 0.8;

    /// <summary>Drop allowed where all lamps are regulated LED, as a fraction of the system volts.</summary>
    public double DropLimitRegulatedLed { get; init; } = 0.05;

    /// <summary>Drop allowed where any lamp is not.</summary>
    public double DropLimitOther { get; init; } = 0.03;

    /// <summary>How hot each zone is taken to be.</summary>
    public ZoneTemperatures ZoneCelsius { get; init; } = new();

    /// <summary>How joints are made.</summary>
    public JointSchool Joints { get; init; } = JointSchool.CrimpAndShrink;

    /// <summary>Where currents return.</summary>
    public EarthSchool Earths { get; init; } = EarthSchool.Either;

    /// <summary>How the vehicle is made dead for the work.</summary>
    public IsolationSchool Isolation { get; init; } = IsolationSchool.BatteryOff;

    /// <summary>What turns on driving light ahead.</summary>
    public TriggerSchool ForwardTrigger { get; init; } = TriggerSchool.LinkedToHighBeam;

    /// <summary>Hours that everything may stay on with the engine off before the battery is half empty.</summary>
    public double LeftOnHours { get; init; } = 2;

    /// <summary>Slack along the way, of its length (common practice, no source).</summary>
    public double SlackFraction { get; init; } = 0.05;

    /// <summary>Loop at each end, so that it can be worked on again, m (common practice, no source).</summary>
    public double LoopMetres { get; init; } = 0.15;

    /// <summary>The most sizes of wire that are bought; null: as many as it takes.</summary>
    public int? MostGauges { get; init; }
}

/// <summary>How joints are made.</summary>
public enum JointSchool
{
    /// <summary>Crimp and adhesive heat-shrink or sealed plugs: holds where it shakes and where it is wet.</summary>
    CrimpAndShrink,

    /// <summary>Solder as well: a low, lasting joint for signal wires, stiff where it shakes.</summary>
    SolderToo,

    /// <summary>Insulation-displacement taps as well, in signal wires of the cabin alone: quick, and the first to fail in the wet.</summary>
    TapsToo,
}

/// <summary>Where currents return.</summary>
public enum EarthSchool
{
    /// <summary>Body or post, whichever suits.</summary>
    Either,

    /// <summary>A stud on the body near the lamp: short, and half the copper.</summary>
    Body,

    /// <summary>A wire back to the battery's post: dearer, and immune to what becomes of body joints.</summary>
    Post,
}

/// <summary>How the vehicle is made dead for the work.</summary>
public enum IsolationSchool
{
    /// <summary>Minus of every battery off first, plus last on.</summary>
    BatteryOff,

    /// <summary>The circuit's own fuse out of its holder, and the last thing in.</summary>
    FuseOut,
}

/// <summary>What turns on driving light ahead.</summary>
public enum TriggerSchool
{
    /// <summary>The high beam, so that one flick of the stalk darkens everything for who comes the other way.</summary>
    LinkedToHighBeam,

    /// <summary>A switch of its own, for slow work off the road.</summary>
    OwnSwitch,
}
