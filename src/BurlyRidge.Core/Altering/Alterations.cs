using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Altering;

/// <summary>Adds, removes and swaps parts of a line: rig in, rig out.</summary>
public static class Alterations
{
    private static readonly IReadOnlyList<Alteration> All =
    [
        .. RunAlterations.All, .. RelayAlterations.All, .. EarthAlterations.All, .. RowAlterations.All, .. SwitchAlterations.All, .. PickUpAlterations.All,
    ];

    /// <summary>All that can be done along a line of a rig; nothing at parts of a line planned in short.</summary>
    public static IReadOnlyList<Offer> Of(Rig rig, Line line, Strip strip)
    {
        if (line.Plan is not null) return [];
        return [.. Sites(rig, line, strip).SelectMany(site => All
            .Select(alteration => (alteration.Id, Label: alteration.Label(site)))
            .Where(offered => offered.Label is not null)
            .Select(offered => new Offer(site.Station.Id, offered.Id, offered.Label!)))];
    }

    /// <summary>The rig with one of the offers taken; null where it is not offered there.</summary>
    public static Rig? Take(Rig rig, Line line, Strip strip, string station, string id)
    {
        var site = Sites(rig, line, strip).FirstOrDefault(site => site.Station.Id == station);
        var alteration = All.FirstOrDefault(alteration => alteration.Id == id);
        return site is null || line.Plan is not null || alteration?.Label(site) is null ? null : WireColours.After(rig, alteration.Apply(site));
    }

    private static IEnumerable<AlterSite> Sites(Rig rig, Line line, Strip strip) => strip.Strands
        .SelectMany(strand => strand.Stations.Select(station => new AlterSite(rig, line, strip, station, strand.Control)))
        .DistinctBy(site => site.Station.Id);
}
