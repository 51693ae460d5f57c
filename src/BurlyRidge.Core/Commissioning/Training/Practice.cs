using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>What is known of a vehicle so far.</summary>
/// <param name="Off">Covers that are off.</param>
internal sealed record Known(Evidence Evidence, IReadOnlySet<string> Off)
{
    public static Known Nothing { get; } = new(Evidence.Nothing, new HashSet<string>(StringComparer.OrdinalIgnoreCase));

    /// <summary>The same with more covers off.</summary>
    public Known Without(IEnumerable<string> covers) => this with { Off = Off.Concat(covers).ToHashSet(StringComparer.OrdinalIgnoreCase) };
}

/// <summary>One act that was done, with all that is known after it.</summary>
/// <param name="At">How the vehicle stood, and what was held to it; null: a part was looked into.</param>
internal sealed record Move(TrainingStep Step, Visit? At, Known After);

/// <summary>A vehicle with one fault in somebody's hands: what each act shows and costs. The same acts show the same. For one thread.</summary>
internal sealed class Practice
{
    /// <summary>A part is got to and looked at, its covers left out (common practice, no source).</summary>
    private const double InspectMinutes = 2;

    private readonly DiagnosisTables tables;
    private readonly Reach reach;
    private readonly string fault;
    private readonly DrawnVehicle vehicle;
    private readonly List<Move> moves = [];

    /// <param name="fault">Key of what is wrong.</param>
    public Practice(DiagnosisTables tables, Reach reach, string fault, int seed)
    {
        (this.tables, this.reach, this.fault) = (tables, reach, fault);
        vehicle = new DrawnVehicle(tables.Plan, [fault], (ulong)seed);
        // It was used before somebody complained: what blows has blown.
        foreach (var standing in tables.Standings) vehicle.Stand(standing.State, standing.Out);
        Says = Complain();
        vehicle.Stand(Dash, Out);
    }

    /// <summary>What the customer says.</summary>
    public string Says { get; }

    public RigState Dash { get; private set; } = new();

    public IReadOnlyList<string> Out { get; private set; } = [];

    /// <summary>All that is known after the last act.</summary>
    public Known Known => moves.Count > 0 ? moves[^1].After : Known.Nothing;

    /// <summary>What was just read; null: nothing was.</summary>
    public TesterReading? Reading { get; private set; }

    public bool Found { get; private set; }

    public IReadOnlyList<Move> Moves => moves;

    public IReadOnlyList<TrainingStep> Steps => moves.ConvertAll(move => move.Step);

    public RunMoment Lamps => vehicle.Lamps();

    /// <summary>Does it; false where it is nothing that can be done here.</summary>
    public bool Do(TrainingAct act)
    {
        Reading = null;
        return act switch
        {
            TrainingAct.Turns turns => Stand(turns.Dash, Out, again: moves.Count > 0 && moves[^1].At is { Probing: null, Lamp: null } last && last.Out.SequenceEqual(Out)),
            TrainingAct.TakesOut takes => Stand(Dash, takes.Out, again: false),
            TrainingAct.Probes probes => Probe(probes.Probing),
            TrainingAct.Inspects inspects => Inspect(inspects.Fault),
            _ => false,
        };
    }

    /// <summary>Turns it so, and looks. What is turned right after something else was is one step with it.</summary>
    private bool Stand(RigState dash, IReadOnlyList<string> without, bool again)
    {
        if (without.Any(key => tables.Standings.All(standing => !standing.Out.Contains(key)))) return false;
        var taken = without.Except(Out).Count();
        (Dash, Out) = (dash, without);
        vehicle.Stand(dash, without);
        var visit = Visit.Of(tables, dash, without, null);
        var seen = (tables.StandingAt(dash, without)?.Lamps ?? tables.Plan.Study.Lines.SelectMany(line => line.Line.Lights).Distinct()).Select(lamp => (visit.Stand, Lamp: lamp)).ToList();
        var evidence = Known.Evidence with
        {
            Seen = [.. Known.Evidence.Seen.Where(other => !seen.Contains((other.Stand, other.Lamp))), .. seen.Select(one => new SeenLamp(one.Stand, one.Lamp, vehicle.Look(one.Lamp)))],
        };
        if (again) moves.RemoveAt(moves.Count - 1);
        moves.Add(new Move(new TrainingStep(tables.Plan.How(dash, without), Seen(), Reach.OfLook(Reach.OfTurning(taken)), []), visit, Known with { Evidence = evidence }));
        return true;
    }

