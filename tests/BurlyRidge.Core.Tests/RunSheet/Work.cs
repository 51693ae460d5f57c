using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>Work as it is done on a rig, one step after the other.</summary>
internal sealed class Work
{
    private readonly List<Logged> log = [];
    private DateTimeOffset now = new(2026, 11, 2, 8, 0, 0, TimeSpan.FromHours(1));

    public SheetRecord Record => SheetRecord.Of(log);

    public static IReadOnlyList<SheetStep> Steps(Rig rig) => Sheet.Of(AssessedRig.Of(rig));

    public void Add(SheetEvent what) => log.Add(new Logged(log.Count + 1, now = now.AddMinutes(1), "Fitter", what));

    /// <summary>Does a step as the plan has it.</summary>
    public void Do(SheetStep step) => Add(new SheetEvent.Done(step.Id).Of(step));

    /// <summary>Does all of a plan up to a step, it among them.</summary>
    public static Work UpTo(Rig rig, string last)
    {
        var work = new Work();
        foreach (var step in Steps(rig))
        {
            work.Do(step);
            if (step.Id == last) return work;
        }
        throw new ArgumentException($"there is no step {last}", nameof(last));
    }

    public Progress On(Rig rig) => Progress.Of(Steps(rig), Record);

    /// <summary>Does whatever can be done of a plan, in its order, until nothing is left; gives what was done.</summary>
    public IReadOnlyList<string> Finish(Rig rig)
    {
        var steps = Steps(rig);
        var did = new List<string>();
        while (Progress.Of(steps, Record).Steps.FirstOrDefault(step => step.Ready) is { } next)
        {
            Assert.True(did.Count < 3 * steps.Count + 50, $"goes round: {string.Join(", ", did.TakeLast(8))}");
            if (next.State == StepState.Undo) Add(new SheetEvent.Undone(next.TakesBack));
            else Do(next.Step);
            did.Add(next.Step.Id);
        }
        return did;
    }
}
