using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Stations of a usual body.</summary>
internal static class StationSet
{
    public static IEnumerable<Station> Of(BodyPlan plan, bool tray)
    {
        var (bonnet, top, sill, roof, end, length) = (plan.Bonnet, plan.BonnetTop, plan.Sill, plan.Roof, plan.CabEnd, plan.Length);
        yield return new("grille", VehicleWords.Grille, plan.At(0.08, 0, top - 0.2), StationKind.FrontLamps);
        yield return new("bumper-front", VehicleWords.FrontBumper, plan.At(0, 0, sill));
        yield return new("battery", VehicleWords.BatteryPost, plan.At(0.45 * bonnet, 0.6, top - 0.12), StationKind.BatteryPost);
        yield return new("bay-left", VehicleWords.EngineBayLeft, plan.At(0.85 * bonnet, -0.7, top - 0.15));
        yield return new("bay-right", VehicleWords.EngineBayRight, plan.At(0.85 * bonnet, 0.7, top - 0.15));
        yield return new("fuse-box", VehicleWords.FuseBox, plan.At(0.6 * bonnet, -0.65, top - 0.12), StationKind.FuseBox);
        yield return new Station("grommet-left", VehicleWords.BulkheadGrommetLeft, plan.At(bonnet, -0.35, sill + 0.25), StationKind.Grommet) with { HoleMillimetres = 24 };
        yield return new Station("grommet-right", VehicleWords.BulkheadGrommetRight, plan.At(bonnet, 0.4, sill + 0.3), StationKind.Grommet) with { HoleMillimetres = 14 };
        yield return new("hinge-left", VehicleWords.BonnetHingeLeft, plan.At(bonnet, -0.85, top));
        yield return new("hinge-right", VehicleWords.BonnetHingeRight, plan.At(bonnet, 0.85, top));
        yield return new("dash", VehicleWords.Dash, plan.At(bonnet + 0.3, -0.1, top - 0.05), StationKind.Dash);
        yield return new("foot-left", VehicleWords.PillarFootLeft, plan.At(bonnet + 0.15, -0.9, sill));
        yield return new("foot-right", VehicleWords.PillarFootRight, plan.At(bonnet + 0.15, 0.9, sill));
        yield return new("head-left", VehicleWords.PillarHeadLeft, plan.At(bonnet + 0.65, -0.75, roof - 0.1));
        yield return new("head-right", VehicleWords.PillarHeadRight, plan.At(bonnet + 0.65, 0.75, roof - 0.1));
        yield return new("roof-front", VehicleWords.RoofFront, plan.At(bonnet + 0.7, 0, roof));
        yield return new("roof-rear", VehicleWords.RoofRear, plan.At(end - 0.15, 0, roof));
        yield return new("cab-rear-left", VehicleWords.CabRearLeft, plan.At(end - 0.1, -0.85, sill));
        yield return new Station("floor-grommet", VehicleWords.FloorGrommetRear, plan.At(end - 0.1, -0.6, sill - 0.05), StationKind.Grommet) with { HoleMillimetres = 20 };
        yield return new("chassis-front", VehicleWords.ChassisFront, plan.At(0.9 * bonnet, -0.4, sill - 0.1));
        yield return new("chassis-mid", VehicleWords.ChassisMiddle, plan.At(length / 2, -0.4, sill - 0.1));
        yield return new("chassis-rear", VehicleWords.ChassisRear, plan.At(0.9 * length, -0.4, sill - 0.1));
        yield return new("quarter-left", VehicleWords.RearQuarterLeft, plan.At(length - 0.25, -0.9, sill + 0.3));
        yield return new("quarter-right", VehicleWords.RearQuarterRight, plan.At(length - 0.25, 0.9, sill + 0.3));
        yield return new("rear-lamps", VehicleWords.RearLamps, plan.At(length - 0.1, -0.8, sill + 0.3), StationKind.RearLamps);
        yield return new("tow-socket", VehicleWords.TowSocket, plan.At(length - 0.05, 0.15, sill - 0.1), StationKind.TowSocket);
        yield return new("bumper-rear", VehicleWords.RearBumper, plan.At(length, 0, sill));
        if (!tray)
        {
            yield return new("second-battery", VehicleWords.SecondBatteryLoadBay, plan.At(length - 0.6, 0.7, sill + 0.2), StationKind.SecondBattery);
            yield return new("tailgate-head", VehicleWords.HeadOfTheRearOpening, plan.At(end - 0.1, 0, roof - 0.08));
            yield break;
        }
        yield return new("tray", VehicleWords.TrayMiddle, plan.At((end + length) / 2, -0.8, sill + 0.25));
        yield return new("headboard", VehicleWords.Headboard, plan.At(end + 0.1, 0, roof - 0.05));
        yield return new("second-battery", VehicleWords.SecondBatteryTray, plan.At(end + 0.3, 0.7, sill + 0.1), StationKind.SecondBattery);
    }
}
