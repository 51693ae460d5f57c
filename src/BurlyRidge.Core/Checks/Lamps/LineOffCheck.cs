using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Is every lamp dark when the vehicle is parked and nothing is switched on?</summary>
internal static class LineOffCheck
{
    internal static readonly CheckKind Kind = new("line-off", "The line can be turned off", "The network solved with the key off and every switch off, relays as everything on left them");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var parked = subject.Study.State(JudgedStates.Parked).Solved;
        foreach (var line in subject.Study.Lines)
        {
            var lit = line.Lamps.Where(lamp => lamp.IsOn(parked)).ToList();
            yield return Kind.Result(lit.Count == 0 ? Verdict.Holds : Verdict.Stop, lit.Count, 0, "lamps",
                lit.Count == 0 ? "Every lamp is dark with the key and every switch off."
                    : $"{subject.Names[lit[0].Id]} burns with the key and every switch off: look for a wire past its contact, or a relay that holds itself in.",
                lit.Count == 0 ? "" : lit[0].Id, line.Line.Id);
        }
    }
}
