using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>What would make a line hold that no wire in the table does; each way is sized before it is offered.</summary>
public static class WayOut
{
    private const int MostLines = 8;

    /// <summary>A sentence a way, the least work first; empty where none helps.</summary>
    public static IReadOnlyList<string> Of(Demand demand, int lampCount)
    {
        var ways = new List<string>();
        if (demand.ChosenFuse is not null && Wire(demand with { ChosenFuse = null }) is { } proposed)
            ways.Add($"take the proposed fuse again: {proposed} then holds");
        if (demand.Return == ReturnPath.Body && Wire(WithWireReturn(demand)) is { } copper)
            ways.Add($"both-way copper instead of the body: {copper} then holds");
        if (Shorter(demand) is { } metres)
            ways.Add($"shorter: at most {Say.Metres(metres, demand.Units)} one way");
        if (Split(demand, lampCount) is { } split)
            ways.Add(split);
        if (demand.SystemVolts == 12 && Wire(demand with { SystemVolts = 24, ChosenFuse = null }) is { } volts)
            ways.Add($"24 V, with 24 V lamps: {volts} then holds");
        return ways;
    }

    private static string? Wire(Demand demand) => LineSizer.Propose(demand)?.ToString();

    private static Demand WithWireReturn(Demand demand) => demand with
    {
        Return = ReturnPath.Wire,
        Bundled = demand.Bundled + LinePlan.OwnConductors(ReturnPath.Wire) - LinePlan.OwnConductors(ReturnPath.Body),
    };

    /// <summary>The greatest length in m, to the decimetre below, that a wire in the table holds at.</summary>
    private static double? Shorter(Demand demand)
    {
        bool Holds(int decimetres) => LineSizer.AnyHolds(demand with { OneWayMetres = decimetres / 10.0 });
        var holds = 0;
        var fails = (int)Math.Ceiling(demand.OneWayMetres * 10);
        while (fails - holds > 1)
        {
            var middle = (holds + fails) / 2;
            if (Holds(middle)) holds = middle;
            else fails = middle;
        }
        return holds == 0 ? null : holds / 10.0;
    }

    private static string? Split(Demand demand, int lampCount)
    {
        for (var lines = 2; lines <= Math.Min(lampCount, MostLines); lines++)
        {
            var largestShare = Math.Ceiling((double)lampCount / lines) / lampCount;
            var share = LineSizer.Size(demand with { Watts = demand.Watts.Times(largestShare), ChosenFuse = null });
            if (share.ProposedWire is { } rung && (!share.Demand.NeedsRelay || share.RelayAmps is not null))
            {
                return $"split in {(lines == 2 ? "two" : lines)} lines of {Say.Amps(share.Demand.LoadAmps)}: "
                    + $"{rung.Wire} and a {share.ProposedFuse} fuse then hold on each";
            }
        }
        return null;
    }
}
