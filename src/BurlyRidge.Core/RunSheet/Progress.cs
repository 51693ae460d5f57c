namespace BurlyRidge.Core.RunSheet;

/// <summary>How a step stands.</summary>
public enum StepState
{
    /// <summary>Not done yet.</summary>
    ToDo,

    /// <summary>Done, and as the plan has it.</summary>
    Done,

    /// <summary>Done, and to be done again.</summary>
    Again,

    /// <summary>Done, and no longer in the plan: to be taken back.</summary>
    Undo,
}

/// <summary>Something of the plan that a step was done by and that is otherwise now.</summary>
/// <param name="Was">As it was done; empty: it was not there.</param>
/// <param name="Now">As the plan has it now; empty: it is gone.</param>
public sealed record FactChange(string What, string Was, string Now);

/// <summary>A step with how it stands.</summary>
/// <param name="Changes">Of one to be done again or taken back: what is otherwise.</param>
/// <param name="WaitsFor">Titles of the first few steps that have to be done before; none: it can be begun.</param>
/// <param name="TakesBack">Of one to be taken back: the step that was done; empty: none.</param>
public sealed record StandingStep(SheetStep Step, StepState State, IReadOnlyList<FactChange> Changes, IReadOnlyList<string> WaitsFor, string TakesBack = "")
{
    /// <summary>Whether it can be begun now.</summary>
    public bool Ready => State != StepState.Done && WaitsFor.Count == 0;

    /// <summary>Of one to be done again: what of it has to be taken back first; empty: nothing.</summary>
    public string First => State == StepState.Again && Changes.Any(change => change.Was.Length > 0) ? Step.Stage switch
    {
        Stage.Mount or Stage.Fix => RunSheetWords.FirstTakeOut,
        Stage.Earth => RunSheetWords.FirstSealSpot,
        Stage.Lay or Stage.Feed => RunSheetWords.FirstPullOut,
        Stage.Join or Stage.JoinInside => RunSheetWords.FirstUndoJoint,
        _ => "",
    } : "";
}

/// <summary>How far the work is: the plan's steps held against what was done.</summary>
/// <param name="Steps">In the order of the work, what is to be taken back first.</param>
/// <param name="Open">What stands open.</param>
/// <param name="Window">The time in which it is live that is open; empty: none.</param>
public sealed record Progress(IReadOnlyList<StandingStep> Steps, IReadOnlyList<Standing> Open, string Window)
{
    /// <summary>So many steps that have to be done before are named; nobody reads on.</summary>
    private const int MostNamed = 4;

    /// <summary>Holds the steps of a plan against what was done, by whatever plan that was; pure and total.</summary>
    public static Progress Of(IReadOnlyList<SheetStep> steps, SheetRecord record)
    {
        var known = steps.ToDictionary(step => step.Id, StringComparer.Ordinal);
        var changes = steps.ToDictionary(step => step.Id, step => record.Done.TryGetValue(step.Id, out var done) ? Changed(done.What.Facts, step.Facts) : [], StringComparer.Ordinal);
        var state = steps.ToDictionary(step => step.Id, step => !record.Done.ContainsKey(step.Id) ? StepState.ToDo : changes[step.Id].Count > 0 ? StepState.Again : StepState.Done, StringComparer.Ordinal);
        var gone = record.Done.Values.Where(done => !known.ContainsKey(done.What.Step) && Matters(done.What) && !(record.Done.GetValueOrDefault(done.What.EndedBy)?.Number > done.Number)).OrderByDescending(done => done.Number).Select(done => (done.What.Step, Undo: Undo(done))).ToList();
        Settle(steps, record, state, [.. gone.Select(one => one.Undo)]);
        var window = WindowOf(steps, record, state);
        return new Progress(
            [
                .. gone.Select(one => new StandingStep(one.Undo, StepState.Undo, Changed(one.Undo.Facts, []), Waits(one.Undo), one.Step)),
                .. steps.Select(step => new StandingStep(step, state[step.Id], changes[step.Id], Waits(step))),
            ],
            [.. Standing(steps, record, state).Concat(steps.Where(step => record.Begun.Contains(step.Id) && state[step.Id] != StepState.Done && Waits(step).Count == 0).SelectMany(step => step.Meanwhile)).OrderBy(open => open.Kind)],
            window);

        IReadOnlyList<string> Waits(SheetStep step) =>
        [
            .. (window.Length > 0 && step.Window != window && state.GetValueOrDefault(step.Id) != StepState.Done ? [RunSheetWords.CloseWindowFirst] : Array.Empty<string>())
                .Concat(step.After.Where(before => state.TryGetValue(before, out var there) && there != StepState.Done).Select(before => known[before].Title))
                .Concat(step.LapsesWithUndone ? gone.Select(other => other.Undo.Title) : [])
                .Take(MostNamed),
        ];
    }

