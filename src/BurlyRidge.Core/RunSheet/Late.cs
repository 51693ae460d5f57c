namespace BurlyRidge.Core.RunSheet;

/// <summary>Lamps that are waited for and can go in once the covers are back: the rest does not wait for them.</summary>
internal static class Late
{
    private static readonly string[] OfLamp = ["mount-", "tighten-", "aim-"];

    /// <summary>The steps without those of lamps that are waited for; what they leave unjoined is capped, and each has a step in their place.</summary>
    /// <param name="waiting">Ids of the steps that wait.</param>
    public static IReadOnlyList<SheetStep> Out(Draft draft, IReadOnlyList<SheetStep> steps, IReadOnlySet<string> waiting)
    {
        var mounts = steps.Where(step => step.Stage == Stage.Mount && waiting.Contains(step.Id) && !draft.CoversOf(step.About).Any()).ToList();
        if (mounts.Count == 0) return steps;
        var lamps = mounts.SelectMany(step => step.About).Where(id => draft.Lamps.Any(lamp => lamp.Id == id)).ToHashSet(StringComparer.Ordinal);
        var lines = draft.Rig.Lines.Where(line => line.Lights.Count > 0 && line.Lamps().All(lamps.Contains)).Select(line => line.Id).ToHashSet(StringComparer.Ordinal);
        var dropped = mounts.SelectMany(step => OfLamp.Select(way => way + step.Id["mount-".Length..]))
            .Concat(lamps.Select(lamp => $"join-{lamp}")).Concat(lines.SelectMany(line => new[] { $"bench-{line}", $"test-{line}", $"dark-{line}" })).ToHashSet(StringComparer.Ordinal);
        IReadOnlyList<string> Left(IReadOnlyList<string> ids) => [.. ids.Where(id => !dropped.Contains(id))];
        var left = steps.Where(step => !dropped.Contains(step.Id)).Select(step => step with
        {
            After = Left(step.After),
            LapsesWith = Left(step.LapsesWith),
            Leaves = [.. step.Leaves.Select(open => open with { Until = Left(open.Until) })],
        }).ToList();
        var caps = left.FindIndex(step => step.Id == "caps");
        if (caps >= 0) left[caps] = left[caps] with
        {
            How = [.. left[caps].How, .. mounts.Select(step => RunSheetWords.FormatCappedUntilItComes(Format.And(Names(step))))],
            Facts = [.. left[caps].Facts, .. mounts.Select(step => new Fact(step.Id, RunSheetWords.OnOrder, Format.And(Names(step))))],
        };
        var over = left.FindIndex(step => step.Id == "labels");
        left.InsertRange(over < 0 ? left.Count : over, mounts.Select(step => new SheetStep(LateOf(step.Id), Stage.Late, RunSheetWords.FormatFitWhenItComes(Format.And(Names(step))), RunSheetWords.FitWhenItComesWhy)
        {
            InPlaceOf = step.Id,
            About = step.About,
            Place = step.Place,
            After = [.. left.Where(other => other.Stage == Stage.Refit).Select(other => other.Id)],
        }));
        var last = left.FindIndex(step => step.Id == "hand-over");
        if (last >= 0) left[last] = left[last] with { After = [.. left[last].After, .. mounts.Select(step => LateOf(step.Id))] };
        return left;

        IEnumerable<string> Names(SheetStep step) => step.About.Where(lamps.Contains).Select(lamp => draft.Names[lamp]);
    }

    /// <summary>The step that stands in the place of one that waits.</summary>
    public static string LateOf(string step) => $"late-{step}";
}
