using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>The way back to standard: dead, covers off, what was fitted off from the battery outwards, holes closed, covers back, live, and the vehicle's own lamps tried.</summary>
internal static class PuttingBack
{
    /// <summary>Each after the one before it.</summary>
    /// <param name="draft">With every step of the way there.</param>
    public static IReadOnlyList<SheetStep> Of(Draft draft)
    {
        IReadOnlyList<SheetStep> Built(Stage stage) => [.. draft.Steps.Where(step => step.Stage == stage)];
        var off = Built(Stage.Isolate).Where(step => step.EndedBy.Length > 0).Select(step => step with { Window = "", LapsesWith = [] });
        var on = Built(Stage.Live).Where(step => draft.Ways.Any(way => way.On == step.Id)).Select(step => step with { LapsesWith = [] });
        var covers = Built(Stage.StripDown);
        var back = Built(Stage.Refit).Where(step => covers.Any(cover => cover.EndedBy == step.Id)).Select(step => step with { LapsesWith = [] });
        var holes = Built(Stage.Water).Select(step => step with { How = [RunSheetWords.CloseHoleHow, .. step.How], LapsesWith = [] });
        List<SheetStep> all = [.. off, .. covers, .. Posts(draft), .. PickUps(draft), .. Wires(draft), .. Parts(draft), .. Lamps(draft), .. Earths(draft), .. holes, .. back, .. on];
        all.Add(new SheetStep("try-own", Stage.Test, RunSheetWords.TryOwnLamps, RunSheetWords.TryOwnLampsWhy) { Asks = [Ask.Yes("own", RunSheetWords.EveryOwnLampWorks)] });
        all.Add(new SheetStep("hand-over", Stage.HandOver, RunSheetWords.HandBack, RunSheetWords.HandBackWhy));
        return [.. all.Select((step, i) => step with { After = i == 0 ? [] : [all[i - 1].Id] })];
    }

    private static SheetStep Off(string id, string title, string why, List<string> about, WorkTask task, string place = "") => new($"back-{id}", Stage.TakeOff, title, why)
    {
        About = about,
        Place = place,
        Task = task,
        Share = Math.Max(1, about.Count),
        Asks = [Ask.Yes("off", RunSheetWords.NothingOfItLeft)],
        Facts = [new Fact(id, title, place)],
    };

    /// <summary>What hangs on the batteries comes off first.</summary>
    private static IEnumerable<SheetStep> Posts(Draft draft)
    {
        var posts = draft.Rig.Vehicle.Batteries.SelectMany(battery => new[] { $"{battery.Id}.plus", $"{battery.Id}.minus" }).ToHashSet(StringComparer.Ordinal);
        var leads = draft.Runs.Where(run => run.Ends().Any(posts.Contains)).Select(run => run.Id).ToList();
        if (leads.Count > 0) yield return Off("posts", RunSheetWords.BackPosts, RunSheetWords.BackPostsWhy, leads, WorkTask.Ending);
    }

    /// <summary>Wires of the vehicle's own are made whole, its slots get their fuses back.</summary>
    private static IEnumerable<SheetStep> PickUps(Draft draft)
    {
        foreach (var joint in draft.Rig.Joints.Where(joint => joint.PickUp is not null))
            yield return Off($"join-{joint.Id}", RunSheetWords.FormatBackPickUp(PartNames.Small(draft.Names[joint.Id])), RunSheetWords.BackPickUpWhy, [joint.Id], WorkTask.Ending, draft.Station(joint.Id));
        foreach (var slot in draft.Rig.Vehicle.FuseSlots.Where(slot => draft.Runs.Any(run => run.Ends().Contains($"{slot.Id}.tap"))))
            yield return Off($"tap-{slot.Id}", RunSheetWords.FormatBackTap(PartNames.Small(draft.Names[slot.Id]), Format.RatedAmps(slot.RatingAmps)), RunSheetWords.BackTapWhy, [slot.Id], WorkTask.Ending, draft.Station(slot.Id));
    }

    /// <summary>Line by line, what several share at the end.</summary>
    private static IEnumerable<SheetStep> Wires(Draft draft)
    {
        foreach (var group in draft.Runs.GroupBy(run => draft.Assessed.Study.LinesOf(run.Id) is [var line] ? line : "").OrderBy(group => group.Key.Length == 0))
        {
            var count = Format.Count(group.Count(), RunSheetWords.WireWord, RunSheetWords.WiresWord);
            var title = group.Key.Length > 0 ? RunSheetWords.FormatBackWiresOf(count, draft.Names.Line(group.Key)) : RunSheetWords.FormatBackWiresShared(count);
            yield return Off($"wires-{(group.Key.Length > 0 ? group.Key : "shared")}", title, RunSheetWords.BackLayWhy, [.. group.Select(run => run.Id)], WorkTask.Wire);
        }
    }

    private static IEnumerable<SheetStep> Parts(Draft draft) => draft.Fixed().Select(part =>
        Off($"fix-{part.Id}", RunSheetWords.FormatBackPart(PartNames.Small(draft.Names[part.Id])), RunSheetWords.BackMountWhy, [part.Id], WorkTask.Part, draft.Station(part.Id)));

    private static IEnumerable<SheetStep> Lamps(Draft draft) => draft.LampGroups(draft.Lamps).Select(group =>
        Off($"mount-{group.Key}", RunSheetWords.FormatBackLamps(Format.And(Mounting.Few(draft, [.. group]))), RunSheetWords.BackMountWhy, [.. group.Select(lamp => lamp.Id)], WorkTask.Lamp, draft.Station(group.First().Id)));

    private static IEnumerable<SheetStep> Earths(Draft draft) => draft.Rig.Earths.Where(earth => earth.Kind == EarthKind.Stud && !draft.IsExisting(earth.Id)).Select(earth =>
        Off($"earth-{earth.Id}", RunSheetWords.FormatBackEarth(PartNames.Small(draft.Names[earth.Id])), RunSheetWords.BackEarthWhy, [earth.Id], WorkTask.Earth, draft.Station(earth.Id)));
}
