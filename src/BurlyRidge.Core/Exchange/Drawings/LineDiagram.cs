using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>One line as a drawing: what lies in it in order, every wire with size, colour and length.</summary>
internal sealed class LineDiagram
{
    private const double Pitch = 25;
    private const double RowHeight = 17;
    private const double Margin = 12;
    private const double Letter = 2.3;

    private readonly Rig rig;
    private readonly StationWords words;
    private readonly DiagramGrid grid;
    private readonly string title;
    private TextRoom room = new(0, 0, 0);

    /// <param name="rig">Wired.</param>
    /// <param name="from">The first station of the first strand that is drawn.</param>
    /// <param name="omit">Strands that are drawn elsewhere.</param>
    public LineDiagram(Rig rig, StationWords words, Strip strip, string title, int from = 0, IReadOnlySet<Strand>? omit = null)
    {
        (this.rig, this.words, this.title) = (rig, words, title);
        grid = DiagramGrid.Of(strip, from, omit);
        Width = 2 * Margin + Math.Max(3, grid.Columns) * Pitch;
        Height = 14 + (grid.Above + 2 * grid.Depth) * RowHeight + 21;
    }

    /// <summary>Ids of the runs in it.</summary>
    public IEnumerable<string> Runs => grid.Wires.Where(wire => wire.Kind == StripKind.Run).Select(wire => wire.Id);

    /// <summary>Ids of the parts in it, leads of the vehicle's own among them.</summary>
    public IEnumerable<string> Parts => grid.Parts.Concat(grid.Wires.Where(wire => wire.Kind == StripKind.Lead)).Select(station => station.Part);

    /// <summary>What the line is called.</summary>
    public string Title => title;

    public double Width { get; }

    public double Height { get; }

    private double Top => 18 + grid.Above * RowHeight + 4;

    private double Bottom => Top + (2 * grid.Depth) * RowHeight;

    /// <summary>Draws it at a height of the page.</summary>
    /// <param name="drawn">Runs that stand in another part of the drawing already, with its name; runs drawn here are added.</param>
    public void Draw(Svg svg, double at, Dictionary<string, string> drawn)
    {
        svg.Block(at, title, () =>
        {
            room = new TextRoom(Width, 0, Height);
            room.Write(svg, [new Wording(title, true)], 3.6, Width - Margin, new Spot(Margin - 6, 6, "start"));
            var ways = grid.Strands.SelectMany(Ways).ToList();
            foreach (var way in ways)
                for (var i = 1; i < way.Points.Count; i++) room.Keep(way.Points[i - 1], way.Points[i]);
            foreach (var way in ways) Wire(svg, way, drawn);
            // Bare terminals last: their names find room round those of the parts.
            var nodes = grid.Strands.SelectMany(strand => strand.All.Select(node => (Strand: strand, Node: node)));
            foreach (var (strand, node) in nodes.OrderBy(pair => pair.Node.Station is null)) Node(svg, strand, node);
            Links(svg);
        });
    }

    private static double X(DiagramNode node) => Margin + node.Column * Pitch + Pitch / 2;

    private double Y(DiagramStrand strand, DiagramNode node) => strand.Row < 0 ? RowY(strand.Row)
        : node == strand.Lamp ? (OutY(strand.Row) + BackY(strand.Row)) / 2
        : strand.Back.Contains(node) ? BackY(strand.Row) : OutY(strand.Row);

    private double RowY(int row) => Top + row * RowHeight;

    private double OutY(int row) => Top + row * RowHeight;

    private double BackY(int row) => Bottom - row * RowHeight;

    /// <summary>What leads from one node to the next: the wire, if it is no more than a touch, and the corners that it is drawn by.</summary>
    private sealed record Way(DiagramNode To, StripStation? Wire, List<(double X, double Y)> Points);

    private IEnumerable<Way> Ways(DiagramStrand strand)
    {
        var before = strand.From;
        foreach (var node in strand.All)
        {
            if (before is not null) yield return Led(strand, before, node, node.Wires);
            before = node;
        }
        if (before is not null && strand.Into is { } into) yield return Led(strand, before, into, strand.Tail);
    }

