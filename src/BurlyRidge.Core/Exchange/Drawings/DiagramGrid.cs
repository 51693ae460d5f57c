using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>A part on the grid of a diagram, or the bare terminal where wires meet.</summary>
/// <param name="station">Null for a bare terminal.</param>
/// <param name="wires">What leads to it from the node before, in the order of the current; empty where it touches it.</param>
internal sealed class DiagramNode(StripStation? station, string terminal, IReadOnlyList<StripStation> wires)
{
    public StripStation? Station { get; } = station;

    public string Terminal { get; } = terminal;

    public IReadOnlyList<StripStation> Wires { get; } = wires;

    public int Column { get; set; }

    public int Row { get; set; }
}

/// <summary>A strand as nodes: out, the lamp, and back.</summary>
/// <param name="From">Node that it leaves; null at a source.</param>
/// <param name="Into">Node that it meets; null where it ends by itself.</param>
/// <param name="Tail">Wires from its last node to where it meets another.</param>
internal sealed record DiagramStrand(bool Control, DiagramNode? From, DiagramNode? Into, IReadOnlyList<DiagramNode> Out, DiagramNode? Lamp, IReadOnlyList<DiagramNode> Back, IReadOnlyList<StripStation> Tail)
{
    public IEnumerable<DiagramNode> All => Lamp is null ? [.. Out, .. Back] : [.. Out, Lamp, .. Back];

    public int Row { get; set; }
}

/// <summary>
/// Puts a strip on a grid: out along the top from the left, each lamp an upright, back along the bottom to the left; branches
/// nest inside, so that nothing crosses that need not; what works the line stands above it.
/// </summary>
internal sealed class DiagramGrid
{
    private readonly Dictionary<StripPlace, DiagramNode> nodes = [];
    private readonly Dictionary<DiagramNode, DiagramStrand> strandOf = [];
    private ILookup<DiagramNode, DiagramStrand> leaving = Beside([]);
    private ILookup<DiagramNode, DiagramStrand> meeting = Beside([]);

    private DiagramGrid() { }

    public List<DiagramStrand> Strands { get; } = [];

    /// <summary>Every wire that is drawn.</summary>
    public IEnumerable<StripStation> Wires => Strands.SelectMany(strand => strand.All.SelectMany(node => node.Wires).Concat(strand.Tail));

    /// <summary>Every part that is drawn.</summary>
    public IEnumerable<StripStation> Parts => Strands.SelectMany(strand => strand.All).Select(node => node.Station).OfType<StripStation>();

    public int Columns { get; private set; }

    /// <summary>Rows above the first strand's, counted upwards.</summary>
    public int Above { get; private set; }

    /// <summary>Rows of strands that nest below the first, the first with them.</summary>
    public int Depth { get; private set; } = 1;

    /// <param name="from">The first station of the first strand that is drawn.</param>
    /// <param name="omit">Strands that are drawn elsewhere.</param>
    public static DiagramGrid Of(Strip strip, int from = 0, IReadOnlySet<Strand>? omit = null)
    {
        var grid = new DiagramGrid();
        for (var number = 0; number < strip.Strands.Count; number++)
            if (omit?.Contains(strip.Strands[number]) != true) grid.Read(strip.Strands[number], number, number == 0 ? from : 0);
        foreach (var strand in grid.Strands)
            foreach (var node in strand.All) grid.strandOf.Add(node, strand);
        grid.leaving = Beside(grid.Strands.Select(strand => (strand.From, strand)));
        grid.meeting = Beside(grid.Strands.Select(strand => (strand.Into, strand)));
        grid.PlaceMain();
        grid.PlaceAbove();
        grid.Shift();
        return grid;
    }

    /// <summary>The strand that a node is of.</summary>
    public DiagramStrand StrandOf(DiagramNode node) => strandOf[node];

    /// <summary>Strands that leave a node.</summary>
    public IEnumerable<DiagramStrand> Leaving(DiagramNode node) => leaving[node];

    /// <summary>Strands that meet a node.</summary>
    public IEnumerable<DiagramStrand> Meeting(DiagramNode node) => meeting[node];

    private static ILookup<DiagramNode, DiagramStrand> Beside(IEnumerable<(DiagramNode? Node, DiagramStrand Strand)> pairs) =>
        pairs.Where(pair => pair.Node is not null).ToLookup(pair => pair.Node!, pair => pair.Strand);

