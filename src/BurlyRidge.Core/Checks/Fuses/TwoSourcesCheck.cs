using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Has a conductor between two sources a fuse at both ends?</summary>
internal static class TwoSourcesCheck
{
    internal static readonly CheckKind Kind = new("two-sources", "A fuse at both ends between two sources",
        "A conductor between two sources is fed by both: a fuse within 178 mm of each battery (ABYC E-11 lead length, from memory)");

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
                    $"Between {subject.Names.Terminal(section.Sources[0].A)} and {subject.Names.Terminal(end)} lie {Format.Metres(far, subject.Rules.Units)} of conductor that a second source feeds as well"
                        + (holds ? ", with a fuse beside the battery." : ", and no fuse at the battery's end: put one there too."),
                    end);
            }
        }
    }
}
