using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is a tapped slot live with the key alone?</summary>
internal static class SlotKeyCheck
{
    internal static readonly CheckKind Kind = new("slot-key", CheckWords.ATappedSlotGoesDead, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from slot in subject.Vehicle.FuseSlots
        where subject.Study.Map.RunsAt($"{slot.Id}.tap").Any()
        let verdict = slot.Feed == Feed.Ignition ? Verdict.Holds : Verdict.Watch
        select Kind.Result(verdict, slot.Feed == Feed.Ignition ? 1 : 0, 1, CheckKind.NoUnit,
            verdict == Verdict.Holds ? CheckWords.FormatGoesDeadWithTheKey(subject.Names[slot.Id]) : CheckWords.FormatIsLiveWithTheKey(subject.Names[slot.Id]),
            slot.Id);
}
