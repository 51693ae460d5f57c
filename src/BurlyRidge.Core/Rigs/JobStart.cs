using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>What of one job the next of the same kind starts from.</summary>
public static class JobStart
{
    /// <summary>The plan, the vehicle's places and where its wires were found; what was measured, proven and accepted was so of the other vehicle.</summary>
    public static Rig Like(Rig rig) => rig with
    {
        Fixtures = [.. rig.Fixtures.Select(lamp => lamp with { Measured = null })],
        Runs = [.. rig.Runs.Select(run => run.Lay is { MeasuredMetres: not null } lay ? run with { Lay = lay with { MeasuredMetres = null } } : run)],
        Joints = [.. rig.Joints.Select(joint => joint with { Milliohms = null })],
        Lines = [.. rig.Lines.Select(line => line with { Existing = false, Plan = line.Plan is { Lay: { } lay } plan ? plan with { Lay = lay with { Lay = lay.Lay with { MeasuredMetres = null } } } : line.Plan })],
        Accepted = [],
        Vehicle = rig.Vehicle with
        {
            HighBeam = Unproven(rig.Vehicle.HighBeam)!,
            Reverse = Unproven(rig.Vehicle.Reverse)!,
            SideLight = Unproven(rig.Vehicle.SideLight)!,
            LowBeam = Unproven(rig.Vehicle.LowBeam),
            BrakeLamp = Unproven(rig.Vehicle.BrakeLamp),
            IndicatorLeft = Unproven(rig.Vehicle.IndicatorLeft),
            IndicatorRight = Unproven(rig.Vehicle.IndicatorRight),
            IgnitionWires = Unproven(rig.Vehicle.IgnitionWires),
        },
    };

    private static SignalLamp? Unproven(SignalLamp? lamp) => lamp is null ? null : lamp with { Wires = Unproven(lamp.Wires) };

    private static IReadOnlyList<FoundWire> Unproven(IReadOnlyList<FoundWire> wires) => [.. wires.Select(wire => wire with { ProvenOn = "" })];
}
