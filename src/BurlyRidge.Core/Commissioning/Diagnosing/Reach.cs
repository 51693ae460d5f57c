using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>How long it takes to get a probe to a terminal: what has to come off before it, as the vehicle has it.</summary>
/// <remarks>Minutes of holding, turning and looking: common practice, no source. Those of covers: the shop's task table.</remarks>
public sealed class Reach
{
    /// <summary>Both probes held and read.</summary>
    private const double HoldMinutes = 0.5;

    /// <summary>Something is turned or pressed first, or taken out first.</summary>
    private const double TurnMinutes = 0.15, TakeOutMinutes = 0.5;

    /// <summary>A lamp is looked at.</summary>
    private const double LookMinutes = 0.2;

    private readonly Dictionary<string, List<(string What, double Minutes)>> covers = new(StringComparer.Ordinal);

    private readonly IReadOnlyList<ComesOff> all;

    private Reach(IReadOnlyList<ComesOff> all) => this.all = all;

    /// <summary>Nothing is behind anything.</summary>
    public static Reach Open { get; } = new([]);

    /// <summary>As the covers of a vehicle have it.</summary>
    /// <param name="minutes">The shop's task table; null: the usual one.</param>
    public static Reach Of(AssessedRig assessed, IReadOnlyDictionary<WorkTask, double>? minutes)
    {
        var reach = new Reach(ComesOff.Of(assessed.Whole.Saved, assessed.Whole.Routed, assessed.Study.Names));
        double Of(WorkTask task) => minutes?.TryGetValue(task, out var own) == true ? own : WorkMinutes.Usual[task];
        var places = assessed.Whole.Saved.Places.ToLookup(place => place.At, place => place.Part, StringComparer.Ordinal);
        foreach (var cover in reach.all)
            foreach (var part in cover.ForIds.SelectMany(id => places[id].Append(id)).Distinct())
            {
                if (!reach.covers.TryGetValue(part, out var known)) reach.covers[part] = known = [];
                known.Add((cover.What, Of(cover.LoosenOnly ? WorkTask.LooseCover : WorkTask.Cover)));
            }
        return reach;
    }

    /// <summary>Covers that the log of the work has as off.</summary>
    public IReadOnlyList<string> Off(IReadOnlyList<RunSheet.Standing> open)
    {
        var off = open.Where(one => one.Kind == StandingKind.CoverOff).Select(one => one.At).ToHashSet(StringComparer.Ordinal);
        return [.. all.Where(cover => off.Contains(Draft.IdOf("off", cover))).Select(cover => cover.What)];
    }

    /// <summary>Parts and wires that the log of the work has as open, loose or out; those of steps that are not done, once the work is begun.</summary>
    public static IReadOnlyList<string> Unfinished(SheetView view) => view.Last is null ? [] :
    [
        .. view.Open.Where(one => one.Kind is StandingKind.LiveEnd or StandingKind.FuseOut or StandingKind.LooseEnds or StandingKind.BatteryOff or StandingKind.Unplugged).Select(one => one.At)
            .Concat(view.Steps.Where(card => card.State != StepState.Done && card.Step.Stage is > Stage.StripDown and < Stage.Test).SelectMany(card => card.Step.About)).Distinct(),
    ];

    /// <summary>Covers before some terminals that are still on.</summary>
    public IReadOnlyList<string> Covers(IEnumerable<string> terminals, IReadOnlySet<string> off) => [.. Before(terminals, off).Select(cover => cover.What)];

    /// <summary>Minutes of a reading.</summary>
    /// <param name="off">Covers that are off already.</param>
    /// <param name="turn">What turning the rig for it takes.</param>
    public double OfReading(IEnumerable<string> terminals, IReadOnlySet<string> off, double turn) => HoldMinutes + turn + Before(terminals, off).Sum(cover => cover.Minutes);

    /// <summary>Minutes of a look at a lamp.</summary>
    /// <param name="turn">What turning the rig for it takes.</param>
    public static double OfLook(double turn) => LookMinutes + turn;

    /// <summary>Minutes of turning a rig so, with so many things taken out.</summary>
    public static double OfTurning(int without) => TurnMinutes + TakeOutMinutes * without;

    private IEnumerable<(string What, double Minutes)> Before(IEnumerable<string> terminals, IReadOnlySet<string> off) =>
        terminals.Select(terminal => TerminalIndex.Split(terminal).Part).Distinct().SelectMany(part => covers.GetValueOrDefault(part) ?? []).DistinctBy(cover => cover.What).Where(cover => !off.Contains(cover.What));
}
