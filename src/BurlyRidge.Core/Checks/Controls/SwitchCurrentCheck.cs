using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does a switch carry more than it is made for?</summary>
internal static class SwitchCurrentCheck
{
    internal static readonly CheckKind Kind = new("switch-current", "Switch carries its current",
        "A small dash switch is good for about 5 A (common practice, no source): see its print");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var contacts = subject.Study.Map.Links.Where(link => link.Needs is [Need.Position]).ToLookup(link => ((Need.Position)link.Needs[0]).Switch, StringComparer.Ordinal);
        return Finding.Report(subject.Rig.Switches.Select(part => Find(subject, part, contacts[part.Id])));
    }

    private static Finding Find(RigSubject subject, Switch part, IEnumerable<Link> contacts)
    {
        var heaviest = contacts.MaxBy(link => subject.Study.Design(link.Id).Amps);
        var (amps, element) = heaviest is null ? (0, part.Id) : (subject.Study.Design(heaviest.Id).Amps, heaviest.Id);
        var verdict = amps <= part.RatingAmps ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(element);
        return new Finding(verdict, amps / part.RatingAmps, line, () => Kind.Result(
            verdict, amps, part.RatingAmps, "A",
            $"{Format.Amps(amps)} flow through {subject.Names[part.Id]}, made for {Format.Amps(part.RatingAmps)}"
                + (verdict == Verdict.Holds ? "." : ": put a relay in the lamp current and let the switch work its coil."),
            part.Id, line, null, () => heaviest is null ? null : WithRelay(subject, part, heaviest, line)));
    }

    /// <summary>A relay before the switch, on the side that is fed; sizes follow.</summary>
    private static Remedy? WithRelay(RigSubject subject, Switch part, Link contact, string? line)
    {
        if (subject.Study.Lines.Where(line => line.Off.Harness.Has(contact.Id)).MaxBy(line => Math.Abs(line.Off.Amps(contact.Id))) is not { Source: not null } study
            || Math.Abs(study.Off.Volts(contact.A)) < subject.Volts / 2)
            return null;
        var (live, load) = study.Off.Amps(contact.Id) >= 0 ? (contact.A, contact.B) : (contact.B, contact.A);
        return new Remedy("Put a relay in, the switch working its coil")
        {
            Apply = rig => WireColours.After(rig, WholeRig.Of(RelayAlterations.Before(rig, live, load)).Resize(line).Rig),
        };
    }
}
