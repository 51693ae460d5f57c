using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>How far the tables of a diagnosis are.</summary>
/// <param name="Done">Of <paramref name="All"/> standings.</param>
public sealed record DiagnosisProgress(int Done, int All);

/// <summary>One way of one hypothesis.</summary>
/// <param name="Hypothesis">Its place.</param>
/// <param name="Share">Of the hypothesis, before anything was seen.</param>
/// <param name="Size">Factor of the resistance that the library adds; 1 where none is.</param>
internal readonly record struct HypothesisWay(int Hypothesis, double Share, double Size);

/// <summary>
/// Everything that could be wrong with one line, and what each of it would show in every standing. It follows from the plan
/// alone; what was seen and read is held against it.
/// </summary>
public sealed class DiagnosisTables
{
    private readonly CommissioningPlan plan;

    // Of each way of a resistance the next smaller and larger one, and how far apart they are.
    private readonly (int Smaller, int Larger, double Log)?[] neighbours;
    private readonly Dictionary<(string Stand, Probing Probing), (int Stand, int Probe)> places = [];
    private readonly Dictionary<(string Stand, string Lamp), (int Stand, int Lamp)> lamps = [];

    private readonly Dictionary<string, Standing> alike = new(StringComparer.Ordinal);

    private readonly SoundCovariance sound;

    private DiagnosisTables(CommissioningPlan plan, string line, IReadOnlyList<Hypothesis> hypotheses, IReadOnlyList<HypothesisWay> ways, IReadOnlyList<StandTable> stands)
    {
        (this.plan, Line, Hypotheses, Ways, Stands) = (plan, line, hypotheses, ways, stands);
        var rest = HarnessCompiler.Solve(Rig.Empty(plan.Study.Wired.Vehicle.SystemVolts, plan.Study.Wired.HouseRules.Units) with { Vehicle = plan.Study.Wired.Vehicle }, new RigState());
        RestVolts = rest.Volts(plan.Study.Wired.Vehicle.SystemPlus) - rest.Volts(plan.Study.Wired.Vehicle.SystemMinus);
        for (var s = 0; s < stands.Count; s++)
        {
            foreach (var id in stands[s].Standing.Ids)
            {
                for (var i = 0; i < stands[s].Standing.Probes.Count; i++) places[(id, stands[s].Standing.Probes[i].Probing)] = (s, i);
                for (var i = 0; i < stands[s].Standing.Lamps.Count; i++) lamps[(id, stands[s].Standing.Lamps[i])] = (s, i);
            }
            if (stands[s].Standing.Held is null) alike[Standing.KeyOf(plan.Study.Wired, stands[s].Standing.State, stands[s].Standing.Out)] = stands[s].Standing;
        }
        neighbours = Neighbours(ways);
        sound = new SoundCovariance(stands);
        Classes = FaultClass.Of(this);
    }

    /// <summary>Its line.</summary>
    public string Line { get; }

    /// <summary>Keys of the faults that are told from nothing wrong: the others are silent.</summary>
    public IReadOnlyList<string> FaultKeys => [.. Classes.Skip(1).SelectMany(one => one.Members).Select(member => Hypotheses[member].Key)];

    /// <summary>Ways for the rig to stand.</summary>
    public IReadOnlyList<Standing> Standings => [.. Stands.Select(stand => stand.Standing)];

    /// <summary>What a fault that could be wrong with the line is called; null: it could not.</summary>
    /// <param name="key">Of the fault library.</param>
    public string? NameOf(string key) => Hypotheses.FirstOrDefault(hypothesis => hypothesis.Faults.Count == 1 && hypothesis.Key == key)?.Faults[0].Name;

    /// <summary>Place of the class that a fault is of, 0 where nothing tells it from a sound rig; null: it is none of the line.</summary>
    /// <param name="key">Of the fault library.</param>
    internal int? ClassOf(string key) => Classes.Select((one, i) => (one, i)).FirstOrDefault(pair => pair.one.Members.Any(member => Hypotheses[member].Key == key)) is { one: not null } pair ? pair.i : null;

