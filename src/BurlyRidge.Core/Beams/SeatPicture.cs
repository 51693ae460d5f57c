namespace BurlyRidge.Core.Beams;

/// <summary>What one looks at in a picture.</summary>
public enum Looked
{
    /// <summary>Nothing that light falls on.</summary>
    Sky = 0,

    /// <summary>The road.</summary>
    Road = 1,

    /// <summary>Its marks.</summary>
    Mark = 2,

    /// <summary>The verge.</summary>
    Verge = 3,

    /// <summary>The wall.</summary>
    Wall = 4,

    /// <summary>The vehicle itself.</summary>
    Vehicle = 5,
}

/// <summary>What an eye or a camera sees by the light that is lit: rows from the top, each from the left.</summary>
/// <param name="Luminance">50 for each tenfold above 0.001 cd/m²; 0: no more than that.</param>
/// <param name="Kinds">What is seen, as the number of a <see cref="Looked"/>.</param>
public sealed record SeatPicture(int Columns, int Rows, byte[] Luminance, byte[] Kinds)
{
    private const double LaneHalf = 3.5, MarkHalf = 0.06, DashMetres = 6;

    /// <summary>Reflectances (typical): tarmac, paint, grass, a light wall; the vehicle as its bonnet.</summary>
    private static readonly double[] Reflectances = [0, 0.1, 0.5, 0.2, 0.5, 0.08];

    /// <param name="heading">From straight ahead to the right, degrees.</param>
    /// <param name="pitch">Up, degrees.</param>
    /// <param name="width">Of the picture, degrees.</param>
    /// <param name="wall">Distance of a wall across ahead, m; null: none.</param>
    internal static SeatPicture Of(LitScene scene, Vec eye, double heading, double pitch, double width, double? wall, int columns, int rows)
    {
        var frame = Frame.Of(heading, pitch, 0);
        var (seen, half) = (scene.Shade.From(eye), Math.Tan(Degrees.ToRadians(width / 2)));
        var (luminance, kinds) = (new byte[columns * rows], new byte[columns * rows]);
        Parallel.For(0, rows, row =>
        {
            for (var column = 0; column < columns; column++)
            {
                var (across, down) = ((column + 0.5) / columns * 2 - 1, (2 * (row + 0.5) - rows) / columns);
                var way = (frame.Forward + frame.Right * (across * half) - frame.Up * (down * half)).Unit;
                var (at, normal, kind) = Look(scene, seen, eye, way, wall);
                var index = row * columns + column;
                kinds[index] = (byte)kind;
                if (kind != Looked.Sky) luminance[index] = Logs.Byte(scene.Lux(at, normal) * Reflectances[(int)kind] / Math.PI, 1e-3);
            }
        });
        return new SeatPicture(columns, rows, luminance, kinds);
    }

    private static (Vec At, Vec Normal, Looked Kind) Look(LitScene scene, Shade seen, Vec eye, Vec way, double? wall)
    {
        const double farthest = 400, wallHeight = 4, wallHalf = 12;
        var end = farthest;
        (Vec, Vec, Looked) found = (default, default, Looked.Sky);
        if (scene.Ground.Meets(eye, way) is { } ground && ground < end)
        {
            end = ground;
            var at = eye + way * ground;
            found = (at, scene.Ground.Normal(at.Ahead), OnGround(at));
        }
        if (wall is { } distance && way.Ahead > 0 && (distance - eye.Ahead) / way.Ahead is var met && met < end && eye + way * met is var on
            && Math.Abs(on.Right) <= wallHalf && on.Up - scene.Ground.Up(on.Ahead) is >= 0 and <= wallHeight)
        {
            end = met;
            found = (on, new Vec(-1, 0, 0), Looked.Wall);
        }
        // Which way the vehicle's sheet faces does not matter to the picture: as if it faced up.
        return seen.Meets(eye, way, end) is { } own ? (eye + way * (own - 1e-3), new Vec(0, 0, 1), Looked.Vehicle) : found;
    }

    private static Looked OnGround(Vec at)
    {
        var side = Math.Abs(at.Right);
        if (side > LaneHalf + MarkHalf) return Looked.Verge;
        return side > LaneHalf - MarkHalf || (side < MarkHalf && Math.Floor(at.Ahead / DashMetres) % 2 == 0) ? Looked.Mark : Looked.Road;
    }
}

/// <summary>Figures over many tenfolds as one byte each: 50 for a tenfold.</summary>
internal static class Logs
{
    private const double EachTenfold = 50;

    /// <param name="least">What is 0.</param>
    public static byte Byte(double value, double least) => value <= least ? (byte)0 : (byte)Math.Clamp(Math.Round(EachTenfold * Math.Log10(value / least)), 0, 255);
}
