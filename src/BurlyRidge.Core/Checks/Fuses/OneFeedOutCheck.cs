using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Where two fuses feed the same, what does the other do when one is out?</summary>
internal static class OneFeedOutCheck
{
    internal static readonly CheckKind Kind = new("one-feed-out", CheckWords.EitherFuseAloneOfA, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var signals = VehicleSignal.Names;
        foreach (var section in subject.Study.Feeds.Sections.Where(section => section.Feeders.Count > 1))
        {
            var feeders = subject.Study.Together(section);
            if (feeders.Count < 2) continue;
            // A signal's own fuse carries the vehicle's lamps, which are not fed here.
            var total = feeders.Where(feeder => !signals.Contains(TerminalIndex.Split(feeder.Device!.Id).Part)).Sum(feeder => subject.Study.Design(feeder.Device!.Id).Amps);
            var least = feeders.Min(feeder => feeder.Device!.Fuse!.RatingAmps);
            var names = Format.And(feeders.Select(feeder => subject.Names[feeder.Device!.Id]));
            var line = feeders.Select(feeder => subject.LineOf(feeder.Device!.Id)).FirstOrDefault(found => found is not null);
            yield return Kind.Result(total <= least ? Verdict.Holds : Verdict.Watch, total, least, "A",
                total <= least ? CheckWords.FormatEitherFuseHolds(names, Format.Amps(total)) : CheckWords.FormatBothFusesBlow(names, Format.Amps(total), least),
                feeders[0].Device!.Id, line);
        }
    }
}
