using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Harness;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Can an output that is off be fed backwards by another?</summary>
internal static class BackFeedCheck
{
    internal static readonly CheckKind Kind = new("back-feed", CheckWords.NoOutputThatIsOff, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var study = subject.Study;
        foreach (var section in study.Feeds.Sections.Where(section => section.Feeders.Count > 1))
        {
            // The first contact behind each fuse: what turns that way into the section on.
            var feeders = study.Together(section);
            if (feeders.Count < 2) continue;
            var ways = feeders
                .SelectMany(feeder => study.Map.At(feeder.Near).Where(link => link.Kind == LinkKind.Contact).Take(1))
                .Select(contact => (contact.Id, Turned: string.Join("+", contact.Needs.Select(need => Key(subject, need)).Order(StringComparer.Ordinal))))
                .ToList();
            var together = ways.Count == 0 || ways.Select(way => way.Turned).Distinct().Count() == 1;
            yield return Kind.Result(together ? Verdict.Holds : Verdict.Watch, ways.Select(way => way.Turned).Distinct().Count(), 1, CheckKind.NoUnit,
                together
                    ? CheckWords.WhatFeedsItFromBoth
                    : CheckWords.FormatFeedTheSameAndAre(Format.And(ways.Select(way => subject.Names[way.Id]))),
                feeders[0].Device!.Id);
        }
    }

    /// <summary>Two needs that hang on the same conductor are one.</summary>
    private static string Key(RigSubject subject, Need need) => need switch
    {
        Need.Live(var lead) => First(subject, lead.Plus),
        Need.Coil(var coil) => First(subject, subject.Study.Feeds.Of(coil.Plus).Grounded ? coil.Minus : coil.Plus),
        _ => need.ToString(),
    };

    private static string First(RigSubject subject, string terminal) => subject.Study.Feeds.Of(terminal).Terminals[0];
}
