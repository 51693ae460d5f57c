using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Strips;

/// <summary>What is inside one element of the network that a fitter sees as two things.</summary>
/// <param name="Suffix">Behind the element's id; empty for the first.</param>
/// <param name="Share">Its part of the element's resistance, 0 to 1.</param>
internal sealed record StationSplit(StripKind Kind, string Suffix, double Share)
{
    /// <summary>A fuse and its holder, a stud and the body behind it; one for all else.</summary>
    public static IReadOnlyList<StationSplit> Of(Rig rig, Link link, StripKind kind) => kind switch
    {
        StripKind.Fuse when link.Fuse is { } fuse && rig.Protection.All(device => device.Id != link.Id || !device.Breaker) =>
            Two(StripKind.Fuse, FuseTable.WarmOhms(fuse), StripKind.Holder, "#holder", TypicalOhms.Holder),
        StripKind.Earth when rig.Earths.FirstOrDefault(earth => earth.Id == link.Id) is { Kind: EarthKind.Stud } earth =>
            Two(StripKind.Earth, earth.StudMilliohms, StripKind.Body, "#body", earth.BodyMilliohms),
        _ => [new StationSplit(kind, "", 1)],
    };

    private static IReadOnlyList<StationSplit> Two(StripKind first, double ohms, StripKind second, string suffix, double otherOhms)
    {
        var share = ohms + otherOhms > 0 ? ohms / (ohms + otherOhms) : 1;
        return [new StationSplit(first, "", share), new StationSplit(second, suffix, 1 - share)];
    }
}
