using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does every coil get enough to pull in for sure, and little enough to let go?</summary>
internal static class CoilPullCheck
{
    internal static readonly CheckKind Kind = new("coil-pull", CheckWords.EveryCoilPullsInAnd,
        CheckWords.Iso7588KindSureAbove);

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
                Verdict.Stop => CheckWords.FormatTheCoilOfIsLeft(subject.Names[relay.Id], Format.Volts(between), Format.Volts(pulls)),
                Verdict.Holds => CheckWords.FormatTheCoilOfGetsWhere(subject.Names[relay.Id], Format.Volts(most), Format.Volts(pulls)),
                _ => CheckWords.FormatTheCoilOfGetsNo(subject.Names[relay.Id], Format.Volts(most)),
            },
            relay.Id, line));
    }
}