    /// <summary>What only looked or tried leaves nothing on the vehicle to be taken back.</summary>
    private static bool Matters(SheetEvent.Done done) => done.Stage is Stage.Mount or Stage.Fix or Stage.Earth or Stage.Lay or Stage.Feed or Stage.Join or Stage.JoinInside or Stage.StripDown or Stage.Settings
        || (done.Stage == Stage.Live && done.Step.StartsWith("join-", StringComparison.Ordinal));

    private static SheetStep Undo(DoneStep done)
    {
        var (title, why) = done.What.Stage switch
        {
            Stage.Mount => (RunSheetWords.FormatUndoMount(done.What.Title), RunSheetWords.UndoMountWhy),
            Stage.Earth => (RunSheetWords.FormatUndoEarth(done.What.Title), RunSheetWords.UndoEarthWhy),
            Stage.Lay => (RunSheetWords.FormatUndoLay(done.What.Title), RunSheetWords.UndoLayWhy),
            Stage.Feed => (RunSheetWords.FormatUndoFeed(done.What.Title), RunSheetWords.UndoFeedWhy),
            Stage.StripDown => (RunSheetWords.FormatUndoCover(done.What.Title), RunSheetWords.UndoCoverWhy),
            Stage.Fix or Stage.Settings => (RunSheetWords.FormatUndoFix(done.What.Title), RunSheetWords.UndoFixWhy),
            _ => (RunSheetWords.FormatUndoJoin(done.What.Title), RunSheetWords.UndoJoinWhy),
        };
        return new SheetStep($"undo-{done.What.Step}", done.What.Stage, title, why) { After = done.What.After, Facts = done.What.Facts, About = [.. done.What.Facts.Select(fact => fact.Key.Split('/')[0]).Distinct()] };
    }

    private static IReadOnlyList<FactChange> Changed(IReadOnlyList<Fact> was, IReadOnlyList<Fact> now)
    {
        var (before, after) = (ByKey(was), ByKey(now));
        return
        [
            .. was.Where(fact => after.GetValueOrDefault(fact.Key)?.Value != fact.Value).Select(fact => new FactChange(fact.What, fact.Value, after.GetValueOrDefault(fact.Key)?.Value ?? "")),
            .. now.Where(fact => !before.ContainsKey(fact.Key)).Select(fact => new FactChange(fact.What, "", fact.Value)),
        ];
    }

    private static Dictionary<string, Fact> ByKey(IReadOnlyList<Fact> facts) => facts.GroupBy(fact => fact.Key, StringComparer.Ordinal).ToDictionary(fact => fact.Key, fact => fact.First(), StringComparer.Ordinal);

    /// <summary>
    /// What no longer holds: a step that others of its own were done again after; a cover, a battery or a fuse that is off for work that is
    /// still to be done and is back on by now.
    /// </summary>
    private static void Settle(IReadOnlyList<SheetStep> steps, SheetRecord record, Dictionary<string, StepState> state, IReadOnlyList<SheetStep> gone)
    {
        int Number(string id) => record.Done.GetValueOrDefault(id)?.Number ?? 0;
        var stages = steps.ToDictionary(step => step.Id, step => step.Stage, StringComparer.Ordinal);
        for (var changed = true; changed;)
        {
            changed = false;
            foreach (var step in steps)
            {
                if (state[step.Id] != StepState.Done) continue;
                var own = Number(step.Id);
                var lapsed = step.LapsesWith.Any(before => state.TryGetValue(before, out var there) && (there != StepState.Done || Number(before) > own))
                    || (step.LapsesWithUndone && (gone.Count > 0 || record.LastUndone > own));
                var over = step.EndedBy.Length > 0 && Number(step.EndedBy) > own
                    && (steps.Any(other => state[other.Id] != StepState.Done && other.After.Contains(step.Id) && other.Id != step.EndedBy && other.Stage < stages[step.EndedBy]) || gone.Any(other => other.After.Contains(step.Id) && other.Stage < stages[step.EndedBy]));
                if (!lapsed && !over) continue;
                state[step.Id] = StepState.Again;
                changed = true;
            }
        }
    }

    private static string WindowOf(IReadOnlyList<SheetStep> steps, SheetRecord record, Dictionary<string, StepState> state) =>
        steps.FirstOrDefault(step => step.Hold == Hold.WindowOpens && state[step.Id] == StepState.Done && !(record.Done.GetValueOrDefault(step.EndedBy)?.Number > record.Done[step.Id].Number))?.Window ?? "";

    /// <summary>From a step that was done until those that end it are done after it.</summary>
    private static IEnumerable<Standing> Standing(IReadOnlyList<SheetStep> steps, SheetRecord record, Dictionary<string, StepState> state) =>
        steps.Where(step => record.Done.ContainsKey(step.Id)).SelectMany(step => step.Leaves.Where(open => open.Until.Any(end => state.TryGetValue(end, out var there)
            && (there == StepState.ToDo || (there != StepState.Done && record.Done[end].Number < record.Done[step.Id].Number)))));
}
