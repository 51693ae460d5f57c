using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>What a plan comes to on the bench.</summary>
/// <param name="Price">With labour and tax, in the workshop's money.</param>
/// <param name="Parts">How many pieces, wire apart.</param>
public sealed record PlanCost(double Price, int Parts)
{
    /// <summary>What it comes to beyond another.</summary>
    public PlanCost Beyond(PlanCost other) => new(Price - other.Price, Parts - other.Parts);
}

/// <summary>What plans are made with.</summary>
/// <param name="Lamps">The lamps that there are.</param>
/// <param name="Cost">What a rig comes to: pure.</param>
public sealed record Trade(IReadOnlyList<CatalogueLamp> Lamps, Func<AssessedRig, PlanCost> Cost)
{
    /// <summary>The bought harnesses that there are.</summary>
    public IReadOnlyList<Kit> Kits { get; init; } = [];

    /// <summary>What is remembered of quick plans; null: nothing.</summary>
    public QuickSizes? Sizes { get; init; }
}
