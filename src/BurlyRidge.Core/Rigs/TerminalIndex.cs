using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>Which parts a rig has, and which terminals they have.</summary>
public sealed class TerminalIndex
{
    private readonly Dictionary<string, HashSet<string>?> pins = new(StringComparer.Ordinal);
    private readonly HashSet<string> functions = new(StringComparer.Ordinal);
    private readonly List<(string Path, string Id)> ids = [];

    private TerminalIndex() { }

    /// <summary>Every part with the path of its id, in the order of the document; a part named twice stands twice.</summary>
    public IReadOnlyList<(string Path, string Id)> Ids => ids;

    /// <summary>Names of parts that the vehicle itself has.</summary>
    public static IReadOnlyList<string> Reserved { get; } = [Vehicle.Body, .. VehicleSignal.Names, IgnitionFeed.Name];

    /// <summary>Reads the parts of <paramref name="rig"/>.</summary>
    public static TerminalIndex Of(Rig rig)
    {
        var book = new TerminalIndex();
        book.pins[Vehicle.Body] = [""];
        foreach (var kind in Rig.Lists)
        {
            var parts = kind.Of(rig);
            for (var i = 0; i < parts.Count; i++)
            {
                if (parts[i] is not { } part) continue;
                if (kind.Path.Length > 0) book.ids.Add(($"{kind.Path}[{i}].id", part.Id));
                book.pins[part.Id] = part.Pins()?.ToHashSet(StringComparer.Ordinal);
            }
        }
        foreach (var fixture in rig.Fixtures.Where(fixture => fixture is not null))
            foreach (var function in fixture.Functions.Where(function => function is not null))
                book.functions.Add($"{fixture.Id}.{function.Id}");
        return book;
    }

    /// <summary>Whether a run may end at <paramref name="terminal"/>.</summary>
    public bool HasTerminal(string terminal)
    {
        var (part, pin) = Split(terminal);
        return pins.TryGetValue(part, out var known) && (known is null ? pin.Length > 0 : known.Contains(pin));
    }

    /// <summary>Whether there is a lamp called "fixture.function".</summary>
    public bool HasFunction(string name) => functions.Contains(name);

    /// <summary>Part and pin of a terminal; the pin of "body" or of an earth is empty.</summary>
    public static (string Part, string Pin) Split(string terminal)
    {
        var dot = terminal.IndexOf('.', StringComparison.Ordinal);
        return dot < 0 ? (terminal, "") : (terminal[..dot], terminal[(dot + 1)..]);
    }
}
