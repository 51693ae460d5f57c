using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Places for boxes, relays, panels and switches of a usual body.</summary>
internal static class SpaceSet
{
    public static IEnumerable<Space> Of()
    {
        yield return new("bay-shelf", VehicleWords.ShelfBesideTheBattery, "battery", 240, 160, 110) { ReachMillimetres = 40 };
        yield return new("bay-wing", VehicleWords.InnerWingLeft, "bay-left", 120, 110, 80) { ReachMillimetres = 35 };
        yield return new("dash-blank", VehicleWords.BlankInTheDash, "dash", 42, 24, 55) { HoleMillimetres = 22 };
        yield return new("console", VehicleWords.ConsoleRecess, "dash", 130, 70, 40);
    }
}
