using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Does a regulated LED lamp of a wired line stay above its drop-out voltage?</summary>
internal static class LampRunsCheck
{
    internal static readonly CheckKind Kind = new("lamp-runs", "Lamps stay lit",
        "Drop-out voltage of regulated LED lamps (typical, no source): see the maker's sheet");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Trigger.On is not null))
        {
            var lamp = line.Lamps.Where(lamp => lamp.Function.Kind == LampKind.RegulatedLed).MinBy(lamp => lamp.OffVolts - lamp.Function.DropsOutAt());
            if (lamp is null) continue;
            var dropOut = lamp.Function.DropsOutAt();
            var verdict = lamp.OffVolts >= dropOut ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, lamp.OffVolts, dropOut, "V",
                $"{subject.Names[lamp.Id]} gets {Format.Volts(lamp.OffVolts)} with the engine off; it drops out below {Format.Volts(dropOut)}.",
                lamp.Id, line.Line.Id, null, () => Edit.Size(subject, line.Line));
        }
    }
}
