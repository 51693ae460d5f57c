namespace BurlyRidge.Core.Rigs;

/// <summary>Where a rig's light is to go: how its lamps are aimed, how the vehicle stands, what is looked at from where.</summary>
public sealed record BeamPlan
{
    /// <summary>How lamps are aimed; one that is left out is level and looks straight the way its mount does.</summary>
    public IReadOnlyList<LampAim> Aims { get; init; } = [];

    /// <summary>Nose of the vehicle up, by its rake and its load, degrees; below nothing: down.</summary>
    public double NoseUpDegrees { get; init; }

    /// <summary>What lies on it, and stands in the way of light.</summary>
    public IReadOnlyList<CargoBox> Cargo { get; init; } = [];

    /// <summary>The ground ahead rises so many per cent; below nothing: falls.</summary>
    public double GroundPercent { get; init; }

    /// <summary>So far ahead of the front it begins to, m.</summary>
    public double GroundFromMetres { get; init; } = 30;

    /// <summary>The driver's eye; null: where a seat usually has it.</summary>
    public Point? Eye { get; init; }

    /// <summary>What the bonnet is like to light.</summary>
    public Finish Bonnet { get; init; } = Finish.DarkPaint;

    /// <summary>Lens of the reversing camera; null: in the middle of the rear.</summary>
    public Point? Camera { get; init; }

    /// <summary>From the front, or from the rear, to the wall that aim is marked on, m.</summary>
    public double WallMetres { get; init; } = 10;

    /// <summary>How lamps shine, as files have it.</summary>
    public IReadOnlyList<BeamFile> Files { get; init; } = [];

    /// <summary>Aims that were kept under a name.</summary>
    public IReadOnlyList<BeamSetup> Setups { get; init; } = [];

    /// <summary>How that lamp is aimed: by itself, else as the first of its lines that is aimed as a whole.</summary>
    public LampAim AimOf(string lamp, params IReadOnlyList<string> lines) => Own(lamp) ?? (lines.Select(Own).FirstOrDefault(aim => aim is not null) ?? new LampAim(lamp)) with { Lamp = lamp };

    private LampAim? Own(string id) => Aims.FirstOrDefault(aim => aim.Lamp == id);

    /// <summary>Left made right, and right left.</summary>
    internal BeamPlan Mirrored()
    {
        static Point? Of(Point? at) => at is null ? null : at with { Right = -at.Right };
        static IReadOnlyList<LampAim> Turned(IReadOnlyList<LampAim> aims) => [.. aims.Select(aim => aim with { YawDegrees = -aim.YawDegrees, RollDegrees = -aim.RollDegrees })];
        return this with
        {
            Aims = Turned(Aims),
            Setups = [.. Setups.Select(setup => setup with { Aims = Turned(setup.Aims) })],
            Cargo = [.. Cargo.Select(box => box with { From = Of(box.From)!, To = Of(box.To)! })],
            Eye = Of(Eye),
            Camera = Of(Camera),
        };
    }

    /// <summary>The same with lamps aimed otherwise; level and straight is not written down.</summary>
    public BeamPlan Aimed(IEnumerable<LampAim> aims)
    {
        var now = Aims.ToDictionary(aim => aim.Lamp, StringComparer.Ordinal);
        foreach (var aim in aims) now[aim.Lamp] = aim;
        return this with { Aims = [.. now.Values.Where(aim => aim != new LampAim(aim.Lamp)).OrderBy(aim => aim.Lamp, StringComparer.Ordinal)] };
    }
}

/// <summary>How a lamp is aimed, against straight from its mount and level with the vehicle.</summary>
/// <param name="Lamp">Id of the fixture; of a line: all of its lamps that are not aimed by themselves.</param>
public sealed record LampAim(string Lamp)
{
    /// <summary>To the right, as seen from behind the lamp, degrees.</summary>
    public double YawDegrees { get; init; }

    /// <summary>Up, degrees; below nothing: down.</summary>
    public double PitchDegrees { get; init; }

    /// <summary>Turned about its own axis, clockwise as seen from behind it, degrees.</summary>
    public double RollDegrees { get; init; }

    /// <summary>Length of its foot along the beam, from one bolt or edge to the other, mm; null: as deep as the lamp.</summary>
    public double? FootMillimetres { get; init; }

    /// <summary>What one turn of its screw moves the foot by, mm; null: as an M8 thread.</summary>
    public double? TurnMillimetres { get; init; }
}

/// <summary>Something on the vehicle that light does not pass, between two of its corners.</summary>
public sealed record CargoBox(string Name, Point From, Point To);

/// <summary>How a surface throws light back.</summary>
public enum Finish
{
    /// <summary>Matt black.</summary>
    MattBlack,

    /// <summary>Dark paint.</summary>
    DarkPaint,

    /// <summary>White paint.</summary>
    White,

    /// <summary>Bare metal.</summary>
    BareMetal,
}

/// <summary>A photometric file.</summary>
/// <param name="Id">As the lights of lamps name it.</param>
/// <param name="Text">As it was taken in, LM-63.</param>
public sealed record BeamFile(string Id, string Name, [property: LongText] string Text)
{
    /// <summary>So many letters hold 5° by 5° all round many times over.</summary>
    public const int MostLetters = 200_000;
}

/// <summary>Aims kept under a name.</summary>
public sealed record BeamSetup(string Id, string Name)
{
    /// <summary>How its lamps are aimed.</summary>
    public IReadOnlyList<LampAim> Aims { get; init; } = [];

    /// <summary>Nose of the vehicle up, degrees.</summary>
    public double NoseUpDegrees { get; init; }
}
