using System.Collections.Concurrent;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>
/// What people call the parts, wires and lines of a rig. Every part has a name of its own: the one given, or what its id says
/// where that is words, or its kind; a number follows where two would be called alike. A wire is called by its ends.
/// </summary>
public sealed class PartNames
{
    private readonly Dictionary<string, string> names = new(StringComparer.Ordinal);
    private readonly Dictionary<string, string> lines = new(StringComparer.Ordinal);
    private readonly Dictionary<string, string> places = new(StringComparer.Ordinal);
    private readonly Dictionary<string, IPart> parts = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Run> runs;
    private readonly ConcurrentDictionary<Run, string> wires = new(ReferenceEqualityComparer.Instance);

    // Terminals of each part that a wire is on, and the parts at the other ends of the wires on each terminal.
    private readonly Lazy<ILookup<string, string>> ends, neighbours;

    private PartNames(Rig rig)
    {
        runs = rig.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        ends = new(() => rig.Runs.SelectMany(run => run.Ends()).Distinct().ToLookup(end => TerminalIndex.Split(end).Part, StringComparer.Ordinal));
        neighbours = new(() => rig.Runs.SelectMany(run => new[] { (End: run.From, Other: run.To), (End: run.To, Other: run.From) }).ToLookup(pair => pair.End, pair => TerminalIndex.Split(pair.Other).Part, StringComparer.Ordinal));
    }

    /// <summary>Reads a rig that hangs together.</summary>
    public static PartNames Of(Rig rig)
    {
        var names = new PartNames(rig);
        var taken = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var next = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        foreach (var list in Rig.Lists)
        {
            var number = 0;
            foreach (var part in list.Of(rig).OfType<IPart>())
            {
                number++;
                var wanted = part.Name.Length > 0 ? part.Name : SpokenId.Of(part.Id) ?? $"{list.KindOf(part)} {number}";
                var name = Format.Capital(wanted);
                for (var i = next.GetValueOrDefault(wanted, 2); !taken.Add(name); next[wanted] = ++i) name = Format.Capital($"{wanted} {i}");
                names.names[part.Id] = name;
                names.parts[part.Id] = part;
            }
        }
        names.names[Vehicle.Body] = PartWords.Body;
        foreach (var line in rig.Lines) names.lines[line.Id] = line.Name;
        if (rig.Body is { } body)
        {
            foreach (var station in body.Stations) names.places[station.Id] = station.Name;
            foreach (var mount in body.Mounts) names.places[mount.Id] = mount.Name;
            foreach (var space in body.Spaces) names.places[space.Id] = space.Name;
        }
        return names;
    }

    /// <summary>What a part or a wire is called, by its id; an element "part.inside" by its part, one of several lights with its own name.</summary>
    public string this[string id]
    {
        get
        {
            if (runs.TryGetValue(id, out var run)) return Wire(run);
            var (part, inside) = TerminalIndex.Split(id);
            if (!names.TryGetValue(part, out var name)) return PartWords.APart;
            if (parts.GetValueOrDefault(part) is Fixture lamp && lamp.Functions.FirstOrDefault(light => light.Id == inside) is { } light && lamp.FunctionName(light) is { Length: > 0 } function)
                return $"{name}, {function}";
            return parts.GetValueOrDefault(part) is PowerBox box && box.Outputs.FirstOrDefault(output => inside == output.Id) is { } found ? $"{name}, {box.OutputName(found)}" : name;
        }
    }

    /// <summary>Names of all parts and wires that stand in a document, and of the switches of its quick plans, by id.</summary>
    public IReadOnlyDictionary<string, string> InDocument(Rig rig)
    {
        var all = rig.Runs.ToDictionary(run => run.Id, Wire, StringComparer.Ordinal);
        foreach (var part in parts.Values.OfType<Switch>()) all[part.Id] = names[part.Id];
        foreach (var part in Rig.Lists.Where(list => list.Path.Length > 0).SelectMany(list => list.Of(rig)).OfType<IPart>()) all[part.Id] = names[part.Id];
        return all;
    }

    /// <summary>What a terminal is called: its part, and its pin where that is printed or told apart.</summary>
    public string Terminal(string terminal)
    {
        var (part, pin) = TerminalIndex.Split(terminal);
        var name = this[part];
        return pin.Length > 0 && parts.TryGetValue(part, out var known) && known.PinName(pin) is { Length: > 0 } print ? $"{name} {print}" : name;
    }

    /// <summary>
    /// The same to somebody who holds a probe to it: where two terminals of a part are called alike, which of them is told by
    /// what its wire leads to.
    /// </summary>
    public string Probed(string terminal)
    {
        var (name, (part, pin)) = (Terminal(terminal), TerminalIndex.Split(terminal));
        var alike = ends.Value[part].Where(end => Terminal(end) == name).Distinct().ToList();
        if (alike.Count < 2 || !alike.Contains(terminal)) return name;
        string? Neighbour(string end) => neighbours.Value[end].Distinct().ToList() is [var only] ? this[only] : null;
        return Neighbour(terminal) is { } own && alike.TrueForAll(end => end == terminal || Neighbour(end) != own) ? PartWords.FormatTerminalSide(name, Small(own)) : $"{name} {PinWords.Of(pin)}";
    }

    /// <summary>What a line is called; its id may be that of a part as well.</summary>
    public string Line(string id) => lines.GetValueOrDefault(id, PartWords.ALine);

    /// <summary>What a station, a mount or another place is called.</summary>
    public string Place(string id) => Small(places.GetValueOrDefault(id, PartWords.APlaceThatIsGone));

    /// <summary>What a line, wire, part, terminal or place of that id is called; null where there is none.</summary>
    public string? Called(string id)
    {
        if (lines.TryGetValue(id, out var line)) return line;
        if (runs.ContainsKey(id) || names.ContainsKey(id)) return this[id];
        if (places.TryGetValue(id, out var place)) return place;
        return names.ContainsKey(TerminalIndex.Split(id).Part) ? Terminal(id) : null;
    }

    /// <summary>What a wire is called: by its ends, what both names begin with said once.</summary>
    public string Wire(Run run) => wires.GetOrAdd(run, ByEnds);

    private string ByEnds(Run run)
    {
        if (parts.ContainsKey(run.Id)) return PartWords.FormatLead2(this[run.Id]); // a lead of the vehicle's own, read as a run
        var (one, other) = (this[TerminalIndex.Split(run.From).Part].Split(' '), this[TerminalIndex.Split(run.To).Part].Split(' '));
        var same = one.Zip(other).TakeWhile(pair => pair.First == pair.Second).Count();
        // What is left has to say by itself which part is meant.
        var told = same > 0 && same < one.Length && same < other.Length && !char.IsAsciiDigit(other[same][0]);
        var end = Terminal(run.To);
        return PartWords.FormatTo4(Terminal(run.From), told ? end[other.Take(same).Sum(word => word.Length + 1)..] : Small(end));
    }

    /// <summary>In the middle of a sentence.</summary>
    public static string Small(string text) => text.Length > 1 && char.IsUpper(text[0]) && !char.IsUpper(text[1]) ? char.ToLowerInvariant(text[0]) + text[1..] : text;
}
