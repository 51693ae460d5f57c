using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Is the fuse made for the system's volts?</summary>
internal static class FuseVoltsCheck
{
    private const double HighVoltsType = 58;

    internal static readonly CheckKind Kind = new("fuse-volts", CheckWords.TheFuseIsMadeFor,
        CheckWords.VoltageRating32VFor);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Devices.Select(device => Find(subject, device)));

    private static Finding Find(RigSubject subject, OwnDevice device)
    {
        var volts = LampWatts.RunningRatio * subject.Volts;
        var verdict = device.RatedVolts >= volts ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(device.Id);
        return new Finding(verdict, volts / device.RatedVolts, line, () => Kind.Result(
            verdict, device.RatedVolts, volts, "V",
            CheckWords.FormatIsMadeToBreakThe(subject.Names[device.Id], Format.Volts(device.RatedVolts), Format.Volts(volts)),
            device.Id, line, null, () => device.Holder is null ? null : new Remedy(CheckWords.FormatTakeOneForV(HighVoltsType))
            {
                Apply = rig => Edit.Device(rig, device.Id, old => old with { RatedVolts = HighVoltsType }),
            }));
    }
}
