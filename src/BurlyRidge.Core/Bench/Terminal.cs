using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Bench;

/// <summary>A terminal as sold.</summary>
/// <param name="Takes">Copper in its barrel, mm².</param>
/// <param name="StripMillimetres">So much insulation comes off for it, mm.</param>
public sealed record Terminal(EndKind Kind, CopperRange Takes, Crimper Tool, double StripMillimetres);

/// <summary>What a terminal is put on with.</summary>
public enum Crimper
{
    /// <summary>Ratchet crimper with dies for insulated terminals.</summary>
    Insulated,

    /// <summary>Crimper for the open barrels of plug contacts.</summary>
    OpenBarrel,

    /// <summary>Hexagon crimper for lugs.</summary>
    Hexagon,

    /// <summary>Soldering iron.</summary>
    Iron,

    /// <summary>Pliers with flat jaws.</summary>
    Pliers,
}

/// <summary>Terminals that are sold (typical, no source). What is not in it is not guessed.</summary>
public static class TerminalTable
{
    /// <summary>The most copper that a kind is sold for, mm².</summary>
    private static readonly Dictionary<EndKind, double> Most = new()
    {
        [EndKind.Ring] = 50,
        [EndKind.Receptacle] = 6,
        [EndKind.ButtJoint] = 16,
        [EndKind.PlugContact] = 6,
        [EndKind.Cap] = 10,
        [EndKind.Tap] = 6,
    };

    /// <summary>Copper from which a lug is pressed in a hexagon, mm².</summary>
    private const double LugSquareMillimetres = 6;

    /// <summary>The terminal of a kind for wires of so little and so much copper in one barrel; null where none is sold for both.</summary>
    public static Terminal? Find(EndKind kind, double from, double to)
    {
        if (kind == EndKind.Solder) return new Terminal(kind, new CopperRange(from, to), Crimper.Iron, StripFor(kind, to));
        return CopperRange.Sold.FirstOrDefault(range => range.Holds(from) && range.Holds(to)) is { } range && range.ToSquareMillimetres <= Most[kind]
            ? new Terminal(kind, range, ToolFor(kind, range), StripFor(kind, range.ToSquareMillimetres)) : null;
    }

    private static Crimper ToolFor(EndKind kind, CopperRange range) => kind switch
    {
        EndKind.PlugContact => Crimper.OpenBarrel,
        EndKind.Tap => Crimper.Pliers,
        _ => range.FromSquareMillimetres >= LugSquareMillimetres ? Crimper.Hexagon : Crimper.Insulated,
    };

    /// <summary>About 6 mm for a butt joint (common practice, no source), more for deeper barrels (typical); a tap takes none off.</summary>
    private static double StripFor(EndKind kind, double copper) => kind switch
    {
        EndKind.Tap => 0,
        EndKind.PlugContact => 5,
        EndKind.Solder => 12,
        _ => copper switch { <= 2.5 => 6, <= 6 => 8, <= 10 => 11, <= 16 => 13, <= 25 => 16, _ => 20 },
    };

    /// <summary>Pull that a crimp has to hold for a minute, N, by the copper in it, mm² (ABYC E-11, table of tensile tests; from memory).</summary>
    private static readonly (double Copper, double Newtons)[] Pulls =
        [(0.823, 44.5), (1.309, 66.7), (2.081, 133), (3.309, 156), (5.261, 178), (8.366, 200), (13.30, 222), (21.15, 267), (33.63, 311)];

    /// <summary>The pull that a crimp on so much copper has to hold, N; null below the first row of the table.</summary>
    public static double? PullNewtons(double copper)
    {
        // Metric and SAE sizes hold a little less copper than the gauge that they stand for.
        const double Near = 0.85;
        return Pulls.LastOrDefault(row => copper >= row.Copper * Near) is { Newtons: > 0 } row ? row.Newtons : null;
    }
}
