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

    /// <summary>What wire is sized for beside its load.</summary>
    public SizingSchool Sizing { get; init; } = SizingSchool.Usual;

    /// <summary>Drop allowed at a regulated LED lamp, as a fraction of its source's volts; null: as the school has it. One that is named is kept whatever copper it takes.</summary>
    public double? DropLimitRegulatedLed { get; init; }

    /// <summary>The same at any other lamp.</summary>
    public double? DropLimitOther { get; init; }

    /// <summary>The most copper that a wire behind a fuse up to 30 A gets for the drop's sake alone, mm²: 1 to 50.</summary>
    public double DropCopper { get; init; } = 6;

    /// <summary>The same behind a larger fuse.</summary>
    public double DropCopperHeavy { get; init; } = 10;

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

    /// <summary>What a lane where wires show counts as more, as a fraction of its length: 0 to 2. Heat and hazards weigh more.</summary>
    public double LooksFraction { get; init; } = 0.25;

    /// <summary>The colour of a line's wires by what its light is for.</summary>
    public UseColours Colours { get; init; } = new();

    /// <summary>The most sizes of wire that are bought; null: as many as it takes.</summary>
    public int? MostGauges { get; init; }

    /// <summary>The sign of the shop's money, up to 3 letters.</summary>
    public string Currency { get; init; } = "€";

    /// <summary>The drop allowed at a lamp, as a fraction of its source's volts.</summary>
    public double DropLimit(LampKind kind) => NamedDropLimit(kind) ?? (Sizing, kind) switch
    {
        (SizingSchool.LightFirst, _) => LightFirstDrop,
        (_, LampKind.RegulatedLed) => UsualDropRegulatedLed,
        _ => UsualDropOther,
    };

    /// <summary>
    /// The drop that a regulated lamp's largest current is taken at: as named, or what such lamps may lose by the usual school. A house
    /// that aims at less has no smaller fuse for it: copper does not always reach so far.
    /// </summary>
    public double DesignDrop() => DropLimitRegulatedLed ?? UsualDropRegulatedLed;

    /// <summary>The drop that a person named for a kind of lamp; null: none, the school counts.</summary>
    public double? NamedDropLimit(LampKind kind) => kind == LampKind.RegulatedLed ? DropLimitRegulatedLed : DropLimitOther;

    /// <summary>Circuits that are not critical: 10 % (ABYC E-11, from memory); such a lamp keeps its light and draws more.</summary>
    private const double UsualDropRegulatedLed = 0.10;

    /// <summary>5 % less volts is 16 % less light of a filament (common practice, no source).</summary>
    private const double UsualDropOther = 0.05;

    /// <summary>Critical circuits: 3 % (ABYC E-11, from memory).</summary>
    private const double LightFirstDrop = 0.03;
}

/// <summary>What wire is sized for beside its load.</summary>
public enum SizingSchool
{
    /// <summary>As harnesses are built: 10 % for regulated LED, 5 % for other lamps, and no more copper than helps.</summary>
    Usual,

    /// <summary>3 % for every lamp, as far as the copper that is allowed for it reaches.</summary>
    LightFirst,

    /// <summary>Gauge and fuse as the lamps' maker has them in his harness, where he says; else as usual. Both are judged as any other.</summary>
    MakersHarness,
}

/// <summary>How joints are made.</summary>
public enum JointSchool
{
    /// <summary>Crimp and adhesive heat-shrink or sealed plugs: holds where it shakes and where it is wet.</summary>
    CrimpAndShrink,

    /// <summary>Solder as well: a low, lasting joint for signal wires, stiff where it shakes.</summary>
    SolderToo,

    /// <summary>Solder and shrink in place of crimps; plugs stay plugs.</summary>
    SolderAlone,

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
    /// <summary>The high beam, so that one flick of the stalk darkens everything for oncoming traffic.</summary>
    LinkedToHighBeam,

    /// <summary>A switch of its own, for slow work off the road.</summary>
    OwnSwitch,
}

/// <summary>A colour of insulation for each use of light (house rule); black is what comes back, red what several lines share.</summary>
public sealed record UseColours(
    string Forward = "white", string Side = "yellow", string Rear = "green", string Work = "blue", string Marker = "brown", string Inside = "violet", string Other = "orange")
{
    /// <summary>The colour for a use.</summary>
    public string Of(LineUse use) => use switch
    {
        LineUse.Forward => Forward,
        LineUse.Side => Side,
        LineUse.Rear => Rear,
        LineUse.Work => Work,
        LineUse.Marker => Marker,
        LineUse.Inside => Inside,
        _ => Other,
    };

    /// <summary>Every one, by the name of its field.</summary>
    public IEnumerable<(string Field, string Colour)> All() =>
        [("forward", Forward), ("side", Side), ("rear", Rear), ("work", Work), ("marker", Marker), ("inside", Inside), ("other", Other)];
}
