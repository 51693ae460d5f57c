using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.RunSheet;

/// <summary>A sheet being written, and what of the rig its steps are made from.</summary>
internal sealed class Draft
{
    private readonly Dictionary<string, IReadOnlyList<string>> coversOf = new(StringComparer.Ordinal);
    private readonly HashSet<string> existing;
    private readonly Dictionary<string, Run> runs;
    private readonly ILookup<string, Line> linesOfLamp;
    private readonly ILookup<string, Run> runsOfLine;
    private readonly WireRoutes routes;
    private readonly ILookup<string, MakingOff> endings;
    private readonly ILookup<string, string> wiresOfPlan;
    private readonly Dictionary<ComesOff, HashSet<string>> behind;
    private readonly Dictionary<string, Mount> mounts;
    private readonly IReadOnlySet<string> places;
    private readonly Dictionary<string, bool> inside = new(StringComparer.Ordinal);
    private readonly HashSet<string> ids = new(StringComparer.Ordinal);
    private readonly Dictionary<string, List<int>> about = new(StringComparer.Ordinal);
    private readonly List<SheetStep> steps = [];
    private IReadOnlyList<Isolating.Way>? ways;

    public Draft(AssessedRig assessed)
    {
        Assessed = assessed;
        Rig = assessed.Study.Wired;
        Names = assessed.Study.Names;
        Where = PartLocations.Of(Rig);
        routes = new WireRoutes(assessed.Whole, Where);
        Cuts = CutList.Of(assessed);
        // Pick-ups of quick plans are parts of the rig in full wiring alone.
        Covers = ComesOff.Of(assessed.Whole.Saved with { Joints = Rig.Joints, Runs = Rig.Runs }, assessed.Whole.Routed, Names);
        endings = Cuts.Endings.SelectMany(end => end.Wires.Select(wire => (wire, end))).ToLookup(pair => pair.wire, pair => pair.end, StringComparer.Ordinal);
        linesOfLamp = Rig.Lines.SelectMany(line => line.Lamps().Select(lamp => (lamp, line))).ToLookup(pair => pair.lamp, pair => pair.line, StringComparer.Ordinal);
        mounts = (Rig.Body?.Mounts ?? []).ToDictionary(mount => mount.Id, StringComparer.Ordinal);
        places = Rig.Body?.PlaceNames() ?? new HashSet<string>();
        existing = Existing(assessed);
        runs = Rig.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        Runs = [.. Rig.Runs.Where(run => !existing.Contains(run.Id) && !(run.Given && run.Kit is null))];
        Lamps = [.. Rig.Fixtures.Where(lamp => !existing.Contains(lamp.Id))];
        runsOfLine = Runs.SelectMany(run => assessed.Study.LinesOf(run.Id).Select(line => (line, run))).ToLookup(pair => pair.line, pair => pair.run, StringComparer.Ordinal);
        PlacedAt = Rig.Places.GroupBy(place => place.Part, StringComparer.Ordinal).ToDictionary(place => place.Key, place => place.First(), StringComparer.Ordinal);
        foreach (var line in assessed.Whole.Saved.Lines)
            if (line.Plan?.Lay is { } lay)
                foreach (var lamp in Rig.Lines.First(other => other.Id == line.Id).Lamps()) PlacedAt.TryAdd(lamp, new Place(lamp, lay.To));
        var planned = assessed.Whole.Saved.Lines.Where(line => line.Plan is not null).Select(line => line.Id).ToHashSet(StringComparer.Ordinal);
        wiresOfPlan = Rig.Runs.Select(run => (Line: assessed.Whole.QuickLineOf(run.Id), run.Id)).Where(pair => pair.Line is not null && planned.Contains(pair.Line)).ToLookup(pair => pair.Line!, pair => pair.Id, StringComparer.Ordinal);
        Lines = [.. Rig.Lines.Where(line => !line.Existing && line.Lights.Count > 0)];
        behind = Covers.ToDictionary(cover => cover, Behind);
        foreach (var cover in Covers)
            foreach (var id in behind[cover]) coversOf[id] = [.. coversOf.GetValueOrDefault(id) ?? [], IdOf("off", cover)];
    }

    public AssessedRig Assessed { get; }

    public Rig Rig { get; }

    public PartNames Names { get; }

    public PartLocations Where { get; }

    public CutList Cuts { get; }

