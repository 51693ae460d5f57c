using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

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

    /// <summary>A remedy that puts a size on a run; a quick plan takes its proposal again.</summary>
    public static Remedy? Wire(RigSubject subject, string run, string? wire) =>
        subject.Whole.QuickLineOf(run) is { } quick ? UseProposal(subject, quick)
        : wire is null || !subject.IsSized(run) ? null
        : new Remedy(CheckWords.FormatTake(wire)) { Apply = rig => TerminalFit.After(rig, rig.WithRun(run, old => old with { Wire = wire })) };

    /// <summary>A remedy that gives up what was chosen of a quick plan; null where nothing was.</summary>
    private static Remedy? UseProposal(RigSubject subject, string lineId) => subject.Saved.Lines.First(line => line.Id == lineId).Plan is { ChosenWire: null, ChosenFuse: null }
        ? null
        : new Remedy(CheckWords.UseTheProposal) { Apply = rig => Plan(rig, lineId, old => old with { ChosenWire = null, ChosenFuse = null }), OfPlan = true };

    /// <summary>A remedy that puts in another fuse and thickens what stands behind it where that must be.</summary>
    public static Remedy? Fuse(RigSubject subject, string device, Fuse? fuse) =>
        subject.Whole.QuickLineOf(device) is { } quick ? UseProposal(subject, quick)
        : fuse is null || !WiresFit(subject, device, fuse) ? null
        : new Remedy(CheckWords.FormatTakeAFuse(fuse)) { Apply = rig => TerminalFit.After(rig, Beside(Device(rig, device, old => old with { Fuse = fuse }), device)) };

    /// <summary>Whether the wires that another fuse asks for go into the blade terminals that they end in: where they do not, it cures nothing.</summary>
    private static bool WiresFit(RigSubject subject, string device, Fuse fuse)
    {
        var blades = BladeTerminals.PartsOf(subject.Saved);
        return !subject.Study.Runs
            .Where(figures => figures.Devices.Concat(figures.Behind).Any(link => link.Id == device) && figures.Run.Ends().Any(end => blades.Contains(TerminalIndex.Split(end).Part)))
            .Any(figures => figures.FuseNeedWith(link => link.Id == device ? fuse : link.Fuse!) is var need && !Limits.AtLeast(figures.AmpacityAmps, need)
                && SizeChoice.Wire(subject.Saved, figures.Run, need)?.CopperSquareMillimetres > Limits.TerminalSquareMillimetres);
    }

    /// <summary>A remedy that sizes one line anew; a quick plan takes its proposal again.</summary>
    public static Remedy? Size(RigSubject subject, Line line) => subject.Whole.Quick.ContainsKey(line.Id)
        ? UseProposal(subject, line.Id)
        : new Remedy(CheckWords.FormatResize(line.Name)) { Apply = rig => WholeRig.Of(rig).Resize(line.Id).Rig };

    /// <summary>A small fuse right where a wire of the vehicle's own is taken; what hangs on it stands behind that then.</summary>
    public static Rig PickUpFuse(Rig rig, string terminal)
    {
        var taken = rig.Runs.Where(run => run.From == terminal || run.To == terminal).ToList();
        if (taken.Count == 0 || taken.TrueForAll(run => rig.Protection.Any(device => TerminalIndex.Split(run.From == terminal ? run.To : run.From).Part == device.Id))) return rig;
        return Altering.PickUpFuse.Before(rig, taken, end => end == terminal, "pick-up-fuse", PartLocations.Of(rig).OfTerminal(terminal));
    }

    /// <summary>Thickens the runs beside a device, behind it and before it where no fuse is, that its fuse asks more of.</summary>
    private static Rig Beside(Rig rig, string device)
    {
        rig = RoutedRig.Of(rig).Rig;
        var study = WholeRig.StudyOfFull(rig);
        foreach (var figures in study.Runs.Where(figures => figures.Devices.Concat(figures.Behind).Any(link => link.Id == device)))
        {
            var need = figures.NeededAmps(rig.HouseRules);
            if (Limits.AtLeast(figures.AmpacityAmps, need) || SizeChoice.Wire(rig, figures.Run, need) is not { } wire) continue;
            rig = rig.WithRun(figures.Run.Id, run => run with { Wire = wire.Name });
        }
        return rig;
    }
}