    private bool Probe(Probing probing)
    {
        if (tables.Plan.At(probing) is not { } there) return false;
        List<string> terminals = [.. tables.Plan.TerminalsOf(there)];
        if (terminals.Exists(terminal => terminal != Vehicle.Body && tables.Plan.Study.Map.NumberOf(terminal) < 0)) return false;
        var (covers, minutes) = (reach.Covers(terminals, Known.Off), reach.OfReading(terminals, Known.Off, 0));
        var visit = Visit.Of(tables, Dash, Out, probing);
        var shown = Reading = vehicle.Show(probing);
        var known = Known.Evidence;
        if (visit.Lamp is not null) known = known with { Seen = [.. known.Seen.Where(other => other.Stand != visit.Stand), new SeenLamp(visit.Stand, Standing.TestLamp, LampSight.Of(shown.Value ?? 0))] };
        else if (!shown.Refused && (shown.Value ?? (probing.Setting == TesterSetting.Ohms ? MeterScale.NoWayOhms : null)) is { } value)
            known = known with { Read = [.. known.Read.Where(other => other.Stand != visit.Stand || other.Probing != probing), new ReadHere(visit.Stand, probing, value)] };
        moves.Add(new Move(new TrainingStep($"{tables.Plan.How(Dash, Out)}: {PartNames.Small(there.Words)}", shown.Words, minutes, covers), visit, Known.Without(covers) with { Evidence = known }));
        return true;
    }

    private bool Inspect(string key)
    {
        if (tables.NameOf(key) is not { } name) return false;
        Found = key == fault || (tables.ClassOf(key) is > 0 and var of && of == tables.ClassOf(fault));
        var terminal = $"{TerminalIndex.Split(key[(key.IndexOf(':', StringComparison.Ordinal) + 1)..]).Part}.any";
        var covers = reach.Covers([terminal], Known.Off);
        var minutes = InspectMinutes + reach.OfReading([terminal], Known.Off, 0) - reach.OfReading([], Known.Off, 0);
        var after = Known.Without(covers);
        if (!Found) after = after with { Evidence = after.Evidence with { LookedInto = [.. after.Evidence.LookedInto, .. tables.Alike(key)] } };
        moves.Add(new Move(new TrainingStep(TrainingWords.FormatLookedFor(PartNames.Small(name)), Found ? TrainingWords.ItWas : TrainingWords.ItWasNot, minutes, covers), null, after));
        return true;
    }

    /// <summary>What is lit, by line; what is dark, of this line only.</summary>
    private string Seen()
    {
        var names = tables.Plan.Study.Names;
        var all = new List<string>();
        foreach (var line in tables.Plan.Study.Lines.Where(line => line.Line.Lights.Count > 0))
        {
            var looks = line.Line.Lights.Select(lamp => (Lamp: lamp, Look: vehicle.Look(lamp))).ToList();
            var own = line.Line.Id == tables.Line;
            if (!own && looks.TrueForAll(one => one.Look == LampSeen.Dark)) continue;
            IEnumerable<string> said = looks.Select(one => one.Look).Distinct().Count() == 1 ? [TrainingWords.FormatLampLooks(names.Line(line.Line.Id), DiagnosisReport.Look(looks[0].Look))]
                : looks.Select(one => TrainingWords.FormatLampLooks(names[one.Lamp], DiagnosisReport.Look(one.Look)));
            all.InsertRange(own ? 0 : all.Count, said.Select((words, i) => i == 0 && all.Count == 0 ? words : PartNames.Small(words)));
        }
        return Format.Capital(string.Join(", ", all.Select(PartNames.Small)));
    }

    private string Complain()
    {
        List<Complaint.Sight> own = [], others = [];
        var lights = tables.Plan.Study.Lines.First(line => line.Line.Id == tables.Line).Line.Lights;
        foreach (var stand in tables.Stands.Where(stand => stand.Standing.Out.Count == 0))
        {
            vehicle.Stand(stand.Standing.State, stand.Standing.Out);
            for (var i = 0; i < stand.Standing.Lamps.Count; i++)
                (lights.Contains(stand.Standing.Lamps[i]) ? own : others).Add(new(LampSight.Of(stand.Ways[0].Light[i]), vehicle.Look(stand.Standing.Lamps[i])));
        }
        return Complaint.Of(tables.Plan.Study.Names.Line(tables.Line), own, others);
    }
}
