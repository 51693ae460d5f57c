using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does any wire lead past the contact of a relay or switch?</summary>
internal static class ContactBypassedCheck
{
    internal static readonly CheckKind Kind = new("contact-bypassed", CheckWords.NoWireLeadsPastA, CheckWords.TheWiringItself);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var map = subject.Study.Map;
        var joined = new Joined(map);
        return Finding.Report(
            from link in map.Links
            where link.Kind == LinkKind.Contact && link.Needs is [Need.Position or Need.Coil or Need.AtRest]
            group link by TerminalIndex.Split(link.Id).Part into part
            select Find(subject, part.Key, part.FirstOrDefault(link => joined.Same(link.NumberA, link.NumberB))));
    }

    private static Finding Find(RigSubject subject, string part, Link? bypassed)
    {
        var verdict = bypassed is null ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf($"{part}.contact") ?? subject.LineOf(bypassed?.Id ?? part);
        return new Finding(verdict, 0, line, () => Kind.Result(
            verdict, bypassed is null ? 1 : 0, 1, CheckKind.NoUnit,
            bypassed is null ? CheckWords.FormatNothingLeadsPastTheContacts(PartNames.Small(subject.Names[part]))
                : CheckWords.FormatAndAreJoinedByWire(subject.Names.Terminal(bypassed.A), PartNames.Small(subject.Names.Terminal(bypassed.B))),
            part, line));
    }

    /// <summary>Which terminals wires and joints alone join, the body left out.</summary>
    private sealed class Joined
    {
        private readonly int[] leader;

        public Joined(WiringMap map)
        {
            leader = [.. Enumerable.Range(0, map.Terminals.Count)];
            foreach (var link in map.Links.Where(link => link.Kind is LinkKind.Wire or LinkKind.Joint && link.NumberA != map.Body && link.NumberB != map.Body))
                leader[Of(link.NumberA)] = Of(link.NumberB);
        }

        public bool Same(int one, int other) => Of(one) == Of(other);

        private int Of(int terminal)
        {
            while (leader[terminal] != terminal) terminal = leader[terminal] = leader[leader[terminal]];
            return terminal;
        }
    }
}
