using BurlyRidge.Core.Network;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does every state of the rig settle, with every lamp that is fed at its drop-out voltage?</summary>
internal static class SettlesCheck
{
    internal static readonly CheckKind Kind = new("settles", CheckWords.EveryStateSettles, CheckWords.TheNetworkSolvedInEvery);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var bad = subject.Study.Whole.Where(whole => whole.Solved.Solution is not Solution.Converged).ToList();
        if (bad.Count == 0)
        {
            yield return Kind.Result(Verdict.Holds, 0, 0, "states", CheckWords.EveryStateSettles2);
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
        Solution.BrownOut brown => CheckWords.FormatCannotBeHeldAtThe(whole.Named.Name, Names(subject, brown.Lamps)),
        Solution.Unstable unstable => CheckWords.FormatCannotShareTheVoltsThe(whole.Named.Name, Names(subject, unstable.Lamps)),
        Solution.Chatter when verdict == Verdict.Watch => CheckWords.FormatTheChargerStartsAndStops(whole.Named.Name),
        Solution.Chatter chatter => CheckWords.FormatChattersItsCoilIsFed(whole.Named.Name, Names(subject, chatter.Controllers)),
        Solution.Ambiguous between when verdict == Verdict.Watch => CheckWords.FormatLeftBetweenStartAndStop(whole.Named.Name, Names(subject, between.Controllers)),
        Solution.Ambiguous between => CheckWords.FormatLeftBetweenPullInAndDropOut(whole.Named.Name, Names(subject, between.Controllers)),
        _ => whole.Named.Name,
    }, whole.Named.Id);

    /// <summary>The first three of them.</summary>
    private static string Names(RigSubject subject, IEnumerable<string> parts) => string.Join(", ", parts.Take(3).Select(id => subject.Names[id]));
}
