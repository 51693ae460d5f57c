using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Beams;

/// <summary>Where the axis of a lamp meets the wall.</summary>
/// <param name="Lamp">The fixture, by id; empty: one of the vehicle's own, whose mark is a guess.</param>
/// <param name="UpMetres">Above the ground that the vehicle stands on, m.</param>
/// <param name="RightMetres">Right of the middle of the vehicle, as one looks at the wall, m.</param>
/// <param name="EachMillimetre">The mark moves so far up or down for each millimetre under one end of the foot, mm; null: its own.</param>
/// <param name="EachTurn">The same for each turn of its screw, mm.</param>
/// <param name="FootGuessed">Length of the foot is guessed from the depth of the lamp.</param>
/// <param name="AboveHighBeam">Above the mark of the vehicle's own high beam, mm; null: no such lamp looks that way.</param>
public sealed record AimMark(
    string Lamp, string Name, Facing To, double UpMetres, double RightMetres, double? EachMillimetre, double? EachTurn, bool FootGuessed, double? AboveHighBeam);

/// <summary>A mark as it was found on the wall.</summary>
/// <param name="UpMetres">Above the ground, m.</param>
/// <param name="RightMetres">Right of the middle, as one looks at the wall, m.</param>
public sealed record FoundMark(string Lamp, double UpMetres, double RightMetres);

/// <summary>How a lamp stands by its mark, and what sets it as it is planned.</summary>
/// <param name="PitchDegrees">Up, as found.</param>
/// <param name="YawDegrees">To the right from its mount, as found.</param>
/// <param name="LiftMillimetres">The rear end of its foot comes up by so much, mm; below nothing: down.</param>
/// <param name="Turns">Of its screw, the same.</param>
public sealed record FoundAim(string Lamp, string Name, double PitchDegrees, double YawDegrees, double OffPitchDegrees, double OffYawDegrees, double LiftMillimetres, double Turns);

/// <summary>Marks of all lamps on a wall ahead or behind.</summary>
internal static class AimMarks
{
    /// <summary>One turn of an M8 screw of coarse thread, mm (ISO 261, from memory).</summary>
    private const double UsualTurn = 1.25;

    /// <summary>Depth of a lamp that nobody gave, mm (typical).</summary>
    private const double UsualFoot = 80;

    /// <summary>All that meet it.</summary>
    /// <param name="world">With the vehicle's own high beam, to set others by.</param>
    public static IReadOnlyList<AimMark> Of(BeamWorld world, double length)
    {
        var wall = world.Beams.WallMetres;
        double? high = world.Own.Select(lamp => Meets(lamp, wall, length)).OfType<Vec>().Select(at => at.Up).Cast<double?>().Average();
        return [.. world.All.DistinctBy(lamp => (lamp.Lamp, lamp.At)).Concat(world.Own).Select(lamp => (Lamp: lamp, At: Meets(lamp, wall, length))).Where(pair => pair.At is not null).Select(pair =>
        {
            var (lamp, at) = (pair.Lamp, pair.At!.Value);
            var name = NameOf(world, lamp);
            var right = lamp.Facing == Facing.Astern ? -at.Right : at.Right;
            if (lamp.Lamp.Length == 0) return new AimMark("", name, lamp.Facing, at.Up, right, null, null, true, null);
            var (foot, turn, guessed) = Foot(world, lamp.Lamp);
            var moves = (at - lamp.At).Length * 1000 / foot;
            return new AimMark(lamp.Lamp, name, lamp.Facing, at.Up, right, moves, moves * turn, guessed, lamp.Facing == Facing.Ahead && high is { } level ? (at.Up - level) * 1000 : null);
        })];
    }

    /// <summary>What marks as found say; null where there is no such lamp, or it looks elsewhere.</summary>
    public static FoundAim? Of(FoundMark mark, BeamWorld world, double length)
    {
        if (world.All.FirstOrDefault(lamp => lamp.Lamp == mark.Lamp) is not { Facing: Facing.Ahead or Facing.Astern } lamp) return null;
        var wall = Wall(lamp.Facing, world.Beams.WallMetres, length);
        var (yaw, pitch) = LampsInWorld.AnglesOf(new Vec(wall, lamp.Facing == Facing.Astern ? -mark.RightMetres : mark.RightMetres, mark.UpMetres) - lamp.At, lamp.Facing, world.Attitude);
        var aim = world.AimOf(mark.Lamp);
        var (foot, turn, _) = Foot(world, mark.Lamp);
        var lift = foot * Math.Tan(Degrees.ToRadians(pitch - aim.PitchDegrees));
        return new FoundAim(mark.Lamp, NameOf(world, lamp), pitch, yaw, pitch - aim.PitchDegrees, yaw - aim.YawDegrees, lift, lift / turn);
    }

    private static string NameOf(BeamWorld world, BeamLamp lamp) => lamp.Lamp.Length == 0 ? lamp.Name : world.NameOf(lamp.Lamp);

    private static (double Foot, double Turn, bool Guessed) Foot(BeamWorld world, string lamp)
    {
        var aim = world.AimOf(lamp);
        var fixture = world.Rig.Wired.Fixtures.FirstOrDefault(one => one.Id == lamp);
        return (aim.FootMillimetres ?? (fixture?.Measured ?? fixture?.Body)?.DepthMillimetres ?? UsualFoot, aim.TurnMillimetres ?? UsualTurn, aim.FootMillimetres is null);
    }

    private static double Wall(Facing facing, double metres, double length) => facing == Facing.Ahead ? metres : -length - metres;

    private static Vec? Meets(BeamLamp lamp, double metres, double length)
    {
        if (lamp.Facing is not (Facing.Ahead or Facing.Astern)) return null;
        var part = (Wall(lamp.Facing, metres, length) - lamp.At.Ahead) / lamp.Frame.Forward.Ahead;
        return part > 0 && double.IsFinite(part) ? lamp.At + lamp.Frame.Forward * part : null;
    }
}
