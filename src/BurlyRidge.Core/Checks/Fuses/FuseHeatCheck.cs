using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Does the fuse carry the load in the heat of its place?</summary>
internal static class FuseHeatCheck
{
    internal static readonly CheckKind Kind = new("fuse-heat", "Fuse carries the load in its heat",
        "About 10 % less at 70 °C, of a breaker 20 % (typical, no source): see the maker's curve");

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
            $"At {Format.Celsius(celsius)} in the {device.Place.Word()} {PartNames.Small(subject.Names[device.Id])}, {device.Printed}, is good for {Format.Amps(good)}; {Format.Amps(design.Amps)} flow.",
            device.Id, line, null, () => Edit.Fuse(subject, device.Id, FuseLoadCheck.Larger(subject, device, design.Amps))));
    }
}
