using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Does the fuse carry the load in the heat of its place?</summary>
internal static class FuseHeatCheck
{
    internal static readonly CheckKind Kind = new("fuse-heat", CheckWords.FuseCarriesTheLoadIn,
        CheckWords.About10LessAt70);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        subject.Devices.Select(device => Find(subject, device)));

    private static Finding Find(RigSubject subject, OwnDevice device)
    {
        var celsius = subject.Rules.ZoneCelsius.Of(device.Place);
        var good = Limits.HotFactor(celsius, device.Breaker) * device.Fuse.RatingAmps;
        var design = subject.Study.Design(device.Id);
        var most = Limits.HotFuseLoadFraction * good;
        var verdict = Limits.FuseCarries(good, Limits.HotFuseLoadFraction, design.Amps) ? Verdict.Holds : good > design.Amps ? Verdict.Watch : Verdict.Stop;
        var line = subject.LineOf(device.Id);
        return new Finding(verdict, design.Amps / most, line, () => Kind.Result(
            verdict, design.Amps, most, "A",
            CheckWords.FormatAtInTheIsGood(Format.Celsius(celsius), device.Place.Word(), PartNames.Small(subject.Names[device.Id]), device.Printed, Format.Amps(good), Format.Amps(design.Amps)),
            device.Id, line, null, () => Edit.Fuse(subject, device.Id, FuseLoadCheck.Larger(subject, device, design.Amps))));
    }
}
