using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is a fuse tap within its slot, with what hangs on it already?</summary>
internal static class SlotTapCheck
{
    internal static readonly CheckKind Kind = new("slot-tap", CheckWords.AFuseTapStaysWithin, CheckWords.AddUpWhatHangsOn);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var slot in subject.Vehicle.FuseSlots)
        {
            var taps = subject.Study.Map.RunsAt($"{slot.Id}.tap").ToList();
            if (taps.Count == 0) continue;
            var added = taps.Sum(run => subject.Study.Design(run.Id).Amps);
            var whole = added + slot.LoadAmps + slot.TappedAmps;
            var verdict = whole <= slot.RatingAmps ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, whole, slot.RatingAmps, "A",
                CheckWords.FormatSlotServes(subject.Names[slot.Id], slot.RatingAmps, slot.Serves.Length > 0 ? slot.Serves : CheckWords.SomethingNotSpecified, Format.Amps(slot.LoadAmps)) + Tapped(slot) + " " + CheckWords.FormatSlotTapAdds(Format.Amps(added))
                    + (verdict == Verdict.Holds ? "" : " " + CheckWords.UseItAsATrigger),
                slot.Id);
        }
    }

    private static string Tapped(FuseSlot slot) => slot.TappedAmps <= 0 ? "" : " " + CheckWords.FormatSlotTappedBefore(slot.TappedFor.Length > 0 ? slot.TappedFor : CheckWords.SomethingNotSpecified, Format.Amps(slot.TappedAmps));
}
