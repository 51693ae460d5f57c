using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does a switch carry more than it is made for?</summary>
internal static class SwitchCurrentCheck
{
    internal static readonly CheckKind Kind = new("switch-current", "Switch carries its current",
        "A small dash switch is good for about 5 A, at 24 V for half of its print; a filament counts half as much again (common practice, house rule): see its print");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var contacts = subject.Study.Map.Links.Where(link => link.Needs is [Need.Position]).ToLookup(link => ((Need.Position)link.Needs[0]).Switch, StringComparer.Ordinal);
        return Finding.Report(subject.Rig.Switches.Select(part => Find(subject, part, contacts[part.Id])));
    }

    private static Finding Find(RigSubject subject, Switch part, IEnumerable<Link> contacts)
    {
        var heaviest = contacts.MaxBy(link => subject.Study.OnContact(link.Id));
        var (amps, element) = heaviest is null ? (0, part.Id) : (subject.Study.OnContact(heaviest.Id), heaviest.Id);
        var good = RelayTable.AmpsAt(part.RatingAmps, heaviest is null ? subject.Vehicle.SystemVolts : subject.VoltsOn(heaviest));
        var verdict = Limits.AtLeast(good, amps) ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf(element);
        return new Finding(verdict, amps / good, line, () => Kind.Result(
            verdict, amps, good, "A",
            $"{Format.Amps(amps)} flow through {subject.Names[part.Id]}, made for {Format.Amps(good)}{(good < part.RatingAmps ? $" at {subject.Volts} V" : "")}"
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
