namespace BurlyRidge.Core.Rigs;

/// <summary>A place that a lamp goes on. Sizes in mm, as a tape measures them.</summary>
/// <param name="Name">What a fitter calls it.</param>
/// <param name="Station">Where its wires leave.</param>
/// <param name="At">Its middle.</param>
public sealed record Mount(string Id, string Name, string Station, Point At)
{
    /// <summary>Between the obstructions left and right; null: nothing is in the way.</summary>
    public double? WidthMillimetres { get; init; }

    /// <summary>Between the obstructions above and below; null: nothing is in the way.</summary>
    public double? HeightMillimetres { get; init; }

    /// <summary>From the face to the surface behind; null: open.</summary>
    public double? DepthMillimetres { get; init; }

    /// <summary>The most that anything may stand out before the face; null: no limit.</summary>
    public double? ProudMillimetres { get; init; }

    /// <summary>Radius of the face as seen from above; null: straight.</summary>
    public double? RadiusMillimetres { get; init; }

    /// <summary>The same as a straight edge finds it, where nobody knows the radius; null: not tried.</summary>
    public StraightEdge? Edge { get; init; }

    /// <summary>Room above and below that a lamp may be tilted in, degrees; null: free.</summary>
    public double? TiltDegrees { get; init; }

    /// <summary>How it holds a lamp; one of them has to suit.</summary>
    public IReadOnlyList<Holder> Holds { get; init; } = [];

    /// <summary>The most that it carries, kg; null: nobody said.</summary>
    public double? MostKilograms { get; init; }

    /// <summary>Whether what it bolts to is structure; a plate bracket on a plastic bumper is not.</summary>
    public bool Structural { get; init; } = true;

    /// <summary>The side that its supply comes from; null: either.</summary>
    public Side? Supply { get; init; }

    /// <summary>The mount that it makes a pair with, left and right.</summary>
    public string? PairOf { get; init; }

    /// <summary>What has to stay free.</summary>
    public IReadOnlyList<KeepFree> Free { get; init; } = [];
}

/// <summary>A straight edge held to a curved face.</summary>
/// <param name="LengthMillimetres">Of the edge, from end to end, mm.</param>
/// <param name="OffMillimetres">How far its ends stand off the face while its middle touches, or its middle while its ends do, mm.</param>
public sealed record StraightEdge(double LengthMillimetres, double OffMillimetres);

/// <summary>Left or right, as seen by who sits in the vehicle.</summary>
public enum Side
{
    /// <summary>Left.</summary>
    Left,

    /// <summary>Right.</summary>
    Right,
}

/// <summary>Something that a lamp must not take the room of.</summary>
/// <param name="What">Hitch pin, chain, plug, bonnet travel, camera's view, door swing.</param>
/// <param name="Way">On which side of the lamp.</param>
/// <param name="Millimetres">So far from the middle of the mount it begins.</param>
public sealed record KeepFree(string What, FreeWay Way, double Millimetres);

/// <summary>Which side of the lamp has to stay free.</summary>
public enum FreeWay
{
    /// <summary>Above it.</summary>
    Above,

    /// <summary>Below it.</summary>
    Below,

    /// <summary>Before it.</summary>
    Before,

    /// <summary>Behind it.</summary>
    Behind,

    /// <summary>To its left.</summary>
    Left,

    /// <summary>To its right.</summary>
    Right,
}

/// <summary>One way of holding a lamp, of a mount or of the lamp itself; the two have to meet.</summary>
/// <param name="Kind">What kind.</param>
/// <param name="FromMillimetres">
/// Least: gap between ears, spacing of holes that feet can take, diameter of a stud, bar or collar, mm.
/// </param>
/// <param name="ToMillimetres">Most.</param>
public sealed record Holder(HolderKind Kind, double FromMillimetres, double ToMillimetres);

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

/// <summary>What a lamp is like to the hand: sizes in mm.</summary>
/// <param name="WidthMillimetres">Over all, ears left out where they fold under.</param>
/// <param name="DepthMillimetres">From its face to its back.</param>
public sealed record LampBody(double WidthMillimetres, double HeightMillimetres, double DepthMillimetres, double Kilograms)
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

    /// <summary>Room that its bracket takes to tilt either way, degrees.</summary>
    public double TiltDegrees { get; init; }
}

/// <summary>A place for a part that is no lamp: relay, box, panel, switch. Free sizes in mm.</summary>
/// <param name="Station">Where its wires leave.</param>
public sealed record Space(string Id, string Name, string Station, double WidthMillimetres, double HeightMillimetres, double DepthMillimetres)
{
    /// <summary>Of a place in trim: the hole, mm across; null: none.</summary>
    public double? HoleMillimetres { get; init; }

    /// <summary>Room around the fixings for a spanner or a hand, mm; null: free.</summary>
    public double? ReachMillimetres { get; init; }
}

/// <summary>What a part that is no lamp takes, mm.</summary>
/// <param name="Part">Id of the part.</param>
public sealed record PartBody(string Part, double WidthMillimetres, double HeightMillimetres, double DepthMillimetres)
{
    /// <summary>What its lid, its plugs or its terminals need before it, mm.</summary>
    public double OpenMillimetres { get; init; }

    /// <summary>The hole that it goes in, mm across; null: it is bolted on.</summary>
    public double? HoleMillimetres { get; init; }

    /// <summary>What a spanner or a hand needs beside it, mm.</summary>
    public double ReachMillimetres { get; init; } = 25;
}
