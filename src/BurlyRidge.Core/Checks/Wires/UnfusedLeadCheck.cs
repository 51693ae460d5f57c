using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>How long is the lead between a battery and its fuse?</summary>
internal static class UnfusedLeadCheck
{
    private const double ProposedMetres = 0.15;

    internal static readonly CheckKind Kind = new("unfused-lead", CheckWords.TheFuseSitsBesideThe,
        CheckWords.Of178MmAtMost1);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from section in subject.Study.Feeds.Sections
        where !section.Grounded && section.Sources.Count > 0
        from finding in Of(subject, section)
        select finding);

    private static IEnumerable<Finding> Of(RigSubject subject, Section section)
    {
        var metres = UnfusedMetres.Of(subject, section);
        foreach (var run in section.Terminals.SelectMany(subject.Study.Map.At).Distinct().Select(link => link.Run).OfType<Run>())
        {
            var far = Math.Max(metres.Ohms(run.From), metres.Ohms(run.To));
            var verdict = far <= Limits.UnfusedMetres ? Verdict.Holds : Verdict.Stop;
            var line = subject.LineOf(run.Id);
            // In a sheath a metre counts less; what is told is the length as it is.
            var (most, length) = run.Sheathed ? (Limits.SheathedMetres, far * Limits.SheathedMetres / Limits.UnfusedMetres) : (Limits.UnfusedMetres, far);
            yield return new Finding(verdict, far / Limits.UnfusedMetres, line, () => Kind.Result(
                verdict, length, most, "m",
                (run.Sheathed ? CheckWords.FormatUnfusedLeadInASheath(subject.Name(run), Format.Metres(length, subject.Rules.Units))
                    : CheckWords.FormatUnfusedLead(subject.Name(run), Format.Metres(length, subject.Rules.Units)))
                    + (verdict == Verdict.Holds ? "" : " " + CheckWords.AShortOnItBurns),
                run.Id, line, null, () => MoveFuse(subject, run, metres)));
        }
    }

    /// <summary>The fuse moves to the battery, and what the lead loses the wire behind it gains.</summary>
    private static Remedy? MoveFuse(RigSubject subject, Run run, OhmPaths metres)
    {
        var (near, far) = metres.Ohms(run.From) <= metres.Ohms(run.To) ? (run.From, run.To) : (run.To, run.From);
        var device = subject.Saved.Protection.FirstOrDefault(part => part.Id == TerminalIndex.Split(far).Part);
        if (device is null || metres.Ohms(near) > 0) return null;
        var behind = far == $"{device.Id}.in" ? $"{device.Id}.out" : $"{device.Id}.in";
        return new Remedy(CheckWords.MoveTheFuseToThe)
        {
            Apply = rig => rig with
            {
                Runs = [.. rig.Runs.Select(other =>
                    other.Id == run.Id ? other with { LengthMetres = ProposedMetres, Sheathed = false }
                    : other.From == behind || other.To == behind ? other with { LengthMetres = other.LengthMetres + run.LengthMetres - ProposedMetres }
                    : other)],
            },
        };
    }
}