    /// <summary>Faults that read as one does in every standing, itself among them; of one that nothing shows, itself.</summary>
    /// <param name="key">Of the fault library.</param>
    internal IEnumerable<string> Alike(string key) => ClassOf(key) is > 0 and var of ? Classes[of].Members.Select(member => Hypotheses[member].Key) : [key];

    /// <summary>Readings that a fault moves most, the first the most; at the size that the library has.</summary>
    /// <param name="key">Of the fault library.</param>
    public IEnumerable<(Standing Standing, Probing Probing)> Moved(string key)
    {
        var way = Enumerable.Range(0, Ways.Count).First(way => Hypotheses[Ways[way].Hypothesis].Key == key);
        return from place in Enumerable.Range(0, Stands.Count).SelectMany(stand => Stands[stand].Standing.Probes.Select((probe, i) => (Stand: stand, Probe: i, probe.Probing)))
               orderby Posterior.HalfWidths(this, place.Stand, place.Probe, Stands[place.Stand].Ways[way].Values[place.Probe]) descending
               select (Stands[place.Stand].Standing, place.Probing);
    }

    /// <summary>By how many half-widths of the band of 95 of 100 sound rigs a reading is away from what it should be; 0 where there is none such.</summary>
    public double HalfWidths(ReadHere read) => Find(read.Stand, read.Probing) is var (stand, probe) ? Posterior.HalfWidths(this, stand, probe, read.Value) : 0;

    /// <summary>Whether a lamp is looked at in that standing.</summary>
    public bool HasLamp(string stand, string lamp) => FindLamp(stand, lamp) is not null;

    /// <summary>Whether a meter is held so in that standing.</summary>
    public bool HasProbe(string stand, Probing probing) => Find(stand, probing) is not null;

    /// <summary>The battery at rest as it was measured at its posts, as a reading of these tables; null: they have none.</summary>
    public ReadHere? AtRest(double volts)
    {
        var probing = new Probing(TesterSetting.Volts, plan.Study.Wired.Vehicle.SystemPlus, plan.Study.Wired.Vehicle.SystemMinus);
        return HasProbe(ReadingPlan.Off, probing) ? new ReadHere(ReadingPlan.Off, probing, volts) : null;
    }

    /// <summary>Readings that were taken as the line was commissioned, as readings of these tables.</summary>
    public IEnumerable<ReadHere> Commissioned(IEnumerable<TakenReading> taken)
    {
        var known = plan.Of(Line).SelectMany(group => group.Readings.Select(reading => (Key: LineCard.KeyOf(group.Id, reading.Key), Group: group.Id, reading.Probing))).ToDictionary(one => one.Key, StringComparer.Ordinal);
        return taken.Where(reading => known.ContainsKey(reading.Key)).Select(reading => new ReadHere(known[reading.Key].Group, known[reading.Key].Probing, reading.Value)).Where(read => HasProbe(read.Stand, read.Probing));
    }

    internal CommissioningPlan Plan => plan;

    internal IReadOnlyList<Hypothesis> Hypotheses { get; }

    internal IReadOnlyList<HypothesisWay> Ways { get; }

    internal IReadOnlyList<StandTable> Stands { get; }

    /// <summary>Hypotheses that read alike in every standing; the first of them: nothing is wrong, with all that cannot be seen or read.</summary>
    internal IReadOnlyList<FaultClass> Classes { get; }

    /// <summary>How many faults were tried, and in how many ways of standing and of size they were solved.</summary>
    public (int Faults, int Solved, int InFull) Counts => (Hypotheses.Count - 1, Stands.Sum(stand => stand.Solved), Stands.Sum(stand => stand.InFull));

    /// <summary>How much two readings of sound rigs go together, without the meter's own and the battery's volts.</summary>
    internal double Covariance(int stand, int probe, int otherStand, int otherProbe) => sound.Of(stand, probe, otherStand, otherProbe);

