namespace BurlyRidge.Core.Parts;

/// <summary>What stands between a mount and a lamp: a bracket, a clamp, a carrier.</summary>
/// <param name="Name">What the shop calls it.</param>
public sealed record Bracket(string Name, BracketKind Kind = BracketKind.Bracket)
{
    /// <summary>How the mount may hold it; one of them has to suit.</summary>
    public IReadOnlyList<Holder> GoesOn { get; init; } = [];

    /// <summary>How it holds a lamp; a range is the travel of its slots or what its grid of holes reaches.</summary>
    public IReadOnlyList<Holder> Takes { get; init; } = [];

    /// <summary>The hole of a grid or slot that was right.</summary>
    public string Hole { get; init; } = "";

    /// <summary>So much further out it holds the lamp, mm.</summary>
    public double OffsetMillimetres { get; init; }

    /// <summary>So much higher it holds the lamp, mm; turned over, so much lower.</summary>
    public double RiseMillimetres { get; init; }

    /// <summary>Fitted upside down, for its other height.</summary>
    public bool TurnedOver { get; init; }

    /// <summary>Shims under it, mm.</summary>
    public double ShimMillimetres { get; init; }

    /// <summary>Of all its pieces, kg.</summary>
    public double Kilograms { get; init; }

    /// <summary>Pieces that it is made of: one under the whole lamp, or one at each end.</summary>
    public int Pieces { get; init; } = 1;

    /// <summary>One of it holds the whole row of lamps.</summary>
    public bool HoldsRow { get; init; }

    /// <summary>A hole more was drilled in it or for it.</summary>
    public bool ExtraHole { get; init; }

    /// <summary>Held under a pin or bolt of the vehicle's own.</summary>
    public bool UnderFactoryBolt { get; init; }

    /// <summary>How far the lamp comes out by bracket and shims, mm.</summary>
    public double OutMillimetres() => OffsetMillimetres + ShimMillimetres;

    /// <summary>How far the lamp goes up by it, mm; below nothing: down.</summary>
    public double UpMillimetres() => TurnedOver ? -RiseMillimetres : RiseMillimetres;

    private const double MostMillimetres = 1000;

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Text($"{path}.name", Name, 80);
        Holder.Check(problems, $"{path}.goesOn", GoesOn);
        Holder.Check(problems, $"{path}.takes", Takes);
        problems.Letters($"{path}.hole", Hole, 80);
        problems.Within($"{path}.offsetMillimetres", OffsetMillimetres, -MostMillimetres, MostMillimetres, "mm");
        problems.Within($"{path}.riseMillimetres", RiseMillimetres, -MostMillimetres, MostMillimetres, "mm");
        problems.Within($"{path}.shimMillimetres", ShimMillimetres, 0, 100, "mm");
        problems.Within($"{path}.kilograms", Kilograms, 0, 100, "kg");
        problems.Within($"{path}.pieces", Pieces, 1, 8, "pieces");
    }
}

/// <summary>Kinds of what stands between a mount and a lamp.</summary>
public enum BracketKind
{
    /// <summary>Bracket.</summary>
    Bracket,

    /// <summary>Clamp round a bar.</summary>
    Clamp,

    /// <summary>Carrier for several lamps.</summary>
    Carrier,

    /// <summary>Made in the shop.</summary>
    HomeMade,
}
