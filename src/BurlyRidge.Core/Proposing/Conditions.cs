using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>What the customer's conditions leave.</summary>
internal static class Conditions
{
    /// <summary>Whether holes may be drilled.</summary>
    public static bool MayDrill(Wishes wishes) => !wishes.NothingDrilled && !wishes.BackToStandard;

    /// <summary>Whether the vehicle's sheet, trim and wires may be cut.</summary>
    public static bool MayCut(Wishes wishes) => !wishes.NothingCut && !wishes.BackToStandard;

    /// <summary>Covers of the list that are to stay on.</summary>
    public static IReadOnlyList<string> ToStay(Wishes wishes, IEnumerable<string> covers) => [.. covers.Intersect(wishes.CoversStay, StringComparer.OrdinalIgnoreCase)];

    /// <summary>Sites that are as the customer asks; and where there is none, what would have to give.</summary>
    public static (IReadOnlyList<Site> Sites, string Gives) Allowed(IReadOnlyList<Site> sites, Wishes wishes)
    {
        var against = sites.Select(site => (Site: site, Why: Against(site, wishes).ToList())).ToList();
        var allowed = against.Where(pair => pair.Why.Count == 0).Select(pair => pair.Site).ToList();
        return (allowed, allowed.Count > 0 ? "" : string.Join(' ', against.OrderBy(pair => pair.Why.Count).First().Why));
    }

    private static IEnumerable<string> Against(Site site, Wishes wishes)
    {
        if (site.Holes > 0 && !MayDrill(wishes)) yield return ProposingWords.FormatHolesWouldHaveTo(Format.Count(site.Holes, ProposingWords.Hole, ProposingWords.Holes), site.Name);
        if (site.Cuts && !MayCut(wishes)) yield return ProposingWords.FormatItWouldHaveToBeCut(site.Name);
        if (wishes.NotSeenWhenOff && site.Seen) yield return ProposingWords.FormatItWouldBeSeen(site.Name);
        if (ToStay(wishes, site.Covers) is { Count: > 0 } covers) yield return ProposingWords.FormatACoverWouldHaveToComeOff(Format.And(covers), site.Name);
    }
}
