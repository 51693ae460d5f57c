namespace BurlyRidge.Core.Exchange.Labels;

/// <summary>What a label is for.</summary>
public enum LabelKind
{
    /// <summary>An end of a wire.</summary>
    WireEnd,

    /// <summary>A fuse, a breaker or an output.</summary>
    Fuse,

    /// <summary>A relay.</summary>
    Relay,

    /// <summary>A slot of a panel.</summary>
    Legend,

    /// <summary>A lamp that stays live when it is off.</summary>
    LiveWhenOff,

    /// <summary>A switch that is tied away or out of sight.</summary>
    HiddenSwitch,

    /// <summary>A fuse that is smaller than one would expect there.</summary>
    SmallerFuse,
}

/// <summary>A label.</summary>
/// <param name="About">The wire end, part or output that it goes on.</param>
/// <param name="Large">What is read first.</param>
/// <param name="Small">Below it; empty: nothing.</param>
public sealed record Label(LabelKind Kind, string About, string Large, string Small);
