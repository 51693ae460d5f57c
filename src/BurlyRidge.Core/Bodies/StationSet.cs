using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Stations of a usual body.</summary>
internal static class StationSet
{
    public static IEnumerable<Station> Of(BodyPlan plan, bool tray)
    {
        var (bonnet, top, sill, roof, end, length) = (plan.Bonnet, plan.BonnetTop, plan.Sill, plan.Roof, plan.CabEnd, plan.Length);
        yield return new("grille", "Grille", plan.At(0.08, 0, top - 0.2), StationKind.FrontLamps);
        yield return new("bumper-front", "Front bumper", plan.At(0, 0, sill));
        yield return new("battery", "Battery post", plan.At(0.45 * bonnet, 0.6, top - 0.12), StationKind.BatteryPost);
        yield return new("bay-left", "Engine bay, left", plan.At(0.85 * bonnet, -0.7, top - 0.15));
        yield return new("bay-right", "Engine bay, right", plan.At(0.85 * bonnet, 0.7, top - 0.15));
        yield return new("fuse-box", "Fuse box", plan.At(0.6 * bonnet, -0.65, top - 0.12), StationKind.FuseBox);
        yield return new Station("grommet-left", "Bulkhead grommet, left", plan.At(bonnet, -0.35, sill + 0.25), StationKind.Grommet) with { HoleMillimetres = 24 };
        yield return new Station("grommet-right", "Bulkhead grommet, right", plan.At(bonnet, 0.4, sill + 0.3), StationKind.Grommet) with { HoleMillimetres = 14 };
        yield return new("hinge-left", "Bonnet hinge, left", plan.At(bonnet, -0.85, top));
        yield return new("hinge-right", "Bonnet hinge, right", plan.At(bonnet, 0.85, top));
        yield return new("dash", "Dash", plan.At(bonnet + 0.3, -0.1, top - 0.05), StationKind.Dash);
        yield return new("foot-left", "Pillar foot, left", plan.At(bonnet + 0.15, -0.9, sill));
        yield return new("foot-right", "Pillar foot, right", plan.At(bonnet + 0.15, 0.9, sill));
        yield return new("head-left", "Pillar head, left", plan.At(bonnet + 0.65, -0.75, roof - 0.1));
        yield return new("head-right", "Pillar head, right", plan.At(bonnet + 0.65, 0.75, roof - 0.1));
        yield return new("roof-front", "Roof, front", plan.At(bonnet + 0.7, 0, roof));
        yield return new("roof-rear", "Roof, rear", plan.At(end - 0.15, 0, roof));
        yield return new("cab-rear-left", "Cab, rear left", plan.At(end - 0.1, -0.85, sill));
        yield return new Station("floor-grommet", "Floor grommet, rear", plan.At(end - 0.1, -0.6, sill - 0.05), StationKind.Grommet) with { HoleMillimetres = 20 };
        yield return new("chassis-front", "Chassis, front", plan.At(0.9 * bonnet, -0.4, sill - 0.1));
        yield return new("chassis-mid", "Chassis, middle", plan.At(length / 2, -0.4, sill - 0.1));
        yield return new("chassis-rear", "Chassis, rear", plan.At(0.9 * length, -0.4, sill - 0.1));
        yield return new("quarter-left", "Rear quarter, left", plan.At(length - 0.25, -0.9, sill + 0.3));
        yield return new("quarter-right", "Rear quarter, right", plan.At(length - 0.25, 0.9, sill + 0.3));
        yield return new("rear-lamps", "Rear lamps", plan.At(length - 0.1, -0.8, sill + 0.3), StationKind.RearLamps);
        yield return new("tow-socket", "Tow socket", plan.At(length - 0.05, 0.15, sill - 0.1), StationKind.TowSocket);
        yield return new("bumper-rear", "Rear bumper", plan.At(length, 0, sill));
        if (!tray)
        {
            yield return new("second-battery", "Second battery, load bay", plan.At(length - 0.6, 0.7, sill + 0.2), StationKind.SecondBattery);
            yield return new("tailgate-head", "Head of the rear opening", plan.At(end - 0.1, 0, roof - 0.08));
            yield break;
        }
        yield return new("tray", "Tray, middle", plan.At((end + length) / 2, -0.8, sill + 0.25));
        yield return new("headboard", "Headboard", plan.At(end + 0.1, 0, roof - 0.05));
        yield return new("second-battery", "Second battery, tray", plan.At(end + 0.3, 0.7, sill + 0.1), StationKind.SecondBattery);
    }
}
