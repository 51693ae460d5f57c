using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does a line that a signal triggers go dark when the signal goes off?</summary>
internal static class SignalFollowsCheck
{
    private const double DarkAmps = 0.05;

    internal static readonly CheckKind Kind = new("signal-follows", CheckWords.TheLineGoesDarkWith, CheckWords.TheNetworkSolvedWithThe);

    // Lines that come on together go dark together: they are solved once.
    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Study.Lines
        .Where(line => line.Trigger.Signalled.Count > 0)
        .GroupBy(line => line.Off, ReferenceEqualityComparer.Instance)
        .SelectMany(together => Dark(together.First()) is var dark ? together.Select(line => Find(subject, line, dark)) : []);

    /// <summary>The state that is left when every signal has gone off.</summary>
    private static SolvedHarness Dark(LineStudy line) =>
        line.Off.Harness.Solve(line.Trigger.On! with { HighBeam = false, Reverse = false, SideLight = false, Key = true }, line.Off.Contacts);

    private static Check Find(RigSubject subject, LineStudy line, SolvedHarness dark)
    {
        var lit = line.Trigger.Signalled.Where(lamp => Math.Abs(dark.Amps(lamp)) > DarkAmps).ToList();
        return Kind.Result(lit.Count == 0 ? Verdict.Holds : Verdict.Stop, lit.Count, 0, "lamps",
            lit.Count == 0 ? CheckWords.EveryLampGoesDarkWhen
                : CheckWords.FormatStaysOnWhenItsSignal(subject.Names[lit[0]]),
            lit.Count == 0 ? "" : lit[0], line.Line.Id);
    }
}
