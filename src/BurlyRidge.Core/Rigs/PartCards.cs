using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>A part with what wires may end at, as a person chooses from it.</summary>
/// <param name="List">The list of the document that it stands in; empty where it has none of its own.</param>
/// <param name="Kind">What one of its kind is called.</param>
public sealed record PartCard(string Id, string List, string Name, string Kind, IReadOnlyList<TerminalCard> Terminals)
{
    /// <summary>What follows from its fields alone, a sentence each.</summary>
    public IReadOnlyList<string> Says { get; init; } = [];
}

/// <summary>A terminal and the wires at it.</summary>
/// <param name="Id">"part.pin".</param>
/// <param name="Name">With its part's name, as it stands in a sentence.</param>
/// <param name="Pin">By itself, told apart from the others of its part; empty where there are no others.</param>
public sealed record TerminalCard(string Id, string Name, string Pin, IReadOnlyList<WireCard> Wires);

/// <summary>A wire as seen from one of its ends.</summary>
/// <param name="Far">What the terminal at its other end is called.</param>
/// <param name="StartsHere">Whether this end is the one nearer the source.</param>
public sealed record WireCard(string Id, string Name, string Wire, string Far, bool StartsHere);

/// <summary>Lists what is there to be wired.</summary>
public static class PartCards
{
    private const string FreePins = "abcdefghijklmnopqrstuvwxyz";

    /// <summary>Every part of a valid rig that has terminals, in the order of the document, the body first.</summary>
    public static IReadOnlyList<PartCard> Of(Rig rig)
    {
        var names = PartNames.Of(rig);
        var wires = rig.Runs.SelectMany(run => new[] { (End: run.From, Run: run), (End: run.To, Run: run) }).ToLookup(pair => pair.End, pair => pair.Run, StringComparer.Ordinal);
        var ends = wires.Select(end => end.Key).ToLookup(end => TerminalIndex.Split(end).Part, StringComparer.Ordinal);
        TerminalCard Terminal(string id, string pin = "") => new(id, names.Terminal(id), pin,
            [.. wires[id].Select(run => new WireCard(run.Id, names.Wire(run), run.Wire, names.Terminal(run.From == id ? run.To : run.From), run.From == id))]);
        var cards = new List<PartCard> { new(Vehicle.Body, "", names[Vehicle.Body], PartWords.BodyInSentence, [Terminal(Vehicle.Body)]) };
        foreach (var list in Rig.Lists)
            foreach (var part in list.Of(rig).OfType<IPart>())
            {
                var pins = part.Pins() ?? [.. ends[part.Id].Select(end => TerminalIndex.Split(end).Pin), Free(ends[part.Id])];
                if (pins.Count == 0) continue;
                cards.Add(new PartCard(part.Id, list.Path, names[part.Id], list.KindOf(part), [.. pins.Distinct().Select(pin => Terminal(pin.Length == 0 ? part.Id : $"{part.Id}.{pin}", pin.Length == 0 ? "" : Told(part, pin)))]) { Says = Says(part) });
            }
        return cards;
    }

    private static IReadOnlyList<string> Says(IPart part) => part is Joint { PickUp: { } pickUp } && pickUp.Mate() is { } mate
        ? [PartWords.FormatCavityOnTheMatingFace(pickUp.Cavity, mate)]
        : [];

    private static string Told(IPart part, string pin) => part.PinName(pin) is { Length: > 0 } printed ? printed : PinWords.Of(pin);

    /// <summary>A pin of a joint that no wire has yet.</summary>
    private static string Free(IEnumerable<string> ends)
    {
        var taken = ends.Select(end => TerminalIndex.Split(end).Pin).ToHashSet(StringComparer.Ordinal);
        for (var i = 0; ; i++)
            if ($"{FreePins[i % FreePins.Length]}{(i < FreePins.Length ? "" : $"{i / FreePins.Length}")}" is var pin && !taken.Contains(pin)) return pin;
    }
}
