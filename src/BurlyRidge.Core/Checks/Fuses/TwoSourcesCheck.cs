using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Has a conductor between two sources a fuse at both ends?</summary>
internal static class TwoSourcesCheck
{
    internal static readonly CheckKind Kind = new("two-sources", CheckWords.AFuseAtBothEnds,
        CheckWords.AConductorBetweenTwoSources);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var section in subject.Study.Feeds.Sections.Where(section => !section.Grounded && section.Sources.Count > 0))
        {
            var metres = UnfusedMetres.Of(subject, section);
            var ends = subject.Study.Feeds.LedToSource(section).Select(feeder => feeder.Near).Concat(section.LimitedSources.Select(source => source.A));
            foreach (var end in ends)
            {
                var far = metres.Ohms(end);
                var holds = far <= Limits.UnfusedMetres;
                yield return Kind.Result(holds ? Verdict.Holds : Verdict.Stop, far, Limits.UnfusedMetres, "m",
                    CheckWords.FormatSecondSourceFeeds(subject.Names.Terminal(section.Sources[0].A), subject.Names.Terminal(end), Format.Metres(far, subject.Rules.Units))
                        + " " + (holds ? CheckWords.AFuseSitsBesideTheBattery : CheckWords.NoFuseAtTheBattery),
                    end);
            }
        }
    }
}