    /// <summary>From node to node, level and upright; the corner lies so that branches nest.</summary>
    private Way Led(DiagramStrand strand, DiagramNode a, DiagramNode b, IReadOnlyList<StripStation> wires)
    {
        var ((x1, y1), (x2, y2)) = (End(grid.StrandOf(a), a), End(grid.StrandOf(b), b));
        // Down at the node that is left, level along the strand's own row, up or down at the node that is met.
        var row = b == strand.Lamp ? OutY(strand.Row) : strand.Row < 0 ? RowY(strand.Row) : a == strand.Lamp || strand.Back.Contains(a) ? BackY(strand.Row) : OutY(strand.Row);
        List<(double X, double Y)> points = [(x1, y1), (x1, row), (x2, row), (x2, y2)];
        for (var i = points.Count - 1; i > 0; i--) if (Same(points[i], points[i - 1])) points.RemoveAt(i);
        return new Way(b, wires.Count > 0 ? wires[^1] : null, points);
    }

    private void Wire(Svg svg, Way way, Dictionary<string, string> drawn)
    {
        var run = way.Wire;
        var other = run is null ? null : drawn.GetValueOrDefault(run.Id);
        if (run is not null && other is null) drawn[run.Id] = title;
        svg.Group(() =>
        {
            svg.Path(way.Points, width: run is null ? 0.3 : 0.45, dash: other is null ? null : "1.5 1");
            if (run is not null) Label(svg, way.Points, run, other);
        }, run is null ? [("data-touch", way.To.Terminal)] : other is not null ? [("data-see", run.Id), ("data-station", run.Id)] : run.Kind == StripKind.Run ? [("data-run", run.Id), ("data-station", run.Id)] : [("data-lead", run.Id), ("data-part", run.Part), ("data-station", run.Id)]);
    }

    private static bool Same((double X, double Y) a, (double X, double Y) b) => Math.Abs(a.X - b.X) < 0.01 && Math.Abs(a.Y - b.Y) < 0.01;

    private (double X, double Y) End(DiagramStrand strand, DiagramNode node) => (X(node), Y(strand, node));

    /// <summary>Size and colour above the longest level stretch, length below it; beside an upright one where there is no level one.</summary>
    private void Label(Svg svg, List<(double X, double Y)> points, StripStation run, string? other)
    {
        var found = words.RunOf(run.Id);
        var first = found is null ? run.Name : found.Colour.Length > 0 ? $"{found.Wire} {found.Colour}" : found.Wire;
        var second = other is not null ? FileWords.FormatSee(other) : found is null ? run.Detail : Format.Metres(run.LengthMetres, rig.HouseRules.Units);
        var level = Enumerable.Range(1, points.Count - 1).Select(i => (A: points[i - 1], B: points[i])).Where(pair => Math.Abs(pair.A.Y - pair.B.Y) < 0.01).OrderByDescending(pair => Math.Abs(pair.A.X - pair.B.X)).FirstOrDefault();
        List<Wording> both = [new(first), new(second)];
        if (Math.Abs(level.A.X - level.B.X) > 6)
        {
            var x = (level.A.X + level.B.X) / 2;
            room.Write(svg, [both[0]], Letter, Pitch - 2, new Spot(x, level.A.Y - 1, "middle", Upwards: true));
            room.Write(svg, [both[1]], Letter, Pitch - 2, new Spot(x, level.A.Y + 2.9, "middle"));
            return;
        }
        var (top, end) = (points[0], points[^1]);
        var middle = (top.Y + end.Y) / 2 - 0.4;
        room.Write(svg, both, Letter, Pitch - 2, new Spot(top.X + 1, middle, "start"), new Spot(top.X - 1, middle, "end"));
    }

