namespace BurlyRidge.Core.Rigs;

/// <summary>What a customer wants of a vehicle.</summary>
public sealed record Wishes
{
    /// <summary>The lights, each once, the most important first.</summary>
    public IReadOnlyList<Wish> Lights { get; init; } = [];

    /// <summary>Lights that may come later: outputs are kept free for them.</summary>
    public IReadOnlyList<LightWanted> Later { get; init; } = [];

    /// <summary>No hole is drilled for it.</summary>
    public bool NothingDrilled { get; init; }

    /// <summary>Nothing of the vehicle is cut: its sheet, its trim, its wires.</summary>
    public bool NothingCut { get; init; }

    /// <summary>Lamps that are off are not seen.</summary>
    public bool NotSeenWhenOff { get; init; }

    /// <summary>It can be taken off again without a trace: nothing drilled and nothing cut.</summary>
    public bool BackToStandard { get; init; }

    /// <summary>Worked by the vehicle's own switches and by nothing else.</summary>
    public bool FactorySwitchesOnly { get; init; }

    /// <summary>Covers that are to stay on, by what they are called.</summary>
    public IReadOnlyList<string> CoversStay { get; init; } = [];

    /// <summary>Ids of lamps on the vehicle that may go somewhere else.</summary>
    public IReadOnlyList<string> MayMove { get; init; } = [];

    /// <summary>Id of a bought harness that is at hand and is to be used; null: none.</summary>
    public string? KitAtHand { get; init; }

    /// <summary>What it may cost, in the workshop's money, with labour and tax; null: not specified.</summary>
    public double? Budget { get; init; }

    /// <summary>What counts how much.</summary>
    public WishWeights Weights { get; init; } = new();
}

/// <summary>What counts how much when plans are held against each other: 1 as usual, 0 not at all, up to 3.</summary>
/// <param name="Light">Light where it is wanted.</param>
/// <param name="Price">What it costs.</param>
/// <param name="Parts">How many parts it takes.</param>
/// <param name="Watts">What it draws of the supply.</param>
/// <param name="Holes">Holes that are drilled.</param>
/// <param name="Covers">Covers that come off.</param>
/// <param name="FreeOutputs">Outputs that are left free.</param>
/// <param name="StandingOut">Lamps that stand out.</param>
public sealed record WishWeights(
    double Light = 1, double Price = 1, double Parts = 1, double Watts = 1, double Holes = 1, double Covers = 1, double FreeOutputs = 1, double StandingOut = 1)
{
    /// <summary>The most that one of them counts.</summary>
    public const double Most = 3;

    /// <summary>Every one, by the name of its field.</summary>
    public IEnumerable<(string Field, double Weight)> All() =>
        [("light", Light), ("price", Price), ("parts", Parts), ("watts", Watts), ("holes", Holes), ("covers", Covers), ("freeOutputs", FreeOutputs), ("standingOut", StandingOut)];
}
