using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>Mounts of a usual body.</summary>
internal static class MountSet
{
    public static IEnumerable<Mount> Of(BodyPlan plan, bool tray)
    {
        var width = plan.Size.WidthMetres * 1000;
        var (top, sill, roof, end, length) = (plan.BonnetTop, plan.Sill, plan.Roof, plan.CabEnd, plan.Length);
        yield return new("roof-bar", VehicleWords.RoofBarFront, "roof-front", plan.At(plan.Bonnet + 0.75, 0, roof + 0.1))
        {
            WidthMillimetres = Round(0.66 * width),
            HeightMillimetres = 130,
            Holds = [new(HolderKind.Feet, 0.3 * width, 0.6 * width), new(HolderKind.Ears, 0.45 * width, 0.64 * width)],
            MostKilograms = 12,
            TiltDegrees = 20,
        };
        yield return new("grille-slot", VehicleWords.BehindTheGrille, "grille", plan.At(0.12, 0, top - 0.2))
        {
            WidthMillimetres = Round(0.42 * width),
            HeightMillimetres = 75,
            DepthMillimetres = 120,
            ProudMillimetres = 0,
            Shows = Shows.Hidden,
            Holds = [new(HolderKind.Feet, 150, 0.4 * width), new(HolderKind.Stud, 6, 10)],
            MostKilograms = 5,
            TiltDegrees = 5,
        };
        yield return new("bumper-slot", VehicleWords.BumperSlot, "bumper-front", plan.At(0.02, 0, sill))
        {
            WidthMillimetres = Round(0.46 * width),
            HeightMillimetres = 70,
            DepthMillimetres = 110,
            ProudMillimetres = 15,
            RadiusMillimetres = 1800,
            Holds = [new(HolderKind.Feet, 200, 0.44 * width), new(HolderKind.Ears, 300, 0.45 * width)],
            MostKilograms = 6,
            TiltDegrees = 8,
        };
        yield return new("nudge-bar", VehicleWords.NudgeBar, "bumper-front", plan.At(-0.08, 0, sill + 0.35))
        {
            WidthMillimetres = Round(0.55 * width),
            Holds = [new(HolderKind.Stud, 8, 12), new(HolderKind.Feet, 150, 0.5 * width), new(HolderKind.Clamp, 42, 76)],
            MostKilograms = 8,
            TiltDegrees = 15,
        };
        yield return new("plate", VehicleWords.NumberPlateBracket, "bumper-front", plan.At(0, 0, sill + 0.12))
        {
            WidthMillimetres = 520,
            HeightMillimetres = 110,
            Holds = [new(HolderKind.Feet, 150, 480), new(HolderKind.Ears, 200, 500)],
            MostKilograms = 3,
            Structural = false,
            Free = [new KeepFree(VehicleWords.NumberPlate, FreeWay.Below, 60)],
        };
        yield return new("hinge-mount-left", VehicleWords.BonnetHingeLeft, "hinge-left", plan.At(plan.Bonnet - 0.05, -0.92, top + 0.08))
        {
            WidthMillimetres = 110,
            Holds = [new(HolderKind.Stud, 8, 10)],
            MostKilograms = 2,
            PairOf = "hinge-mount-right",
            Free = [new KeepFree(VehicleWords.BonnetTravel, FreeWay.Right, 55)],
        };
        yield return new("hinge-mount-right", VehicleWords.BonnetHingeRight, "hinge-right", plan.At(plan.Bonnet - 0.05, 0.92, top + 0.08))
        {
            WidthMillimetres = 110,
            Holds = [new(HolderKind.Stud, 8, 10)],
            MostKilograms = 2,
            PairOf = "hinge-mount-left",
            Free = [new KeepFree(VehicleWords.BonnetTravel, FreeWay.Left, 55)],
        };
        yield return new("rear-left", VehicleWords.RearBumperLeft, "quarter-left", plan.At(length, -0.7, sill))
        {
            WidthMillimetres = 130,
            HeightMillimetres = 130,
            DepthMillimetres = 100,
            ProudMillimetres = 10,
            Holds = [new(HolderKind.Stud, 8, 10), new(HolderKind.Ears, 70, 120)],
            PairOf = "rear-right",
            HolesToDrill = 1,
        };
        yield return new("rear-right", VehicleWords.RearBumperRight, "quarter-right", plan.At(length, 0.7, sill))
        {
            WidthMillimetres = 130,
            HeightMillimetres = 130,
            DepthMillimetres = 100,
            ProudMillimetres = 10,
            Holds = [new(HolderKind.Stud, 8, 10), new(HolderKind.Ears, 70, 120)],
            PairOf = "rear-left",
            HolesToDrill = 1,
        };
        yield return new("tow-receiver", VehicleWords.TowReceiver, "tow-socket", plan.At(length + 0.05, 0, sill - 0.1))
        {
            WidthMillimetres = 300,
            Holds = [new(HolderKind.Receiver, 50, 50)],
            MostKilograms = 10,
            Free = [new KeepFree(VehicleWords.HitchPin, FreeWay.Left, 60), new KeepFree(VehicleWords.SafetyChains, FreeWay.Below, 80)],
        };
        if (!tray)
        {
            yield return new("opening-head", VehicleWords.OverTheRearOpening, "tailgate-head", plan.At(end - 0.05, 0, roof - 0.1))
            {
                WidthMillimetres = 600,
                HeightMillimetres = 45,
                DepthMillimetres = 30,
                HolesToDrill = 2,
                Holds = [new(HolderKind.Feet, 100, 550)],
                MostKilograms = 1,
            };
            yield return new("roof-rear-bar", VehicleWords.RoofRear, "roof-rear", plan.At(end - 0.1, 0, roof + 0.08))
            {
                WidthMillimetres = Round(0.6 * width),
                HeightMillimetres = 130,
                Holds = [new(HolderKind.Feet, 150, 0.55 * width), new(HolderKind.Stud, 8, 12)],
                MostKilograms = 8,
            };
            yield break;
        }
        yield return new("headboard-bar", VehicleWords.HeadboardRail, "headboard", plan.At(end + 0.1, 0, roof + 0.05))
        {
            WidthMillimetres = Round(0.7 * width),
            Holds = [new(HolderKind.Clamp, 38, 63), new(HolderKind.Feet, 150, 0.65 * width)],
            MostKilograms = 15,
        };
        yield return new("tray-rail", VehicleWords.TrayRailLeft, "tray", plan.At((end + length) / 2, -0.95, sill + 0.35))
        {
            WidthMillimetres = 400,
            HeightMillimetres = 130,
            HolesToDrill = 2,
            Holds = [new(HolderKind.Feet, 100, 360), new(HolderKind.Stud, 8, 10)],
            MostKilograms = 4,
        };
    }

    private static double Round(double millimetres) => Math.Round(millimetres / 5) * 5;
}
