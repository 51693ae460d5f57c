using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>A state of the whole rig, solved.</summary>
public sealed record WholeStudy(NamedState Named, SolvedHarness Solved);

/// <summary>A rig with everything that proposals and checks go by: its wiring, its states solved, its shorts.</summary>
public sealed class RigStudy
{
    private readonly LargestCurrents largest;

    private readonly IReadOnlyDictionary<string, IReadOnlyList<Link>> unfused;

    private readonly HashSet<string> lampIds;

    private readonly FeedSums sums;

    private readonly SharedShorts shared;

    private readonly Dictionary<string, LineStudy> linesById;

    private readonly IReadOnlyDictionary<string, DesignCurrent> limited;

    private RigStudy(Rig wired, bool together, CancellationToken cancellation)
    {
        Wired = wired;
        Map = WiringMap.Of(wired);
        Feeds = Feeds.Of(Map);
        Faults = FaultCurrents.Of(wired, Map, Feeds);
        var studies = new LineStudies(wired, Map);
        Lines = [.. wired.Lines.Where(line => line.Lights.Count > 0).Unless(cancellation).Select(studies.Of)];
        var all = HarnessCompiler.Compile(wired);
        Whole = !together ? [] : Solve(all, JudgedStates.Whole(wired, [.. Lines.Select(line => line.Trigger)]).Unless(cancellation));
        if (together && Lines.Count > 1 && LineStudy.SolveOff(all, RigStates.EverythingOn(wired)) is var everything) Lines = [.. Lines.Select(line => line.With(everything))];
        linesById = Lines.ToDictionary(line => line.Line.Id, StringComparer.Ordinal);
        largest = new LargestCurrents(all);
        foreach (var line in Lines)
        {
            largest.Take(line.Off, SizingWords.FormatAloneEngineOff(line.Line.Name), line.Line.Id);
            largest.Take(line.Running, SizingWords.FormatAloneEngineRunning(line.Line.Name), line.Line.Id);
        }
        foreach (var whole in Whole) largest.Take(whole.Solved, whole.Named.Name, null);
        Loads = LampLoads.Of(this, all, largest.PlacesOf);
        unfused = UnfusedLeads.Behind(Map, Feeds);
        limited = LimitedChains.Of(wired, Map);
        lampIds = [.. wired.Fixtures.Select(fixture => fixture.Id)];
        sums = new FeedSums(Map, Feeds);
        shared = new SharedShorts(wired, Map, Feeds, Faults);
        Runs = [.. wired.Runs.Unless(cancellation).Select(run => Figures(run))];
        Leads = [.. VehicleLeads.Of(wired, Map).Select(Lead)];
    }

    /// <summary>Each state by itself; but the vehicle is parked with the relays as they were left, so that one that holds itself in is counted.</summary>
    private static List<WholeStudy> Solve(CompiledHarness all, IEnumerable<NamedState> states)
    {
        var solved = new List<WholeStudy>();
        foreach (var named in states)
            solved.Add(new WholeStudy(named, all.Solve(named.State, named.Id == JudgedStates.Parked ? solved.Find(whole => whole.Named.Id == JudgedStates.Everything)?.Solved.Contacts : null)));
        return solved;
    }

    private PartNames? names;

    /// <summary>What people call its parts and wires.</summary>
    public PartNames Names => names ??= PartNames.Of(Wired);

    /// <summary>The rig with every line wired part by part.</summary>
    public Rig Wired { get; }

    /// <summary>Its terminals and what joins them.</summary>
    public WiringMap Map { get; }

    /// <summary>Which fuse stands before which conductor.</summary>
    public Feeds Feeds { get; }

    /// <summary>Prospective short-circuit currents.</summary>
    public FaultCurrents Faults { get; }

    /// <summary>Each line by itself.</summary>
    public IReadOnlyList<LineStudy> Lines { get; }

    /// <summary>States of the whole rig.</summary>
    public IReadOnlyList<WholeStudy> Whole { get; }

    /// <summary>What the lamps are made to draw, by element.</summary>
    internal LampLoads Loads { get; }

    /// <summary>Every run, in the rig's order.</summary>
    public IReadOnlyList<RunFigures> Runs { get; }

    /// <summary>Leads of the vehicle's own that added circuits hang on.</summary>
    public IReadOnlyList<RunFigures> Leads { get; }

    /// <summary>Both: all that is judged as a conductor.</summary>
    public IEnumerable<RunFigures> Conductors => Runs.Concat(Leads);

