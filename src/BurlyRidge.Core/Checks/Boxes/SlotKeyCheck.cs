using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Is a tapped slot live with the key alone?</summary>
internal static class SlotKeyCheck
{
    internal static readonly CheckKind Kind = new("slot-key", "A tapped slot goes dead with the key", CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from slot in subject.Vehicle.FuseSlots
        where subject.Study.Map.RunsAt($"{slot.Id}.tap").Any()
        let verdict = slot.Feed == Feed.Ignition ? Verdict.Holds : Verdict.Watch
        select Kind.Result(verdict, slot.Feed == Feed.Ignition ? 1 : 0, 1, CheckKind.NoUnit,
            verdict == Verdict.Holds ? $"{subject.Names[slot.Id]} goes dead with the key." : $"{subject.Names[slot.Id]} is live with the key off: what is tapped from it stays on.",
            slot.Id);
}
