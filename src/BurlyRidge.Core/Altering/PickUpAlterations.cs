using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>Where a wire of the vehicle's own is taken.</summary>
internal static class PickUpAlterations
{
    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("pick-up-fuse", site => Behind(site).Count > 0 ? EditWords.PutASmallFuseRight : null, Fused),
    ];

    /// <summary>Wires that leave a pick-up and are behind no fuse yet; none where the joint is no pick-up.</summary>
    private static List<Run> Behind(AlterSite site)
    {
        if (site.Rig.Joints.FirstOrDefault(joint => joint.Id == site.Station.Part) is not { PickUp: not null } joint) return [];
        return [.. site.Rig.Runs.Where(run => Ends(run).Contains(joint.Id) && !Ends(run).Any(part => VehicleSignal.Names.Contains(part) || site.Rig.Protection.Any(device => device.Id == part)))];
    }

    private static IEnumerable<string> Ends(Run run) => run.Ends().Select(end => TerminalIndex.Split(end).Part);

    private static Rig Fused(AlterSite site)
    {
        var (rig, joint) = (site.Rig, site.Station.Part);
        return PickUpFuse.Before(rig, Behind(site), end => TerminalIndex.Split(end).Part == joint, $"{joint}-fuse", rig.Places.FirstOrDefault(place => place.Part == joint)?.At);
    }
}