    /// <summary>Volts of the vehicle's battery at rest as it is planned.</summary>
    internal double RestVolts { get; }

    /// <summary>By how much a reading moves with the logarithm of a resistance, on its scale; 0 where none is added.</summary>
    internal double BySize(int way, int stand, int probe)
    {
        if (neighbours[way] is not { } between) return 0;
        var (table, setting) = (Stands[stand], Stands[stand].Standing.Probes[probe].Probing.Setting);
        return (MeterScale.Of(setting, table.Ways[between.Larger].Values[probe]) - MeterScale.Of(setting, table.Ways[between.Smaller].Values[probe])) / between.Log;
    }

    /// <summary>The way of standing in which everything stands so; null: there is none.</summary>
    internal Standing? StandingAt(RigState state, IReadOnlyList<string> without) => alike.GetValueOrDefault(Standing.KeyOf(plan.Study.Wired, state, without));

    /// <summary>Where a standing and a place to hold a meter are; null where they are not.</summary>
    internal (int Stand, int Probe)? Find(string stand, Probing probing) => places.TryGetValue((stand, probing), out var at) ? at : null;

    /// <summary>Where a standing and a light are; null where they are not.</summary>
    internal (int Stand, int Lamp)? FindLamp(string stand, string lamp) => lamps.TryGetValue((stand, lamp), out var at) ? at : null;

    /// <summary>Works them out; null where nothing lights the line.</summary>
    public static DiagnosisTables? Of(CommissioningPlan plan, string line, IProgress<DiagnosisProgress>? progress = null, CancellationToken cancellation = default)
    {
        var standings = Diagnosing.Standings.Of(plan, line);
        if (standings.Count == 0) return null;
        var touched = PartsOf(plan, standings);
        List<Hypothesis> hypotheses = [Hypothesis.Sound, .. FaultLibrary.Of(plan.Study.Wired, plan.Study.Names).Where(fault => touched.Contains(TerminalIndex.Split(fault.Part).Part)).Select(fault => new Hypothesis([fault]))];
        return Of(plan, line, standings, hypotheses, progress, cancellation);
    }

    /// <summary>The same with pairs of faults in the place of single ones.</summary>
    internal DiagnosisTables WithPairs(IEnumerable<Hypothesis> pairs, CancellationToken cancellation) => Of(plan, Line, [.. Stands.Select(stand => stand.Standing)], [Hypothesis.Sound, .. pairs], null, cancellation);

    /// <summary>The same with ways of standing and places to hold a meter that somebody chose.</summary>
    internal DiagnosisTables With(IReadOnlyList<Visit> visits, CancellationToken cancellation) => Of(plan, Line, Diagnosing.Standings.With(plan, Standings, visits), [.. Hypotheses], null, cancellation);

    private static DiagnosisTables Of(CommissioningPlan plan, string line, IReadOnlyList<Standing> standings, List<Hypothesis> hypotheses, IProgress<DiagnosisProgress>? progress, CancellationToken cancellation)
    {
        var ways = new List<(int Hypothesis, double Share, double Size, IReadOnlyList<Fault> Faults)>();
        for (var i = 0; i < hypotheses.Count; i++) ways.AddRange(hypotheses[i].Ways().Select(way => (i, way.Share, way.Size, way.Faults)));
        var alterations = hypotheses.Select(hypothesis => Alteration.Of(plan.Study.Wired, hypothesis.Faults)).ToList();
        List<string> joined = [.. hypotheses.SelectMany(hypothesis => hypothesis.Faults).SelectMany(fault => fault.Faults).SelectMany(JoinedBy).Distinct()];
        var done = 0;
        var found = standings.AsParallel().AsOrdered().WithCancellation(cancellation).Select(standing =>
        {
            var solver = new StandSolver(plan, standing, joined);
            var all = ways.ConvertAll(way =>
            {
                cancellation.ThrowIfCancellationRequested();
                return solver.Of(way.Faults, alterations[way.Hypothesis]);
            });
            progress?.Report(new DiagnosisProgress(Interlocked.Increment(ref done), standings.Count));
            return (Solver: solver, All: all, Drawn: solver.Draw());
        }).ToList();
        Blow(hypotheses, ways, alterations, [.. found.Select(one => (one.Solver, one.All))], cancellation);
        return new DiagnosisTables(plan, line, hypotheses, [.. ways.Select(way => new HypothesisWay(way.Hypothesis, way.Share, way.Size))],
            [.. standings.Zip(found, (standing, one) => new StandTable(standing, one.All.ConvertAll(way => way.Outcome), one.Drawn, one.Solver.Solved.Near + one.Solver.Solved.Full, one.Solver.Solved.Full))]);
    }

