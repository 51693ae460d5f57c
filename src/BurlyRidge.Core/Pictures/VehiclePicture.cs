using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Pictures;

/// <summary>A vehicle as drawn: to scale, from four sides, with its lamps on it.</summary>
/// <param name="Views">From the left, from above, from the front and from the rear.</param>
public sealed record VehiclePicture(IReadOnlyList<PictureView> Views)
{
    /// <summary>Draws the vehicle of <paramref name="rig"/>; null where none is chosen.</summary>
    public static VehiclePicture? Of(Rig rig)
    {
        if (rig.Body is not { } body) return null;
        var lamps = PlacedLamp.Of(rig);
        return new VehiclePicture([.. Enum.GetValues<ViewSide>().Select(side => View(body, side, lamps))]);
    }

    /// <summary>Draws it from one side alone; null where none is chosen.</summary>
    public static PictureView? Of(Rig rig, ViewSide side) => rig.Body is { } body ? View(body, side, PlacedLamp.Of(rig)) : null;

    private static PictureView View(Body body, ViewSide side, IReadOnlyList<PlacedLamp> lamps)
    {
        var (size, plan) = (body.Size, new BodyPlan(body.Size));
        var (high, middle) = (size.HeightMetres, size.WidthMetres / 2);
        Axis behind = new(0, 1, 0, 0), below = new(high, 0, 0, -1);
        var (across, down, x, y, shapes) = side switch
        {
            ViewSide.Left => (size.LengthMetres, high, behind, below, SideDrawing.Of(body.Kind, plan)),
            ViewSide.Above => (size.LengthMetres, size.WidthMetres, behind, new Axis(middle, 0, -1, 0), PlanDrawing.Of(body.Kind, plan)),
            ViewSide.Front => (size.WidthMetres, high, new Axis(middle, 0, -1, 0), below, EndDrawing.Front(body.Kind, plan)),
            _ => (size.WidthMetres, high, new Axis(middle, 0, 1, 0), below, EndDrawing.Rear(body.Kind, plan)),
        };
        return new PictureView(
            side, across, down, x, y, shapes,
            [.. lamps.Where(lamp => Seen(lamp.Middle)).OrderBy(lamp => Nearness(side, lamp.Middle)).Select(lamp => LampDrawing.Of(lamp, side, x, y))],
            [.. body.Mounts.Where(mount => Seen(mount.At)).Select(mount => mount.Id)]);

        bool Seen(Point at) => side switch
        {
            ViewSide.Front => at.Back < size.LengthMetres / 2,
            ViewSide.Rear => at.Back >= size.LengthMetres / 2,
            _ => true,
        };
    }

    /// <summary>What is nearer to the eye is drawn later.</summary>
    private static double Nearness(ViewSide side, Point at) => side switch
    {
        ViewSide.Left => -at.Right,
        ViewSide.Above => at.Up,
        ViewSide.Front => -at.Back,
        _ => at.Back,
    };
}

/// <summary>Where it is looked at from.</summary>
public enum ViewSide
{
    /// <summary>Its left side, front to the left.</summary>
    Left,

    /// <summary>From above, front to the left.</summary>
    Above,

    /// <summary>From the front.</summary>
    Front,

    /// <summary>From the rear.</summary>
    Rear,
}

/// <summary>One view, in metres from its upper left corner.</summary>
/// <param name="WidthMetres">Of the vehicle in it, m.</param>
/// <param name="HeightMetres">The same down, m.</param>
/// <param name="Across">How a point of the vehicle comes to lie across.</param>
/// <param name="Down">The same down.</param>
/// <param name="Shapes">The vehicle, what lies behind first.</param>
/// <param name="Lamps">Lamps to scale, what lies behind first.</param>
/// <param name="Mounts">Ids of the mounts that are seen in it.</param>
public sealed record PictureView(
    ViewSide Side, double WidthMetres, double HeightMetres, Axis Across, Axis Down,
    IReadOnlyList<Shape> Shapes, IReadOnlyList<LampShape> Lamps, IReadOnlyList<string> Mounts);

/// <summary>From a point of the vehicle to one coordinate of a view: so much, and so much for each metre back, right and up.</summary>
public sealed record Axis(double From, double Back, double Right, double Up)
{
    /// <summary>The coordinate of <paramref name="point"/>, m.</summary>
    public double Of(Point point) => From + Back * point.Back + Right * point.Right + Up * point.Up;
}

/// <summary>What a shape is of.</summary>
public enum ShapeKind
{
    /// <summary>Painted sheet.</summary>
    Sheet,

    /// <summary>Unpainted: bumpers, grille, sills, arches.</summary>
    Trim,

    /// <summary>Glass.</summary>
    Glass,

    /// <summary>The vehicle's own head lamps.</summary>
    HeadLamp,

    /// <summary>The vehicle's own rear lamps.</summary>
    RearLamp,

    /// <summary>A tyre.</summary>
    Tyre,

    /// <summary>A rim.</summary>
    Rim,

    /// <summary>Floor and sides of a tray.</summary>
    Tray,

    /// <summary>Rack, cab guard, ladder frame.</summary>
    Frame,

    /// <summary>A line only: gap of a door, crease, rail.</summary>
    Gap,
}

/// <summary>A shape of a view.</summary>
/// <param name="Path">As SVG has it, m.</param>
public sealed record Shape(ShapeKind Kind, string Path);

/// <summary>A lamp in a view.</summary>
/// <param name="Part">Id of the fixture; of a line that is planned, and its lamp not chosen yet, the line's.</param>
/// <param name="At">Id of the mount.</param>
/// <param name="Lines">Ids of the lines that it belongs to.</param>
/// <param name="Planned">Whether its size is not known.</param>
/// <param name="Case">Its outline as SVG has it, m.</param>
/// <param name="Lenses">Its lenses where its face is seen, the same; empty where it is not.</param>
public sealed record LampShape(string Part, string At, IReadOnlyList<string> Lines, bool Planned, string Case, string Lenses);
