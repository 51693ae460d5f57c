using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Wires, plugs and joints.</summary>
internal static class WireFaults
{
    /// <summary>A few strands that are left, or a pin that hardly touches, Ω (assumed, no source).</summary>
    private const double PinchedOhms = 0.5;

    /// <summary>Water between the halves of a contact, Ω.</summary>
    private const double WetOhms = 10e6;

    /// <summary>Two wires whose insulation is gone, Ω (assumed, no source).</summary>
    private const double TouchingOhms = 0.05;

    public static IReadOnlyList<FaultKind> Kinds { get; } =
    [
        new("wire-open", part => FaultWords.FormatWireOpen(part), rig => rig.Runs.Select(run => new FaultSite(run.Id, new Fault.Open(run.Id)))),
        new("wire-pinched", part => FaultWords.FormatWirePinched(part), rig => rig.Runs.Select(run => new FaultSite(run.Id, new Fault.AddedResistance(run.Id, PinchedOhms)))),
        new("wire-chafed", part => FaultWords.FormatWireChafed(part), rig => rig.Runs.Where(run => !IsEarth(rig, run)).Select(run => new FaultSite(run.Id, new Fault.ShortToEarth(run.To)))),
        new("plug-open", part => FaultWords.FormatPlugOpen(part), rig => rig.Joints.Where(joint => joint.Kind == JointKind.Plug).Select(joint => new FaultSite(joint.Id, [.. Ends(rig, joint).Skip(1).Select(end => new Fault.Open($"{end}.half"))]))),
        new("joint-loose", part => FaultWords.FormatJointLoose(part), rig => rig.Joints.Where(joint => joint.Kind != JointKind.Cap).Select(joint => new FaultSite(joint.Id, [.. Ends(rig, joint).Skip(1).Take(1).Select(end => new Fault.AddedResistance($"{end}.half", PinchedOhms))]))),
        new("tap-let-go", part => FaultWords.FormatTapLetGo(part), rig => rig.Joints.Where(joint => joint.PickUp is not null).Select(joint => new FaultSite(joint.Id, [.. Ends(rig, joint).Where(end => !IsOfVehicle(rig, joint, end)).Select(end => new Fault.Open($"{end}.half"))]))),
        new("plug-crossed", part => FaultWords.FormatPlugCrossed(part), rig =>
            from joint in rig.Joints
            where joint.Kind == JointKind.Plug && joint.Housing.Length > 0
            from other in rig.Joints
            where other.Housing == joint.Housing && string.CompareOrdinal(joint.Id, other.Id) < 0
            select new FaultSite(joint.Id) { Alter = rigBefore => Crossed(rigBefore, joint, other) }),
        new("wet-contact", part => FaultWords.FormatWetContact(part), rig =>
        [
            .. rig.Relays.Select(relay => new FaultSite(relay.Id, new Fault.Bridge($"{relay.Id}.{relay.Pinout.Common}", $"{relay.Id}.{relay.Pinout.Open}", WetOhms))),
            .. from own in rig.Switches
               from pair in own.Positions.SelectMany(position => position.Joins).Take(1)
               select new FaultSite(own.Id, new Fault.Bridge($"{own.Id}.{pair.A}", $"{own.Id}.{pair.B}", WetOhms)),
        ]),
        new("wires-touch", part => FaultWords.FormatWiresTouch(part), rig => rig.Fixtures.Zip(rig.Fixtures.Skip(1)).Where(pair => pair.First.Functions[0].Plus is var one && Rewiring.Wired(rig, $"{pair.First.Id}.{one}") && Rewiring.Wired(rig, $"{pair.Second.Id}.{pair.Second.Functions[0].Plus}"))
            .Select(pair => new FaultSite(pair.First.Id, new Fault.Bridge($"{pair.First.Id}.{pair.First.Functions[0].Plus}", $"{pair.Second.Id}.{pair.Second.Functions[0].Plus}", TouchingOhms)))),
    ];

    private static IEnumerable<string> Ends(Rig rig, Joint joint) => rig.Runs.SelectMany(run => run.Ends()).Where(end => TerminalIndex.Split(end).Part == joint.Id).Distinct();

    private static bool IsOfVehicle(Rig rig, Joint joint, string end) =>
        rig.Runs.Any(run => run.Ends().Contains(end) && run.Ends().Any(other => TerminalIndex.Split(other).Part != joint.Id && VehicleSignal.Names.Contains(TerminalIndex.Split(other).Part)));

    /// <summary>The far ends of two ways of one housing changed over.</summary>
    private static Rig Crossed(Rig rig, Joint one, Joint other)
    {
        var (a, b) = (Ends(rig, one).Skip(1).FirstOrDefault(), Ends(rig, other).Skip(1).FirstOrDefault());
        return a is null || b is null ? rig : Rewiring.Swap(rig, a, b);
    }

    /// <summary>A wire that lies on the body anyway, at one of its ends.</summary>
    private static bool IsEarth(Rig rig, Run run) => run.Ends().Select(end => TerminalIndex.Split(end).Part).Any(part => part == Vehicle.Body || rig.Earths.Any(earth => earth.Id == part));
}
