using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>Rows of lamps: one more, one less, fed at both ends.</summary>
internal static class RowAlterations
{
    private const double BesideMetres = 0.3;
    private const int WorthLamps = 3;

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("feed-both", site => site.Station.Kind == StripKind.Lamp && Row.Of(site.Rig, site.Line) is { } row && row.Lamps.Contains(site.Station.Part) ? EditWords.FeedTheOtherEndOf : null,
            site => FeedBoth(site.Rig, site.Line)),
        new("lamp-more", site => site.Station.Kind == StripKind.Lamp && Lamp(site) is not null ? EditWords.AddALikeLampBehind : null, More),
        new("lamp-out", site => site.Station.Kind == StripKind.Lamp && Lamp(site) is not null && site.Line.Lights.Select(light => TerminalIndex.Split(light).Part).Distinct().Count() > 1 ? EditWords.TakeThisLampOut : null, Out),
    ];

    private static Fixture? Lamp(AlterSite site) => site.Rig.Fixtures.FirstOrDefault(fixture => fixture.Id == site.Station.Part);

    /// <summary>
    /// Lamps one behind the other on the same plus wire, fed at its first.
    /// </summary>
    /// <param name="Lamps">From the fed end on.</param>
    /// <param name="Feed">The run that feeds it.</param>
    /// <param name="Links">The runs between them.</param>
    /// <param name="End">Plus terminal of the last.</param>
    private sealed record Row(IReadOnlyList<string> Lamps, Run Feed, IReadOnlyList<Run> Links, string End)
    {
        /// <summary>The row of a line; null where it has none that is fed at one end alone.</summary>
        public static Row? Of(Rig rig, Line line)
        {
            var plus = line.Lights.Select(id => PlusOf(rig, id)).OfType<string>().Distinct().ToList();
            if (plus.Count < WorthLamps) return null;
            var ends = plus.ToHashSet(StringComparer.Ordinal);
            var links = rig.Runs.Where(run => ends.Contains(run.From) && ends.Contains(run.To)).ToList();
            var feeds = rig.Runs.Where(run => ends.Contains(run.From) != ends.Contains(run.To)).ToList();
            if (links.Count != plus.Count - 1 || feeds is not [var feed]) return null;
            var at = ends.Contains(feed.From) ? feed.From : feed.To;
            var order = new List<string> { at };
            while (links.FirstOrDefault(run => (run.From == at && !order.Contains(run.To)) || (run.To == at && !order.Contains(run.From))) is { } next)
                order.Add(at = next.From == at ? next.To : next.From);
            return order.Count == plus.Count ? new Row([.. order.Select(pin => TerminalIndex.Split(pin).Part)], feed, links, at) : null;
        }
    }

    private static string? PlusOf(Rig rig, string lamp)
    {
        var (fixture, function) = TerminalIndex.Split(lamp);
        var found = rig.Fixtures.FirstOrDefault(part => part.Id == fixture)?.Functions.FirstOrDefault(part => part.Id == function);
        return found is null ? null : $"{fixture}.{found.Plus}";
    }

    /// <summary>
    /// A second feed to the far end of the line's row: from another output of the same box that is worked the same way, where
    /// one is free, else from where the first one starts. The rig as it is where the line has no such row.
    /// </summary>
    public static Rig FeedBoth(Rig rig, Line line)
    {
        if (Row.Of(rig, line) is not { } row) return rig;
        var start = row.Lamps[0] == TerminalIndex.Split(row.Feed.To).Part ? row.Feed.From : row.Feed.To;
        var second = row.Feed with
        {
            Id = FreeName.In(rig, "far-feed"),
            To = row.End,
            LengthMetres = Math.Min(100, row.Feed.LengthMetres + row.Links.Sum(run => run.LengthMetres)),
            Lay = row.Feed.Lay is null ? null : new Lay(),
        };
        var (box, output) = TerminalIndex.Split(start);
        var found = rig.PowerBoxes.FirstOrDefault(part => part.Id == box);
        var first = found?.Outputs.FirstOrDefault(part => part.Id == output);
        var free = first is not { WorkedBy: WorkedBy.Input } ? null : found!.Outputs.FirstOrDefault(part =>
            part.WorkedBy == WorkedBy.Input && part.RatingAmps >= first.RatingAmps && !rig.Runs.Any(run => run.From == $"{box}.{part.Id}" || run.To == $"{box}.{part.Id}"));
        if (free is null) return rig with { Runs = [.. rig.Runs, second with { From = start }] };
        var input = rig.Runs.FirstOrDefault(run => run.To == $"{box}.in-{output}");
        var worked = rig.Runs.Any(run => run.To == $"{box}.in-{free.Id}");
        return rig with
        {
            Runs =
            [
                .. rig.Runs, second with { From = $"{box}.{free.Id}" },
                .. input is null || worked ? Array.Empty<Run>() : [input with { Id = FreeName.In(rig, "far-input"), To = $"{box}.in-{free.Id}" }],
            ],
        };
    }

    private static Rig More(AlterSite site)
    {
        var lamp = Lamp(site)!;
        var function = lamp.Functions.First(function => $"{lamp.Id}.{function.Id}" == site.Station.Id || lamp.Functions.Count == 1);
        var id = FreeName.In(site.Rig, lamp.Id);
        var like = site.RunsAt($"{lamp.Id}.{function.Plus}").FirstOrDefault() ?? site.Rig.Runs[0];
        Run Link(string pin) => like with { Id = FreeName.In(site.Rig, $"{id}-{pin}"), From = $"{lamp.Id}.{pin}", To = $"{id}.{pin}", LengthMetres = BesideMetres, Lay = null, Fixed = false };
        var place = site.Rig.Places.FirstOrDefault(place => place.Part == lamp.Id);
        return site.Rig with
        {
            Fixtures = [.. site.Rig.Fixtures, lamp with { Id = id, Measured = null }],
            Runs = [.. site.Rig.Runs, Link(function.Plus), Link(function.Minus) with { From = $"{id}.{function.Minus}", To = $"{lamp.Id}.{function.Minus}" }],
            Lines = [.. site.Rig.Lines.Select(line => line.Id == site.Line.Id ? line with { Lights = [.. line.Lights, $"{id}.{function.Id}"] } : line)],
            Places = place is null ? site.Rig.Places : [.. site.Rig.Places, place with { Part = id }],
        };
    }

    /// <summary>Wires that went on from it go on from the one before it.</summary>
    private static Rig Out(AlterSite site)
    {
        var lamp = Lamp(site)!;
        var runs = site.Rig.Runs.ToList();
        foreach (var pin in runs.SelectMany(run => run.Ends()).Where(end => TerminalIndex.Split(end).Part == lamp.Id).Distinct().ToList())
        {
            var at = runs.Where(run => run.From == pin || run.To == pin).ToList();
            runs.RemoveAll(at.Contains);
            if (at.Count < 2) continue;
            var kept = site.Station.From == pin ? at.FirstOrDefault(run => run.To == pin) ?? at[0] : at.FirstOrDefault(run => run.From == pin) ?? at[0];
            var hold = kept.From == pin ? kept.To : kept.From;
            runs.AddRange(at.Where(run => run != kept).Select(run => (run.From == pin ? run with { From = hold } : run with { To = hold }) with
            {
                LengthMetres = Math.Min(100, run.LengthMetres + kept.LengthMetres),
                Lay = run.Lay is null ? null : new Lay(),
            }));
        }
        return site.Rig with
        {
            Fixtures = [.. site.Rig.Fixtures.Where(other => other.Id != lamp.Id)],
            Runs = runs,
            Lines = [.. site.Rig.Lines.Select(line => line with { Lights = [.. line.Lights.Where(light => TerminalIndex.Split(light).Part != lamp.Id)] })],
            Places = [.. site.Rig.Places.Where(place => place.Part != lamp.Id)],
        };
    }
}
