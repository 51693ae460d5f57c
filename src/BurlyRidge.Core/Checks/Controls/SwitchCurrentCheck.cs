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
    internal static readonly CheckKind Kind = new("switch-current", CheckWords.SwitchCarriesItsCurrent,
        CheckWords.ASmallDashSwitchIs);

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
            (good < part.RatingAmps
                ? CheckWords.FormatSwitchCarriesAtVolts(Format.Amps(amps), subject.Names[part.Id], Format.Amps(good), subject.Volts)
                : CheckWords.FormatSwitchCarries(Format.Amps(amps), subject.Names[part.Id], Format.Amps(good)))
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.PutARelayInThe),
            part.Id, line, null, () => heaviest is null ? null : WithRelay(subject, part, heaviest, line)));
    }

    /// <summary>A relay before the switch, on the side that is fed; sizes follow.</summary>
    private static Remedy? WithRelay(RigSubject subject, Switch part, Link contact, string? line)
    {
        if (subject.Study.Lines.Where(line => line.Off.Harness.Has(contact.Id)).MaxBy(line => Math.Abs(line.Off.Amps(contact.Id))) is not { Source: not null } study
            || Math.Abs(study.Off.Volts(contact.A)) < subject.Volts / 2)
            return null;
        var (live, load) = study.Off.Amps(contact.Id) >= 0 ? (contact.A, contact.B) : (contact.B, contact.A);
        return new Remedy(CheckWords.PutARelayInTheSwitch)
        {
            Apply = rig => WireColours.After(rig, WholeRig.Of(RelayAlterations.Before(rig, live, load)).Resize(line).Rig),
        };
    }
}
