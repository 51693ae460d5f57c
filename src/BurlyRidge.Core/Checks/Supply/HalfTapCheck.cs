using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Is anything tapped from one of two batteries in series?</summary>
internal static class HalfTapCheck
{
    internal static readonly CheckKind Kind = new("half-tap", CheckWords.NothingHangsOnOneOf,
        CheckWords.OneBatteryIsThenDrained);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var vehicle = subject.Vehicle;
        if (vehicle.BatteryLink != BatteryLink.Series || vehicle.Batteries.Count < 2) yield break;
        var middle = vehicle.Batteries.SkipLast(1).Select(battery => $"{battery.Id}.plus").Concat(vehicle.Batteries.Skip(1).Select(battery => $"{battery.Id}.minus")).ToHashSet(StringComparer.Ordinal);
        var upper = vehicle.Batteries.Skip(1).Select(battery => battery.Id).ToHashSet(StringComparer.Ordinal);
        var tapped = subject.Rig.Runs.FirstOrDefault(run => middle.Contains(run.From) || middle.Contains(run.To));
        var earth = subject.Rig.Earths.FirstOrDefault(part => part.On is { } on && upper.Contains(on));
        var about = tapped?.Id ?? earth?.Id ?? "";
        yield return Kind.Result(about.Length == 0 ? Verdict.Holds : Verdict.Stop, about.Length == 0 ? 0 : 1, 0, "taps",
            about.Length == 0 ? CheckWords.EverythingTakesTheWholeVoltage
                : CheckWords.FormatTakesOneBatteryOfThe(subject.Names[about]),
            about);
    }
}
