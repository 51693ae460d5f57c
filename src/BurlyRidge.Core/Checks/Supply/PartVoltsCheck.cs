using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Is every part made for the volts that feed it?</summary>
internal static class PartVoltsCheck
{
    internal static readonly CheckKind Kind = new("part-volts", CheckWords.PartsAreMadeForThe,
        CheckWords.Of12VPartsUpTo);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Source is not null))
        {
            var converter = subject.Rig.Converters.FirstOrDefault(part => part.Id == line.Source!.Id);
            foreach (var lamp in line.Lamps)
            {
                var feeds = converter?.OutputVolts ?? LampWatts.RunningRatio * subject.Volts;
                var rated = lamp.Function.RatedVolts;
                var high = feeds > lamp.Function.StandsUpTo();
                var low = lamp.Function.MaxVolts is null && (converter?.OutputVolts ?? subject.Volts) < 0.75 * rated;
                if (!high && !low) continue;
                yield return Kind.Result(Verdict.Stop, feeds, lamp.Function.StandsUpTo(), "V",
                    high ? CheckWords.FormatLampBurnsOut(subject.Names[lamp.Id], rated, Format.Volts(feeds)) : CheckWords.FormatLampStaysDim(subject.Names[lamp.Id], rated, Format.Volts(feeds)), lamp.Id, line.Line.Id);
            }
        }
        foreach (var load in subject.Rig.Loads)
        {
            var most = load.MaxVolts ?? LampFunction.UsualMax * subject.Volts;
            var got = subject.Study.Whole.Max(whole => whole.Solved.Harness.Has(load.Id) ? whole.Solved.Across(load.Id) : 0);
            yield return Kind.Result(got <= most ? Verdict.Holds : Verdict.Stop, got, most, "V",
                CheckWords.FormatGetsUpToAndStands(load.Name, Format.Volts(got), Format.Volts(most)), load.Id);
        }
    }
}
