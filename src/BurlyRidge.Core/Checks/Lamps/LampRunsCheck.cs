using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Does a regulated LED lamp stay above its drop-out voltage, whatever is on beside it?</summary>
internal static class LampRunsCheck
{
    /// <summary>How far above drop-out it stays on a flat battery, V at 12 V (house rule).</summary>
    private const double MarginVolts = 1.0;

    /// <summary>A flat lead-acid battery at rest, V (common practice, no source).</summary>
    private const double FlatVolts = 11.8;

    internal static readonly CheckKind Kind = new("lamp-runs", CheckWords.LampsStayLit,
        CheckWords.DropOutVoltageOfRegulated);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Trigger.On is not null))
        {
            var lamp = line.Lamps.Where(lamp => lamp.Function.Kind == LampKind.RegulatedLed).MinBy(lamp => lamp.OffVolts - lamp.Function.DropsOutAt());
            if (lamp is null) continue;
            var dropOut = lamp.Function.DropsOutAt();
            var (least, state) = Least(subject, line, lamp);
            var flat = Flat(lamp);
            var limit = Limit(lamp);
            var verdict = least < dropOut ? Verdict.Stop : flat < limit ? Verdict.Watch : Verdict.Holds;
            yield return verdict == Verdict.Stop
                ? Kind.Result(verdict, least, dropOut, "V", CheckWords.FormatGetsItDropsOutBelow(subject.Names[lamp.Id], Format.Volts(least), state, Format.Volts(dropOut)), lamp.Id, line.Line.Id, null, () => ResizedLine.Remedy(subject, line, false, Runs))
                : Kind.Result(verdict, flat, limit, "V", CheckWords.FormatGetsOnAFlatBattery(subject.Names[lamp.Id], Format.Volts(flat), Format.Volts(dropOut), Format.Volts(limit - dropOut)), lamp.Id, line.Line.Id, null, () => ResizedLine.Remedy(subject, line, false, Runs));
        }
    }

    private static double Limit(LampStudy lamp) => lamp.Function.DropsOutAt() + MarginVolts * lamp.Function.RatedVolts / 12;

    private static bool Runs(LineStudy line) => line.Lamps.Where(lamp => lamp.Function.Kind == LampKind.RegulatedLed).All(lamp => Flat(lamp) >= Limit(lamp));

    /// <summary>The least that it gets where it is on, and when.</summary>
    private static (double Volts, string State) Least(RigSubject subject, LineStudy line, LampStudy lamp)
    {
        var glow = lamp.Function.Power / lamp.Function.RatedVolts / 2;
        return subject.Study.Whole.Where(whole => Math.Abs(whole.Solved.Amps(lamp.Id)) > glow)
            .Select(whole => (Volts: whole.Solved.Across(lamp.Id), whole.Named.Name))
            .Append((Volts: lamp.OffVolts, Name: CheckWords.ByItselfEngineOff)).MinBy(found => found.Volts);
    }

    /// <summary>What it gets where its source gives what a flat battery does: it draws the same power through the same way.</summary>
    private static double Flat(LampStudy lamp)
    {
        var source = (lamp.OffVolts + lamp.DropVolts) * FlatVolts / 12;
        var root = source * source - 4 * lamp.DropVolts * lamp.OffVolts;
        return root < 0 ? 0 : (source + Math.Sqrt(root)) / 2;
    }
}
