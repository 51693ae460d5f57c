using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Places for boxes, relays, panels and switches of a usual body.</summary>
internal static class SpaceSet
{
    public static IEnumerable<Space> Of()
    {
        yield return new("bay-shelf", "Shelf beside the battery", "battery", 240, 160, 110) { ReachMillimetres = 40 };
        yield return new("bay-wing", "Inner wing, left", "bay-left", 120, 110, 80) { ReachMillimetres = 35 };
        yield return new("dash-blank", "Blank in the dash", "dash", 42, 24, 55) { HoleMillimetres = 22 };
        yield return new("console", "Console recess", "dash", 130, 70, 40);
    }
}
