using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Which way the current runs through a part.</summary>
public enum Direction
{
    /// <summary>From the source to the lamps.</summary>
    Out,

    /// <summary>From the lamps to the source.</summary>
    Back,
}

/// <summary>What a part of the way is.</summary>
public enum PartKind
{
    /// <summary>A run of wire.</summary>
    Wire,

    /// <summary>The fuse itself.</summary>
    Fuse,

    /// <summary>Holder, relay contact, plug, terminal, stud.</summary>
    Contact,

    /// <summary>The vehicle's body.</summary>
    Body,
}

/// <summary>One resistance on the way.</summary>
public sealed record Part(string Name, Direction Direction, PartKind Kind, double Ohms);

/// <summary>What stands in a line's way that is not wire; a part stands with its own terminals.</summary>
public static class SeriesParts
{
    /// <summary>Up to here the body path is taken as one from the bumper to the battery, m.</summary>
    private const double NearBodyMetres = 2;

    /// <summary>The body path of a line of that length, Ω.</summary>
    public static double BodyOhms(double oneWayMetres) =>
        oneWayMetres <= NearBodyMetres ? TypicalOhms.NearBody : TypicalOhms.FarBody;

    /// <summary>The parts of a line with that fuse, wire left out.</summary>
    public static IReadOnlyList<Part> Of(Demand demand, Fuse fuse)
    {
        var parts = new List<Part>
        {
            new("battery ring", Direction.Out, PartKind.Contact, TypicalOhms.Crimp + TypicalOhms.Stud),
            new("fuse holder", Direction.Out, PartKind.Contact, TypicalOhms.Holder + 2 * TypicalOhms.Crimp),
            new($"{fuse} fuse", Direction.Out, PartKind.Fuse, FuseTable.WarmOhms(fuse)),
        };
        if (demand.NeedsRelay)
            parts.Add(new("relay contact", Direction.Out, PartKind.Contact, TypicalOhms.RelayContact + 2 * TypicalOhms.Crimp));
        parts.Add(new("plug out", Direction.Out, PartKind.Contact, TypicalOhms.Plug));
        parts.Add(new("plug back", Direction.Back, PartKind.Contact, TypicalOhms.Plug));
        if (demand.Return == ReturnPath.Wire)
        {
            parts.Add(new("return ring", Direction.Back, PartKind.Contact, TypicalOhms.Crimp + TypicalOhms.Stud));
        }
        else
        {
            parts.Add(new("earth ring and stud", Direction.Back, PartKind.Contact, TypicalOhms.Crimp + TypicalOhms.Stud));
            parts.Add(new("body path", Direction.Back, PartKind.Body,
                BodyOhms(demand.OneWayMetres)));
        }
        return parts;
    }
}
