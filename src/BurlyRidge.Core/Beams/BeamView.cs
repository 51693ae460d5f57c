using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>What is looked at.</summary>
/// <param name="Lines">Lines whose lamps are; null: all.</param>
/// <param name="Own">The vehicle's own lamps that are lit.</param>
/// <param name="Coarse">Quickly, while somebody drags: no ends of glare are looked for.</param>
/// <param name="VehicleLevel">Marks on the wall of a vehicle that stands level on its wheels; otherwise as it stands on the ground.</param>
public sealed record BeamLook(IReadOnlyList<string>? Lines, IReadOnlyList<OwnLamp> Own, bool Coarse, bool VehicleLevel);

/// <summary>Squares of a plan as bytes, row by row from the rear, each from the left.</summary>
/// <param name="Bytes">50 for each tenfold above 0.01 lx; 0: no more than that.</param>
public sealed record GridPicture(double Ahead, double Right, double Step, int Rows, int Columns, byte[] Bytes)
{
    internal static GridPicture Of(LuxGrid grid) => new(grid.Ahead, grid.Right, grid.Step, grid.Rows, grid.Columns, [.. grid.Lux.Select(lux => Logs.Byte(lux, 0.01))]);

    /// <summary>How two grids differ: 128 alike, 40 more for twice the light, 40 less for half of it; 0: both are dark.</summary>
    internal static GridPicture Between(LuxGrid one, LuxGrid other)
    {
        const double dark = 0.05, doubling = 40, alike = 128;
        return new GridPicture(one.Ahead, one.Right, one.Step, one.Rows, one.Columns, [.. one.Lux.Zip(other.Lux, (mine, theirs) =>
            mine < dark && theirs < dark ? (byte)0 : (byte)Math.Clamp(Math.Round(alike + doubling * Math.Log2(Math.Max(mine, dark) / Math.Max(theirs, dark))), 1, 255))]);
    }
}

/// <summary>The ground from above.</summary>
public sealed record PlanPicture(GridPicture Near, GridPicture Far, IReadOnlyList<IsoLine> Lines);

/// <summary>Light where somebody or something looks from, each lamp faced, lx.</summary>
/// <param name="Camera">At the lens of the reversing camera.</param>
/// <param name="LeftMirror">On the glass of the left mirror.</param>
/// <param name="RightMirror">On that of the right one.</param>
/// <param name="Oncoming">At an eye 50 m ahead on the driver's side, 1.2 m above the ground.</param>
/// <param name="Coupling">On the coupling point or hitch.</param>
/// <param name="Loading">On the ground where one loads from behind, 1 m from the rear, from above.</param>
public sealed record SeenLight(double Camera, double LeftMirror, double RightMirror, double Oncoming, double Coupling, double Loading);

/// <summary>Ground behind as the reversing camera has it.</summary>
/// <param name="LitShare">Of it with 1 lx and more, 0 to 1.</param>
/// <param name="BothShare">Of it with 1 lx and more from left and from right, 0 to 1: the overlap.</param>
public sealed record RearSight(double LitShare, double BothShare);

/// <summary>How a lamp is aimed and what it may be.</summary>
/// <param name="Room">It can be tilted so far by what holds it, degrees; null: free.</param>
/// <param name="UpMetres">Of the middle of its face above the ground, m.</param>
public sealed record AimedLamp(string Lamp, string Name, IReadOnlyList<string> Lines, Facing Facing, LampAim Aim, double? Room, double UpMetres, double RightMetres, double BackMetres);

