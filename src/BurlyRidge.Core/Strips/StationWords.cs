using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Strips;

/// <summary>Finds the words for elements by their ids.</summary>
internal sealed class StationWords
{
    private readonly Rig rig;
    private readonly Dictionary<string, IPart> parts = new(StringComparer.Ordinal);
    private readonly Dictionary<string, string> lists = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Run> runs;
    private readonly PartNames names;

    /// <summary>Reads a rig whose lines are all wired.</summary>
    public StationWords(Rig rig)
    {
        this.rig = rig;
        names = PartNames.Of(rig);
        runs = rig.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        foreach (var list in Rig.Lists)
            foreach (var part in list.Of(rig).OfType<IPart>()) (parts[part.Id], lists[part.Id]) = (part, list.Path);
    }

    /// <summary>What people call parts and wires.</summary>
    public PartNames Names => names;

    /// <summary>A pin as it is printed or called; empty where its part alone says it.</summary>
    public string Pin(string terminal) => TerminalIndex.Split(terminal) is var (part, pin) && parts.TryGetValue(part, out var known) ? known.PinName(pin) : "";

    /// <summary>A run of the rig; null where the element is none.</summary>
    public Run? RunOf(string element) => runs.GetValueOrDefault(element);

    /// <summary>The list of the document that a part stands in, "runs" for a run; empty where it stands in none.</summary>
    public string ListOf(string part) => runs.ContainsKey(part) ? "runs" : lists.GetValueOrDefault(part, "");

    /// <summary>The element of that id.</summary>
    public StationWord Of(string element)
    {
        if (runs.TryGetValue(element, out var run))
            return new(StripKind.Run, run.Id, run.Wire, run.Colour.Length > 0 ? $"{Format.Metres(run.LengthMetres, rig.HouseRules.Units)} {run.Colour}" : Format.Metres(run.LengthMetres, rig.HouseRules.Units), run.LengthMetres);
        var (part, inside) = TerminalIndex.Split(element);
        return parts.TryGetValue(part, out var known) ? known.Word(inside, names[part]) : new(StripKind.Lead, "", LineWords.VehicleSOwnWiring, "");
    }

    /// <summary>Grommets that a run goes through.</summary>
    public IReadOnlyList<string> Passes(string element) =>
        runs.GetValueOrDefault(element) is { } run && run.Zones.Contains(Zone.Cabin) && run.Zones.Count > 1 ? [LineWords.ThroughTheBulkhead] : [];
}
