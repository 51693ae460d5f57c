using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is a coil on a module's wire damped?</summary>
internal static class SuppressionCheck
{
    internal static readonly CheckKind Kind = new("suppression", CheckWords.ACoilOnAModule,
        CheckWords.ACoilWithoutDiodeOr);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var wires = VehicleSignal.All(subject.Vehicle).Where(signal => signal.Lamp.ModuleDriven == true).Select(signal => signal.Turning).ToList();
        if (wires.Count == 0) return [];
        return Finding.Report(
            from relay in subject.Rig.Relays
            let ends = new[] { $"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}" }
            where ends.Any(end => wires.Any(wire => Joined(subject, end, wire)))
            select Find(subject, relay));
    }

    /// <summary>Whether wires lead from one to the other without going over the body.</summary>
    private static bool Joined(RigSubject subject, string end, string wire) => OhmPaths.From(
        subject.Study.Map, [(end, 0)], _ => 1, link => link.Kind != LinkKind.Device, terminal => terminal != subject.Study.Map.Body).Reaches(wire);

    private static Finding Find(RigSubject subject, Relay relay)
    {
        var verdict = relay.CoilDiode ? Verdict.Holds : Verdict.Watch;
        var line = subject.LineOf($"{relay.Id}.contact");
        // A diode may go in only where the coil's plus pin is the one that gets plus.
        var right = subject.Study.Lines.All(study => !study.Off.Harness.Has($"{relay.Id}.coil") || study.Off.Across($"{relay.Id}.coil") >= -0.5);
        return new Finding(verdict, 1, line, () => Kind.Result(
            verdict, relay.CoilDiode ? 1 : 0, 1, CheckKind.NoUnit,
            relay.CoilDiode ? CheckWords.FormatCoilHasItsDiode(subject.Names[relay.Id]) : CheckWords.FormatCoilHasNoDiode(subject.Names[relay.Id]),
            relay.Id, line, null, () => right
                ? new Remedy(CheckWords.TakeARelayWithA) { Apply = rig => Edit.Relay(rig, relay.Id, old => old with { CoilDiode = true }) }
                : null));
    }
}
