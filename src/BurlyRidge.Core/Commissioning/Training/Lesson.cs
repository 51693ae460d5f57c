using BurlyRidge.Core.Commissioning.Diagnosing;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>An exercise after some acts: what they showed and cost, and at the end beside the best way. A pure function of the exercise and the acts.</summary>
public static class Lesson
{
    /// <summary>Whether a fault makes an exercise: it is one of the line, and shows in some lamp or reading of it.</summary>
    /// <param name="fault">Key of the fault library.</param>
    public static bool CanBe(DiagnosisTables tables, string fault) => tables.ClassOf(fault) is > 0;

    /// <summary>Looks at it; null where its fault makes no exercise on this line. An act that is none is left out.</summary>
    public static TrainingView? Of(DiagnosisTables tables, Reach reach, Exercise exercise, IReadOnlyList<TrainingAct> acts, CancellationToken cancellation = default)
    {
        if (exercise.Fault() is not { } fault || !CanBe(tables, fault)) return null;
        var gone = new Practice(tables, reach, fault, exercise.Seed);
        foreach (var act in acts.TakeWhile(_ => !gone.Found))
        {
            cancellation.ThrowIfCancellationRequested();
            gone.Do(act);
        }
        var best = gone.Found ? Comparison.BestWay(tables, reach, fault, exercise.Seed, cancellation).Steps : [];
        return new TrainingView(
            exercise.Title, gone.Says, gone.Dash, gone.Out, Removable(tables), gone.Lamps, gone.Reading,
            [.. tables.Hypotheses.Skip(1).Select(hypothesis => new TrainingSuspect(hypothesis.Key, hypothesis.Faults[0].Name)).OrderBy(suspect => suspect.Name, StringComparer.OrdinalIgnoreCase)],
            gone.Steps, gone.Steps.Sum(step => step.Minutes), gone.Found, gone.Found ? Comparison.Of(tables, reach, gone, cancellation) : [],
            best, best.Sum(step => step.Minutes), gone.Found ? tables.NameOf(fault)! : "");
    }

    private static IReadOnlyList<Removable> Removable(DiagnosisTables tables) =>
        [.. tables.Standings.SelectMany(standing => standing.Out).Distinct().Select(key => (key, Name: tables.NameOf(key))).Where(pair => pair.Name is not null).Select(pair => new Removable(pair.key, pair.Name!))];
}
