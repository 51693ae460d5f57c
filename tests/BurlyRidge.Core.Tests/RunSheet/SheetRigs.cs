using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.Kits;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>Rigs whose work is put in order.</summary>
internal static class SheetRigs
{
    /// <summary>Every shape of wiring, a rig with everything in its place, and a bought harness.</summary>
    public static IEnumerable<string> Names => AllShapes.Competent.Select(shape => shape.Name).Concat(["placed", "pair"]);

    public static Rig Named(string name) => name switch { "placed" => PlacedRigs.Bar, "pair" => KitConversionTests.Pair(), _ => AllShapes.Competent.Single(one => one.Name == name).Rig };

    /// <summary>The rig in full wiring, and its steps.</summary>
    public static (Rig Rig, IReadOnlyList<SheetStep> Steps) Of(string name, IsolationSchool school)
    {
        var rig = Named(name);
        var assessed = AssessedRig.Of(rig with { HouseRules = rig.HouseRules with { Isolation = school } });
        return (assessed.Study.Wired, Sheet.Of(assessed));
    }
}
