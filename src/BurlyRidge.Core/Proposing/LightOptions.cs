using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>One way to meet a wish: so many of a lamp on a mount or a pair of them.</summary>
/// <param name="Mount">Id of the mount, or of a pair the one that is named first.</param>
/// <param name="Other">Id of the pair's other; null: it stands alone.</param>
/// <param name="Lux">What it gives at the point of the target, lx; null: it is to be seen, not to see by.</param>
/// <param name="Share">That over what is wanted; 1 where nothing is to be reached.</param>
/// <param name="Watts">Of all its lamps, W.</param>
/// <param name="Price">Of all its lamps, in the workshop's money.</param>
/// <param name="Card">How they go there; of a pair, the worse of the two.</param>
public sealed record LightOption(string Mount, string? Other, CatalogueLamp Lamp, int Count, double? Lux, double Share, double Watts, double Price, FitCard Card);

/// <summary>All the ways to meet a wish.</summary>
/// <param name="All">Those that give enough first, the cheapest of them first; then by light, most first.</param>
/// <param name="WhyNone">Why there is none; empty where there is one.</param>
public sealed record LightOptions(IReadOnlyList<LightOption> All, string WhyNone)
{
    /// <summary>The most lamps in a row on one mount that a proposal goes to.</summary>
    private const int MostInRow = 4;

    /// <summary>Markers in a grille come in threes at least (common practice, no source).</summary>
    private const int Markers = 3;

    /// <summary>A lamp of no more is one to be seen by, W; and a strip for a room, W (common practice, no source).</summary>
    private const double MarkerWatts = 5, StripWatts = 15;

    /// <summary>Looks at every lamp of the catalogue on every mount that suits and is free.</summary>
    /// <param name="rig">A valid rig; without a body there is nowhere to fit anything.</param>
    public static LightOptions Of(Rig rig, Wish wish, IReadOnlyList<CatalogueLamp> catalogue)
    {
        if (rig.Body is not { } body) return new([], ProposingWords.NoVehicleIsChosen);
        var taken = rig.Places.Where(place => rig.Fixtures.Any(lamp => lamp.Id == place.Part)).Select(place => place.At).ToHashSet(StringComparer.Ordinal);
        var sites = Sites.Of(body, wish.Light);
        var free = sites.Where(site => !taken.Contains(site.Mount.Id) && !taken.Contains(site.Other?.Id ?? "")).ToList();
        var suited = catalogue.Where(lamp => lamp.Fixture.Body is not null && Suits(lamp.Fixture, wish.Light)).ToList();
        var lit = suited.Where(lamp => lamp.Fixture.Functions[0].StandsUpTo() >= rig.Vehicle.SystemVolts).ToList();
        var options = (from site in free from lamp in lit from option in On(site, lamp, wish, rig.HouseRules.Units) select option).ToList();
        return new(
            [
                .. options.OrderBy(option => option.Share < 1).ThenBy(option => option.Share < 1 ? -option.Share : option.Price)
                    .ThenBy(option => option.Mount, StringComparer.Ordinal).ThenBy(option => option.Lamp.Fixture.Id, StringComparer.Ordinal).ThenBy(option => option.Count),
            ],
            options.Count > 0 ? ""
            : sites.Count == 0 ? ProposingWords.NoMountOfThisBody
            : free.Count == 0 ? ProposingWords.FormatEveryMountIsTaken(Format.And(sites.Select(site => site.Mount.Name)))
            : suited.Count == 0 ? ProposingWords.NoLampIsOfThatKind
            : lit.Count == 0 ? ProposingWords.FormatNoLampStandsUpTo(rig.Vehicle.SystemVolts)
            : ProposingWords.FormatNoLampGoesOn(Format.And(free.Select(site => site.Mount.Name))));
    }

    private static bool Suits(Fixture lamp, LightWanted light) => light switch
    {
        LightWanted.GrilleMarker => lamp.Functions[0].Power <= MarkerWatts,
        LightWanted.Inside => lamp.Functions[0].Power is > MarkerWatts and <= StripWatts,
        _ => lamp.Functions[0].Power > StripWatts,
    };

    private static IEnumerable<LightOption> On(Site site, CatalogueLamp lamp, Wish wish, UnitSystem units)
    {
        var target = LightTarget.Of(wish);
        var (least, most) = site.Other is not null ? (2, 2) : wish.Light == LightWanted.GrilleMarker ? (Markers, Markers) : (1, MostInRow);
        var mounted = new MountedLamp(lamp.Fixture.Id, lamp.Fixture.Body!, lamp.Fixture.Bracket);
        var shape = StandIn.Of(lamp.Fixture.Functions[0], lamp.Fixture.Body, site.Facing, new Dictionary<string, TableLight>()).Shape;
        for (var count = least; count <= most; count++)
        {
            var card = site.Other is { } other
                ? new[] { LampFit.Of(site.Mount, mounted, units), LampFit.Of(other, mounted, units) }.MaxBy(one => one.Verdict)!
                : LampFit.Of(site.Mount, [.. Enumerable.Range(1, count).Select(i => mounted with { Id = $"{mounted.Id}-{i}" })], units);
            if (card.Verdict == Verdict.Stop) yield break;
            var lux = target?.Given(shape, count, 1 - site.Mount.SlatsFraction);
            yield return new LightOption(
                site.Mount.Id, site.Other?.Id, lamp, count, lux, lux is { } given && target is { } asked ? given / asked.Lux : 1,
                count * lamp.Fixture.Functions.Sum(function => function.Power), count * lamp.Price, card);
        }
    }
}
