namespace BurlyRidge.Core.Parts;

/// <summary>What comes out of a light. What nobody gave is guessed, and said to be.</summary>
public sealed record LightOutput
{
    /// <summary>Light that leaves it, lm at its rated volts; null: guessed from its watts.</summary>
    public double? Lumens { get; init; }

    /// <summary>From side to side between half of its brightness and half, degrees; null: guessed.</summary>
    public double? SpreadDegrees { get; init; }

    /// <summary>The same from top to bottom, degrees; null: guessed.</summary>
    public double? ThrowDegrees { get; init; }

    /// <summary>The photometric file of the rig that has it instead, by id; null: none.</summary>
    public string? File { get; init; }

    /// <summary>Nothing is known of it.</summary>
    public static LightOutput Unknown { get; } = new();

    private const double MostLumens = 200_000;

    /// <summary>Angles between which a beam can be told from a bare source, degrees.</summary>
    private const double Least = 1, Most = 170;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        if (Lumens is { } lumens) problems.Above($"{path}.lumens", lumens, 0, MostLumens, "lm");
        if (SpreadDegrees is { } spread) problems.Within($"{path}.spreadDegrees", spread, Least, Most, "°");
        if (ThrowDegrees is { } high) problems.Within($"{path}.throwDegrees", high, Least, Most, "°");
        if (File is { } file) problems.Id($"{path}.file", file);
    }
}
