using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Templates;

/// <summary>Spare leads of the vehicle's own that lead to where the lamps are, one after another where it takes several.</summary>
internal static class SpareLeads
{
    /// <summary>Beyond this lamps whose place nobody said are at the rear, m.</summary>
    private const double RearMetres = 3;

    private static readonly string[] Rear = ["rear", "tray", "tailgate", "load"];
    private static readonly string[] Top = ["roof", "visor", "header"];

    /// <summary>The shortest chain of free leads from the engine bay, each with the pin that it is come to at and the one it goes on from; none where none leads there.</summary>
    public static IReadOnlyList<(PassThrough Lead, string Near, string Far)> Toward(Rig rig, string? at, double metres)
    {
        var wanted = Wanted(rig, at, metres);
        if (wanted.Length == 0) return [];
        var used = rig.Runs.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        var free = rig.Vehicle.PassThroughs.Where(lead => !used.Contains(lead.Id)).ToList();
        var open = new Queue<(string Place, List<(PassThrough, string, string)> Chain)>();
        open.Enqueue((Start, []));
        var met = new HashSet<string>(StringComparer.OrdinalIgnoreCase) { Start };
        while (open.TryDequeue(out var here))
        {
            if (here.Chain.Count > 0 && wanted.Any(word => here.Place.Contains(word, StringComparison.OrdinalIgnoreCase))) return here.Chain;
            foreach (var lead in free)
                foreach (var (from, to, near, far) in new[] { (lead.FromPlace, lead.ToPlace, "a", "b"), (lead.ToPlace, lead.FromPlace, "b", "a") })
                    if (from.Contains(here.Place, StringComparison.OrdinalIgnoreCase) && met.Add(to)) open.Enqueue((to, [.. here.Chain, (lead, near, far)]));
        }
        return [];
    }

    private static readonly string Start = TemplateWords.EngineBay;

    /// <summary>Words of the places that will do.</summary>
    private static string[] Wanted(Rig rig, string? at, double metres)
    {
        if (at is null || rig.Body is not { } body || PartLocations.Station(body, at) is not { } station) return metres > RearMetres ? Rear : [];
        var name = $"{body.StationOf(station)!.Name} {at}";
        return Rear.Any(word => name.Contains(word, StringComparison.OrdinalIgnoreCase)) ? Rear
            : Top.Any(word => name.Contains(word, StringComparison.OrdinalIgnoreCase)) ? Top : [];
    }
}
