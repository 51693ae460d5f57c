using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>One way to meet a wish: so many of a lamp on a mount or a pair of them.</summary>
/// <param name="Mount">Id of the mount, or of a pair the one that is named first.</param>
/// <param name="Other">Id of the pair's other; null: it stands alone.</param>
/// <param name="At">What the place is called.</param>
/// <param name="Lamp">As the catalogue has it, with the bracket that it needs here.</param>
/// <param name="Lux">What it gives at the point of the target, lx; null: it is to be seen, not to see by.</param>
/// <param name="Share">That over what is wanted; 1 where nothing is to be reached.</param>
/// <param name="Watts">Of all its lamps, W.</param>
/// <param name="Price">Of all its lamps, in the workshop's money.</param>
/// <param name="Holes">That are drilled for it.</param>
/// <param name="Covers">That come off for it.</param>
/// <param name="Card">How they go there; of a pair, the worse of the two.</param>
public sealed record LightOption(
    string Mount, string? Other, string At, CatalogueLamp Lamp, int Count, double? Lux, double Share, double Watts, double Price, int Holes, IReadOnlyList<string> Covers, FitCard Card)
{
    /// <summary>Ids of lamps that have to go somewhere else for it.</summary>
    public IReadOnlyList<string> Moves { get; init; } = [];

    /// <summary>Light of all its lamps, lm.</summary>
    public double Lumens => Count * Lamp.Lumens;

    /// <summary>How far it stands out, mm.</summary>
    public double ProudMillimetres => Math.Max(0, Card.Stance?.MiddleProudMillimetres ?? 0);

    /// <summary>The mounts that it takes.</summary>
    public IReadOnlyList<string> Mounts() => Other is { } other ? [Mount, other] : [Mount];
}

/// <summary>All the ways to meet a wish.</summary>
/// <param name="All">Those that give enough first, the cheapest of them first; then by light, most first.</param>
/// <param name="WhyNone">Why there is none, and what would have to give; empty where there is one.</param>
public sealed record LightOptions(IReadOnlyList<LightOption> All, string WhyNone)
{
    /// <summary>The most lamps in a row on one mount that a proposal goes to.</summary>
    private const int MostInRow = 4;

    /// <summary>Markers in a grille come in threes (common practice, no source).</summary>
    private const int Markers = 3;

    /// <summary>A lamp of no more is one to be seen by, W; and a strip for a room, W (common practice, no source).</summary>
    private const double MarkerWatts = 5, StripWatts = 15;

    /// <summary>Looks at every lamp of the catalogue on every mount that suits, is free, and is as the customer asks.</summary>
    /// <param name="rig">A valid rig; without a body there is nowhere to fit anything.</param>
    public static LightOptions Of(Rig rig, Wish wish, IReadOnlyList<CatalogueLamp> catalogue)
    {
        if (rig.Body is not { } body) return new([], ProposingWords.NoVehicleIsChosen);
        var sites = Sites.Of(body, wish.Light);
        if (sites.Count == 0) return new([], ProposingWords.NoMountOfThisBody);
        var standing = rig.Places.Where(place => rig.Fixtures.Any(lamp => lamp.Id == place.Part)).ToLookup(place => place.At, place => place.Part, StringComparer.Ordinal);
        var free = sites.Where(site => On(standing, site).All(rig.Wishes.MayMove.Contains)).ToList();
        if (free.Count == 0) return new([], ProposingWords.FormatEveryMountIsTaken(Format.And(sites.Select(site => site.Name))));
        var (allowed, gives) = Conditions.Allowed(free, rig.Wishes);
        if (allowed.Count == 0) return new([], gives);
        var suited = catalogue.Where(lamp => lamp.Fixture.Body is not null && Suits(lamp.Fixture, wish.Light)).ToList();
        if (suited.Count == 0) return new([], ProposingWords.NoLampIsOfThatKind);
        var lit = suited.Where(lamp => lamp.Fixture.Functions[0].StandsUpTo() >= rig.Vehicle.SystemVolts).ToList();
        if (lit.Count == 0) return new([], ProposingWords.FormatNoLampStandsUpTo(rig.Vehicle.SystemVolts));
        var brackets = catalogue.Select(lamp => lamp.Fixture.Bracket).OfType<Bracket>().DistinctBy(bracket => bracket.Name).ToList();
        var options = (from site in allowed from lamp in lit from option in Ways(site, lamp, brackets, wish, rig.HouseRules.Units) select option with { Moves = [.. On(standing, site)] }).ToList();
        return new(
            [
                .. options.OrderBy(option => option.Share < 1).ThenBy(option => option.Share < 1 ? -option.Share : option.Price)
                    .ThenBy(option => option.Mount, StringComparer.Ordinal).ThenBy(option => option.Lamp.Fixture.Id, StringComparer.Ordinal).ThenBy(option => option.Count),
            ],
            options.Count > 0 ? "" : ProposingWords.FormatNoLampGoesOn(Format.Or(allowed.Select(site => site.Name))));
    }

    private static IEnumerable<string> On(ILookup<string, string> standing, Site site) => standing[site.Mount.Id].Concat(site.Other is { } other ? standing[other.Id] : []);

    private static bool Suits(Fixture lamp, LightWanted light) => light switch
    {
        LightWanted.GrilleMarker => lamp.Functions[0].Power <= MarkerWatts,
        LightWanted.Inside => lamp.Functions[0].Power is > MarkerWatts and <= StripWatts,
        _ => lamp.Functions[0].Power > StripWatts,
    };

    /// <summary>As it is, and where it does not go so, with the first bracket that makes it go.</summary>
    private static List<LightOption> Ways(Site site, CatalogueLamp lamp, IReadOnlyList<Bracket> brackets, Wish wish, UnitSystem units)
    {
        var plain = On(site, lamp, wish, units).ToList();
        if (plain.Count > 0 || lamp.Fixture.Bracket is not null) return plain;
        return brackets.Select(bracket => On(site, lamp with { Fixture = lamp.Fixture with { Bracket = bracket } }, wish, units).ToList()).FirstOrDefault(ways => ways.Count > 0) ?? [];
    }

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
                site.Mount.Id, site.Other?.Id, site.Name, lamp, count, lux, lux is { } given && target is { } asked ? given / asked.Lux : 1,
                count * lamp.Fixture.Functions.Sum(function => function.Power), count * lamp.Price, site.Holes, site.Covers, card);
        }
    }
}
