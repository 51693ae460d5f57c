using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is a fuse tap within its slot, with what hangs on it already?</summary>
internal static class SlotTapCheck
{
    internal static readonly CheckKind Kind = new("slot-tap", "A fuse tap stays within its slot", "Add up what hangs on the slot (common practice, no source)");

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
                $"{subject.Names[slot.Id]} is a {slot.RatingAmps} A slot that serves {(slot.Serves.Length > 0 ? slot.Serves : "something")} with {Format.Amps(slot.LoadAmps)}{Tapped(slot)}; the tap adds {Format.Amps(added)}."
                    + (verdict == Verdict.Holds ? "" : " Use it as a trigger alone, and feed the lamps from the battery."),
                slot.Id);
        }
    }

    private static string Tapped(FuseSlot slot) => slot.TappedAmps <= 0 ? "" : $"; {(slot.TappedFor.Length > 0 ? slot.TappedFor : "an earlier tap")} takes {Format.Amps(slot.TappedAmps)}";
}
