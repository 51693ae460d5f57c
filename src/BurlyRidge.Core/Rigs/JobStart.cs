using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>What of one job the next of the same kind starts from.</summary>
public static class JobStart
{
    /// <summary>The plan, the vehicle's places and where its wires were found; what was measured, proven and accepted was so of the other vehicle.</summary>
    public static Rig Like(Rig rig) => rig with
    {
        ToStandard = false,
        OnVehicle = [],
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

    /// <summary>The vehicle as it was handed over, to be worked on again: what is on it is there, its slots, leads, taps, studs and earths are taken.</summary>
    public static Rig Again(Rig rig) => rig with
    {
        Lines = [.. rig.Lines.Select(line => line with { Existing = true })],
        OnVehicle = [.. rig.Runs.Select(run => run.Id).Concat(Rig.Lists.Where(list => list.Path.Length > 0 && !list.Path.StartsWith("vehicle.", StringComparison.Ordinal)).SelectMany(list => list.Of(rig)).OfType<IPart>().Select(part => part.Id)).Distinct()],
        ToStandard = false,
    };

    /// <summary>The same, all of it to come off.</summary>
    public static Rig ToStandard(Rig rig) => rig with { Lines = [.. rig.Lines.Select(line => line with { Existing = false })], OnVehicle = [], ToStandard = true };

    private static SignalLamp? Unproven(SignalLamp? lamp) => lamp is null ? null : lamp with { Wires = Unproven(lamp.Wires) };

    private static IReadOnlyList<FoundWire> Unproven(IReadOnlyList<FoundWire> wires) => [.. wires.Select(wire => wire with { ProvenOn = "" })];
}
