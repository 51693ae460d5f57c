namespace BurlyRidge.Core.Beams;

/// <summary>Something that light does not pass, bounded by planes and bulging nowhere inwards.</summary>
public sealed class Solid
{
    private const double Nothing = 1e-9;

    private readonly (Vec Normal, double Off)[] planes;

    /// <param name="planes">Each with a direction that points out of it, one long, and how far along that it lies, m.</param>
    public Solid(IReadOnlyList<(Vec Normal, double Off)> planes) => this.planes = [.. planes];

    /// <summary>An upright prism: an outline as seen from the left, as wide as the half width to both sides.</summary>
    /// <param name="outline">Corners in their order round it, behind the front and above the ground, m.</param>
    /// <param name="attitude">How the vehicle stands.</param>
    internal static Solid Prism(IReadOnlyList<(double Back, double Up)> outline, double left, double right, Attitude attitude)
    {
        var middle = (Back: outline.Average(at => at.Back), Up: outline.Average(at => at.Up));
        var sides = new List<(Vec Point, Vec Normal)> { (new Vec(0, right, 0), new Vec(0, 1, 0)), (new Vec(0, left, 0), new Vec(0, -1, 0)) };
        for (var i = 0; i < outline.Count; i++)
        {
            var (one, next) = (outline[i], outline[(i + 1) % outline.Count]);
            var normal = new Vec(-(next.Up - one.Up), 0, -(next.Back - one.Back)).Unit;
            var point = new Vec(-one.Back, 0, one.Up);
            var outwards = (point - new Vec(-middle.Back, 0, middle.Up)).Dot(normal) >= 0 ? normal : normal * -1;
            sides.Add((point, outwards));
        }
        return new Solid([.. sides.Select(side => (Normal: attitude.Turned(side.Normal), Point: attitude.Of(side.Point))).Select(side => (side.Normal, side.Normal.Dot(side.Point)))]);
    }

    /// <summary>A box between two corners.</summary>
    public static Solid Box(Vec one, Vec other, Attitude attitude) => Prism(
        [(-one.Ahead, one.Up), (-other.Ahead, one.Up), (-other.Ahead, other.Up), (-one.Ahead, other.Up)],
        Math.Min(one.Right, other.Right), Math.Max(one.Right, other.Right), attitude);

    /// <summary>Whether a point is in it, or no further out than so much, m.</summary>
    public bool Holds(Vec point, double margin = 0) => Array.TrueForAll(planes, plane => plane.Normal.Dot(point) <= plane.Off + margin);

    /// <summary>Whether it stands between two points; one that only touches it does not count.</summary>
    public bool Blocks(Vec from, Vec to) => Enters(from, to - from, 1) is not null;

    /// <summary>How far along a ray it is first met, in lengths of the direction; null: not before the end.</summary>
    public double? Enters(Vec from, Vec way, double end)
    {
        var (first, last) = (0.0, end);
        foreach (var (normal, off) in planes)
        {
            var (towards, room) = (normal.Dot(way), off - normal.Dot(from));
            if (Math.Abs(towards) < Nothing)
            {
                if (room < 0) return null;
                continue;
            }
            var at = room / towards;
            if (towards > 0) last = Math.Min(last, at);
            else first = Math.Max(first, at);
            if (last - first < Nothing) return null;
        }
        return last - first > Nothing ? first : null;
    }
}
