using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>Pick-ups that several lines take a signal from.</summary>
internal static class SharedPickUp
{
    /// <summary>A free terminal of a pick-up that is there already on a terminal of the vehicle; null where there is none.</summary>
    /// <param name="kind">What the joint has to be; null: anything.</param>
    public static string? On(Rig rig, string terminal, JointKind? kind = null)
    {
        var beside = rig.Runs.Where(run => run.Ends().Contains(terminal)).SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        if (rig.Joints.FirstOrDefault(joint => joint.PickUp is not null && (kind is null || joint.Kind == kind) && beside.Contains(joint.Id)) is not { } found) return null;
        var taken = rig.Runs.SelectMany(run => run.Ends()).Where(end => TerminalIndex.Split(end).Part == found.Id).ToHashSet(StringComparer.Ordinal);
        return Enumerable.Range(1, taken.Count + 1).Select(i => $"{found.Id}.b{(i == 1 ? "" : i)}").First(end => !taken.Contains(end));
    }
}
