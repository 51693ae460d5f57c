using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>What is on the vehicle already is moved within the reach of its leads.</summary>
internal static class ExistingLeads
{
    private const int InsulationCelsius = 105;

    /// <summary>Which lead of a part of a line that is on the vehicle already would be too short with the part at a place; null where none is.</summary>
    public static string? TooShort(Rig rig, string part, string at)
    {
        if (rig.Body is not { } body || PartLocations.Station(body, at) is not { } there || !rig.Lines.Any(line => line.Existing)) return null;
        var existing = Existing(rig);
        var locations = PartLocations.Of(rig);
        Router? router = null;
        foreach (var run in rig.Runs.Where(run => existing.Contains(run.Id) && run.Lay is null))
        {
            var far = TerminalIndex.Split(run.From).Part == part ? run.To : TerminalIndex.Split(run.To).Part == part ? run.From : null;
            if (far is null || locations.OfTerminal(far) is not { } other) continue;
            var lead = Thickness.Lead(WireTable.Find(run.Wire)!);
            router ??= new Router(rig.HouseRules, body, RoutedRig.Of(rig).Room);
            double Way(string from) => router.Best(from, other, new Laying(lead, lead, InsulationCelsius))?.LaneMetres ?? double.PositiveInfinity;
            var metres = Way(there);
            // It reaches where it is, whatever the lanes say.
            if (metres > Math.Max(run.LengthMetres, locations.Of(part) is { } now ? Way(now) : 0))
                return VehicleWords.FormatIsLongFromThereIt(PartNames.Of(rig).Wire(run), Format.Metres(run.LengthMetres, rig.HouseRules.Units), double.IsInfinity(metres) ? VehicleWords.ARouteThatDoesNot : Format.Metres(metres, rig.HouseRules.Units));
        }
        return null;
    }

    /// <summary>Wires that lead to lamps of lines that are there already, through anything but a battery.</summary>
    private static HashSet<string> Existing(Rig rig)
    {
        var lines = rig.Lines.Where(line => line.Existing).ToList();
        var met = lines.SelectMany(line => line.Lights).Select(light => TerminalIndex.Split(light).Part).ToHashSet(StringComparer.Ordinal);
        var ends = rig.Vehicle.Batteries.Select(battery => battery.Id).Append(Parts.Vehicle.Body).Concat(Parts.VehicleSignal.Names).Concat(rig.PowerBoxes.Select(box => box.Id)).ToHashSet(StringComparer.Ordinal);
        var found = new HashSet<string>(StringComparer.Ordinal);
        var grew = true;
        while (grew)
        {
            grew = false;
            foreach (var run in rig.Runs.Where(run => !found.Contains(run.Id)))
            {
                var parts = run.Ends().Select(end => TerminalIndex.Split(end).Part).ToList();
                if (!parts.Exists(part => met.Contains(part) && !ends.Contains(part))) continue;
                found.Add(run.Id);
                met.UnionWith(parts);
                grew = true;
            }
        }
        return found;
    }
}
