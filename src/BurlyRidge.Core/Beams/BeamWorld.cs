using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>The lamps of a rig and its vehicle, put into the world.</summary>
/// <param name="All">The rig's own lamps that are looked at, dark ones too.</param>
/// <param name="Own">What the vehicle came with and is lit.</param>
/// <param name="Mounts">By lamp, the mount that it is on.</param>
/// <param name="NoMount">Lamps that are on none.</param>
internal sealed record BeamWorld(Rig Rig, BeamPlan Beams, Attitude Attitude, IReadOnlyList<BeamLamp> All, IReadOnlyList<BeamLamp> Own, LitScene Scene, IReadOnlyDictionary<string, Mount> Mounts, IReadOnlyList<string> NoMount)
{
    private readonly PartNames names = PartNames.Of(Rig);

    /// <summary>What a lamp is called, or a line whose lamps are not chosen yet.</summary>
    public string NameOf(string lamp) => Rig.Lines.Any(line => line.Id == lamp) && Rig.Fixtures.All(fixture => fixture.Id != lamp) ? names.Line(lamp) : names[lamp];

    /// <summary>How it is aimed.</summary>
    public LampAim AimOf(string lamp) => Beams.AimOf(lamp, All.FirstOrDefault(one => one.Lamp == lamp)?.Lines ?? []);

    /// <param name="saved">As it is planned; it has a body.</param>
    /// <param name="rig">The same with every line in full wiring.</param>
    public static BeamWorld Of(Rig saved, Rig rig, IReadOnlyDictionary<string, Brightness> lights, BeamPlan beams, BeamLook look)
    {
        var body = rig.Body!;
        var attitude = new Attitude(body, beams.NoseUpDegrees);
        var (lamps, noMount) = LampsInWorld.Of(saved, rig, beams, lights, attitude, Tables.Of(beams));
        var lines = look.Lines?.ToHashSet(StringComparer.Ordinal);
        IReadOnlyList<BeamLamp> all = lines is null ? lamps : [.. lamps.Where(lamp => lamp.Lines.Any(lines.Contains))];
        IReadOnlyList<BeamLamp> own = [.. OwnLamps.Of(body, look.Own, attitude)];
        var mounts = body.Mounts.ToDictionary(mount => mount.Id, StringComparer.Ordinal);
        return new BeamWorld(
            rig, beams, attitude, all, own, new LitScene([.. all, .. own], Shade.Of(body, beams, attitude), new Ground(beams.GroundPercent, beams.GroundFromMetres)),
            lamps.DistinctBy(lamp => lamp.Lamp).ToDictionary(lamp => lamp.Lamp, lamp => mounts[lamp.Mount], StringComparer.Ordinal), noMount);
    }
}

/// <summary>Files of a rig as lights; one that cannot be read is none.</summary>
internal static class Tables
{
    public static IReadOnlyDictionary<string, TableLight> Of(BeamPlan beams) =>
        beams.Files.Select(file => (file.Id, Read: Lm63Reader.Read(file.Text) as Lm63Reading.Read)).Where(pair => pair.Read is not null)
            .ToDictionary(pair => pair.Id, pair => new TableLight(pair.Read!.File), StringComparer.Ordinal);
}
