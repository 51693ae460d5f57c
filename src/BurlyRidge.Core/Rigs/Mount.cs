using BurlyRidge.Core.Parts;

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

    /// <summary>What comes off to fit a lamp on it.</summary>
    public IReadOnlyList<Cover> Covers { get; init; } = [];

    /// <summary>Room around the fixings for a spanner or a hand, mm; null: free.</summary>
    public double? ReachMillimetres { get; init; }

    /// <summary>Holes that are drilled to fit a lamp on it; null: not specified, none is taken.</summary>
    public int? HolesToDrill { get; init; }

    /// <summary>Whether something has to be cut to fit a lamp on it.</summary>
    public bool Cut { get; init; }

    /// <summary>Who sees a lamp on it; null: not specified.</summary>
    public Shows? Shows { get; init; }

    /// <summary>The openings of a grille that lamps stand behind or in; null: none.</summary>
    public Openings? Openings { get; init; }

    /// <summary>Share of a lamp's light that slats in front of it take, 0 to 1.</summary>
    public double SlatsFraction { get; init; }
}

/// <summary>Openings of a grille, side by side.</summary>
/// <param name="PitchMillimetres">From the middle of one to the middle of the next, mm.</param>
/// <param name="HeightMillimetres">Of one, mm.</param>
public sealed record Openings(int Count, double PitchMillimetres, double HeightMillimetres);

/// <summary>A straight edge held to a curved face.</summary>
/// <param name="LengthMillimetres">Of the edge, from end to end, mm.</param>
/// <param name="OffMillimetres">How far its ends stand off the face while its middle touches, or its middle while its ends do, mm.</param>
public sealed record StraightEdge(double LengthMillimetres, double OffMillimetres);

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

/// <summary>A place for a part that is no lamp: relay, box, panel, switch. Free sizes in mm.</summary>
/// <param name="Station">Where its wires leave.</param>
public sealed record Space(string Id, string Name, string Station, double WidthMillimetres, double HeightMillimetres, double DepthMillimetres)
{
    /// <summary>Of a place in trim: the hole, mm across; null: none.</summary>
    public double? HoleMillimetres { get; init; }

    /// <summary>Room around the fixings for a spanner or a hand, mm; null: free.</summary>
    public double? ReachMillimetres { get; init; }

    /// <summary>What comes off to get at it.</summary>
    public IReadOnlyList<Cover> Covers { get; init; } = [];

    /// <summary>Whether who sits belted in reaches it with one hand; null: not specified.</summary>
    public bool? InReach { get; init; }

    /// <summary>Whether it stands between the driver's eyes and the road; null: not specified.</summary>
    public bool? InSight { get; init; }
}

/// <summary>What a part that is no lamp takes, mm.</summary>
/// <param name="Part">Id of the part.</param>
public sealed record PartDimensions(string Part, double WidthMillimetres, double HeightMillimetres, double DepthMillimetres)
{
    /// <summary>What its lid, its plugs or its terminals need before it, mm.</summary>
    public double OpenMillimetres { get; init; }

    /// <summary>The hole that it goes in, mm across; null: it is bolted on.</summary>
    public double? HoleMillimetres { get; init; }

    /// <summary>What a spanner or a hand needs beside it, mm.</summary>
    public double ReachMillimetres { get; init; } = 25;

    /// <summary>Air that has to stay free on every side, mm: chargers and converters get warm.</summary>
    public double FreeAirMillimetres { get; init; }
}
