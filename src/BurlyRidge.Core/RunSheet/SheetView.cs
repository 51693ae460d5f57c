using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;

namespace BurlyRidge.Core.RunSheet;

/// <summary>A step as the screen shows it.</summary>
/// <param name="WaitsFor">Titles of what has to be done before; none: it can be begun.</param>
/// <param name="First">Of one to be done again: what has to be taken back first; empty: nothing.</param>
/// <param name="Done">When and by whom, and what was answered; null: it is not done.</param>
/// <param name="Wait">What it waits for; null: nothing.</param>
/// <param name="TakesBack">Of one to be taken back: the step that was done; empty: none.</param>
public sealed record StepCard(SheetStep Step, StepState State, bool Ready, IReadOnlyList<string> WaitsFor, IReadOnlyList<FactChange> Changes, string First, StepDone? Done, Wait? Wait, IReadOnlyList<StepNote> Notes, string TakesBack)
{
    /// <summary>What was counted where a count has to agree, by ask.</summary>
    public IReadOnlyDictionary<string, double> Counted { get; init; } = new Dictionary<string, double>();
}

/// <summary>Who did a step, and when.</summary>
/// <param name="Minutes">What it took; null: not known.</param>
public sealed record StepDone(DateTimeOffset At, string Who, IReadOnlyList<Answer> Answers, double? Minutes);

/// <summary>How far a stage of the work is.</summary>
public sealed record StageCount(Stage Stage, string Name, int Done, int All);

/// <summary>The work on a vehicle: what to do next, what stands open, what was done.</summary>
/// <param name="Steps">In the order of the work.</param>
/// <param name="Open">What stands open, the most dangerous first.</param>
/// <param name="Window">The time in which it is live that is open; empty: none.</param>
/// <param name="Next">The step to be shown: the one that was begun, or the first that can be; empty: all is done.</param>
/// <param name="Beside">What a second person can do meanwhile, elsewhere; empty: nothing.</param>
/// <param name="Paused">Why the work is left; null: it goes on.</param>
/// <param name="Last">When the last entry was written; null: none was.</param>
/// <param name="Forecast">How long what is left takes one person.</param>
/// <param name="ByTwo">The same shared between two people, as a share of it.</param>
public sealed record SheetView(
    IReadOnlyList<StepCard> Steps, IReadOnlyList<Standing> Open, string Window, string Next, string Beside, string? Paused, DateTimeOffset? Last,
    IReadOnlyList<StageCount> Stages, Forecast Forecast, double ByTwo, IReadOnlyList<SheetEvent.Fasteners> Fasteners, IReadOnlyList<SheetEvent.Registered> Register, IReadOnlyList<LevelHere> Levels, IReadOnlyList<FoundHere> Findings)
{
    /// <summary>What was built otherwise than planned.</summary>
    public IReadOnlyList<SheetEvent.Otherwise> Otherwise { get; init; } = [];

    /// <summary>What was drilled, cut or ground.</summary>
    public IReadOnlyList<SheetEvent.Altered> Altered { get; init; } = [];

    /// <summary>Looks at the work on an assessed rig; pure and total.</summary>
    /// <param name="minutes">Of the shop's task table; null: the usual ones.</param>
    public static SheetView Of(AssessedRig assessed, SheetRecord record, IReadOnlyDictionary<WorkTask, double>? minutes = null) => Of(StepsOf(assessed, record, minutes), record, [], "");

    /// <summary>The same of steps that were worked out before.</summary>
    /// <param name="history">Steps that the shop finished, this job's among them.</param>
    /// <param name="job">Tells this job's steps among them.</param>
    public static SheetView Of(IReadOnlyList<SheetStep> steps, SheetRecord record, IReadOnlyList<TimedStep> history, string job)
    {
        var progress = Progress.Of(steps, record);
        var waits = record.Waits.ToDictionary(wait => wait.Step, StringComparer.Ordinal);
        Wait? WaitOf(SheetStep step) => waits.GetValueOrDefault(step.Id) ?? waits.GetValueOrDefault(step.InPlaceOf);
        IReadOnlyList<StepCard> cards = [.. progress.Steps.Select(standing => new StepCard(
            standing.Step, standing.State, standing.Ready && WaitOf(standing.Step) is null, standing.WaitsFor, standing.Changes, standing.First,
            record.Done.GetValueOrDefault(standing.Step.Id) is { } done ? new StepDone(done.At, done.Who, done.What.Answers, done.Minutes) : null,
            WaitOf(standing.Step), [.. record.Notes[standing.Step.Id]], standing.TakesBack)
        {
            Counted = standing.Step.Asks.Where(ask => record.Counted(standing.Step, ask) is not null).ToDictionary(ask => ask.Key, ask => record.Counted(standing.Step, ask)!.Value),
        })];
        var next = cards.FirstOrDefault(card => card.Step.Id == record.Now && card.State != StepState.Done && card.Ready) ?? cards.FirstOrDefault(card => card.Ready);
        var beside = progress.Window.Length > 0 || next is null ? null
            : cards.FirstOrDefault(card => card.Ready && card != next && card.Step.Hold is not (Hold.WindowOpens or Hold.BatteryIsolated) && card.Step.Stage is not (Stage.Live or Stage.Isolate) && card.Step.Place != next.Step.Place);
        var left = cards.Where(card => card.State != StepState.Done).Select(card => card.Step).ToList();
        var one = left.Sum(step => step.Minutes);
        return new SheetView(
            cards, progress.Open, progress.Window, next?.Step.Id ?? "", beside?.Step.Id ?? "", record.Paused, record.Last,
            [.. cards.GroupBy(card => card.Step.Stage).OrderBy(stage => stage.Key).Select(stage => new StageCount(stage.Key, StageWords.Of(stage.Key), stage.Count(card => card.State == StepState.Done), stage.Count()))],
            Forecast.Of([.. left.Select(step => step.Minutes)], history, job), one > 0 ? Hands.Minutes(left, 2) / one : 1, record.Fasteners, record.Register, record.Levels, record.Findings)
        {
            Otherwise = record.Otherwise,
            Altered = record.Altered,
        };
    }

    /// <summary>The plan's steps, what waits for a part left until it comes.</summary>
    public static IReadOnlyList<SheetStep> StepsOf(AssessedRig assessed, SheetRecord record, IReadOnlyDictionary<WorkTask, double>? minutes = null) =>
        Sheet.Of(assessed, minutes, record.Waits.Where(wait => wait.For == WaitFor.Part).Select(wait => wait.Step).ToHashSet(StringComparer.Ordinal));

    /// <summary>What is wrong with a step being ticked as it stands now, by field; none: it may be.</summary>
    public static IReadOnlyList<Problem> Judge(IReadOnlyList<SheetStep> steps, SheetRecord record, SheetEvent.Done done, string who, bool secondName)
    {
        var standing = Progress.Of(steps, record).Steps.FirstOrDefault(standing => standing.Step.Id == done.Step);
        if (standing is null) return [];
        var (step, problems) = (standing.Step, new List<Problem>());
        if (standing.State == StepState.Done) return [];
        if (standing.WaitsFor.Count > 0) problems.Add(new Problem("step", RunSheetWords.FormatFirst(Format.And(standing.WaitsFor.Take(3)))));
        for (var i = 0; i < done.Answers.Count; i++)
            if (step.Asks.All(ask => ask.Key != done.Answers[i].Key)) problems.Add(new Problem($"answers[{i}].key", RunSheetWords.FormatNotAsked(done.Answers[i].Key)));
        foreach (var ask in step.Asks)
        {
            var at = done.Answers.ToList().FindIndex(answer => answer.Key == ask.Key);
            problems.AddRange(ask.Judge(at < 0 ? null : done.Answers[at], record.Counted(step, ask), at < 0 ? $"answers.{ask.Key}" : $"answers[{at}]"));
        }
        if (secondName && step.Hold is not null && (string.IsNullOrWhiteSpace(done.Second) || done.Second.Trim().Equals(who.Trim(), StringComparison.OrdinalIgnoreCase))) problems.Add(new Problem("second", RunSheetWords.GiveASecondName));
        return problems;
    }
}

