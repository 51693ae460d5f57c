namespace BurlyRidge.Core.Parts;

/// <summary>Something that comes off, or loose, to get at a place.</summary>
/// <param name="What">Grille, bumper, kick panel.</param>
public sealed record Cover(string What)
{
    /// <summary>How many fasteners hold it; null: not counted.</summary>
    public int? Fasteners { get; init; }

    /// <summary>What they are: clips, 10 mm bolts.</summary>
    public string FastenerKind { get; init; } = "";

    /// <summary>Plugs, hoses and cables to be undone with it.</summary>
    public IReadOnlyList<string> Unplugged { get; init; } = [];

    /// <summary>It is loosened alone and stays on.</summary>
    public bool LoosenOnly { get; init; }

    private const int MostLetters = 80;
    private const int MostUnplugged = 20;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Text($"{path}.what", What, MostLetters);
        problems.Letters($"{path}.fastenerKind", FastenerKind, MostLetters);
        if (Fasteners is { } count) problems.Within($"{path}.fasteners", count, 0, 200, "fasteners");
        problems.Count($"{path}.unplugged", Unplugged.Count, 0, MostUnplugged, PartWords.Plugs);
        for (var i = 0; i < Unplugged.Count; i++) problems.Text($"{path}.unplugged[{i}]", Unplugged[i], MostLetters);
    }
}
