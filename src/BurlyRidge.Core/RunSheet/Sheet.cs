using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;

namespace BurlyRidge.Core.RunSheet;

/// <summary>The work that a plan is, step by step.</summary>
public static class Sheet
{
    /// <summary>Every step of an assessed rig, each after all that it depends on; pure and total.</summary>
    /// <param name="minutes">Of the shop's task table; null: the usual ones.</param>
    /// <param name="waiting">Steps that wait for a part: those that nothing has to stay off for are left until it comes; null: none.</param>
    public static IReadOnlyList<SheetStep> Of(AssessedRig assessed, IReadOnlyDictionary<WorkTask, double>? minutes = null, IReadOnlySet<string>? waiting = null) => Of(assessed, minutes, waiting, assessed.Whole.Saved.ToStandard);

    private static IReadOnlyList<SheetStep> Of(AssessedRig assessed, IReadOnlyDictionary<WorkTask, double>? minutes, IReadOnlySet<string>? waiting, bool back)
    {
        var draft = new Draft(assessed);
        if (draft.Runs.Count == 0 && draft.Lamps.Count == 0) return [];
        var proofs = Proving.Of(draft);
        Proving.Bench(draft);
        Proving.BeforeIsolation(draft, proofs);
        Isolating.Off(draft);
        StrippingDown.Off(draft);
        Proving.BehindCovers(draft, proofs);
        Mounting.MockUp(draft);
        Mounting.Lamps(draft);
        Mounting.Parts(draft);
        Earthing.Bare(draft);
        Laying.Lay(draft);
        Joining.Outside(draft);
        Trying.BeforeTheBulkhead(draft);
        Laying.Feed(draft);
        Joining.Inside(draft);
        Settings.Set(draft);
        Isolating.On(draft);
        Trying.Lines(draft);
        Finishing.Tidy(draft);
        Finishing.Water(draft);
        Finishing.AimBehind(draft);
        StrippingDown.Back(draft);
        Finishing.Dark(draft);
        Finishing.HandOver(draft);
        if (back) return Timed(Order.Of(PuttingBack.Of(draft)), WorkMinutes.Of(assessed, draft.Cuts, minutes));
        return Timed(Order.Of(waiting is null ? Dead(draft) : Late.Out(draft, Dead(draft), waiting)), WorkMinutes.Of(assessed, draft.Cuts, minutes));
    }

    /// <summary>The way back to standard from an assessed rig, as it would be once it is on the vehicle.</summary>
    public static IReadOnlyList<SheetStep> Back(AssessedRig assessed) => Of(assessed, null, null, back: true);

    /// <summary>Whatever is done to the vehicle is done while it is dead.</summary>
    private static IReadOnlyList<SheetStep> Dead(Draft draft)
    {
        var off = draft.Of(Stage.Isolate);
        return [.. draft.Steps.Select(step => step is { Stage: > Stage.Isolate and < Stage.Live } ? step with { After = [.. step.After.Union(off)] } : step)];
    }

    /// <summary>The minutes of each task, shared out among the steps that are of it; what no step is of goes to the job's own.</summary>
    private static IReadOnlyList<SheetStep> Timed(IReadOnlyList<SheetStep> steps, IReadOnlyList<WorkItem> work)
    {
        var shares = steps.GroupBy(step => step.Task).ToDictionary(task => task.Key, task => task.Sum(step => step.Share));
        var minutes = work.GroupBy(item => shares.GetValueOrDefault(item.Task) > 0 ? item.Task : WorkTask.Job).ToDictionary(task => task.Key, task => task.Sum(item => item.Minutes));
        return [.. steps.Select(step => step with { Minutes = step.Share > 0 && minutes.TryGetValue(step.Task, out var all) ? all * step.Share / shares[step.Task] : 0 })];
    }
}
