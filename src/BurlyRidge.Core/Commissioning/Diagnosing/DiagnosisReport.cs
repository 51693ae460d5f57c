using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>Puts a diagnosis into words.</summary>
public static class DiagnosisReport
{
    /// <summary>So many causes are listed.</summary>
    private const int MostLeft = 8;

    /// <summary>The best thing to measure next, and three others.</summary>
    private const int MostNext = 4;

    private const int MostOutcomes = 4;
    private const int MostLeaves = 2;

    /// <summary>A value of a reading is one of another outcome where so many standard deviations lie between, and a range ends so far from its values.</summary>
    private const double Apart = 5, Ends = 2;

    private const double Likely = 1e-3, Shown = 0.01, Usual = 0.1;

    /// <summary>More ohms are said in whole steps of so many.</summary>
    private const double Rounded = 10;

    /// <summary>All of it.</summary>
    /// <param name="ofLine">The tables of single faults.</param>
    /// <param name="beyond">Parts that cannot be reached.</param>
    /// <param name="off">Covers that are off already.</param>
    public static DiagnosisView Of(Diagnosis diagnosis, DiagnosisTables ofLine, Reach reach, IReadOnlyList<string> beyond, IReadOnlyList<string> off, CancellationToken cancellation = default)
    {
        var (tables, posterior) = (diagnosis.Tables, diagnosis.Posterior);
        var opened = off.Concat(posterior.Evidence.Read.Select(read => tables.Find(read.Stand, read.Probing)).Where(at => at is not null)
            .SelectMany(at => reach.Covers(tables.Plan.TerminalsOf(tables.Stands[at!.Value.Stand].Standing.Probes[at.Value.Probe]), new HashSet<string>()))).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var next = diagnosis.Stage is DiagnosisStage.Found or DiagnosisStage.NothingFits ? [] : diagnosis.Next(reach, beyond.ToHashSet(StringComparer.Ordinal), opened, cancellation);
        var left = diagnosis.Left;
        var best = left.Count > 0 ? Cause(tables, posterior, left[0]) : null;
        var stage = diagnosis.Stage;
        return new DiagnosisView(
            tables.Line, stage, Words(diagnosis, next, left.Count, best), [.. left.Take(MostLeft).Select(one => Cause(tables, posterior, one))], left.Count, diagnosis.RuledOut,
            [.. ofLine.Classes[0].Members.Skip(1).Select(member => ofLine.Hypotheses[member].Faults[0].Name)],
            [.. Different(tables, next).Take(MostNext).Select(candidate => Card(tables, posterior, candidate, reach, opened))],
            [.. ofLine.Stands.Select(stand => Stand(ofLine, stand, posterior.Evidence))],
            [.. posterior.Evidence.Read.Select(read => Taken(tables, posterior, read)).OfType<TakenHere>()],
            [.. posterior.Evidence.LookedInto.Select(key => (key, Name: ofLine.NameOf(key))).Where(pair => pair.Name is not null).Select(pair => new SetAside(pair.key, pair.Name!))],
            [.. beyond.Select(part => new SetAside(part, tables.Plan.Study.Names[part]))],
            posterior.Evidence.Odds.Found > 0 ? DiagnosingWords.FormatOddsFound(Format.Count(posterior.Evidence.Odds.Found, DiagnosingWords.FaultWord, DiagnosingWords.FaultsWord), FaultOdds.AssumedFaults) : DiagnosingWords.OddsAssumed,
            ofLine.Counts.Faults, ofLine.Counts.Solved);
    }

    private static string Words(Diagnosis diagnosis, IReadOnlyList<Candidate> next, int left, LeftCause? best)
    {
        var posterior = diagnosis.Posterior;
        string Share() => Format.Percent(best?.Share ?? 0);
        string Name() => best is null || best.Names.Count == 0 ? DiagnosingWords.NoFault : best.Names.Count == 1 ? best.Names[0] : Format.Or(best.Names.Take(2).Select((name, i) => i == 0 ? name : PartNames.Small(name)));
        switch (diagnosis.Stage)
        {
            case DiagnosisStage.Found:
                return DiagnosingWords.FormatFoundOne(Name(), Share());
            case DiagnosisStage.Sound:
                return DiagnosingWords.SeemsSound;
            case DiagnosisStage.TwoFaults:
                return DiagnosingWords.FormatTwoFaults(PartNames.Small(Name()), Share());
            case DiagnosisStage.NothingFits:
                return WouldFit(diagnosis) is { } would ? $"{DiagnosingWords.NothingFits} {would}" : DiagnosingWords.NothingFits;
        }
        if (posterior.Known == 0) return DiagnosingWords.NothingSeen;
        var count = DiagnosingWords.FormatLeftOpen(Format.Count(left, DiagnosingWords.CauseWord, DiagnosingWords.CausesWord), diagnosis.Tables.Classes.Count, Share());
        List<string> said = [count];
        if (diagnosis.Left is [var first, ..] && posterior.IsLookedInto(first)) said.Add(DiagnosingWords.FormatStillLikeliest(PartNames.Small(Name())));
        if (next.Count == 0) said.Add(DiagnosingWords.NothingMoreToRead);
        return string.Join(' ', said);
    }