    public IReadOnlyList<ComesOff> Covers { get; }

    /// <summary>Wires that are laid: those of lines that are there already, and tails that came with a lamp, are not.</summary>
    public IReadOnlyList<Run> Runs { get; }

    public IReadOnlyList<Fixture> Lamps { get; }

    public Dictionary<string, Place> PlacedAt { get; }

    /// <summary>Those written so far.</summary>
    public IReadOnlyList<SheetStep> Steps => steps;

    /// <summary>Lines that are fitted, and give light.</summary>
    public IReadOnlyList<Line> Lines { get; }

    /// <summary>What makes it dead, in the order in which it goes off.</summary>
    public IReadOnlyList<Isolating.Way> Ways => ways ??= Isolating.Ways(this);

    public bool BatteryOff => Rig.HouseRules.Isolation == IsolationSchool.BatteryOff;

    public UnitSystem Units => Rig.HouseRules.Units;

    /// <summary>Parts that are fixed to the vehicle and are no lamp.</summary>
    public IEnumerable<IPart> Fixed() => ((IEnumerable<IPart>)[.. Rig.Relays, .. Rig.PowerBoxes, .. Rig.Protection, .. Rig.Switches, .. Rig.Converters, .. Rig.InlineBreakers, .. Rig.Loads, .. Rig.SolarPanels])
        .Where(part => !existing.Contains(part.Id));

    public Run RunOf(string id) => runs[id];

    /// <summary>Where a wire is made off.</summary>
    public IEnumerable<MakingOff> EndingsOf(Run run) => endings[run.Id];

    public bool IsExisting(string id) => existing.Contains(id);

    /// <summary>How a wire lies; null where it has no route.</summary>
    public Routed? RouteOf(Run run) => routes.Of(run);

    /// <summary>Grommets that a wire passes, from its first end.</summary>
    public IReadOnlyList<Station> Holes(Run run) => Rig.Body is { } body
        ? [.. (RouteOf(run)?.Route?.Passed ?? []).Select(body.StationOf).OfType<Station>().Where(station => station.Kind == StationKind.Grommet)] : [];

    /// <summary>Whether a part is in the cabin: all lanes to its station are.</summary>
    public bool Inside(string part)
    {
        if (Rig.Body is not { } body || Where.Of(part) is not { } station) return false;
        if (!inside.TryGetValue(station, out var known))
            inside[station] = known = body.StationOf(station)?.Kind != StationKind.Grommet
                && body.Lanes.Where(lane => lane.From == station || lane.To == station).ToList() is { Count: > 0 } lanes && lanes.TrueForAll(lane => lane.Zone == Zone.Cabin);
        return known;
    }

    /// <summary>Cover-off steps that have to be done to get at something.</summary>
    public IEnumerable<string> CoversOf(params IEnumerable<string> ids) => ids.SelectMany(id => coversOf.GetValueOrDefault(id) ?? []).Distinct();

    /// <summary>Ids of all that lies behind a cover: wires, parts and places.</summary>
    public IReadOnlySet<string> BehindOf(ComesOff cover) => behind[cover];

    private HashSet<string> Behind(ComesOff cover)
    {
        var found = cover.ForIds.ToHashSet(StringComparer.Ordinal);
        found.UnionWith(cover.ForIds.SelectMany(id => wiresOfPlan[id]));
        found.UnionWith(PlacedAt.Where(pair => cover.ForIds.Contains(pair.Value.At)).Select(pair => pair.Key));
        return found;
    }

    public static string IdOf(string way, ComesOff cover) => $"cover-{way}-{Plain(cover.What)}";

    /// <summary>The step in which a part is held in its place.</summary>
    public string HoldOf(string part) => $"hold-{Where.Of(part) ?? NoPlace}";

    /// <summary>No station is called so.</summary>
    private const string NoPlace = "()";

    /// <summary>What a person called it as an id; what is lost by that tells it apart, the same from plan to plan.</summary>
    private static string Plain(string name)
    {
        var (small, plain) = (name.Trim().ToLowerInvariant(), FreeName.Plain(name, FreeName.Longest));
        return small.Replace(' ', '-') == plain ? plain : $"{plain}-{small.Aggregate(2166136261u, (sum, letter) => (sum ^ letter) * 16777619u):x8}";
    }

