namespace BurlyRidge.Core.Parts;

/// <summary>What a lamp is like to the hand: sizes in mm.</summary>
/// <param name="WidthMillimetres">Over all, ears left out where they fold under.</param>
/// <param name="DepthMillimetres">From its face to its back.</param>
public sealed record LampDimensions(double WidthMillimetres, double HeightMillimetres, double DepthMillimetres, double Kilograms)
{
    /// <summary>How it can be held.</summary>
    public IReadOnlyList<Holder> Holds { get; init; } = [];

    /// <summary>Radius that it is curved to; null: straight.</summary>
    public double? RadiusMillimetres { get; init; }

    /// <summary>Length of its tail, mm; they can be 150.</summary>
    public double TailMillimetres { get; init; } = 150;

    /// <summary>What its plug and the bend of its tail need behind it, mm.</summary>
    public double BehindMillimetres { get; init; } = 30;

    /// <summary>The side that its lead leaves on; null: the middle.</summary>
    public Side? Lead { get; init; }

    /// <summary>From one segment of light to the next, mm; null: it has one, or nobody said.</summary>
    public double? SegmentMillimetres { get; init; }

    /// <summary>Room that its bracket takes to tilt either way, degrees.</summary>
    public double TiltDegrees { get; init; }
}

/// <summary>One way of holding a lamp, of a mount or of the lamp itself; the two have to meet.</summary>
/// <param name="Kind">What kind.</param>
/// <param name="FromMillimetres">
/// Least: gap between ears, spacing of holes that feet can take, diameter of a stud, bar or collar, mm.
/// </param>
/// <param name="ToMillimetres">Most.</param>
public sealed record Holder(HolderKind Kind, double FromMillimetres, double ToMillimetres)
{
    private const double MostMillimetres = 3000;

    /// <summary>Notes what cannot be taken of some.</summary>
    internal static void Check(Problems problems, string path, IReadOnlyList<Holder> holders) => problems.Each(path, holders, (at, holder) =>
    {
        problems.Above($"{at}.fromMillimetres", holder.FromMillimetres, 0, MostMillimetres, "mm");
        problems.Within($"{at}.toMillimetres", holder.ToMillimetres, holder.FromMillimetres, MostMillimetres, "mm");
    });
}

/// <summary>Kinds of holding.</summary>
public enum HolderKind
{
    /// <summary>Ears at the ends, with the gap between them.</summary>
    Ears,

    /// <summary>Feet that slide in a channel, with the spacing of their holes.</summary>
    Feet,

    /// <summary>One stud in the middle, by diameter.</summary>
    Stud,

    /// <summary>Clamps on a bar, by diameter.</summary>
    Clamp,

    /// <summary>Collar of a tow receiver, by size.</summary>
    Receiver,
}

/// <summary>Left or right, as seen by who sits in the vehicle.</summary>
public enum Side
{
    /// <summary>Left.</summary>
    Left,

    /// <summary>Right.</summary>
    Right,
}
