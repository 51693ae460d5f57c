namespace BurlyRidge.Core.Parts;

/// <summary>Where a joint takes a wire of the vehicle's own.</summary>
public sealed record PickUp
{
    /// <summary>At the front or at the rear; null: not specified.</summary>
    public VehicleEnd? End { get; init; }

    /// <summary>At which lamp; null: not specified.</summary>
    public Side? Side { get; init; }

    /// <summary>Of an adaptor: the lamp's plug, as it is sold.</summary>
    public string Plug { get; init; } = "";

    /// <summary>Of an adaptor: cavities in one row of its face; null: not specified.</summary>
    public int? Columns { get; init; }

    /// <summary>Of an adaptor: rows of its face.</summary>
    public int Rows { get; init; } = 1;

    /// <summary>The cavity taken, seen on the mating face of the half on the vehicle's side, counted from the upper left; null: not specified.</summary>
    public int? Cavity { get; init; }

    /// <summary>The same cavity on the mating face of the other half: the one face is the mirror of the other; null where nobody said.</summary>
    public int? Mate() => Columns is { } columns && Cavity is { } cavity ? Mirrored(cavity, columns) : null;

    /// <summary>A cavity, counted from the upper left, on the mating face of the other half, whose rows have as many cavities.</summary>
    public static int Mirrored(int cavity, int columns) => (cavity - 1) / columns * columns + (columns - 1 - (cavity - 1) % columns) + 1;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Letters($"{path}.plug", Plug, 40);
        if (Columns is { } columns) problems.Within($"{path}.columns", columns, 1, 20, "cavities");
        problems.Within($"{path}.rows", Rows, 1, 6, "rows");
        if (Cavity is { } cavity) problems.Within($"{path}.cavity", cavity, 1, (Columns ?? 20) * Rows);
    }
}
