using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>Something about how lamps are aimed.</summary>
/// <param name="Lamps">That it is about, by id.</param>
public sealed record BeamNote(Verdict Verdict, string Words, IReadOnlyList<string> Lamps);

/// <summary>How far a lamp can still be tilted by what holds it, degrees against level with the vehicle; null: free.</summary>
internal sealed record TiltRoom(string Lamp, double? Degrees);

/// <summary>What a fitter would say of how lamps are aimed.</summary>
internal static class BeamNotes
{
    /// <summary>Nobody sees less between left and right, degrees (assumed, no source).</summary>
    private const double AlikeDegrees = 0.3;

    public static IReadOnlyList<BeamNote> Of(BeamWorld world, GlareFigures glare)
    {
        var notes = new List<BeamNote>();
        if (glare.Disturbs) notes.Add(new BeamNote(Verdict.Watch, BeamWords.FormatGlareDisturbs(Format.Percent(glare.LitShare), glare.VeilShare is { } share ? Format.Percent(share) : BeamWords.AllOfIt), []));
        foreach (var (one, other) in Pairs(world.Mounts))
        {
            var (left, right) = (world.AimOf(one), world.AimOf(other));
            if (Math.Abs(left.YawDegrees + right.YawDegrees) <= AlikeDegrees && Math.Abs(left.PitchDegrees - right.PitchDegrees) <= AlikeDegrees) continue;
            notes.Add(new BeamNote(Verdict.Watch, BeamWords.FormatNotAlike(world.NameOf(one), PartNames.Small(world.NameOf(other)), Angle(Math.Abs(left.PitchDegrees - right.PitchDegrees)), Angle(Math.Abs(left.YawDegrees + right.YawDegrees))), [one, other]));
        }
        foreach (var room in RoomOf(world))
            if (room.Degrees is { } most && Math.Abs(world.AimOf(room.Lamp).PitchDegrees) > most)
                notes.Add(new BeamNote(Verdict.Stop, BeamWords.FormatTiltBeyond(world.NameOf(room.Lamp), Angle(world.AimOf(room.Lamp).PitchDegrees), Angle(most)), [room.Lamp]));
        foreach (var group in world.All.Where(lamp => lamp.Lamp.Length > 0 && world.Mounts[lamp.Lamp].SlatsFraction > 0).GroupBy(lamp => world.Mounts[lamp.Lamp]))
            notes.Add(new BeamNote(Verdict.Holds, BeamWords.FormatSlatsTake(group.Key.Name, Format.Percent(group.Key.SlatsFraction)), [.. group.Select(lamp => lamp.Lamp).Distinct()]));
        var guessed = world.All.Where(lamp => lamp is { Guess: true, Lamp.Length: > 0 }).Select(lamp => lamp.Lamp).Distinct().ToList();
        if (guessed.Count > 0) notes.Add(new BeamNote(Verdict.Holds, BeamWords.FormatGuessed(Format.And(guessed.Select(lamp => PartNames.Small(world.NameOf(lamp))))), guessed));
        if (world.NoMount.Count > 0) notes.Add(new BeamNote(Verdict.Holds, BeamWords.FormatOnNoMount(Format.And(world.NoMount.Select(lamp => PartNames.Small(world.NameOf(lamp))))), world.NoMount));
        return notes;
    }

    /// <summary>By what the mount and the bracket leave, whichever is less.</summary>
    public static IReadOnlyList<TiltRoom> RoomOf(BeamWorld world) => [.. world.Rig.Wired.Fixtures.Where(lamp => world.Mounts.ContainsKey(lamp.Id)).Select(lamp =>
    {
        var (size, mount) = (lamp.Measured ?? lamp.Body, world.Mounts[lamp.Id]);
        double? bracket = size is { TiltDegrees: > 0 } ? size.TiltDegrees : null;
        return new TiltRoom(lamp.Id, mount.TiltDegrees is { } room ? Math.Min(room, bracket ?? room) : bracket);
    })];

    private static IEnumerable<(string One, string Other)> Pairs(IReadOnlyDictionary<string, Mount> mounts) =>
        from one in mounts
        from other in mounts
        where one.Value.PairOf == other.Value.Id && one.Value.At.Right < other.Value.At.Right
        group (one.Key, other.Key) by (one.Value.Id, other.Value.Id) into pair
        select pair.First();

    private static string Angle(double degrees) => BeamWords.FormatDegrees(Math.Round(degrees, 1));
}