    private void Read(Strand strand, int number, int skip)
    {
        var (outward, back) = (new List<DiagramNode>(), new List<DiagramNode>());
        DiagramNode? lamp = null;
        DiagramNode? last = null;
        var from = strand.Leaves is { } leaves ? nodes.GetValueOrDefault(leaves) : null;
        var wires = new List<StripStation>();
        for (var i = skip; i < strand.Stations.Count; i++)
        {
            var station = strand.Stations[i];
            if (station.Kind is StripKind.Holder or StripKind.Body)
            {
                if (last is not null) nodes[new StripPlace(number, i)] = last;
                continue;
            }
            // Behind a stud lies the body: its own cables to the battery are not drawn.
            if (last?.Station?.Kind == StripKind.Earth && station.Leg == Leg.Back) { nodes[new StripPlace(number, i)] = last; continue; }
            if (station.Kind is StripKind.Run or StripKind.Lead)
            {
                if (wires.Count > 0) Add(new DiagramNode(null, station.From, [.. wires]), station.Leg, i - 1);
                if (wires.Count > 0) wires.Clear();
                wires.Add(station);
                continue;
            }
            if (last is null && from is null && wires.Count > 0) Add(new DiagramNode(null, wires[0].From, []), station.Leg, i - 1);
            Add(new DiagramNode(station, station.To, [.. wires]), station.Leg, i);
            wires.Clear();
        }
        // What ends on the body or a post meets all else there, and nobody draws that.
        var into = strand.Joins is { } joins && strand.Stations[^1].To != Vehicle.Body && last?.Station?.Kind != StripKind.Earth ? nodes.GetValueOrDefault(joins) : null;
        // A coil that shares a stud with the lamps gets the stud's sign once more, and no wire right across the drawing.
        if (strand.Control && into?.Station is { Kind: StripKind.Earth } shared)
        {
            Add(new DiagramNode(shared, shared.From, [.. wires]), Leg.Back, strand.Stations.Count - 1);
            wires.Clear();
            into = null;
        }
        // A way that ends in a wire ends at a terminal of its own, unless it meets another there.
        if (wires.Count > 0 && into is null)
        {
            Add(new DiagramNode(null, strand.Stations[^1].To, [.. wires]), strand.Stations[^1].Leg, strand.Stations.Count - 1);
            wires.Clear();
        }
        Strands.Add(new DiagramStrand(strand.Control, from, into, outward, lamp, back, wires));

        void Add(DiagramNode node, Leg leg, int station)
        {
            if (node.Station?.Kind is StripKind.Lamp && lamp is null && !strand.Control) lamp = node;
            else if (strand.Control || (lamp is null && leg == Leg.Out)) outward.Add(node);
            else back.Add(node);
            nodes[new StripPlace(number, station)] = last = node;
            // Where a wire ends at a part, what branches off the wire branches off the part.
            for (var before = station - 1; before >= skip && !nodes.ContainsKey(new StripPlace(number, before)); before--) nodes[new StripPlace(number, before)] = node;
        }
    }

    /// <summary>The first strand and what nests in it.</summary>
    private void PlaceMain()
    {
        if (Strands.Count == 0) return;
        var column = Place(Strands[0], 0, 0);
        Columns = column + 1;
        PlaceBack(Strands[0]);
    }

    /// <summary>Columns of a strand from <paramref name="column"/> on, branches of each node before the next; gives the last one used.</summary>
    private int Place(DiagramStrand strand, int column, int row)
    {
        strand.Row = row;
        Depth = Math.Max(Depth, row + 1);
        foreach (var node in strand.Out)
        {
            (node.Column, node.Row) = (column, row);
            foreach (var branch in Leaving(node).Where(branch => !branch.Control && branch.Lamp is not null && branch != strand))
            {
                // A lamp that hangs right at the node takes no room of its own.
                var straight = branch.Out.Count == 0 && branch.Lamp!.Wires.Count == 0;
                column = Place(branch, straight ? column : column + 1, straight ? row : row + 1);
            }
            column++;
        }
        if (strand.Lamp is { } lamp)
        {
            (lamp.Column, lamp.Row) = (strand.Out.Count == 0 && lamp.Wires.Count > 0 ? column : strand.Out.Count == 0 ? column : Math.Max(column, strand.Out[^1].Column + 1), row);
            return lamp.Column;
        }
        return Math.Max(0, column - 1);
    }

    /// <summary>Back nodes from the lamp to the left, each no further right than what meets there.</summary>
    private void PlaceBack(DiagramStrand strand)
    {
        var column = strand.Lamp?.Column ?? 0;
        foreach (var node in strand.Back)
        {
            var joining = Meeting(node).Where(other => !other.Control && other != strand).ToList();
            foreach (var other in joining) PlaceBack(other);
            var own = node.Station is null && node.Wires.Count == 0 ? column : column - 1;
            node.Column = joining.Select(Leftmost).Append(own).Min();
            node.Row = strand.Row;
            column = node.Column;
        }
    }

    private static int Leftmost(DiagramStrand strand) => strand.Back.Select(node => node.Column).Append(strand.Lamp?.Column ?? strand.Out.Select(node => node.Column).DefaultIfEmpty(0).Min()).Min();

    /// <summary>Second feeds and control circuits: the one that leaves furthest right stands lowest.</summary>
    private void PlaceAbove()
    {
        var others = Strands.Where(strand => strand.Control || (strand.Lamp is null && strand != Strands[0]))
            .OrderBy(strand => strand.Control).ThenByDescending(strand => strand.From?.Column ?? -1).ToList();
        foreach (var strand in others)
        {
            strand.Row = -++Above;
            var column = strand.From is { } from ? from.Column + 1 : 0;
            foreach (var node in strand.All)
            {
                (node.Column, node.Row) = (column++, strand.Row);
            }
            Columns = Math.Max(Columns, column);
        }
    }

    private void Shift()
    {
        var least = Strands.SelectMany(strand => strand.All).Select(node => node.Column).DefaultIfEmpty(0).Min();
        if (least >= 0) return;
        foreach (var node in Strands.SelectMany(strand => strand.All)) node.Column -= least;
        Columns -= least;
    }
}
