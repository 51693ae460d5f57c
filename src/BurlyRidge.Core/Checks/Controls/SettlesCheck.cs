using BurlyRidge.Core.Network;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does every state of the rig settle, with every lamp that is fed at its drop-out voltage?</summary>
internal static class SettlesCheck
{
    internal static readonly CheckKind Kind = new("settles", "Every state settles", "The network solved in every state that is worth judging");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var bad = subject.Study.Whole.Where(whole => whole.Solved.Solution is not Solution.Converged).ToList();
        if (bad.Count == 0)
        {
            yield return Kind.Result(Verdict.Holds, 0, 0, "states", "Every state settles.");
            yield break;
        }
        var converters = subject.Rig.Converters.Select(converter => converter.Id).ToHashSet(StringComparer.Ordinal);
        foreach (var whole in bad)
        {
            // A charger between its limits runs or rests, or does both by turns, and hurts nothing; a coil there is a fault.
            var harmless = whole.Solved.Solution switch
            {
                Solution.Ambiguous between => between.Controllers.All(converters.Contains),
                Solution.Chatter chatter => chatter.Controllers.All(converters.Contains),
                _ => false,
            };
            yield return Say(subject, harmless ? Verdict.Watch : Verdict.Stop, whole, bad.Count);
        }
    }

    private static Check Say(RigSubject subject, Verdict verdict, WholeStudy whole, int count) => Kind.Result(verdict, count, 0, "states", whole.Solved.Solution switch
    {
        Solution.BrownOut brown => $"{whole.Named.Name}: {string.Join(", ", brown.Lamps.Take(3).Select(id => subject.Names[id]))} cannot be held at the drop-out voltage. Thicker wires, a shorter way, or fewer at once.",
        Solution.Unstable unstable => $"{whole.Named.Name}: {string.Join(", ", unstable.Lamps.Take(3).Select(id => subject.Names[id]))} cannot share the volts: the one that gets less draws more, and one goes dark or burns. Wire them side by side.",
        Solution.Chatter when verdict == Verdict.Watch => $"{whole.Named.Name}: the charger starts and stops by turns, as the supply falls short when it runs.",
        Solution.Chatter chatter => $"{whole.Named.Name}: {string.Join(", ", chatter.Controllers.Take(3).Select(id => subject.Names[id]))} chatters. Its coil is fed through its own contact, or from a lamp that it dims.",
        Solution.Ambiguous between => $"{whole.Named.Name}: {string.Join(", ", between.Controllers.Take(3).Select(id => subject.Names[id]))} is left between {(verdict == Verdict.Watch ? "starting and stopping" : "pulling in and letting go")}.",
        _ => whole.Named.Name,
    }, whole.Named.Id);
}
