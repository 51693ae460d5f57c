using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Kits;

/// <summary>Something that is done to a kit.</summary>
/// <param name="Words">What, in a sentence.</param>
/// <param name="Lead">The leg and core that it is done to; empty where it is none.</param>
public sealed record KitChange(KitAct Act, string Words, string Lead);

/// <summary>Kinds of what is done to a kit.</summary>
public enum KitAct
{
    /// <summary>A lead is cut and joined to something else.</summary>
    Cut,

    /// <summary>A contact changes its cavity.</summary>
    MovePin,

    /// <summary>A contact is pulled and capped.</summary>
    Cap,

    /// <summary>Something is left out.</summary>
    LeaveOut,

    /// <summary>A switch is left on for good.</summary>
    LeaveOn,

    /// <summary>Something that is not in the kit is put in.</summary>
    Add,

    /// <summary>A lead is made longer.</summary>
    Extend,
}

/// <summary>A kit being changed: the rig as it becomes, and what was done.</summary>
internal sealed class KitWork(KitFitting fitting)
{
    private const double BesideMetres = 0.15;
    private readonly HashSet<string> taken = FreeName.Taken(fitting.Rig);

    public KitFitting Fitting { get; } = fitting;

    public Rig Rig { get; set; } = fitting.Rig;

    public List<KitChange> Changes { get; } = [];

    /// <summary>What of the kit is not needed.</summary>
    public List<string> Over { get; } = [];

    public Kit Kit => Fitting.Kit;

    /// <summary>The core that has an end there; null: none. Which of its ends it is follows from <see cref="KitCore"/>.</summary>
    public KitWire? At(string end) => Fitting.Cores.FirstOrDefault(wire => wire.Core.From == end || wire.Core.To == end);

    /// <summary>All cores there.</summary>
    public IEnumerable<KitWire> AllAt(string end) => Fitting.Cores.Where(wire => wire.Core.From == end || wire.Core.To == end);

    /// <summary>The other end of a core.</summary>
    public static string Beyond(KitWire wire, string end) => wire.Core.From == end ? wire.Core.To : wire.Core.From;

    public static string Lead(KitWire wire) => wire.Core.Colour.Length > 0 ? KitWords.FormatLeadOfColour(wire.Leg.Name, wire.Core.Colour) : wire.Leg.Name;

    /// <summary>Puts an end of a core on another terminal.</summary>
    /// <param name="cut">Whether it is cut there; else its contact goes along.</param>
    public void Move(KitWire wire, string end, string terminal, bool cut = true)
    {
        var where = PartLocations.Of(Rig);
        Rig = Rig.WithRun(wire.Run, run =>
        {
            var moved = wire.Core.From == end
                ? run with { From = terminal, Kit = run.Kit! with { CutFrom = run.Kit.CutFrom || cut } }
                : run with { To = terminal, Kit = run.Kit! with { CutTo = run.Kit.CutTo || cut } };
            return moved with { Lay = where.OfTerminal(moved.From) is not null && where.OfTerminal(moved.To) is not null ? new Lay { MeasuredMetres = wire.Leg.Metres } : null };
        });
    }

    /// <summary>The terminal of the rig that an end of a core is on now.</summary>
    public string Now(KitWire wire, string end)
    {
        var run = Rig.Runs.First(run => run.Id == wire.Run);
        return wire.Core.From == end ? run.From : run.To;
    }

    public void Did(KitAct act, string words, KitWire? wire = null) => Changes.Add(new KitChange(act, words, wire is null ? "" : Lead(wire)));

    public string Free(string wanted)
    {
        var name = FreeName.Among(taken, $"{Fitting.LineId}-{wanted}", FreeName.Longest);
        taken.Add(name);
        return name;
    }

    /// <summary>Ids that are taken already, for others that make parts.</summary>
    public HashSet<string> Taken => taken;

    public string LineName => Rig.Lines.First(line => line.Id == Fitting.LineId).Name;

    /// <summary>Puts a part where another sits.</summary>
    public void Place(string part, string? at)
    {
        if (Rig.Body is not null && at is not null) Rig = Rig with { Places = [.. Rig.Places.Where(place => place.Part != part), new Place(part, at)] };
    }

    public string? PlaceOf(string part) => Rig.Places.FirstOrDefault(place => place.Part == part)?.At ?? PartLocations.Of(Rig).Of(part);

    /// <summary>A joint in a lead, as the house makes them.</summary>
    public string Joint(string name, JointKind kind, string? at)
    {
        var id = Free(name);
        var made = kind == JointKind.Crimp && Rig.HouseRules.Joints == JointSchool.SolderAlone ? JointKind.Solder : kind;
        Rig = Rig with { Joints = [.. Rig.Joints, new Joint(id, made) { Name = KitWords.FormatPartOfKit(LineName, name.Replace('-', ' ')) }] };
        Place(id, at);
        return id;
    }

    /// <summary>Caps an end of a core.</summary>
    public void CapOff(KitWire wire, string end)
    {
        var at = PlaceOf(TerminalIndex.Split(Now(wire, end)).Part);
        Move(wire, end, $"{Joint("cap", JointKind.Cap, at)}.a");
    }

    /// <summary>Plus behind a small fuse of its own, for a coil or a switch.</summary>
    public string ControlPlus()
    {
        if (control is not null) return control;
        var live = Kit.Fuses.Count > 0 ? $"{Fitting.Parts[Kit.Fuses[0].Id]}.out" : Rig.Vehicle.SystemPlus;
        var fuse = Free("control-fuse");
        var amps = SizeChoice.SmallestFuseAmps(Rig.Vehicle.SystemVolts);
        var wire = WireTable.Of(Rig.HouseRules.Gauges).First(size => size.CopperSquareMillimetres >= FeedSquareMillimetres).Name;
        Rig = Rig with
        {
            Protection = [.. Rig.Protection, new ProtectiveDevice(fuse, FuseTable.AtLeast(amps)) { Name = KitWords.FormatPartOfKit(LineName, KitWords.ControlFuse) }],
            Runs = [.. Rig.Runs, new Run(Free("to-control-fuse"), live, $"{fuse}.in", wire, BesideMetres, [Zone.EngineBay])],
        };
        Place(fuse, Kit.Fuses.Count > 0 ? PlaceOf(Fitting.Parts[Kit.Fuses[0].Id]) : PlaceOf(Rig.Vehicle.Batteries[0].Id));
        Did(KitAct.Add, KitWords.FormatAddControlFuse(Format.RatedAmps(amps)));
        return control = $"{fuse}.out";
    }

    private string? control;

    /// <summary>What leads from the main fuse to a small one is good for the main fuse of most kits, mm².</summary>
    private const double FeedSquareMillimetres = 2;
}
