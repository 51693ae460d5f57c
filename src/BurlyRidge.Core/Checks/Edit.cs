using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>Edits that remedies are made of; each gives the rig back unchanged where there is no such part.</summary>
internal static class Edit
{
    /// <summary>One device changed; the fuse of a line planned in short is its plan's.</summary>
    public static Rig Device(Rig rig, string id, Func<ProtectiveDevice, ProtectiveDevice> change) =>
        rig with { Protection = [.. rig.Protection.Select(device => device.Id == id ? change(device) : device)] };

    /// <summary>One relay changed.</summary>
    public static Rig Relay(Rig rig, string id, Func<Relay, Relay> change) =>
        rig with { Relays = [.. rig.Relays.Select(relay => relay.Id == id ? change(relay) : relay)] };

    /// <summary>One joint changed.</summary>
    public static Rig Joint(Rig rig, string id, Func<Joint, Joint> change) =>
        rig with { Joints = [.. rig.Joints.Select(joint => joint.Id == id ? change(joint) : joint)] };

    /// <summary>One earth changed.</summary>
    public static Rig Earth(Rig rig, string id, Func<Earth, Earth> change) =>
        rig with { Earths = [.. rig.Earths.Select(earth => earth.Id == id ? change(earth) : earth)] };

    /// <summary>One line's plan changed.</summary>
    public static Rig Plan(Rig rig, string id, Func<LinePlan, LinePlan> change) =>
        rig with { Lines = [.. rig.Lines.Select(line => line.Id == id && line.Plan is { } plan ? line with { Plan = change(plan) } : line)] };

    /// <summary>A remedy that puts a size on a run; of a line planned in short it is the line's.</summary>
    public static Remedy? Wire(string run, string? wire)
    {
        if (wire is null) return null;
        if (!RigSubject.Planned(run)) return new Remedy($"Take {wire}") { Apply = rig => TerminalFit.After(rig, rig.WithRun(run, old => old with { Wire = wire })) };
        var line = RigStates.LineOfPlanned(run);
        return new Remedy($"Take {wire} for the line") { Apply = rig => Plan(rig, line, plan => plan with { ChosenWire = wire }) };
    }

    /// <summary>A remedy that puts in another fuse and thickens what stands behind it where that must be.</summary>
    public static Remedy? Fuse(string device, Fuse? fuse) => fuse is null || RigSubject.Planned(device) ? null : new Remedy($"Take a {fuse} fuse")
    {
        Apply = rig => TerminalFit.After(rig, Beside(Device(rig, device, old => old with { Fuse = fuse }), device)),
    };

    /// <summary>A remedy that sizes one line anew.</summary>
    public static Remedy Size(Line line) => new($"Size {line.Name} anew") { Apply = rig => AutoSizer.Propose(rig, line.Id).Rig };

    /// <summary>Thickens the runs beside a device, behind it and before it where no fuse is, that its fuse asks more of.</summary>
    private static Rig Beside(Rig rig, string device)
    {
        rig = LaidRig.Of(rig).Rig;
        var study = RigStudy.Of(rig);
        foreach (var figures in study.Runs.Where(figures => figures.Devices.Concat(figures.Behind).Any(link => link.Id == device)))
        {
            var need = figures.NeededAmps(rig.HouseRules);
            if (Limits.AtLeast(figures.AmpacityAmps, need) || SizeChoice.Wire(rig, figures.Run, need) is not { } wire) continue;
            rig = rig.WithRun(figures.Run.Id, run => run with { Wire = wire.Name });
        }
        return rig;
    }
}