    /// <summary>The feeders of a section that can feed it at once.</summary>
    internal IReadOnlyList<Feeder> Together(Section section) => sums.Together(section);

    /// <summary>Studies a valid rig whose lines are all in full wiring; pure and total.</summary>
    /// <exception cref="ArgumentException">A line is a quick plan.</exception>
    public static RigStudy Of(Rig rig, CancellationToken cancellation = default) => rig.Lines.FirstOrDefault(line => line.Plan is not null) is { } quick
        ? throw new ArgumentException($"{quick.Name} is a quick plan.", nameof(rig))
        : new(rig, together: true, cancellation);

    /// <summary>The same without states of the whole rig, for one that holds no more than one line.</summary>
    internal static RigStudy OfLine(Rig rig, CancellationToken cancellation) => new(rig, together: false, cancellation);

    /// <summary>The most that an element carries.</summary>
    public DesignCurrent Design(string element)
    {
        var flows = largest.Of(element);
        return limited.GetValueOrDefault(element) is { } limit && limit.Amps > flows.Amps ? limit : flows;
    }

    /// <summary>What an element asks of a contact, A: what it carries, of filament lamps half as much again.</summary>
    public double OnContact(string element) => OnContact(element, Design(element).Amps);

    /// <summary>The same of <paramref name="amps"/> through it.</summary>
    internal double OnContact(string element, double amps) =>
        LampWatts.OnContact([.. LinesOf(element).SelectMany(line => linesById[line].Lamps).Select(lamp => lamp.Function)], amps);

    /// <summary>Ids of the lines that use an element.</summary>
    public IReadOnlyList<string> LinesOf(string element) => largest.LinesOf(element);

    /// <summary>A state of the whole rig by its id.</summary>
    public WholeStudy State(string id) => Whole.First(whole => whole.Named.Id == id);

    private RunFigures Figures(Run run) => Figures(run, run.Ambient(Wired.HouseRules.ZoneCelsius));

    /// <summary>A lead of the vehicle's own, read as a run.</summary>
    private RunFigures Lead(Link link)
    {
        var law = (Law.Wire)link.Law;
        return Figures(new Run(link.Id, link.A, link.B, law.Size.Name, law.Metres, [Zone.Cabin]) { InsulationCelsius = law.InsulationCelsius, Bundled = law.Bundled }, law.AmbientCelsius) with { OfVehicle = true };
    }

    private RunFigures Figures(Run run, double ambient)
    {
        var wire = WireTable.Find(run.Wire)!;
        var ampacity = Ampacity.Of(wire, run.InsulationCelsius, ambient, run.Bundled);
        var most = Design(run.Id);
        var celsius = Ampacity.ConductorCelsius(most.Amps, ampacity, run.InsulationCelsius, ambient);
        var section = Feeds.Of(run.From);
        var figures = new RunFigures(
            run, wire, most.Amps, most.State, most.Amps * wire.Ohms(run.LengthMetres, celsius), ambient, ampacity, celsius,
            [.. Faults.ByRun[run.Id]],
            section.Grounded ? 0 : section.LimitedSources.Sum(source => source.LimitAmps),
            LinesOf(run.Id),
            unfused.GetValueOrDefault(run.Id) ?? [],
            run.Given && run.Ends().Any(EndsAtLamp))
        {
            LampAmps = Loads.Of(run.Id),
            Together = sums.Into(Map.Find(run.Id)!),
            LeadsTo = Limits.UnfusedLength(run) <= Limits.UnfusedMetres ? run.Ends().Select(LeadsTo).FirstOrDefault(device => device is not null) : null,
        };
        return figures.Together.Count == 0 || figures.Tail ? figures : figures with { Shared = size => shared.Worst(figures, size) };

        // The fuse that a terminal is one side of, where the run alone leads to it and what is fed stands behind it.
        Link? LeadsTo(string terminal) =>
            Map.At(terminal).Where(link => link.Id != run.Id).ToList() is [{ Kind: LinkKind.Device } device]
            && section.Feeders.All(feeder => feeder.Device != device) && section.Sources.Count == 0
                ? device : null;
    }

    /// <summary>Whether a terminal is a lamp's and nothing goes on from it.</summary>
    private bool EndsAtLamp(string terminal) =>
        lampIds.Contains(TerminalIndex.Split(terminal).Part) && Map.RunsAt(terminal).Skip(1).FirstOrDefault() is null;
}
