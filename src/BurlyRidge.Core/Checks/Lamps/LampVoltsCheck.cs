namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Does a lamp get more volts than it stands when the engine runs?</summary>
internal static class LampVoltsCheck
{
    internal static readonly CheckKind Kind = new("lamp-volts", "Lamps stand the running voltage",
        "1.3 times the rated volts unless the lamp's sheet gives a wider range (typical, no source)");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Lamps.Count > 0))
        {
            var lamp = line.Lamps.MaxBy(lamp => lamp.RunningVolts / lamp.Function.StandsUpTo())!;
            var most = lamp.Function.StandsUpTo();
            var verdict = lamp.RunningVolts <= most ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, lamp.RunningVolts, most, "V",
                $"{subject.Names[lamp.Id]} gets {Format.Volts(lamp.RunningVolts)} with the engine running and stands {Format.Volts(most)}"
                    + (verdict == Verdict.Holds ? "." : ": take a lamp for these volts, or a converter before it."),
                lamp.Id, line.Line.Id);
        }
    }
}
