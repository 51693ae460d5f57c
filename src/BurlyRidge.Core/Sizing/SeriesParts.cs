using BurlyRidge.Core.Protection;
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

/// <summary>What stands in a line's way that is not wire.</summary>
/// <remarks>
/// Typical values of new parts (common practice, no source), from the ranges crimp 0.5, ring on a clean stud 0.5, mated
/// plug 3 to 5, fuse holder 1 to 2, relay contact 2 to 5, body path 2 to 5 near the battery and 5 to 15 mΩ further off.
/// A part stands with its own terminals: holder and relay with two crimps each.
/// </remarks>
public static class SeriesParts
{
    private const double CrimpOhms = 0.0005;
    private const double StudOhms = 0.0005;
    private const double PlugOhms = 0.003;
    private const double HolderOhms = 0.0015;
    private const double RelayContactOhms = 0.003;
    private const double NearBodyOhms = 0.005;
    private const double FarBodyOhms = 0.010;

    /// <summary>Up to here the body path is taken as one from the bumper to the battery, m.</summary>
    private const double NearBodyMetres = 2;

    /// <summary>The parts of a line with that fuse, wire left out.</summary>
    public static IReadOnlyList<Part> Of(Demand demand, Fuse fuse)
    {
        var parts = new List<Part>
        {
            new("battery ring", Direction.Out, PartKind.Contact, CrimpOhms + StudOhms),
            new("fuse holder", Direction.Out, PartKind.Contact, HolderOhms + 2 * CrimpOhms),
            new($"{fuse} fuse", Direction.Out, PartKind.Fuse, FuseTable.WarmOhms(fuse)),
        };
        if (demand.NeedsRelay)
            parts.Add(new("relay contact", Direction.Out, PartKind.Contact, RelayContactOhms + 2 * CrimpOhms));
        parts.Add(new("plug out", Direction.Out, PartKind.Contact, PlugOhms));
        parts.Add(new("plug back", Direction.Back, PartKind.Contact, PlugOhms));
        if (demand.Return == ReturnPath.Wire)
        {
            parts.Add(new("return ring", Direction.Back, PartKind.Contact, CrimpOhms + StudOhms));
        }
        else
        {
            parts.Add(new("earth ring and stud", Direction.Back, PartKind.Contact, CrimpOhms + StudOhms));
            parts.Add(new("body path", Direction.Back, PartKind.Body,
                demand.OneWayMetres <= NearBodyMetres ? NearBodyOhms : FarBodyOhms));
        }
        return parts;
    }
}
