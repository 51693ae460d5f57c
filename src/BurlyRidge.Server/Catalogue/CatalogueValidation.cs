using BurlyRidge.Core.Wording;
using BurlyRidge.Core;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Catalogue;

/// <summary>Refuses a lamp that no rig could hold.</summary>
internal static class CatalogueValidation
{
    private const double MaxLumens = 1_000_000;
    private const double MaxPrice = 1_000_000;
    private const string InRig = "fixtures[0].";

    /// <summary>All that is wrong with a lamp, by field.</summary>
    public static IReadOnlyList<Problem> Validate(CatalogueLamp? lamp)
    {
        if (lamp?.Fixture is null) return [new Problem("fixture", ServerWords.MustNotBeEmpty)];
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Fixtures = [lamp.Fixture] };
        var problems = RigValidation.Validate(rig)
            .Select(problem => problem.Path.StartsWith(InRig, StringComparison.Ordinal) ? problem with { Path = $"fixture.{problem.Path[InRig.Length..]}" } : problem).ToList();
        if (lamp.Fixture.Measured is not null) problems.Add(new Problem("fixture.measured", ServerWords.TheCatalogueHoldsLampsAs));
        if (lamp.Lumens is not (>= 0 and <= MaxLumens)) problems.Add(new Problem("lumens", ServerWords.FormatMustBe0ToLm(MaxLumens)));
        if (lamp.Price is not (>= 0 and <= MaxPrice)) problems.Add(new Problem("price", ServerWords.FormatMustBe0To(MaxPrice)));
        return problems;
    }
}