    /// <summary>The reading without which a single fault would explain the rest; null: none.</summary>
    private static string? WouldFit(Diagnosis diagnosis)
    {
        var evidence = diagnosis.Posterior.Evidence;
        foreach (var read in evidence.Read.Reverse())
        {
            var without = new Posterior(diagnosis.Tables, evidence with { Read = [.. evidence.Read.Where(other => other != read)] });
            if (without.FewestMismatches(Diagnosis.LeftShare) > 0) continue;
            var best = Enumerable.Range(0, diagnosis.Tables.Classes.Count).MaxBy(one => without.Classes[one]);
            var cause = Cause(diagnosis.Tables, without, best);
            return DiagnosingWords.FormatWouldFit(PartNames.Small(Taken(diagnosis.Tables, without, read)?.Words ?? ""), PartNames.Small(cause.Names.Count > 0 ? cause.Names[0] : DiagnosingWords.NoFault));
        }
        return null;
    }

    private static LeftCause Cause(DiagnosisTables tables, Posterior posterior, int of)
    {
        var members = of == 0 ? [] : tables.Classes[of].Members.OrderByDescending(member => posterior.Shares[member]).Select(member => tables.Hypotheses[member]).ToList();
        var faults = members.SelectMany(member => member.Faults).DistinctBy(fault => fault.Key).ToList();
        return new LeftCause(
            members.Count == 0 ? "" : members[0].Key, posterior.Classes[of],
            [.. members.Select(member => Format.And(member.Faults.Select((fault, i) => i == 0 ? fault.Name : PartNames.Small(fault.Name))))],
            [.. members.Select(member => member.Key)],
            [.. faults.Select(fault => LookAt.Of(fault, tables.Plan.Study.Names)).Distinct()]);
    }

    /// <summary>The best of each place and of each way of standing, so that the others are another way and not the same once more.</summary>
    private static IEnumerable<Candidate> Different(DiagnosisTables tables, IReadOnlyList<Candidate> next) =>
        next.DistinctBy(candidate => candidate.IsLook ? tables.Stands[candidate.Stand].Standing.Id : tables.Stands[candidate.Stand].Standing.Probes[candidate.At].Probing.Red);

    private static NextReading Card(DiagnosisTables tables, Posterior posterior, Candidate candidate, Reach reach, IReadOnlySet<string> off)
    {
        var standing = tables.Stands[candidate.Stand].Standing;
        var names = tables.Plan.Study.Names;
        if (candidate.IsLook)
        {
            var lamp = standing.Lamps[candidate.At];
            return new NextReading(standing.Id, standing.Words, standing.State, null, lamp, DiagnosingWords.FormatLookAtLampNow(PartNames.Small(names[lamp])), "", candidate.Minutes, [], candidate.Bits, Looks(tables, posterior, candidate), [TerminalIndex.Split(lamp).Part]);
        }
        var probe = standing.Probes[candidate.At];
        var terminals = tables.Plan.TerminalsOf(probe).ToList();
        return new NextReading(
            standing.Id, standing.Words, standing.State, probe.Probing, "", probe.Words, ReadingBands.UnitOf(probe.Probing.Setting), candidate.Minutes, reach.Covers(terminals, off), candidate.Bits,
            Outcomes(tables, posterior, candidate), [.. terminals.Select(terminal => TerminalIndex.Split(terminal).Part).Where(part => part != Vehicle.Body && !tables.Plan.Study.Wired.Vehicle.Batteries.Any(battery => battery.Id == part)).Distinct()]);
    }

    private static IReadOnlyList<ReadingOutcome> Looks(DiagnosisTables tables, Posterior posterior, Candidate candidate) =>
    [
        .. Enum.GetValues<LampSeen>().Select(look => Outcome(tables, posterior, Capital(look), way => LampSight.Likelihood(tables.Stands[candidate.Stand].Ways[way].Light[candidate.At], look)))
            .Where(outcome => outcome.Share > Shown).OrderByDescending(outcome => outcome.Share),
    ];

    internal static string Look(LampSeen look) => look switch { LampSeen.Dark => DiagnosingWords.LooksDark, LampSeen.Dim => DiagnosingWords.LooksDim, _ => DiagnosingWords.LooksLit };

    private static string Capital(LampSeen look) => Format.Capital(Look(look));

