namespace BurlyRidge.Core.RunSheet;

/// <summary>Something that stands open from a step until others are done: it is in sight as long.</summary>
/// <param name="At">The part or cover that it is about.</param>
/// <param name="Words">What, in a few words.</param>
/// <param name="Until">Ids of the steps that have to be done.</param>
public sealed record Standing(StandingKind Kind, string At, string Words, IReadOnlyList<string> Until);

/// <summary>Kinds of what stands open.</summary>
public enum StandingKind
{
    /// <summary>The vehicle is live for a while.</summary>
    Live,

    /// <summary>An end is live and not joined yet.</summary>
    LiveEnd,

    /// <summary>A battery is off.</summary>
    BatteryOff,

    /// <summary>A fuse is out.</summary>
    FuseOut,

    /// <summary>A cover hangs on some of its fasteners.</summary>
    OneBolt,

    /// <summary>A lamp is finger-tight.</summary>
    FingerTight,

    /// <summary>A part is not fixed yet.</summary>
    NotFixed,

    /// <summary>Ends of wires are loose.</summary>
    LooseEnds,

    /// <summary>A plug of the vehicle's own is undone.</summary>
    Unplugged,

    /// <summary>A cover is off or loose.</summary>
    CoverOff,
}
