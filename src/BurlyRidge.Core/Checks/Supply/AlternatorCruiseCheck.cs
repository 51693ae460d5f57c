using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Does the alternator carry everything at cruise?</summary>
internal static class AlternatorCruiseCheck
{
    internal static readonly CheckKind Kind = new("alternator-cruise", CheckWords.TheAlternatorCarriesItAll, CheckWords.TheAlternatorSRatingSee);

    public static IEnumerable<Check> Judge(RigSubject subject) => Judge(subject, Kind, JudgedStates.Everything, subject.Vehicle.Alternator?.RatedAmps ?? 0,
        CheckWords.DrivingWithEverythingOnFlattens);

    /// <summary>Judges one state against what the alternator gives in it.</summary>
    public static IEnumerable<Check> Judge(RigSubject subject, CheckKind kind, string state, double amps, string otherwise)
    {
        if (subject.Vehicle.Alternator is null) yield break;
        var figures = SupplyFigures.Of(subject.Rig, subject.Study.State(state));
        var load = figures.AlternatorAmps + Math.Max(0, figures.BatteryAmps);
        var verdict = load <= amps ? Verdict.Holds : Verdict.Watch;
        yield return kind.Result(verdict, load, amps, "A",
            CheckWords.FormatAreDrawnWithTheAlternator(Format.Amps(load), figures.Name.ToLowerInvariant(), Format.Amps(amps)) + (verdict == Verdict.Holds ? "" : $" {otherwise}"));
    }
}
