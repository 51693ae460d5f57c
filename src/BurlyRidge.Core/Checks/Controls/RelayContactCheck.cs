using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does every relay contact of a wired line carry its load?</summary>
internal static class RelayContactCheck
{
    internal static readonly CheckKind Kind = new("relay-contact", CheckWords.RelayCarriesTheLoad,
        CheckWords.RelayContactsLoadedTo80);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Rig.Relays.Select(relay => Find(subject, relay)));

    private static Finding Find(RigSubject subject, Relay relay)
    {
        var design = Math.Max(subject.Study.OnContact($"{relay.Id}.contact"), subject.Study.OnContact($"{relay.Id}.rest"));
        var volts = subject.VoltsOn(subject.Study.Map.Find($"{relay.Id}.contact")!);
        var good = RelayTable.AmpsAt(relay.ContactAmps, volts);
        var most = Limits.RelayLoadFraction * good;
        var verdict = Limits.ContactCarries(relay.ContactAmps, design, volts) ? Verdict.Holds : design < good ? Verdict.Watch : Verdict.Stop;
        var line = subject.LineOf($"{relay.Id}.contact");
        var larger = SizeChoice.Contact(volts, design);
        var flows = Math.Max(subject.Study.Design($"{relay.Id}.contact").Amps, subject.Study.Design($"{relay.Id}.rest").Amps);
        return new Finding(verdict, design / most, line, () => Kind.Result(
            verdict, design, most, "A",
            CheckWords.FormatRelayContactCarries(subject.Names[relay.Id], Format.Amps(flows), relay.ContactAmps, Format.Amps(good), volts) + (design > flows ? " " + CheckWords.FormatFilamentLampsCountAs(Format.Amps(design)) : "")
                + (verdict != Verdict.Holds && larger is null ? " " + CheckWords.NoRelaySoldIsLarger : ""),
            relay.Id, line, null, () => larger is { } amps
                ? new Remedy(CheckWords.FormatTakeAARelay(amps)) { Apply = rig => Edit.Relay(rig, relay.Id, old => old with { ContactAmps = amps }) }
                : null));
    }
}
