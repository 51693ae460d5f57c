using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>The wires that one line alone needs.</summary>
internal static class LineWires
{
    /// <summary>Of a line in full wiring; none where there is no such line.</summary>
    public static IReadOnlyList<Run> Of(Rig rig, string lineId)
    {
        if (LineRemoval.Of(rig, lineId) is not { } without) return [];
        var left = without.Rig.Runs.Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        return [.. rig.Runs.Where(run => !left.Contains(run.Id))];
    }
}
