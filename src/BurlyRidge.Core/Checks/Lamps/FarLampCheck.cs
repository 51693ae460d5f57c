using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Is the last lamp of a row as bright as the first?</summary>
internal static class FarLampCheck
{
    internal static readonly CheckKind Kind = new("far-lamp", CheckWords.TheFarLampIsAs,
        CheckWords.Of3BetweenFirstAndLast);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Lamps.Count > 1 && line.Trigger.On is not null))
        {
            foreach (var alike in line.Lamps.GroupBy(lamp => (lamp.Function.Kind, lamp.Function.RatedVolts)).Where(group => group.Count() > 1))
            {
                var alone = Ends(alike.Select(lamp => (lamp, lamp.OffVolts)));
                var together = alike.All(lamp => lamp.Together is not null) ? Ends(alike.Select(lamp => (lamp, lamp.Together!.Volts))) : alone;
                var (first, last, near, far) = alone.Near - alone.Far >= together.Near - together.Far ? alone : together;
                var spread = (near - far) / subject.Volts;
                var verdict = Limits.AtLeast(Limits.ChainSpreadFraction, spread) ? Verdict.Holds : Verdict.Watch;
                var light = alike.Key.Kind == LampKind.RegulatedLed
                    ? CheckWords.ARegulatedLampMakesUp
                    : CheckWords.FormatThatIsLessLight(Format.Percent(LampSet.LightLost(far / Math.Max(near, 1e-9))));
                yield return Kind.Result(verdict, spread, Limits.ChainSpreadFraction, "",
                    CheckWords.FormatGets(subject.Names[first.Id], Format.Volts(near), subject.Names[last.Id], Format.Volts(far), light)
                        + (verdict == Verdict.Holds ? "" : " " + CheckWords.ThickerLinksOrFeedThe),
                    last.Id, line.Line.Id, null, () => FeedBoth(subject, line.Line) ?? Edit.Size(subject, line.Line));
            }
        }
    }

    /// <summary>The lamps that get most and least, with their volts.</summary>
    private static (LampStudy First, LampStudy Last, double Near, double Far) Ends(IEnumerable<(LampStudy Lamp, double Volts)> lamps)
    {
        var all = lamps.ToList();
        var (first, last) = (all.MaxBy(lamp => lamp.Volts), all.MinBy(lamp => lamp.Volts));
        return (first.Lamp, last.Lamp, first.Volts, last.Volts);
    }

    /// <summary>A row that is fed at one end gets its second feed, and sizes that go with it.</summary>
    private static Remedy? FeedBoth(RigSubject subject, Line line)
    {
        var rig = subject.Saved;
        return ReferenceEquals(RowAlterations.FeedBoth(rig, line), rig) ? null
            : new Remedy(CheckWords.FeedTheRowFromBoth) { Apply = saved => WholeRig.Of(RowAlterations.FeedBoth(saved, line)).Resize(line.Id).Rig };
    }
}
