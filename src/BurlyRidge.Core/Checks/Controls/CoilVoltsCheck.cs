namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is the coil made for the system's volts?</summary>
internal static class CoilVoltsCheck
{
    internal static readonly CheckKind Kind = new("coil-volts", CheckWords.TheCoilIsMadeFor, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Rig.Relays.Select(relay =>
    {
        var coil = relay.CoilVolts ?? subject.Vehicle.SystemVolts;
        var verdict = coil == subject.Vehicle.SystemVolts ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf($"{relay.Id}.contact");
        return new Finding(verdict, 1, line, () => Kind.Result(
            verdict, coil, subject.Volts, "V",
            verdict == Verdict.Holds ? CheckWords.FormatHasACoilForV(subject.Names[relay.Id], coil)
                : coil < subject.Volts ? CheckWords.FormatHasACoilForVOn(subject.Names[relay.Id], coil, subject.Volts)
                : CheckWords.FormatHasACoilForVOnV(subject.Names[relay.Id], coil, subject.Volts),
            relay.Id, line, null, () => new Remedy(CheckWords.FormatTakeAVCoil(subject.Volts))
            {
                Apply = rig => Edit.Relay(rig, relay.Id, old => old with { CoilVolts = null, CoilOhms = null }),
            }));
    }));
}