    /// <summary>What a fault blew in one standing is blown in all of them: nobody has put in another.</summary>
    private static void Blow(List<Hypothesis> hypotheses, List<(int Hypothesis, double Share, double Size, IReadOnlyList<Fault> Faults)> ways, List<Alteration?> alterations, List<(StandSolver Solver, List<(Outcome Outcome, string? Opened)> All)> found, CancellationToken cancellation)
    {
        for (var way = 0; way < ways.Count; way++)
        {
            // Whether one that is too small has opened is told by its two ways.
            List<string> left = [.. hypotheses[ways[way].Hypothesis].Faults.Where(fault => fault.Kind == Hypothesis.TooSmall).Select(fault => fault.Part)];
            var blown = new List<string>();
            for (var round = 0; round < Overload.MostBlown; round++)
            {
                cancellation.ThrowIfCancellationRequested();
                var more = found.Select(stand => stand.All[way].Opened).OfType<string>().Except(blown).Except(left).ToList();
                if (more.Count == 0) break;
                blown.AddRange(more);
                IReadOnlyList<Fault> faults = [.. ways[way].Faults, .. blown.Select(fuse => new Fault.Open(fuse))];
                foreach (var (solver, all) in found) all[way] = solver.Of(faults, alterations[ways[way].Hypothesis]);
            }
        }
    }

    private static IEnumerable<string> JoinedBy(Fault fault) => fault switch
    {
        Fault.ShortToEarth(var terminal, _) => [terminal],
        Fault.Bridge(var terminal, var other, _) => [terminal, other],
        _ => [],
    };

    private static (int, int, double)?[] Neighbours(IReadOnlyList<HypothesisWay> ways)
    {
        var found = new (int, int, double)?[ways.Count];
        foreach (var sizes in Enumerable.Range(0, ways.Count).GroupBy(way => ways[way].Hypothesis).Where(group => group.Select(way => ways[way].Size).Distinct().Count() > 1))
        {
            var inOrder = sizes.OrderBy(way => ways[way].Size).ToList();
            for (var i = 0; i < inOrder.Count; i++)
            {
                var (smaller, larger) = (inOrder[Math.Max(0, i - 1)], inOrder[Math.Min(inOrder.Count - 1, i + 1)]);
                found[inOrder[i]] = (smaller, larger, Math.Log(ways[larger].Size / ways[smaller].Size));
            }
        }
        return found;
    }

    /// <summary>Parts, wires and signals that anything that is read or seen of the line hangs on.</summary>
    private static HashSet<string> PartsOf(CommissioningPlan plan, IReadOnlyList<Standing> standings)
    {
        var terminals = standings.Where(standing => standing.Probes.Count > 0).SelectMany(standing => standing.Probes).SelectMany(plan.TerminalsOf).Distinct().ToList();
        var found = new HashSet<string>(StringComparer.Ordinal);
        foreach (var standing in standings.Where(standing => standing.Probes.Count > 0))
        {
            var piece = plan.Ways.Piece(standing.State, terminals);
            found.UnionWith(piece.AllParts().Select(part => part.Id).Concat(piece.Runs.Select(run => run.Id)).Concat(piece.Runs.SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part)));
        }
        return found;
    }
}