    private void Node(Svg svg, DiagramStrand strand, DiagramNode node)
    {
        var (x, y) = (X(node), Y(strand, node));
        if (node.Station is not { } station)
        {
            svg.Circle(x, y, 0.7, fill: "#000");
            if (node.Wires.Count == 0) room.Write(svg, [new Wording(words.Names.Terminal(node.Terminal))], Letter, Pitch - 2, new Spot(x, y - 1.6, "middle", Upwards: true), new Spot(x, y + 3, "middle"));
            return;
        }
        var lamp = node == strand.Lamp;
        svg.Group(() =>
        {
            // Paper behind the symbol, so that the wire ends at it.
            if (station.Kind is not (StripKind.Joint or StripKind.Fuse or StripKind.Earth))
                svg.Box(x - DiagramSymbols.Half, y - (lamp ? DiagramSymbols.Half : 2.6), 2 * DiagramSymbols.Half, lamp ? 2 * DiagramSymbols.Half : 3, fill: "#fff", stroke: "none");
            if (lamp) DiagramSymbols.Upright(svg, x, y);
            else DiagramSymbols.Level(svg, station, x, y, fromLeft: !strand.Back.Contains(node));
            if (!lamp && DiagramSymbols.HasPins(station.Symbol))
                foreach (var (pin, at) in new[] { (station.From, x - DiagramSymbols.Half + 0.2), (station.To, x + DiagramSymbols.Half - 0.2) })
                    room.Write(svg, [new Wording(words.Pin(pin))], Letter, Pitch / 2 - 1, new Spot(at, y + (station.Symbol == PartSymbol.Coil ? 4.4 : 2.9), "middle"));
            var (name, detail) = (station.Name, station.Rated ?? station.Detail);
            room.Write(svg, [new Wording(name, true), new Wording(detail)], Letter, lamp ? Pitch / 2 + 4 : Pitch - 2, Beside(strand, node));
        }, ("data-part", station.Part), ("data-station", station.Id));
    }

    /// <summary>Where the words of a part stand clear of its wires: above, below, or beside an upright one.</summary>
    private Spot[] Beside(DiagramStrand strand, DiagramNode node)
    {
        var (x, y) = (X(node), Y(strand, node));
        var high = new Spot(x, y - 3.9 - (node.Station!.Kind is StripKind.Output or StripKind.Signal ? 1.4 : 0), "middle", Upwards: true);
        if (node == strand.Lamp) return [new Spot(x + 4, y - 0.5, "start"), new Spot(x - 4, y - 0.5, "end")];
        if (node.Station.Kind == StripKind.Earth) return [new Spot(x, y + 7, "middle"), new Spot(x - 4, y + 2.6, "end"), new Spot(x + 4, y + 2.6, "start"), high];
        if (node.Station.Kind == StripKind.Relay || strand.Back.Contains(node)) return [new Spot(x, y + 5.6, "middle"), high];
        var upward = grid.Leaving(node).Concat(grid.Meeting(node)).Any(other => other.Row < 0);
        return [upward ? high with { X = x - 1, Anchor = "end" } : high, high with { X = x + 1, Anchor = "start" }, new Spot(x, y + 5.6, "middle")];
    }

    /// <summary>A coil and the contact that it closes belong together.</summary>
    private void Links(Svg svg)
    {
        foreach (var coil in grid.Strands.SelectMany(strand => strand.All.Where(node => node.Station?.Kind == StripKind.Coil).Select(node => (Strand: strand, Node: node))))
        {
            var contact = grid.Strands.SelectMany(strand => strand.All.Where(node => node.Station is { Kind: StripKind.Relay } station && station.Part == coil.Node.Station!.Part).Select(node => (Strand: strand, Node: node))).FirstOrDefault();
            if (contact.Node is null) continue;
            var ((x1, y1), (x2, y2)) = (End(coil.Strand, coil.Node), End(contact.Strand, contact.Node));
            var turn = y2 - 9.5;
            svg.Path([(x1, y1 + 1.8), (x1, turn), (x2, turn), (x2, y2 - 1.4)], width: 0.2, dash: "1 1");
        }
    }
}
