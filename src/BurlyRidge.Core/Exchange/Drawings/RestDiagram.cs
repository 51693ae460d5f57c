using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Strips;

namespace BurlyRidge.Core.Exchange.Drawings;

/// <summary>Runs and parts that no line's drawing shows, one way after another from left to right.</summary>
internal sealed class RestDiagram
{
    private const double Pitch = 46;
    private const double RowHeight = 18;
    private const double Margin = 12;
    private const double Letter = 2.3;
    private const double Box = 24;
    private const int MaxInRow = 6;

    private readonly Rig rig;
    private readonly StationWords words;
    private readonly List<IReadOnlyList<Run>> chains;
    private readonly List<string> alone;
    private TextRoom room = new(0, 0, 0);

    /// <param name="drawn">Runs that stand elsewhere.</param>
    /// <param name="parts">Parts that stand elsewhere.</param>
    public RestDiagram(Rig rig, StationWords words, IReadOnlyDictionary<string, string> drawn, IReadOnlySet<string> parts)
    {
        (this.rig, this.words) = (rig, words);
        chains = [.. Chains([.. rig.Runs.Where(run => !drawn.ContainsKey(run.Id))])];
        var here = chains.SelectMany(way => way).SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        alone = [.. TerminalIndex.Of(rig).Ids.Select(part => part.Id).Where(id => !parts.Contains(id) && !here.Contains(id))];
    }

    public bool Empty => chains.Count == 0 && alone.Count == 0;

    public double Width => 2 * Margin + (Math.Max(1, chains.Select(way => way.Count).DefaultIfEmpty(0).Max()) + 1) * Pitch;

    public double Height => 20 + (chains.Count + (alone.Count + MaxInRow - 1) / MaxInRow) * RowHeight;

    public void Draw(Svg svg, double at) => svg.Block(at, "rest", () =>
    {
        room = new TextRoom(Width, 0, Height);
        room.Write(svg, [new Wording(FileWords.SupplyControlAndWhatHangs, true)], 3.6, Width - Margin, new Spot(Margin - 6, 6, "start"));
        var y = 20.0;
        foreach (var way in chains)
        {
            for (var i = 0; i < way.Count; i++) Wire(svg, way, i, y);
            for (var i = 0; i <= way.Count; i++) Part(svg, i == way.Count ? End(way, i - 1, far: true) : End(way, i, far: false), Margin + i * Pitch + 14, y);
            y += RowHeight;
        }
        for (var i = 0; i < alone.Count; i++) Part(svg, alone[i], Margin + i % MaxInRow * Pitch + 14, y + i / MaxInRow * RowHeight);
    });

    private void Wire(Svg svg, IReadOnlyList<Run> way, int i, double y)
    {
        var run = way[i];
        var (x1, x2) = (Margin + i * Pitch + 14 + Box / 2, Margin + (i + 1) * Pitch + 14 - Box / 2);
        svg.Group(() =>
        {
            svg.Line(x1, y, x2, y, width: 0.45);
            var middle = (x1 + x2) / 2;
            room.Write(svg, [new Wording(run.Colour.Length > 0 ? $"{run.Wire} {run.Colour}" : run.Wire)], Letter, x2 - x1, new Spot(middle, y - 1, "middle", Upwards: true));
            room.Write(svg, [new Wording(Format.Metres(run.LengthMetres, rig.HouseRules.Units))], Letter, x2 - x1, new Spot(middle, y + 2.9, "middle"));
            room.Write(svg, [new Wording(words.Pin(End(way, i, far: false)))], Letter, Box / 2, new Spot(x1 + 0.4, y + 5.5, "start"));
            room.Write(svg, [new Wording(words.Pin(End(way, i, far: true)))], Letter, Box / 2, new Spot(x2 - 0.4, y + 5.5, "end"));
        }, ("data-run", run.Id), ("data-station", run.Id));
    }

    /// <summary>The end of a run of a way that comes first, or last.</summary>
    private static string End(IReadOnlyList<Run> way, int i, bool far)
    {
        var run = way[i];
        var forward = i + 1 < way.Count
            ? Part(run.To) == Part(way[i + 1].From) || Part(run.To) == Part(way[i + 1].To)
            : i == 0 || Part(run.From) == Part(way[i - 1].From) || Part(run.From) == Part(way[i - 1].To);
        return forward == far ? run.To : run.From;
    }

    private void Part(Svg svg, string terminal, double x, double y)
    {
        var id = TerminalIndex.Split(terminal).Part;
        var (word, name) = (words.Of(id), words.Names[id]);
        svg.Group(() =>
        {
            List<Wording> said = [new(name, true), new(word.Name == name ? word.Detail : word.Name)];
            var lines = said.Sum(line => Lettering.Wrapped(line.Text, Letter, line.Bold, Box - 2).Count);
            var high = Math.Max(7.2, lines * Letter * Lettering.Leading + 2);
            svg.Box(x - Box / 2, y - high / 2, Box, high, fill: "#fff", line: 0.3, round: 0.8);
            room.Write(svg, said, Letter, Box - 2, new Spot(x, y - high / 2 + 1 + Letter * Lettering.Rise + Math.Max(0, 7.2 - 2 - lines * Letter * Lettering.Leading) / 2, "middle"));
        }, ("data-part", id), ("data-station", id));
    }

    private static string Part(string terminal) => TerminalIndex.Split(terminal).Part;

    /// <summary>Runs put end to end, as long as each goes on from the part that the one before ends at.</summary>
    private static IEnumerable<IReadOnlyList<Run>> Chains(List<Run> left)
    {
        while (left.Count > 0)
        {
            var ends = left.Select(run => Part(run.To)).ToHashSet(StringComparer.Ordinal);
            var run = left.FirstOrDefault(run => !ends.Contains(Part(run.From))) ?? left[0];
            var way = new List<Run>();
            while (run is not null)
            {
                way.Add(run);
                left.Remove(run);
                var at = Part(run.To);
                run = way.Count >= MaxInRow ? null : left.FirstOrDefault(next => Part(next.From) == at);
            }
            yield return way;
        }
    }
}