/// <summary>What stages of the work are called.</summary>
internal static class StageWords
{
    public static string Of(Stage stage) => stage switch
    {
        Stage.Bench => RunSheetWords.StageBench,
        Stage.Prove or Stage.ProveBehind => RunSheetWords.StageProve,
        Stage.Isolate => RunSheetWords.StageIsolate,
        Stage.StripDown => RunSheetWords.StageStripDown,
        Stage.TakeOff => RunSheetWords.StageTakeOff,
        Stage.MockUp => RunSheetWords.StageMockUp,
        Stage.Mount => RunSheetWords.StageMount,
        Stage.Tighten => RunSheetWords.StageTighten,
        Stage.Fix => RunSheetWords.StageFix,
        Stage.Earth => RunSheetWords.StageEarth,
        Stage.Lay => RunSheetWords.StageLay,
        Stage.Join => RunSheetWords.StageJoin,
        Stage.Try => RunSheetWords.StageTry,
        Stage.Feed => RunSheetWords.StageFeed,
        Stage.JoinInside => RunSheetWords.StageJoinInside,
        Stage.Settings => RunSheetWords.StageSettings,
        Stage.Live => RunSheetWords.StageLive,
        Stage.Test => RunSheetWords.StageTest,
        Stage.Tidy => RunSheetWords.StageTidy,
        Stage.Water => RunSheetWords.StageWater,
        Stage.Aim => RunSheetWords.StageAim,
        Stage.Refit => RunSheetWords.StageRefit,
        Stage.Late => RunSheetWords.StageLate,
        Stage.Dark => RunSheetWords.StageDark,
        _ => RunSheetWords.StageHandOver,
    };
}
