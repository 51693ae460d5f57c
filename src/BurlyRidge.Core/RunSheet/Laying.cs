using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Wires laid, and fed through the bulkhead once what can be tried before is tried.</summary>
internal static class Laying
{
    public static void Lay(Draft draft)
    {
        foreach (var group in draft.Runs.GroupBy(run => Key(draft, run)))
        {
            var runs = group.ToList();
            var crossing = draft.Holes(runs[0]).Count > 0;
            var lanes = runs.SelectMany(run => draft.RouteOf(run)?.Route?.Lanes ?? []).DistinctBy(lane => lane.Id).ToList();
            var (from, to) = draft.Where.OfRun(runs[0]);
            var number = Format.Count(runs.Count, RunSheetWords.WireWord, RunSheetWords.WiresWord);
            var count = LineOf(draft, runs[0]) is { } line ? RunSheetWords.FormatOfLine(number, draft.Names.Line(line)) : number;
            var title = crossing ? runs.Count == 1 ? RunSheetWords.FormatLayWireToBulkhead(draft.Names.Wire(runs[0])) : RunSheetWords.FormatLayWiresToBulkhead(count)
                : runs.Count == 1 ? RunSheetWords.FormatLayWire(draft.Names.Wire(runs[0]))
                : from is null || to is null ? RunSheetWords.FormatLayWires(count)
                : from == to ? RunSheetWords.FormatLayWiresAt(count, draft.Names.Place(from))
                : RunSheetWords.FormatLayWiresFromTo(count, draft.Names.Place(from), draft.Names.Place(to));
            draft.Add(new SheetStep($"lay-{group.Key}", Stage.Lay, title, crossing ? RunSheetWords.LayUpToBulkheadWhy : RunSheetWords.LayWhy)
            {
                About = [.. runs.Select(run => run.Id)],
                Place = lanes.Count > 0 ? Format.And(lanes.SelectMany(lane => new[] { lane.From, lane.To }).Distinct().Take(6).Select(draft.Names.Place)) : "",
                Task = runs[0].Kit is null ? WorkTask.Wire : WorkTask.Kit,
                Share = runs.Count,
                After = ["reach", .. draft.CoversOf(runs.Select(run => run.Id)), .. Parts(draft, runs)],
                How = [.. runs.Select(run => How(draft, run)), RunSheetWords.BracketFirst, RunSheetWords.TieAsYouGo],
                Tools = [RunSheetWords.CutterAndTies],
                Cautions = [.. Cautions(lanes)],
                Facts = [.. runs.Select(run => new Fact(run.Id, draft.Names.Wire(run), Laid(draft, run)))],
                Leaves = [new Standing(StandingKind.LooseEnds, runs[0].Id, RunSheetWords.FormatEndsAreLoose(runs.Count == 1 ? draft.Names.Wire(runs[0]) : number), [.. Joins(draft, runs)])],
            });
        }
    }

    /// <summary>The line that a wire is of; null: of several, or of none.</summary>
    private static string? LineOf(Draft draft, Run run) => draft.Assessed.Whole.QuickLineOf(run.Id) ?? (draft.Assessed.Study.LinesOf(run.Id) is [var line] ? line : null);

    /// <summary>Wires of a line that lie alike are laid together.</summary>
    private static string Key(Draft draft, Run run)
    {
        var (from, to) = draft.Where.OfRun(run);
        var of = LineOf(draft, run) ?? "shared";
        var ends = from is null || to is null ? of : string.Join("-", [of, .. new[] { from, to }.Order(StringComparer.Ordinal)]);
        return draft.Holes(run).Count > 0 ? $"{ends}-bulkhead" : run.Kit is not null ? $"{ends}-kit" : ends;
    }

    private static IEnumerable<string> Parts(Draft draft, IReadOnlyList<Run> runs)
    {
        var parts = runs.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        return draft.About(parts).Where(step => step.Stage is Stage.Mount or Stage.Fix).Select(step => step.Id);
    }

    private static IEnumerable<string> Joins(Draft draft, IReadOnlyList<Run> runs) => runs.SelectMany(run => draft.EndingsOf(run)).Select(end => Joining.IdOf(draft, end)).Distinct();

    private static string How(Draft draft, Run run) => RunSheetWords.FormatWireIs(draft.Names.Wire(run), Of(run), Format.Metres(run.LengthMetres, draft.Units));