/// <summary>Everything about where the light of a rig goes in one state.</summary>
/// <param name="Body">False: no body is chosen, and nothing can be said.</param>
public sealed record BeamView(
    bool Body, IReadOnlyList<AimedLamp> Aims, IReadOnlyList<LampLight> Lamps, PlanPicture? Plan, GridPicture? Difference, IReadOnlyList<LightTowards> Sides, GlareFigures? Glare, IReadOnlyList<GlareEnd> Ends,
    SeenLight? Seen, RearSight? Rear, SideSection? Section, SeatPicture? Seat, SeatPicture? RearPicture, IReadOnlyList<AimMark> Marks, IReadOnlyList<BeamNote> Notes, Point? Eye, Point? Camera)
{
    private static BeamView Nothing { get; } = new(false, [], [], null, null, [], null, [], null, null, null, null, null, [], [], null, null);

    /// <summary>Works it out.</summary>
    /// <param name="beams">Aims and what is looked at, which need not be the saved ones.</param>
    /// <param name="against">Aims to be held against; null: none.</param>
    public static BeamView Of(BeamRig rig, BeamPlan beams, BeamPlan? against, BeamLook look, CancellationToken cancellation = default)
    {
        if (rig.Wired.Body is not { } body) return Nothing;
        var world = BeamWorld.Of(rig, beams, look);
        var (scene, length) = (world.Scene, body.Size.LengthMetres);
        var ground = GroundLight.Of(scene, -length, look.Coarse, cancellation);
        var glare = new Glare(body, beams, scene.Shade, world.Attitude, scene.Ground, look.Coarse ? 3 : 1);
        var figures = glare.Figures(glare.Of(scene), scene);
        cancellation.ThrowIfCancellationRequested();
        var rooms = BeamNotes.RoomOf(world).ToDictionary(room => room.Lamp, room => room.Degrees, StringComparer.Ordinal);
        var other = against is null ? null : GroundLight.Of(BeamWorld.Of(rig, against, look).Scene, -length, look.Coarse, cancellation);
        var (eye, camera) = (Viewpoints.Eye(body, beams), Viewpoints.Camera(body, beams));
        return new BeamView(
            true,
            [.. world.All.DistinctBy(lamp => lamp.Lamp).Select(lamp => Aimed(lamp, world, rooms))],
            [.. world.All.Concat(world.Own).AsParallel().AsOrdered().Select(lamp => LampLight.Of(lamp, scene.Shade, scene.Ground, Lumens(scene, ground, lamp)))],
            new PlanPicture(GridPicture.Of(ground.Near), GridPicture.Of(ground.Far), IsoLux.Of(ground)),
            other is null ? null : GridPicture.Between(ground.Far, other.Far),
            [.. Enum.GetValues<Facing>().AsParallel().AsOrdered().Select(to => Reaching.Of(scene, to, length, body.Size.WidthMetres, look.Coarse))],
            figures,
            look.Coarse ? [] : GlareEnds.Of(glare, scene.Lamps, scene.Shade, scene.Ground, world.Attitude, world.Mounts, cancellation),
            See(scene, body, beams, world.Attitude), Behind(scene, length), SideSection.Of(scene, body, beams, world.Attitude),
            SeatPicture.Of(scene, world.Attitude.Of(eye), 0, -3, 60, Beams.Glare.RoadMetres, look.Coarse ? 64 : 160, look.Coarse ? 28 : 70),
            SeatPicture.Of(scene, world.Attitude.Of(camera), 180, -25, 100, null, look.Coarse ? 64 : 160, look.Coarse ? 28 : 70),
            MarksOf(rig, world, beams, look),
            BeamNotes.Of(world, figures), eye, camera);
    }

    /// <summary>Light on the ground in full, for a file.</summary>
    public static (LuxGrid Near, LuxGrid Far)? GridOf(BeamRig rig, BeamPlan beams, BeamLook look, CancellationToken cancellation = default)
    {
        if (rig.Wired.Body is not { } body) return null;
        var ground = GroundLight.Of(BeamWorld.Of(rig, beams, look).Scene, -body.Size.LengthMetres, coarse: false, cancellation);
        return (ground.Near, ground.Far);
    }

    /// <summary>Marks of all lamps on the wall, lit or not, beside the vehicle's own high beam.</summary>
    public static IReadOnlyList<AimMark> MarksOf(BeamRig rig, BeamPlan beams, BeamLook look) => rig.Wired.Body is null ? [] : MarksOf(rig, null, beams, look);

    private static IReadOnlyList<AimMark> MarksOf(BeamRig rig, BeamWorld? stands, BeamPlan beams, BeamLook look)
    {
        var body = rig.Wired.Body!;
        var world = look.VehicleLevel || stands is null ? BeamWorld.Of(rig, Stood(beams, look), look with { Own = [] }) : stands;
        return AimMarks.Of(world with { Own = [.. OwnLamps.Of(body, [OwnLamp.High], world.Attitude)] }, body.Size.LengthMetres);
    }

    private static BeamPlan Stood(BeamPlan beams, BeamLook look) => look.VehicleLevel ? beams with { NoseUpDegrees = 0 } : beams;

    /// <summary>What marks as found on the wall say of lamps.</summary>
    public static IReadOnlyList<FoundAim> FoundOf(BeamRig rig, BeamPlan beams, IReadOnlyList<FoundMark> marks, BeamLook look)
    {
        if (rig.Wired.Body is not { } body) return [];
        var world = BeamWorld.Of(rig, Stood(beams, look), look);
        return [.. marks.Select(mark => AimMarks.Of(mark, world, body.Size.LengthMetres)).OfType<FoundAim>()];
    }

    /// <summary>How a light shines as LM-63: its own file, or its stand-in written as one; null where there is no such light.</summary>
    /// <param name="light">"fixture.light".</param>
    public static string? FileOf(BeamRig rig, string light)
    {
        if (rig.Wired.Fixtures.FirstOrDefault(one => one.Functions.Any(function => $"{one.Id}.{function.Id}" == light)) is not { } lamp) return null;
        var function = lamp.Functions.First(function => $"{lamp.Id}.{function.Id}" == light);
        if (rig.Saved.Beams.Files.FirstOrDefault(file => file.Id == function.Output?.File) is { } own) return own.Text;
        var facing = rig.Placed.FirstOrDefault(placed => placed.Part == lamp.Id)?.Facing ?? Facing.Ahead;
        var size = lamp.Measured ?? lamp.Body;
        var (shape, guess) = StandIn.Of(function, size, facing, new Dictionary<string, TableLight>());
        return Lm63Writer.Write(Lm63Writer.Of(shape, rig.NameOf(lamp.Functions.Count == 1 ? lamp.Id : light), guess ? BeamWords.StandInGuessed : BeamWords.StandInGiven, function.Power, (size?.WidthMillimetres ?? 0) / 1000, (size?.HeightMillimetres ?? 0) / 1000));
    }

    private static AimedLamp Aimed(BeamLamp lamp, BeamWorld world, Dictionary<string, double?> rooms) => new(
        lamp.Lamp, world.NameOf(lamp.Lamp), lamp.Lines, lamp.Facing, world.Beams.AimOf(lamp.Lamp, lamp.Lines), rooms.GetValueOrDefault(lamp.Lamp), lamp.At.Up, lamp.At.Right, -lamp.At.Ahead);

    private static double Lumens(LitScene scene, GroundLight ground, BeamLamp lamp)
    {
        var index = scene.Lamps.ToList().FindIndex(lit => lit.Id == lamp.Id);
        return index < 0 ? 0 : ground.Lumens[index];
    }

    private static SeenLight See(LitScene scene, Body body, BeamPlan beams, Attitude attitude)
    {
        var (plan, mirrors) = (new BodyPlan(body.Size), Viewpoints.Mirrors(body));
        double At(Point point) => scene.Lux(attitude.Of(point), null);
        return new SeenLight(
            At(Viewpoints.Camera(body, beams)), At(mirrors[0]), At(mirrors[1]), scene.Lux(Viewpoints.Oncoming(body) with { Up = scene.Ground.Up(Viewpoints.OncomingMetres) + Viewpoints.OncomingUp }, null),
            At(plan.At(plan.Length + 0.15, 0, plan.Sill - 0.1)), scene.OnGround(-plan.Length - 1, 0));
    }

    private static RearSight Behind(LitScene scene, double length)
    {
        const double reach = 8, side = 4, step = 0.5, lux = 1;
        var (all, lit, both) = (0, 0, 0);
        for (var back = step; back <= reach; back += step)
            for (var right = -side; right <= side; right += step)
            {
                all++;
                var (fromLeft, fromRight) = (0.0, 0.0);
                for (var lamp = 0; lamp < scene.Count; lamp++)
                {
                    var gives = scene.Lux(lamp, scene.Ground.At(-length - back, right), scene.Ground.Normal(0));
                    if (scene.Lamps[lamp].At.Right <= 0) fromLeft += gives;
                    else fromRight += gives;
                }
                if (fromLeft + fromRight >= lux) lit++;
                if (fromLeft >= lux && fromRight >= lux) both++;
            }
        return new RearSight((double)lit / all, (double)both / all);
    }
}
