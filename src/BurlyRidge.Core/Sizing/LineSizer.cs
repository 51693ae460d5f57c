using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>A line with its fuse, its relay and every size of wire judged.</summary>
/// <param name="Demand">What was asked.</param>
/// <param name="ProposedFuse">The smallest standard fuse that the load allows; null where none does.</param>
/// <param name="RelayAmps">Contact rating, A at 12 V; null where no relay is needed or none is large enough.</param>
/// <param name="Ladder">Every size, thin to thick, judged with <see cref="Fuse"/>.</param>
/// <param name="Wire">The size taken: by hand, or else the first rung that holds; null where none does.</param>
public sealed record LineSizing(
    Demand Demand, Fuse? ProposedFuse, double? RelayAmps, IReadOnlyList<WireRung> Ladder, WireRung? Wire)
{
    /// <summary>The fuse taken: by hand, or else the proposal.</summary>
    public Fuse? Fuse => Demand.ChosenFuse ?? ProposedFuse;

    /// <summary>The first rung that holds, whatever was taken by hand.</summary>
    public WireRung? ProposedWire => Ladder.FirstOrDefault(rung => rung.Holds);
}

/// <summary>Chooses fuse, wire and relay for one line.</summary>
public static class LineSizer
{
    /// <summary>Sizes a line planned in short on that vehicle under those house rules.</summary>
    public static LineSizing Size(Vehicle vehicle, HouseRules rules, LinePlan plan) =>
        SizingMemory.Size(Demand.Of(vehicle, rules, plan), plan.ChosenWire is null ? null : WireTable.Find(plan.ChosenWire));

    /// <summary>Sizes what <paramref name="demand"/> asks for; <paramref name="chosenWire"/> is judged instead of the proposal.</summary>
    public static LineSizing Size(Demand demand, WireSize? chosenWire = null)
    {
        var proposedFuse = SmallestFuse(demand);
        var sizing = new LineSizing(demand, proposedFuse, RelayAmps(demand), [], null);
        var ladder = WireTable.Of(demand.Gauges).Select(wire => WireRung.Judge(demand, wire, sizing.Fuse)).ToList();
        sizing = sizing with { Ladder = ladder };
        return sizing with
        {
            Wire = chosenWire is null
                ? sizing.ProposedWire
                : ladder.Find(rung => rung.Wire == chosenWire) ?? WireRung.Judge(demand, chosenWire, sizing.Fuse),
        };
    }

    /// <summary>The wire that <see cref="Size(Demand, WireSize?)"/> would propose, found without judging the sizes above it; null where none will do.</summary>
    public static WireSize? Propose(Demand demand)
    {
        var fuse = demand.ChosenFuse ?? SmallestFuse(demand);
        return WireTable.Of(demand.Gauges).FirstOrDefault(wire => WireRung.Judge(demand, wire, fuse).Holds);
    }

    /// <summary>Whether any size will do; the thickest is asked first.</summary>
    public static bool AnyHolds(Demand demand)
    {
        var fuse = demand.ChosenFuse ?? SmallestFuse(demand);
        return WireTable.Of(demand.Gauges).Reverse().Any(wire => WireRung.Judge(demand, wire, fuse).Holds);
    }

    private static Fuse? SmallestFuse(Demand demand)
    {
        var need = demand.Limits.FuseAmpsForLoad(demand.DesignAmps);
        return FuseTable.Proposable.FirstOrDefault(fuse => Limits.AtLeast(fuse.RatingAmps, need));
    }

    private static double? RelayAmps(Demand demand)
    {
        if (!demand.NeedsRelay) return null;
        return RelayTable.ContactAmps
            .Where(rating => Limits.ContactCarries(rating, demand.DesignAmps, demand.SystemVolts))
            .Select(rating => (double?)rating)
            .FirstOrDefault();
    }
}