    private static string Of(Run run) => run.Kit is { } kit ? RunSheetWords.FormatLegOfKit(kit.Leg, kit.Name) : run.Colour.Length > 0 ? RunSheetWords.FormatWireOfColour(run.Wire, run.Colour) : run.Wire;

    /// <summary>What of a wire its laying goes by: its size, colour and route.</summary>
    public static string Laid(Draft draft, Run run) => draft.RouteOf(run)?.Route is { Stations.Count: > 1 } route
        ? RunSheetWords.FormatWireAlong(Of(run), string.Join(", ", route.Stations.Select(draft.Names.Place))) : RunSheetWords.FormatWireOfLength(Of(run), Format.Metres(run.LengthMetres, draft.Units));

    private static IEnumerable<string> Cautions(IReadOnlyList<Lane> lanes)
    {
        var hazards = lanes.SelectMany(lane => lane.Hazards).Distinct().ToList();
        if (hazards.Count > 0) yield return RunSheetWords.FormatKeepFrom(Format.And(hazards.Select(HazardWords.Word)));
        if (hazards.Contains(Hazard.Airbag)) yield return RunSheetWords.AirbagCaution;
        if (lanes.Any(lane => lane.Zone == Zone.Cabin)) yield return RunSheetWords.PedalCaution;
    }

    /// <summary>A new hole first where its edge is bare; then the wires, after what can be tried before is tried.</summary>
    public static void Feed(Draft draft)
    {
        var crossing = draft.Runs.Where(run => draft.Holes(run).Count > 0).ToList();
        foreach (var hole in crossing.SelectMany(draft.Holes).DistinctBy(hole => hole.Id).ToList())
        {
            var through = crossing.Where(run => draft.Holes(run).Any(station => station.Id == hole.Id)).ToList();
            var name = PartNames.Small(hole.Name);
            var drilled = hole.Edge == HoleEdge.Bare;
            if (drilled)
                draft.Add(new SheetStep($"drill-{hole.Id}", Stage.Feed, RunSheetWords.FormatDrill(name, Format.Millimetres(draft.Assessed.Whole.Routed.Room.HoleMillimetres(hole.Id), draft.Units)), RunSheetWords.DrillWhy)
                {
                    About = [hole.Id],
                    Task = WorkTask.Bulkhead,
                    After = [.. draft.Of(Stage.Try), .. draft.CoversOf(through.Select(run => run.Id))],
                    Hold = Hold.SwarfOut,
                    How = [RunSheetWords.LookBehind, RunSheetWords.CentreAndPilot, RunSheetWords.DeburrAndPaint],
                    Tools = [RunSheetWords.DrillAndStep, RunSheetWords.FileTool],
                    Asks = [Ask.Yes("behind", RunSheetWords.NothingBehind), Ask.Yes("swarf", RunSheetWords.SwarfIsOut), Ask.Yes("edge", RunSheetWords.EdgeIsPaintedAndCovered)],
                    Facts = [new Fact(hole.Id, hole.Name, hole.Name)],
                });
            draft.Add(new SheetStep($"feed-{hole.Id}", Stage.Feed, RunSheetWords.FormatFeed(Format.Count(through.Count, RunSheetWords.WireWord, RunSheetWords.WiresWord), name), RunSheetWords.FeedWhy)
            {
                About = [hole.Id, .. through.Select(run => run.Id)],
                Task = WorkTask.Bulkhead,
                After = [.. draft.Of(Stage.Try), .. drilled ? [$"drill-{hole.Id}"] : Array.Empty<string>(), .. through.Select(run => $"lay-{Key(draft, run)}").Distinct()],
                Hold = Hold.SlackOutside,
                How = [drilled ? RunSheetWords.FeedHow : RunSheetWords.SlitGrommet, RunSheetWords.FeedRod, RunSheetWords.PlugsAfterHole, RunSheetWords.OnTheWireFirst],
                Tools = [RunSheetWords.PullWire],
                Cautions = [RunSheetWords.PedalCaution],
                Asks = [Ask.Yes("slack", RunSheetWords.EnoughWireOutside)],
                Facts = [.. through.Select(run => new Fact(run.Id, draft.Names.Wire(run), hole.Name))],
            });
        }
    }
}
