using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does every relay contact of a wired line carry its load?</summary>
internal static class RelayContactCheck
{
    internal static readonly CheckKind Kind = new("relay-contact", "Relay carries the load",
        "Relay contacts loaded to 80 %, half their rating at 24 V (common practice, no source); a filament counts half as much again (house rule)");

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
            $"The contact of {subject.Names[relay.Id]} carries {Format.Amps(flows)}{(design > flows ? $", of filament lamps, which count as {Format.Amps(design)}" : "")}; {relay.ContactAmps} A printed are {Format.Amps(good)} at {volts} V."
                + (verdict != Verdict.Holds && larger is null ? " No relay sold is larger. Split the line in two or more, each with its own relay." : ""),
            relay.Id, line, null, () => larger is { } amps
                ? new Remedy($"Take a {amps} A relay") { Apply = rig => Edit.Relay(rig, relay.Id, old => old with { ContactAmps = amps }) }
                : null));
    }
}
