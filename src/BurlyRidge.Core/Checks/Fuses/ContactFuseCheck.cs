using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Is a fuse no larger than the relay, the switch and the plug right behind it?</summary>
internal static class ContactFuseCheck
{
    internal static readonly CheckKind Kind = new("contact-fuse", CheckWords.TheFuseProtectsWhatIt,
        CheckWords.AContactOrPlugBehind);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var own = subject.Devices.ToDictionary(device => device.Id, StringComparer.Ordinal);
        return Finding.Report(
            from part in Rated(subject)
            let device = Largest(subject, own, part.Terminal)
            where device is not null
            select Find(subject, part, device));
    }

    /// <summary>The largest of our own fuses that a terminal stands right behind; null where none is, or a vehicle's own fuse is before it.</summary>
    private static OwnDevice? Largest(RigSubject subject, Dictionary<string, OwnDevice> own, string terminal)
    {
        var section = subject.Study.Feeds.Of(terminal);
        return section.Grounded ? null : section.Feeders.Select(feeder => own.GetValueOrDefault(feeder.Device!.Id)).OfType<OwnDevice>().MaxBy(device => device.Fuse.RatingAmps);
    }

    private static IEnumerable<RatedPart> Rated(RigSubject subject)
    {
        var map = subject.Study.Map;
        foreach (var relay in subject.Rig.Relays)
            yield return new RatedPart(relay.Id, $"{relay.Id}.{relay.Pinout.Common}", RelayTable.AmpsAt(relay.ContactAmps, subject.VoltsOn(map.Find($"{relay.Id}.contact")!)));
        foreach (var link in map.Links.Where(link => link is { Kind: LinkKind.Contact, Needs: [Need.Position] }))
        {
            var part = ((Need.Position)link.Needs[0]).Switch;
            yield return new RatedPart(part, link.A, RelayTable.AmpsAt(subject.Rig.Switches.First(other => other.Id == part).RatingAmps, subject.VoltsOn(link)));
        }
        foreach (var joint in subject.Rig.Joints.Where(joint => joint.RatedAmps is not null && map.At(joint.Id).Count > 0))
            yield return new RatedPart(joint.Id, joint.Id, joint.RatedAmps!.Value);
    }

    private static Finding Find(RigSubject subject, RatedPart part, OwnDevice device)
    {
        var holds = Limits.AtLeast(part.Amps, device.Fuse.RatingAmps);
        var line = subject.LineOf(device.Id);
        return new Finding(holds ? Verdict.Holds : Verdict.Watch, device.Fuse.RatingAmps / part.Amps, line, () => Kind.Result(
            holds ? Verdict.Holds : Verdict.Watch, device.Fuse.RatingAmps, part.Amps, "A",
            CheckWords.FormatFeedsGoodFor(subject.Names[device.Id], device.Fuse, PartNames.Small(subject.Names[part.Id]), Format.Amps(part.Amps))
                + (holds ? "" : " " + CheckWords.OverloadedThatBurnsAndThe),
            part.Id, line));
    }

    /// <summary>A part that current goes through and what it is good for.</summary>
    private sealed record RatedPart(string Id, string Terminal, double Amps);
}
