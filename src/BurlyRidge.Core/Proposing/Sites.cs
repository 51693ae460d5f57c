using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>Where a light can be fitted.</summary>
/// <param name="Mount">The mount, or of a pair the one that is named first.</param>
/// <param name="Other">The other one of the pair; null: it stands alone.</param>
/// <param name="Facing">Which way lamps on it look.</param>
public sealed record Site(Mount Mount, Mount? Other, Facing Facing)
{
    /// <summary>What a fitter calls it.</summary>
    public string Name => Other is not { } other ? Mount.Name : ProposingWords.FormatPairOfMounts(Mount.Name, Shared(Mount.Name, other.Name) is { } said ? other.Name[said..] : other.Name);

    /// <summary>Holes that are drilled for lamps on it.</summary>
    public int Holes => Both.Sum(mount => mount.HolesToDrill ?? 0);

    /// <summary>Whether something has to be cut for them.</summary>
    public bool Cuts => Both.Any(mount => mount.Cut);

    /// <summary>Whether lamps on it are seen when they are off; where nobody said, they are.</summary>
    public bool Seen => Both.Any(mount => mount.Shows is not Shows.Hidden);

    /// <summary>What comes off for it.</summary>
    public IReadOnlyList<string> Covers => [.. Both.SelectMany(mount => mount.Covers).Select(cover => cover.What).Distinct(StringComparer.OrdinalIgnoreCase)];

    /// <summary>How many letters of a pair's second name its first has said: up to their sides; null: they are called differently.</summary>
    private static int? Shared(string one, string other) =>
        one.LastIndexOf(", ", StringComparison.Ordinal) is > 0 and var comma && other.StartsWith(one[..(comma + 2)], StringComparison.Ordinal) ? comma + 2 : null;

    private IReadOnlyList<Mount> Both => Other is { } other ? [Mount, other] : [Mount];
}

/// <summary>Which mounts of a body suit a light, by where they are and which way they look.</summary>
public static class Sites
{
    /// <summary>So far from the middle, as a share of half the width, a mount ahead lights the verge and no longer the road.</summary>
    private const double AtTheSide = 0.65;

    /// <summary>So near, m, a mount is at a station.</summary>
    private const double Near = 0.5;

    /// <summary>Below this share of the height it is out of the way of who loads.</summary>
    private const double Low = 0.65;

    /// <summary>Every site that suits, in the order of the body's mounts, each pair once.</summary>
    public static IReadOnlyList<Site> Of(Body body, LightWanted light) =>
    [
        .. from mount in body.Mounts
           let other = body.Mounts.FirstOrDefault(one => one.Id == mount.PairOf)
           where other is null || body.Mounts.TakeWhile(one => one.Id != mount.Id).All(one => one.Id != other.Id)
           let site = new Site(mount, other, PlacedLamp.Looks(body, mount))
           where Suits(body, site, light)
           select site,
    ];

    private static bool Suits(Body body, Site site, LightWanted light)
    {
        var mount = site.Mount;
        var aside = Math.Abs(mount.At.Right) / (body.Size.WidthMetres / 2);
        var height = mount.At.Up / body.Size.HeightMetres;
        // Under the roof or the head of an opening, between the pillars.
        var within = !Bodies.GenericBody.HasTray(body.Kind) && height is > Low and < 1 && mount.At.Back > body.Size.BonnetMetres && aside < AtTheSide;
        return light switch
        {
            LightWanted.FarAhead or LightWanted.WideAhead => site.Facing == Facing.Ahead && aside < AtTheSide && !within,
            LightWanted.Verge or LightWanted.Cornering => site.Facing == Facing.Ahead && aside >= AtTheSide && site.Other is not null,
            LightWanted.BackingUp => site.Facing == Facing.Astern && !within && !OverTray(body, mount) && !At(body, mount, StationKind.TowSocket),
            LightWanted.RoundTheBed => OverTray(body, mount) || site.Facing is Facing.Left or Facing.Right || (site.Facing == Facing.Astern && height >= 1),
            LightWanted.LoadingSide => site.Facing is Facing.Left or Facing.Right || within || OverTray(body, mount),
            LightWanted.AtTheHitch => At(body, mount, StationKind.TowSocket) || (site.Facing == Facing.Astern && height < Low && !OverTray(body, mount)),
            LightWanted.GrilleMarker => mount.Openings is not null || At(body, mount, StationKind.FrontLamps),
            LightWanted.Inside => within,
            _ => false,
        };
    }

    private static bool OverTray(Body body, Mount mount) => Bodies.GenericBody.HasTray(body.Kind)
        && mount.At.Back > body.Size.BonnetMetres + body.Size.CabMetres && mount.At.Back < body.Size.LengthMetres - Near;

    private static bool At(Body body, Mount mount, StationKind kind) => body.Stations.Any(station => station.Kind == kind && station.Id == mount.Station);
}
