using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Is every lamp dark when the vehicle is parked and nothing is switched on?</summary>
internal static class LineOffCheck
{
    internal static readonly CheckKind Kind = new("line-off", CheckWords.TheLineCanBeTurned, CheckWords.TheNetworkSolvedWithTheKey);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var parked = subject.Study.State(JudgedStates.Parked).Solved;
        foreach (var line in subject.Study.Lines)
        {
            var lit = line.Lamps.Where(lamp => lamp.IsOn(parked)).ToList();
            yield return Kind.Result(lit.Count == 0 ? Verdict.Holds : Verdict.Stop, lit.Count, 0, "lamps",
                lit.Count == 0 ? CheckWords.EveryLampIsDarkWith
                    : CheckWords.FormatBurnsWithTheKeyAnd(subject.Names[lit[0].Id]),
                lit.Count == 0 ? "" : lit[0].Id, line.Line.Id);
        }
    }
}
