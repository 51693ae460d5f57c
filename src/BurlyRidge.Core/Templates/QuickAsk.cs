using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>What a quick plan asks for: all that its sizes follow from.</summary>
public sealed record QuickAsk(Vehicle Vehicle, HouseRules Rules, LinePlan Plan, IReadOnlyList<Fixture> Bought)
{
    /// <summary>Of a line's plan in <paramref name="rig"/>.</summary>
    public static QuickAsk Of(Rig rig, LinePlan plan) => new(rig.Vehicle, rig.HouseRules, plan, QuickTemplate.Bought(rig, plan));

    /// <summary>The same as a rig with nothing else.</summary>
    internal Rig Bare() => Rig.Empty(Vehicle.SystemVolts, Rules.Units) with
    {
        Vehicle = Vehicle,
        HouseRules = Rules,
        Fixtures = Bought,
        Lines = [new Line("quick", TemplateWords.Quick, Plan with { Fixtures = [.. Bought.Select(lamp => lamp.Id)] })],
    };
}
