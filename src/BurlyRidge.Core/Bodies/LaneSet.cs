using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Lanes of a usual body.</summary>
internal static class LaneSet
{
    private const double HotCelsius = 90;

    public static IEnumerable<Lane> Of(bool tray)
    {
        // Engine bay.
        yield return Lane("battery", "bay-right", Zone.EngineBay) with { CapacityMillimetres = 32, FactoryHarness = true };
        yield return Lane("battery", "grille", Zone.EngineBay) with { CapacityMillimetres = 28 };
        yield return Lane("fuse-box", "grille", Zone.EngineBay) with { CapacityMillimetres = 28, Hazards = [Hazard.Moving] };
        yield return Lane("fuse-box", "bay-left", Zone.EngineBay) with { CapacityMillimetres = 32, FactoryHarness = true };
        yield return Lane("bay-right", "bay-left", Zone.EngineBay) with { CapacityMillimetres = 28, FactoryHarness = true, Covers = [new Cover(VehicleWords.ScuttleCover)] };
        yield return Lane("battery", "fuse-box", Zone.EngineBay) with { AmbientCelsius = HotCelsius, Hazards = [Hazard.Exhaust, Hazard.Moving] };
        yield return Lane("bay-left", "grommet-left", Zone.EngineBay) with { CapacityMillimetres = 26, FactoryHarness = true };
        yield return Lane("bay-right", "grommet-right", Zone.EngineBay) with { CapacityMillimetres = 16 };
        yield return Lane("bay-left", "hinge-left", Zone.EngineBay) with { Hazards = [Hazard.Hinge], CapacityMillimetres = 16 };
        yield return Lane("bay-right", "hinge-right", Zone.EngineBay) with { Hazards = [Hazard.Hinge], CapacityMillimetres = 16 };
        yield return Lane("grille", "bumper-front", Zone.Exterior) with { Covers = [new Cover(VehicleWords.Grille)] };

        // Inside.
        yield return Lane("grommet-left", "dash", Zone.Cabin) with { Hazards = [Hazard.Moving], Covers = [new Cover(VehicleWords.LowerDashTrim)] };
        yield return Lane("grommet-right", "dash", Zone.Cabin) with { Covers = [new Cover(VehicleWords.GloveBox)] };
        yield return Lane("grommet-left", "foot-left", Zone.Cabin) with { Covers = [new Cover(VehicleWords.KickPanelLeft)] };
        yield return Lane("grommet-right", "foot-right", Zone.Cabin) with { Covers = [new Cover(VehicleWords.KickPanelRight)] };
        yield return Lane("dash", "foot-left", Zone.Cabin) with { Covers = [new Cover(VehicleWords.KickPanelLeft)] };
        yield return Lane("dash", "foot-right", Zone.Cabin) with { Covers = [new Cover(VehicleWords.KickPanelRight)] };
        yield return Lane("foot-left", "head-left", Zone.Cabin) with { Hazards = [Hazard.Airbag], Covers = [new Cover(VehicleWords.PillarTrimLeft)], CapacityMillimetres = 14 };
        yield return Lane("foot-right", "head-right", Zone.Cabin) with { Hazards = [Hazard.Airbag], Covers = [new Cover(VehicleWords.PillarTrimRight)], CapacityMillimetres = 14 };
        yield return Lane("foot-left", "cab-rear-left", Zone.Cabin) with { Covers = [new Cover(VehicleWords.SillTrimLeft)], CapacityMillimetres = 20 };
        yield return Lane("cab-rear-left", "floor-grommet", Zone.Cabin) with { Covers = [new Cover(VehicleWords.CarpetRearLeft)] };

        // Over the roof, outside.
        yield return Lane("hinge-left", "roof-front", Zone.Exterior) with { Hazards = [Hazard.SharpEdge], CapacityMillimetres = 12, Covers = [new Cover(VehicleWords.WindscreenEdgeTrimLeft)] };
        yield return Lane("hinge-right", "roof-front", Zone.Exterior) with { Hazards = [Hazard.SharpEdge], CapacityMillimetres = 12, Covers = [new Cover(VehicleWords.WindscreenEdgeTrimRight)] };
        yield return Lane("roof-front", "roof-rear", Zone.Exterior) with { CapacityMillimetres = 16 };

        // Underneath.
        yield return Lane("bay-left", "chassis-front", Zone.Underbody) with { Hazards = [Hazard.Steering], CapacityMillimetres = 30, FactoryHarness = true };
        yield return Lane("chassis-front", "chassis-mid", Zone.Underbody) with { Hazards = [Hazard.FuelLine], CapacityMillimetres = 30, FactoryHarness = true };
        yield return Lane("chassis-mid", "chassis-rear", Zone.Underbody) with { CapacityMillimetres = 30, FactoryHarness = true };
        yield return Lane("floor-grommet", "chassis-mid", Zone.Underbody);
        yield return Lane("chassis-rear", "quarter-left", Zone.Underbody);
        yield return Lane("chassis-rear", "quarter-right", Zone.Underbody) with { Hazards = [Hazard.Exhaust], AmbientCelsius = HotCelsius };
        yield return Lane("chassis-rear", "tow-socket", Zone.Underbody);
        yield return Lane("chassis-rear", "bumper-rear", Zone.Underbody);
        yield return Lane("quarter-left", "rear-lamps", Zone.Exterior) with { Covers = [new Cover(VehicleWords.LampCoverRearLeft)] };
        yield return Lane("quarter-left", "bumper-rear", Zone.Exterior);
        yield return Lane("bumper-rear", "quarter-right", Zone.Exterior);
        if (!tray)
        {
            yield return Lane("head-left", "tailgate-head", Zone.Cabin) with { Hazards = [Hazard.Airbag], Covers = [new Cover(VehicleWords.HeadliningEdgeLeft)] };
            yield return Lane("cab-rear-left", "second-battery", Zone.Cabin) with { Covers = [new Cover(VehicleWords.LoadBayTrimLeft)] };
            yield return Lane("roof-rear", "quarter-left", Zone.Exterior) with { Hazards = [Hazard.SharpEdge] };
            yield break;
        }
        yield return Lane("chassis-mid", "tray", Zone.Underbody);
        yield return Lane("tray", "headboard", Zone.Exterior);
        yield return Lane("tray", "second-battery", Zone.Exterior) with { CapacityMillimetres = 32 };
        yield return Lane("tray", "quarter-left", Zone.Exterior);
        yield return Lane("roof-rear", "headboard", Zone.Exterior) with { Hazards = [Hazard.SharpEdge] };
    }

    private static Lane Lane(string from, string to, Zone zone) => new($"{from}--{to}", from, to, zone);
}