    public void Add(SheetStep step)
    {
        ids.Add(step.Id);
        foreach (var id in step.About.Distinct())
        {
            if (!about.TryGetValue(id, out var there)) about[id] = there = [];
            there.Add(steps.Count);
        }
        steps.Add(step with
        {
            Place = step.Place.Length > 0 ? step.Place : step.About.Select(Station).FirstOrDefault(name => name.Length > 0) ?? "",
            Marks = [.. step.About.Select(PointOf).OfType<Point>().Distinct()],
            Paths = [.. step.About.Where(runs.ContainsKey).Select(id => RouteOf(runs[id])?.Route?.Stations).OfType<IReadOnlyList<string>>().Where(stations => stations.Count > 1).DistinctBy(stations => string.Join('/', stations)).Select(stations => (IReadOnlyList<Point>)[.. stations.Select(Rig.Body!.StationOf).OfType<Station>().Select(station => station.At)])],
            After = [.. step.After.Distinct()],
        });
    }

    /// <summary>The steps so far that are about any of these parts, wires and places, in their order.</summary>
    public IEnumerable<SheetStep> About(IEnumerable<string> any) => any.SelectMany(id => about.GetValueOrDefault(id) ?? []).Distinct().Order().Select(i => steps[i]);

    /// <summary>Where a part, mount or station is on the vehicle; null: not specified, or a wire.</summary>
    private Point? PointOf(string id) => Rig.Body is not { } body ? null
        : (PlacedAt.TryGetValue(id, out var place) ? mounts.GetValueOrDefault(place.At)?.At : null)
            ?? mounts.GetValueOrDefault(id)?.At ?? (Where.Of(id) is { } station ? body.StationOf(station)?.At : body.StationOf(id)?.At);

    /// <summary>Where a part is, as a fitter calls it; empty: not specified.</summary>
    public string Station(string part) => PlacedAt.TryGetValue(part, out var place) ? Names.Place(place.At)
        : Where.Of(part) is { } station ? Names.Place(station) : places.Contains(part) ? Names.Place(part) : "";

    /// <summary>Lamps that are handled together: of one line, on one mount.</summary>
    public IEnumerable<IGrouping<string, Fixture>> LampGroups(IEnumerable<Fixture> lamps) => lamps.GroupBy(
        lamp => string.Join('-', new[] { LinesOf(lamp).FirstOrDefault()?.Id, MountOf(lamp)?.Id }.OfType<string>().DefaultIfEmpty(lamp.Id)), StringComparer.Ordinal);

    /// <summary>Wires that a line uses, and that are laid.</summary>
    public IEnumerable<Run> RunsOf(Line line) => runsOfLine[line.Id];

    /// <summary>Lines that a lamp belongs to.</summary>
    public IEnumerable<Line> LinesOf(Fixture lamp) => linesOfLamp[lamp.Id];

    /// <summary>The mount that a lamp is on; null: not specified.</summary>
    public Mount? MountOf(Fixture lamp) => PlacedAt.TryGetValue(lamp.Id, out var place) ? mounts.GetValueOrDefault(place.At) : null;

    /// <summary>Ids of the steps there so far that are of these stages.</summary>
    public IReadOnlyList<string> Of(params Stage[] stages) => [.. Steps.Where(step => stages.Contains(step.Stage)).Select(step => step.Id)];

    /// <summary>Whether a step of this id is there so far.</summary>
    public bool Has(string id) => ids.Contains(id);

    /// <summary>Parts and wires of lines that are on the vehicle already and of no other.</summary>
    private static HashSet<string> Existing(AssessedRig assessed)
    {
        var (rig, study) = (assessed.Study.Wired, assessed.Study);
        var there = rig.Lines.Where(line => line.Existing).Select(line => line.Id).ToHashSet(StringComparer.Ordinal);
        var known = assessed.Whole.Saved.OnVehicle;
        if (there.Count == 0) return [.. known];
        var found = rig.Runs.Where(run => study.LinesOf(run.Id) is { Count: > 0 } lines && lines.All(there.Contains)).Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        var others = rig.Runs.Where(run => !found.Contains(run.Id)).SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        found.UnionWith(rig.Runs.Where(run => found.Contains(run.Id)).SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).Where(part => !others.Contains(part)).ToList());
        found.UnionWith(rig.Lines.Where(line => line.Existing).SelectMany(line => line.Lamps()));
        found.UnionWith(known);
        return found;
    }
}
