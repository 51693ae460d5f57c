namespace BurlyRidge.Core.Altering;

/// <summary>Where a wire of the vehicle's own is taken.</summary>
internal static class PickUpAlterations
{
    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("pick-up-fuse", site => PickUpFuse.Unfused(site.Rig, site.Station.Part).Count > 0 ? EditWords.PutASmallFuseRight : null, site => PickUpFuse.At(site.Rig, site.Station.Part)),
    ];
}
