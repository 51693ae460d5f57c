using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bench;

/// <summary>Something that takes time, and how much of it.</summary>
/// <param name="Task">Key of the task table.</param>
/// <param name="Each">Minutes for one.</param>
public sealed record WorkItem(WorkTask Task, int Count, double Each)
{
    /// <summary>Minutes of all of them.</summary>
    public double Minutes => Count * Each;
}

/// <summary>Tasks of the table.</summary>
public enum WorkTask
{
    /// <summary>A wire cut, stripped and laid.</summary>
    Wire,

    /// <summary>A terminal, contact or joint put on and pulled.</summary>
    Ending,

    /// <summary>A lamp mounted and aimed.</summary>
    Lamp,

    /// <summary>A relay, fuse holder, switch or box fixed.</summary>
    Part,

    /// <summary>A bought harness laid.</summary>
    Kit,

    /// <summary>A cover off and back.</summary>
    Cover,

    /// <summary>A cover loosened alone.</summary>
    LooseCover,

    /// <summary>A hole through the bulkhead passed and sealed.</summary>
    Bulkhead,

    /// <summary>An earth made bright, bolted and measured.</summary>
    Earth,

    /// <summary>A line tried on the bench and on the vehicle, and looked at in the dark.</summary>
    Line,

    /// <summary>Isolation, proving and hand over.</summary>
    Job,
}

/// <summary>How long a plan takes to build, by the shop's task table.</summary>
public static class WorkMinutes
{
    /// <summary>Minutes to start from (common practice, no source); a shop puts its own in their place.</summary>
    public static IReadOnlyDictionary<WorkTask, double> Usual { get; } = new Dictionary<WorkTask, double>
    {
        [WorkTask.Wire] = 4,
        [WorkTask.Ending] = 2,
        [WorkTask.Lamp] = 15,
        [WorkTask.Part] = 10,
        [WorkTask.Kit] = 30,
        [WorkTask.Cover] = 20,
        [WorkTask.LooseCover] = 1,
        [WorkTask.Bulkhead] = 15,
        [WorkTask.Earth] = 10,
        [WorkTask.Line] = 8,
        [WorkTask.Job] = 30,
    };

    /// <summary>Every task of an assessed rig that comes up, in the order of the table.</summary>
    public static IReadOnlyList<WorkItem> Of(AssessedRig assessed, CutList cuts, IReadOnlyDictionary<WorkTask, double>? table = null)
    {
        var rig = assessed.Study.Wired;
        var covers = ComesOff.Of(assessed.Whole.Saved, assessed.Whole.Routed, assessed.Study.Names);
        var body = assessed.Whole.Saved.Body;
        var passed = assessed.Whole.Routed.Routes.SelectMany(route => route.Route?.Passed ?? []).Distinct().Count(id => body?.StationOf(id)?.Kind == StationKind.Grommet);
        var counts = new Dictionary<WorkTask, int>
        {
            [WorkTask.Wire] = cuts.Pieces.Count,
            [WorkTask.Ending] = cuts.Endings.Count,
            [WorkTask.Lamp] = rig.Fixtures.Count,
            [WorkTask.Part] = rig.Protection.Count + rig.Relays.Count + rig.Switches.Count + 2 * rig.PowerBoxes.Count + rig.Converters.Count + rig.InlineBreakers.Count,
            [WorkTask.Kit] = rig.Runs.Select(run => run.Kit?.Set).OfType<string>().Distinct().Count(),
            [WorkTask.Cover] = covers.Count(cover => !cover.LoosenOnly),
            [WorkTask.LooseCover] = covers.Count(cover => cover.LoosenOnly),
            [WorkTask.Bulkhead] = passed,
            [WorkTask.Earth] = rig.Earths.Count(earth => earth.Kind == EarthKind.Stud),
            [WorkTask.Line] = rig.Lines.Count(line => !line.Existing && line.Lights.Count > 0),
            [WorkTask.Job] = rig.Lines.Count > 0 ? 1 : 0,
        };
        return [.. Enum.GetValues<WorkTask>().Where(task => counts[task] > 0).Select(task => new WorkItem(task, counts[task], table?.GetValueOrDefault(task, Usual[task]) ?? Usual[task]))];
    }
}
