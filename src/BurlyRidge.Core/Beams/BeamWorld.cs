using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>The lamps of a rig and its vehicle, put into the world.</summary>
/// <param name="All">The rig's own lamps that are looked at, dark ones too.</param>
/// <param name="Own">What the vehicle came with and is lit.</param>
/// <param name="Mounts">By lamp, the mount that it is on.</param>
/// <param name="NoMount">Lamps that are on none.</param>
internal sealed record BeamWorld(BeamRig Rig, BeamPlan Beams, Attitude Attitude, IReadOnlyList<BeamLamp> All, IReadOnlyList<BeamLamp> Own, LitScene Scene, IReadOnlyDictionary<string, Mount> Mounts, IReadOnlyList<string> NoMount)
{
    /// <summary>What a lamp is called, or a line whose lamps are not chosen yet.</summary>
    public string NameOf(string lamp) => Rig.NameOf(lamp);

    /// <summary>How it is aimed.</summary>
    public LampAim AimOf(string lamp) => Beams.AimOf(lamp, All.FirstOrDefault(one => one.Lamp == lamp)?.Lines ?? []);

    /// <param name="rig">It has a body.</param>
    public static BeamWorld Of(BeamRig rig, BeamPlan beams, BeamLook look)
    {
        var body = rig.Wired.Body!;
        var attitude = new Attitude(body, beams.NoseUpDegrees);
        var (lamps, noMount) = LampsInWorld.Of(rig, beams, attitude);
        var lines = look.Lines?.ToHashSet(StringComparer.Ordinal);
        IReadOnlyList<BeamLamp> all = lines is null ? lamps : [.. lamps.Where(lamp => lamp.Lines.Any(lines.Contains))];
        IReadOnlyList<BeamLamp> own = [.. OwnLamps.Of(body, look.Own, attitude)];
        var mounts = body.Mounts.ToDictionary(mount => mount.Id, StringComparer.Ordinal);
        return new BeamWorld(
            rig, beams, attitude, all, own, new LitScene([.. all, .. own], Shade.Of(body, beams, attitude), new Ground(beams.GroundPercent, beams.GroundFromMetres)),
            lamps.DistinctBy(lamp => lamp.Lamp).ToDictionary(lamp => lamp.Lamp, lamp => mounts[lamp.Mount], StringComparer.Ordinal), noMount);
    }
}
