namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is the coil made for the system's volts?</summary>
internal static class CoilVoltsCheck
{
    internal static readonly CheckKind Kind = new("coil-volts", "The coil is made for the volts", CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Rig.Relays.Select(relay =>
    {
        var coil = relay.CoilVolts ?? subject.Vehicle.SystemVolts;
        var verdict = coil == subject.Vehicle.SystemVolts ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf($"{relay.Id}.contact");
        return new Finding(verdict, 1, line, () => Kind.Result(
            verdict, coil, subject.Volts, "V",
            verdict == Verdict.Holds ? $"{subject.Names[relay.Id]} has a coil for {coil} V."
                : coil < subject.Volts ? $"{subject.Names[relay.Id]} has a coil for {coil} V on {subject.Volts} V: it burns out."
                : $"{subject.Names[relay.Id]} has a coil for {coil} V on {subject.Volts} V: it does not pull in.",
            relay.Id, line, null, () => new Remedy($"Take a {subject.Volts} V coil")
            {
                Apply = rig => Edit.Relay(rig, relay.Id, old => old with { CoilVolts = null, CoilOhms = null }),
            }));
    }));
}
