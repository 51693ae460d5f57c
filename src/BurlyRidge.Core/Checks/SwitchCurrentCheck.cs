using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>Does a switch carry more than it is made for?</summary>
internal static class SwitchCurrentCheck
{
    private static readonly Kind Kind = new("switch-current", "Switch carries its current",
        "A small dash switch is good for about 5 A (common practice, no source): see its print");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var contacts = subject.Study.Map.Links.Where(link => link.Needs is [Need.Position]).ToLookup(link => ((Need.Position)link.Needs[0]).Switch, StringComparer.Ordinal);
        return Finding.Told(subject.Rig.Switches.Where(part => !RigSubject.Planned(part.Id)).Select(part => Find(subject, part, contacts[part.Id])));
    }

    private static Finding Find(RigSubject subject, Switch part, IEnumerable<Link> contacts)
    {
        var (amps, element) = contacts.Select(link => (subject.Study.Design(link.Id).Amps, link.Id)).DefaultIfEmpty((0, part.Id)).MaxBy(pair => pair.Item1);
        var verdict = amps <= part.RatingAmps ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(element);
        return new Finding(verdict, amps / part.RatingAmps, line, () => Kind.Says(
            verdict, amps, part.RatingAmps, "A",
            $"{Say.Amps(amps)} flow through {part.Id}, made for {Say.Amps(part.RatingAmps)}"
                + (verdict == Verdict.Holds ? "." : ": put a relay in the lamp current and let the switch work its coil."),
            part.Id, line));
    }
}
