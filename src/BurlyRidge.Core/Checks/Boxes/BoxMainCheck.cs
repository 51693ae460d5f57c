using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Does the main fuse protect the box?</summary>
internal static class BoxMainCheck
{
    internal static readonly CheckKind Kind = new("box-main", CheckWords.TheMainFuseProtectsThe, CheckWords.TheBoxSOwnTotal);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var box in subject.Rig.PowerBoxes)
        {
            foreach (var feeder in subject.Study.Feeds.Of($"{box.Id}.plus").Feeders)
            {
                if (subject.Rig.Protection.FirstOrDefault(part => part.Id == feeder.Device!.Id) is not { } device) continue;
                var rating = device.Fuse.RatingAmps;
                var verdict = rating <= box.TotalAmps ? Verdict.Holds : Verdict.Watch;
                yield return Kind.Result(verdict, rating, box.TotalAmps, "A",
                    CheckWords.FormatIsABeforeABox(subject.Names[device.Id], rating, Format.Amps(box.TotalAmps))
                        + (verdict == Verdict.Holds ? "" : " " + CheckWords.OverloadedForHoursTheBox),
                    device.Id, null, null, () => Edit.Fuse(subject, device.Id, Smaller(subject, box, device)));
            }
        }
    }

    private static Fuse? Smaller(RigSubject subject, PowerBox box, ProtectiveDevice device)
    {
        var need = subject.Study.Design(device.Id).Amps / subject.Rules.FuseLoadFraction;
        return FuseTable.All.LastOrDefault(fuse => fuse.Family == device.Fuse.Family && fuse.RatingAmps <= box.TotalAmps && Limits.AtLeast(fuse.RatingAmps, need));
    }
}