    /// <summary>Ranges of a reading that are told apart, each with what it would leave.</summary>
    private static IReadOnlyList<ReadingOutcome> Outcomes(DiagnosisTables tables, Posterior posterior, Candidate candidate)
    {
        var probe = tables.Stands[candidate.Stand].Standing.Probes[candidate.At];
        var chances = Enumerable.Range(0, tables.Ways.Count).Where(way => posterior.Weights[way] > Likely * tables.Ways[way].Share)
            .Select(way => (Way: way, Chance: NextMeasurement.ChanceOf(posterior, way, candidate.Stand, candidate.At, 0))).OrderBy(pair => pair.Chance.Value).ToList();
        var groups = new List<List<(int Way, Chance Chance)>>();
        foreach (var pair in chances)
        {
            if (groups.Count == 0 || pair.Chance.Value - groups[^1].Max(other => other.Chance.Value) > Apart * Math.Max(pair.Chance.Spread, groups[^1][^1].Chance.Spread)) groups.Add([]);
            groups[^1].Add(pair);
        }
        return
        [
            .. groups.Select(group =>
            {
                var ways = group.Select(pair => pair.Way).ToHashSet();
                // What hardly comes up does not widen the range.
                var usual = group.Where(pair => pair.Chance.Weight >= Usual * group.Max(other => other.Chance.Weight)).ToList();
                var (low, high) = (usual.Min(pair => pair.Chance.Value - Ends * pair.Chance.Spread), usual.Max(pair => pair.Chance.Value + Ends * pair.Chance.Spread));
                return Outcome(tables, posterior, Range(probe.Probing.Setting, low, high), way => ways.Contains(way) ? 1 : 0);
            }).Where(outcome => outcome.Share > Shown).OrderByDescending(outcome => outcome.Share).Take(MostOutcomes),
        ];
    }

    private static ReadingOutcome Outcome(DiagnosisTables tables, Posterior posterior, string reads, Func<int, double> likely)
    {
        var shares = new double[tables.Hypotheses.Count];
        for (var way = 0; way < tables.Ways.Count; way++) shares[tables.Ways[way].Hypothesis] += posterior.Weights[way] * likely(way);
        var sum = shares.Sum();
        var classes = tables.Classes.Select((one, i) => (Place: i, Share: one.Members.Sum(member => shares[member]))).Where(pair => pair.Share > Shown * sum).OrderByDescending(pair => pair.Share).ToList();
        List<string> names = [.. classes.Take(MostLeaves).Select(pair => pair.Place == 0 ? DiagnosingWords.NoFault : Cause(tables, posterior, pair.Place).Names[0])];
        if (classes.Count > MostLeaves) names[^1] = DiagnosingWords.FormatAlsoLeaves(names[^1], classes.Count - MostLeaves);
        return new ReadingOutcome(reads, sum, names);
    }

    private static string Range(TesterSetting setting, double low, double high)
    {
        var unit = ReadingBands.UnitOf(setting);
        if (setting != TesterSetting.Ohms) return ReadingJudge.Say(low, unit) == ReadingJudge.Say(high, unit) ? DiagnosingWords.FormatAbout(ReadingJudge.Say(low, unit)) : DiagnosingWords.FormatFromTo(ReadingJudge.Say(low, unit), ReadingJudge.Say(high, unit));
        var (least, most) = (Math.Max(0, Math.Sinh(low)), Math.Sinh(high));
        string Ohms(double ohms) => ohms >= MeterScale.NoWayOhms / 3 ? DiagnosingWords.NoWay : ReadingJudge.Say(ohms < Rounded ? ohms : Math.Round(ohms / Rounded) * Rounded, unit);
        return least >= MeterScale.NoWayOhms / 3 ? DiagnosingWords.NoWay : DiagnosingWords.FormatFromTo(Ohms(least), Ohms(most));
    }

    private static StandHere Stand(DiagnosisTables tables, StandTable stand, Evidence evidence) => new(
        stand.Standing.Id, stand.Standing.Words, stand.Standing.State, stand.Standing.Out,
        [.. stand.Standing.Lamps.Select((lamp, i) => new LampHere(lamp, tables.Plan.Study.Names[lamp], LampSight.Of(stand.Ways[0].Light[i]), evidence.Seen.LastOrDefault(seen => seen.Lamp == lamp && stand.Standing.Ids.Contains(seen.Stand))?.As))]);

    private static TakenHere? Taken(DiagnosisTables tables, Posterior posterior, ReadHere read)
    {
        if (tables.Find(read.Stand, read.Probing) is not { } at) return null;
        var standing = tables.Stands[at.Stand].Standing;
        var best = Enumerable.Range(0, tables.Ways.Count).MaxBy(way => posterior.Weights[way]);
        var value = read.Probing.Setting == TesterSetting.Ohms && read.Value >= MeterScale.NoWayOhms ? DiagnosingWords.NoWay : ReadingJudge.Say(read.Value, ReadingBands.UnitOf(read.Probing.Setting));
        return new TakenHere(read.Stand, standing.Words, read.Probing, standing.Probes[at.Probe].Words, read.Value, value, posterior.Fits(best, read));
    }
}
