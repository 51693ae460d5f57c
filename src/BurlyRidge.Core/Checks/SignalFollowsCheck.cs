using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>Does a line that a signal triggers go dark when the signal goes off?</summary>
internal static class SignalFollowsCheck
{
    private const double DarkAmps = 0.05;

    private static readonly Kind Kind = new("signal-follows", "The line goes dark with its signal", "The network solved with the signal off");

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Study.Lines
        .Where(line => line.Trigger.Signalled.Count > 0)
        .Select(Find);

    private static Check Find(LineStudy line)
    {
        var off = line.Trigger.On! with { HighBeam = false, Reverse = false, SideLight = false, Key = true };
        var solved = line.Off.Harness.Solve(off, line.Off.Contacts);
        var lit = line.Trigger.Signalled.Where(lamp => Math.Abs(solved.Amps(lamp)) > DarkAmps).ToList();
        return Kind.Says(lit.Count == 0 ? Verdict.Holds : Verdict.Stop, lit.Count, 0, "lamps",
            lit.Count == 0 ? "Every lamp goes dark when its signal goes off."
                : $"{lit[0]} stays on when its signal goes off. Look for a second way to its coil, and whether the vehicle switches its beam in the minus.",
            lit.Count == 0 ? "" : lit[0], line.Line.Id);
    }
}
