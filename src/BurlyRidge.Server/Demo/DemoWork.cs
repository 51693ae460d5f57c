using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Server.Demo;

/// <summary>Work on a demo vehicle that was begun some days ago and left.</summary>
/// <param name="Stop">The hold point that it was left at; null: it was not left, all of it is done.</param>
/// <param name="Why">Why it was left.</param>
internal sealed record DemoWork(Hold? Stop, string Why)
{
    private const int DaysAgo = 12;
    private const double OverTable = 1.15;
    private const int UsualCount = 6;

    /// <summary>The kind of vehicle that it is.</summary>
    public VehicleKind? Vehicle { get; init; }

    /// <summary>What happened beside the steps, after the step of that id.</summary>
    public IReadOnlyList<(string After, SheetEvent What)> Beside { get; init; } = [];

    /// <summary>All of it, in its order.</summary>
    public IEnumerable<SheetEvent> Events(AssessedRig assessed, DateTimeOffset now)
    {
        var at = new DateTimeOffset(now.Date.AddDays(-DaysAgo).AddHours(8), now.Offset);
        if (Vehicle is not null) yield return new SheetEvent.OfVehicle(Vehicle) { When = at };
        var late = Beside.Select(one => one.What).OfType<SheetEvent.Waits>().Select(wait => wait.Step).ToHashSet(StringComparer.Ordinal);
        foreach (var step in Sheet.Of(assessed).Where(step => !late.Contains(step.Id)))
        {
            yield return new SheetEvent.Started(step.Id) { When = at };
            if (Stop is not null && step.Hold == Stop) break;
            at = at.AddMinutes(step.Minutes * OverTable);
            yield return new SheetEvent.Done(step.Id) { When = at, Answers = [.. step.Asks.Select(Answered)] }.Of(step);
            foreach (var (_, what) in Beside.Where(one => one.After == step.Id)) yield return what with { When = at };
        }
        if (Stop is not null) yield return new SheetEvent.Paused(Why) { When = at.AddMinutes(5) };
    }

    private static Answer Answered(Ask ask) => ask.Kind switch
    {
        AskKind.Yes => new Answer(ask.Key, Yes: true),
        AskKind.Choice => new Answer(ask.Key, Choice: ask.Choices[0].Key),
        AskKind.Count => new Answer(ask.Key, Number: ask.Expected ?? UsualCount),
        _ => new Answer(ask.Key, Number: Math.Round(Math.Clamp(ask.Expected ?? 0, ask.Least ?? double.MinValue, ask.Most ?? double.MaxValue), 2)),
    };
}
