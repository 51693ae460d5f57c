using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>A rig that a plan is being put into.</summary>
/// <param name="Own">Lines of the plan so far: they are sized again where a later one makes it necessary; what stood before stays.</param>
internal sealed record Building(Rig Rig, AssessedRig Assessed, IReadOnlyList<string> Own)
{
    /// <summary>Begins on a valid rig.</summary>
    public static Building On(Rig rig, Trade trade, CancellationToken cancellation) => new(rig, AssessedRig.Of(rig, sizes: trade.Sizes, cancellation: cancellation), []);

    /// <summary>How many checks stop it.</summary>
    public int Stops => Assessed.Assessment.Tally.Stop;

    /// <summary>Lines are put in from the front to the rear, so that outputs and slots follow one another as their lamps do.</summary>
    public static double Order(Rig rig, string mount) => rig.Body?.Mounts.FirstOrDefault(other => other.Id == mount)?.At.Back ?? double.MaxValue;

    /// <summary>The same with one line more, and what was done; null where it cannot be built.</summary>
    public (Building Building, BuiltLine Line)? With(PlannedLight planned, Trade trade, CancellationToken cancellation)
    {
        if (planned.Build(Rig, trade.Lamps, trade.Kits, trade.Sizes, cancellation) is not { } line) return null;
        return (Settled(Thinned(line.Rig, line.LineId, trade, cancellation), [.. Own, line.LineId], trade, cancellation), line);
    }

    /// <summary>Gives a box that came with the plan its outputs from the front to the rear, where that holds.</summary>
    public Building Finished(Rig before, Trade trade, CancellationToken cancellation)
    {
        if (before.PowerBoxes.Count > 0 || Rig.PowerBoxes.Count == 0) return this;
        var assigned = Settled(WholeRig.Of(Rig, trade.Sizes, cancellation).AssignOutputs(cancellation).Rig, Own, trade, cancellation);
        return assigned.Stops > Stops ? this : assigned;
    }

    /// <summary>A coil's wire that is as thick as the vehicle's own fuse asks gets a small fuse where the signal is picked up, and stays thin.</summary>
    private static Rig Thinned(Rig rig, string line, Trade trade, CancellationToken cancellation)
    {
        var thick = rig.Joints.Where(joint => PickUpFuse.Unfused(rig, joint.Id).Any(run => WireTable.Find(run.Wire)?.CopperSquareMillimetres > ControlSquareMillimetres)).Select(joint => joint.Id).ToList();
        return thick.Count == 0 ? rig : WholeRig.Of(thick.Aggregate(rig, PickUpFuse.At), trade.Sizes, cancellation).Resize(line, cancellation: cancellation).Rig;
    }

    /// <summary>The most copper of a wire to a coil or a switch, mm² (common practice, no source).</summary>
    private const double ControlSquareMillimetres = 1;

    /// <summary>What lies in one harness with more wires carries less than it was sized for: the plan's own lines are sized again where that stops it.</summary>
    private Building Settled(Rig rig, IReadOnlyList<string> own, Trade trade, CancellationToken cancellation)
    {
        var next = new Building(rig, AssessedRig.Of(rig, sizes: trade.Sizes, cancellation: cancellation), own);
        if (next.Stops <= Stops) return next;
        var sized = own.Aggregate(rig, (one, line) => WholeRig.Of(one, trade.Sizes, cancellation).Resize(line, cancellation: cancellation).Rig);
        return next with { Rig = sized, Assessed = AssessedRig.Of(sized, sizes: trade.Sizes, cancellation: cancellation) };
    }
}
