namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Does a lamp get more volts than it stands when the engine runs?</summary>
internal static class LampVoltsCheck
{
    internal static readonly CheckKind Kind = new("lamp-volts", CheckWords.LampsStandTheRunningVoltage,
        CheckWords.Of13TimesTheRated);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Lamps.Count > 0))
        {
            var lamp = line.Lamps.MaxBy(lamp => lamp.RunningVolts / lamp.Function.StandsUpTo())!;
            var most = lamp.Function.StandsUpTo();
            var verdict = lamp.RunningVolts <= most ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, lamp.RunningVolts, most, "V",
                CheckWords.FormatGetsWithTheEngineRunning(subject.Names[lamp.Id], Format.Volts(lamp.RunningVolts), Format.Volts(most))
                    + (verdict == Verdict.Holds ? "" : " " + CheckWords.TakeALampForThese),
                lamp.Id, line.Line.Id);
        }
    }
}
