namespace BurlyRidge.Core.Parts;

/// <summary>What an element of the network is to a fitter.</summary>
/// <param name="Part">Id of the rig's part; empty for what is the vehicle's own and cannot be chosen.</param>
/// <param name="Name">What a fitter calls it.</param>
/// <param name="Detail">What he wants to know at a glance.</param>
/// <param name="LengthMetres">Of a wire, m.</param>
public sealed record StationWord(StripKind Kind, string Part, string Name, string Detail, double LengthMetres = 0)
{
    /// <summary>What stands beside it in a wiring diagram; null: the detail.</summary>
    public string? Rated { get; init; }

    /// <summary>How it is drawn in a wiring diagram.</summary>
    public PartSymbol Symbol { get; init; } = Kind switch
    {
        StripKind.Source => PartSymbol.Battery,
        StripKind.Fuse => PartSymbol.Fuse,
        StripKind.Relay or StripKind.Switch => PartSymbol.Contact,
        StripKind.Output or StripKind.Signal => PartSymbol.EnclosedContact,
        StripKind.Coil => PartSymbol.Coil,
        StripKind.Joint => PartSymbol.Splice,
        StripKind.Earth => PartSymbol.Stud,
        StripKind.Lamp => PartSymbol.Lamp,
        _ => PartSymbol.Line,
    };
}

/// <summary>Symbols of wiring diagrams, after IEC 60617 (from memory).</summary>
public enum PartSymbol
{
    /// <summary>A plain line.</summary>
    Line,

    /// <summary>A battery or another source.</summary>
    Battery,

    /// <summary>A fuse or breaker.</summary>
    Fuse,

    /// <summary>A contact with its terminal numbers.</summary>
    Contact,

    /// <summary>A contact inside a box or the vehicle.</summary>
    EnclosedContact,

    /// <summary>A coil.</summary>
    Coil,

    /// <summary>A lamp or another load.</summary>
    Lamp,

    /// <summary>A joint for good.</summary>
    Splice,

    /// <summary>A plug.</summary>
    Plug,

    /// <summary>A tap on a wire that goes on.</summary>
    Tap,

    /// <summary>A capped end.</summary>
    Cap,

    /// <summary>A stud on the body.</summary>
    Stud,

    /// <summary>The minus post of a battery.</summary>
    Post,
}
