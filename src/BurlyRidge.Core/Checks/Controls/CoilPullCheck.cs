using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does every coil get enough to pull in for sure, and little enough to let go?</summary>
internal static class CoilPullCheck
{
    internal static readonly CheckKind Kind = new("coil-pull", "Every coil pulls in and lets go for sure",
        "ISO 7588 kind: sure above 8 V and below 1 V at 12 V, 16 and 2.4 V at 24 V, more when hot (typical, no source)");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var seen = new Dictionary<string, Seen>(StringComparer.Ordinal);
        foreach (var solved in subject.Study.Lines.SelectMany(line => new[] { line.Off, line.Running }).Concat(subject.Study.Whole.Select(whole => whole.Solved)))
        {
            foreach (var coil in solved.Harness.Circuit.Controllers)
            {
                var known = seen.GetValueOrDefault(coil.Id);
                var volts = solved.Solution.State.Across(coil);
                var between = coil.LeavesAsItWas(volts) ? Math.Abs(volts) : 0;
                seen[coil.Id] = new Seen(coil.PullInVolts, Math.Max(known.Between, between), Math.Max(known.Most, Math.Abs(volts)));
            }
        }
        return Finding.Report(subject.Rig.Relays.Select(relay => Find(subject, relay, seen.GetValueOrDefault(relay.Id))));
    }

    /// <summary>What a coil gets in all states: the most between its limits, and the most of all, V.</summary>
    private readonly record struct Seen(double PullsInAt, double Between, double Most);

    private static Finding Find(RigSubject subject, Relay relay, Seen coil)
    {
        var (pulls, between, most) = coil;
        var verdict = between > 0 ? Verdict.Stop : most >= pulls ? Verdict.Holds : Verdict.Watch;
        var line = subject.LineOf($"{relay.Id}.contact");
        return new Finding(verdict, pulls / Math.Max(most, 1e-9), line, () => Kind.Result(
            verdict, between > 0 ? between : most, pulls, "V",
            verdict switch
            {
                Verdict.Stop => $"The coil of {subject.Names[relay.Id]} is left at {Format.Volts(between)}, between sure to pull in at {Format.Volts(pulls)} and sure to let go: what it does is chance. "
                    + "Look for a second way into its wire: a switch lamp, a lamp in series.",
                Verdict.Holds => $"The coil of {subject.Names[relay.Id]} gets {Format.Volts(most)} where {Format.Volts(pulls)} pull it in for sure.",
                _ => $"The coil of {subject.Names[relay.Id]} gets no more than {Format.Volts(most)} in any state: it never pulls in.",
            },
            relay.Id, line));
    }
}
