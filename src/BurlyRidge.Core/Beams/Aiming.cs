using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>How lamps are to be aimed.</summary>
public enum AimHow
{
    /// <summary>As the degrees have it that are given; others stay.</summary>
    Degrees,

    /// <summary>Level with the vehicle, and straight the way the mount looks.</summary>
    Level,

    /// <summary>Turned away from the middle of the vehicle by so many degrees of yaw.</summary>
    Outward,

    /// <summary>At a point on the ground.</summary>
    Point,

    /// <summary>Its axis meets the ground at a distance, from the front or from the rear; where it points to the side stays.</summary>
    Distance,
}

/// <summary>Works out how lamps stand that are to light something.</summary>
internal static class Aiming
{
    /// <summary>Aimed at a point of the world; null where the lamp is on no mount.</summary>
    public static LampAim? At(BeamRig of, string lamp, Vec target)
    {
        if (Find(of, lamp) is not { } found) return null;
        var (stands, attitude) = found;
        var (yaw, pitch) = LampsInWorld.AnglesOf(target - stands.At, stands.Facing, attitude);
        return of.Saved.Beams.AimOf(lamp, stands.Lines) with { YawDegrees = Rounded(yaw), PitchDegrees = Rounded(pitch) };
    }

    /// <summary>Its axis meets the ground at a distance from the vehicle; null where it is on no mount or looks along the ground to the side.</summary>
    public static LampAim? ToDistance(BeamRig of, string lamp, double metres)
    {
        if (Find(of, lamp) is not { } found) return null;
        var (stands, attitude) = found;
        var level = Frame.Of(LampsInWorld.HeadingOf(stands.Facing) + of.Saved.Beams.AimOf(lamp, stands.Lines).YawDegrees, 0, 0).Forward;
        var size = of.Wired.Body!.Size;
        // So far from the end of the vehicle that it looks away from, along where it points.
        var start = stands.Facing switch
        {
            Fitting.Facing.Ahead => stands.At.Ahead,
            Fitting.Facing.Astern => -size.LengthMetres - stands.At.Ahead,
            Fitting.Facing.Left => -size.WidthMetres / 2 - stands.At.Right,
            _ => stands.At.Right - size.WidthMetres / 2,
        };
        var along = metres - start;
        if (along <= 0) return null;
        var foot = stands.At + level * along;
        var ground = new Ground(of.Saved.Beams.GroundPercent, of.Saved.Beams.GroundFromMetres);
        return of.Saved.Beams.AimOf(lamp, stands.Lines) with { PitchDegrees = Rounded(LampsInWorld.AnglesOf(ground.At(foot.Ahead, foot.Right) - stands.At, stands.Facing, attitude).Pitch) };
    }

    /// <summary>Turned away from the middle; one in the middle stays.</summary>
    public static LampAim? Outwards(BeamRig of, string lamp, double degrees)
    {
        if (Find(of, lamp) is not { } found) return null;
        var side = Math.Sign(Math.Round(found.Lamp.At.Right, 3));
        // Right as one looks astern is left of the vehicle.
        return of.Saved.Beams.AimOf(lamp, found.Lamp.Lines) with { YawDegrees = side * degrees * (found.Lamp.Facing == Fitting.Facing.Astern ? -1 : 1) };
    }

    private static (BeamLamp Lamp, Attitude Attitude)? Find(BeamRig of, string lamp)
    {
        if (of.Wired.Body is not { } body) return null;
        var attitude = new Attitude(body, of.Saved.Beams.NoseUpDegrees);
        return LampsInWorld.Of(of, of.Saved.Beams, attitude).Lamps.FirstOrDefault(one => one.Lamp == lamp) is { } found ? (found, attitude) : null;
    }

    private static double Rounded(double degrees) => Math.Round(degrees, 2);
}
