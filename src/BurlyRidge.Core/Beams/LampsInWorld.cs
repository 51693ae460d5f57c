using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>How bright a light is.</summary>
/// <param name="Share">Of its light at its rated volts.</param>
/// <param name="Amps">That it draws, A.</param>
public sealed record Brightness(double Share, double Amps);

/// <summary>Puts the lamps of a rig into the world.</summary>
internal static class LampsInWorld
{
    /// <summary>A lamp of which nobody knows the size, m (typical).</summary>
    private const double UnknownMetres = 0.1;

    /// <summary>Every light that is on a mount, dark ones too; those of no mount are named beside them.</summary>
    public static (IReadOnlyList<BeamLamp> Lamps, IReadOnlyList<string> NoMount) Of(BeamRig of, BeamPlan beams, Attitude attitude)
    {
        var (rig, placed) = (of.Wired, of.Placed);
        var mounts = (rig.Body?.Mounts ?? []).ToDictionary(mount => mount.Id, StringComparer.Ordinal);
        var (lamps, left) = (new List<BeamLamp>(), new List<string>());
        foreach (var fixture in rig.Fixtures)
        {
            if ((placed.FirstOrDefault(one => one.Part == fixture.Id) ?? Planned(fixture.Id) ?? PlacedLamp.InMiddle(rig, fixture.Id)) is not { } at)
            {
                left.Add(fixture.Id);
                continue;
            }
            var mount = mounts[at.At];
            IReadOnlyList<string> lines = [.. rig.Lines.Where(line => line.Lamps().Contains(fixture.Id)).Select(line => line.Id)];
            var aim = beams.AimOf(fixture.Id, lines);
            var frame = Frame.Of(HeadingOf(at.Facing) + aim.YawDegrees, aim.PitchDegrees, aim.RollDegrees).On(attitude);
            foreach (var light in fixture.Functions)
            {
                var id = $"{fixture.Id}.{light.Id}";
                var (shape, guess) = StandIn.Of(light, fixture.Measured ?? fixture.Body, at.Facing, of.Tables);
                var now = of.Lights.GetValueOrDefault(id) ?? new Brightness(0, 0);
                var size = fixture.Measured ?? fixture.Body;
                lamps.Add(new BeamLamp(
                    id, at.Planned ? at.Part : fixture.Id, at.At, of.NameOf(fixture.Functions.Count == 1 ? fixture.Id : id), [.. rig.Lines.Where(line => line.Lights.Contains(id)).Select(line => line.Id)], at.Facing, attitude.Of(at.Middle), frame,
                    size?.WidthMillimetres / 1000 ?? UnknownMetres, size?.HeightMillimetres / 1000 ?? UnknownMetres, shape, now.Share * (1 - mount.SlatsFraction) * ((shape as TableLight)?.TiltFactor(aim.PitchDegrees) ?? 1), guess, light.Power, now.Amps));
            }
        }
        return (lamps, left);

        // Lamps of a quick plan that are not chosen yet stand where they are drawn.
        PlacedLamp? Planned(string lamp)
        {
            var line = rig.Lines.FirstOrDefault(line => line.Lamps().Contains(lamp));
            return line is null ? null : placed.Where(one => one.Planned && one.Part == line.Id).ElementAtOrDefault(line.Lamps().ToList().IndexOf(lamp));
        }
    }

    /// <summary>How a lamp of that facing is turned whose axis has a direction of the world, degrees.</summary>
    public static (double Yaw, double Pitch) AnglesOf(Vec direction, Facing facing, Attitude attitude)
    {
        var way = attitude.Back(direction.Unit);
        var yaw = Degrees.Of(Math.Atan2(way.Right, way.Ahead)) - HeadingOf(facing);
        return (yaw - 360 * Math.Round(yaw / 360), Degrees.Of(Math.Asin(Math.Clamp(way.Up, -1, 1))));
    }

    /// <summary>From straight ahead to the right, degrees.</summary>
    public static double HeadingOf(Facing facing) => facing switch { Facing.Ahead => 0, Facing.Right => 90, Facing.Astern => 180, _ => -90 };
}
