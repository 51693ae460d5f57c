using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Altering;

/// <summary>Where a wire of the vehicle's own is taken.</summary>
internal static class PickUpAlterations
{
    private const double BehindMetres = 0.15;

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("pick-up-fuse", site => Behind(site).Count > 0 ? "Put a small fuse right behind it" : null, Fused),
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
        var behind = Behind(site);
        var (rig, joint) = (site.Rig, site.Station.Part);
        var fuse = FreeName.In(rig, $"{joint}-fuse");
        var first = behind[0].Ends().First(end => TerminalIndex.Split(end).Part == joint);
        string Moved(string end) => TerminalIndex.Split(end).Part == joint ? $"{fuse}.out" : end;
        var moved = behind.Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        var place = rig.Places.FirstOrDefault(place => place.Part == joint);
        return rig with
        {
            Protection = [.. rig.Protection, new ProtectiveDevice(fuse, FuseTable.AtLeast(SizeChoice.SmallestFuseAmps(rig.Vehicle.SystemVolts)), behind[0].Zones[0])],
            Runs =
            [
                .. rig.Runs.Select(run => moved.Contains(run.Id) ? run with { From = Moved(run.From), To = Moved(run.To) } : run),
                behind[0] with { Id = FreeName.In(rig, $"to-{fuse}"), From = first, To = $"{fuse}.in", LengthMetres = BehindMetres, Zones = [behind[0].Zones[0]], Lay = null, LaneCelsius = null, Fixed = false },
            ],
            Places = place is null ? rig.Places : [.. rig.Places, new Place(fuse, place.At)],
        };
    }
}
