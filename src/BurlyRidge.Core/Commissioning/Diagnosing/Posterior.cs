using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>
/// What is likely after all that was seen and read. A reading is normal around what a hypothesis would show, with what sound
/// rigs and meters differ by, and a tail as wide as the scale: one that went wrong throws nothing out. All volts go up and down
/// with the battery's, all that a resistance changes with its size, and readings of one rig as those of rigs that were drawn: what
/// they have in common is found for each hypothesis anew (Gaussian conditioning; Laplace's approximation for the tails).
/// </summary>
internal sealed class Posterior
{
    /// <summary>So many readings are of something else: a probe on the wrong terminal, a figure misread (assumed, no source).</summary>
    public const double Slip = 0.03;

    /// <summary>How likely it is, before anything was seen, that nothing is wrong (assumed, no source).</summary>
    private const double SoundShare = 0.3;

    /// <summary>What a fault changes is not known by better, as a part of it: at one place, and at all places alike (assumed, no source).</summary>
    private const double OfChange = 0.05, OfAllChange = 0.15;

    /// <summary>What is changed by more, V, A or on the scale of ohms, is open or joined, and known the better for it (assumed, no source).</summary>
    private const double Divides = 2;

    /// <summary>How far the battery's volts may be from the plan's, as a part of them; and the size of a resistance from the one that was tried, as a logarithm: standard deviations.</summary>
    private const double BatteryPart = 0.025, SizeLog = 0.4;

    /// <summary>A reading further off is one that does not fit, in standard deviations; a look that is less likely.</summary>
    private const double Off = 4, Unlikely = 0.05;

    private const int Rounds = 3;

    private readonly DiagnosisTables tables;
    private readonly double[] weights;
    private readonly double[] fits;
    private readonly Fitted?[] fitted;
    private readonly List<(ReadHere Read, int Stand, int Probe)> readings;
    private readonly double[,] together;

    public Posterior(DiagnosisTables tables, Evidence evidence)
    {
        this.tables = tables;
        Evidence = evidence;
        var kinds = tables.Hypotheses.Where(hypothesis => hypothesis.Faults.Count == 1).GroupBy(hypothesis => hypothesis.Faults[0].Kind).ToDictionary(group => group.Key, group => group.Count(), StringComparer.Ordinal);
        var priors = tables.Hypotheses.Select(hypothesis => hypothesis.Faults.Count == 0 ? SoundShare : (1 - SoundShare) * hypothesis.Faults.Aggregate(1.0, (share, fault) => share * evidence.Odd(fault) / kinds.GetValueOrDefault(fault.Kind, 1))).ToList();
        (readings, var looks) = Placed(tables, evidence);
        together = new double[readings.Count, readings.Count];
        for (var i = 0; i < readings.Count; i++)
            for (var j = 0; j < readings.Count; j++) together[i, j] = tables.Covariance(readings[i].Stand, readings[i].Probe, readings[j].Stand, readings[j].Probe);
        Known = readings.Count + looks.Count;
        (weights, Mismatches, fitted, fits) = (new double[tables.Ways.Count], new int[tables.Ways.Count], new Fitted?[tables.Ways.Count], new double[tables.Ways.Count]);
        for (var way = 0; way < weights.Length; way++)
        {
            (var log, Mismatches[way], fitted[way]) = Fit(way, looks);
            fits[way] = log;
            weights[way] = log + Math.Log(priors[tables.Ways[way].Hypothesis] * tables.Ways[way].Share);
        }
        var most = weights.Max();
        for (var way = 0; way < weights.Length; way++) weights[way] = Math.Exp(weights[way] - most);
        var sum = weights.Sum();
        for (var way = 0; way < weights.Length; way++) weights[way] /= sum;
        var byHypothesis = new double[tables.Hypotheses.Count];
        for (var way = 0; way < weights.Length; way++) byHypothesis[tables.Ways[way].Hypothesis] += weights[way];
        Shares = byHypothesis;
        Classes = [.. tables.Classes.Select(one => one.Members.Sum(member => byHypothesis[member]))];
    }

    public Evidence Evidence { get; }

    /// <summary>What it was held against.</summary>
    public DiagnosisTables Tables => tables;

    /// <summary>How many looks and readings there are that the tables know.</summary>
    public int Known { get; }

    /// <summary>By way.</summary>
    public IReadOnlyList<double> Weights => weights;

    /// <summary>How many looks and readings do not fit, by way.</summary>
    public int[] Mismatches { get; }

    /// <summary>By hypothesis.</summary>
    public IReadOnlyList<double> Shares { get; }

    /// <summary>By class.</summary>
    public IReadOnlyList<double> Classes { get; }

    /// <summary>By how much each class makes likely what was seen, as logarithms, whatever its prior.</summary>
    public IReadOnlyList<double> ClassFits()
    {
        var best = new double[tables.Hypotheses.Count];
        Array.Fill(best, double.NegativeInfinity);
        for (var way = 0; way < fits.Length; way++) best[tables.Ways[way].Hypothesis] = Math.Max(best[tables.Ways[way].Hypothesis], fits[way]);
        return [.. tables.Classes.Select(one => one.Members.Max(member => best[member]))];
    }

    /// <summary>Whether all faults of a class were looked for where they would be, and not found.</summary>
    public bool IsLookedInto(int one) => one > 0 && tables.Classes[one].Members.All(member => Evidence.LookedInto.Contains(tables.Hypotheses[member].Key));

    /// <summary>Places of the classes that are so likely at least, the likeliest first.</summary>
    public IReadOnlyList<int> Left(double least) => [.. Enumerable.Range(0, Classes.Count).Where(one => Classes[one] >= least).OrderByDescending(one => Classes[one]).ThenBy(one => one)];

    /// <summary>The fewest looks and readings that do not fit, of the hypotheses that are still likely.</summary>
    public int FewestMismatches(double likely) => Enumerable.Range(0, weights.Length).Where(way => Shares[tables.Ways[way].Hypothesis] >= likely).Select(way => Mismatches[way]).DefaultIfEmpty(0).Min();

    /// <summary>Whether a reading agrees with what one way would show.</summary>
    public bool Fits(int way, ReadHere read)
    {
        if (tables.Find(read.Stand, read.Probing) is not { } at) return true;
        var expected = Expected(way, at.Stand, at.Probe);
        return Math.Abs(MeterScale.Of(read.Probing.Setting, read.Value) - expected.Value) <= Off * expected.Spread;
    }

    /// <summary>What one way makes of a reading, after all that was read before: its value on the meter's scale, and its standard deviation.</summary>
    public (double Value, double Spread) Expected(int way, int stand, int probe)
    {
        var sight = SightOf(tables, way, stand, probe);
        var variance = sight.Spread * sight.Spread + Together(sight, sight, tables.Covariance(stand, probe, stand, probe));
        if (fitted[way] is not { } known) return (sight.Value, Math.Sqrt(variance));
        var goes = new double[readings.Count];
        for (var i = 0; i < goes.Length; i++) goes[i] = Together(sight, known.Sights[i], tables.Covariance(stand, probe, readings[i].Stand, readings[i].Probe));
        var value = sight.Value;
        for (var i = 0; i < goes.Length; i++) value += goes[i] * known.Pulls[i];
        return (value, Math.Sqrt(Math.Max(sight.Spread * sight.Spread, variance - known.Factor.Square(goes))));
    }

    /// <summary>How likely one way makes each look and reading by itself, as logarithms; in the order of the evidence, looks first.</summary>
    public static double[] EachFit(DiagnosisTables tables, Evidence evidence, int way)
    {
        var (readings, looks) = Placed(tables, evidence);
        return
        [
            .. looks.Select(look => Math.Log(LampSight.Likelihood(tables.Stands[look.Stand].Ways[way].Light[look.Lamp], look.Seen.As))),
            .. readings.Select(reading =>
            {
                var sight = SightOf(tables, way, reading.Stand, reading.Probe);
                var spread = sight.Spread * sight.Spread + Together(sight, sight, tables.Covariance(reading.Stand, reading.Probe, reading.Stand, reading.Probe));
                return LogDensity(tables, reading.Read.Probing.Setting, MeterScale.Of(reading.Read.Probing.Setting, reading.Read.Value) - sight.Value, Math.Sqrt(spread));
            }),
        ];
    }

    /// <summary>By how many half-widths of the band of sound rigs a value is away from what they read.</summary>
    public static double HalfWidths(DiagnosisTables tables, int stand, int probe, double value)
    {
        var sound = SightOf(tables, 0, stand, probe);
        return Math.Abs(MeterScale.Of(tables.Stands[stand].Standing.Probes[probe].Probing.Setting, value) - sound.Value) / (Band * Math.Sqrt(sound.Spread * sound.Spread + Together(sound, sound, tables.Covariance(stand, probe, stand, probe))));
    }

    /// <summary>Half of a band of 95 of 100 is so many standard deviations.</summary>
    private const double Band = 1.96;

    /// <summary>What a probe reads under a way, on its scale.</summary>
    /// <param name="Spread">Standard deviation without what battery and size make of it.</param>
    /// <param name="ByBattery">By how much it moves with the battery, for the whole of its volts.</param>
    /// <param name="BySize">By how much it moves with the logarithm of a resistance.</param>
    /// <param name="ByChange">By how much it moves with what the fault changes, for a standard deviation of that.</param>
    /// <param name="ByHold">By how much it moves with what lamps' electronics leak, for a standard deviation of that.</param>
    private readonly record struct Sight(double Value, double Spread, double ByBattery, double BySize, double ByChange, double ByHold);

    private static Sight SightOf(DiagnosisTables tables, int way, int stand, int probe)
    {
        var table = tables.Stands[stand];
        var setting = table.Standing.Probes[probe].Probing.Setting;
        var value = table.Ways[way].Values[probe];
        var (own, change) = (MeterScale.Spread(setting, value, table.Ways[way].Held[probe]), MeterScale.Of(setting, value) - MeterScale.Of(setting, table.Ways[0].Values[probe]));
        return new Sight(MeterScale.Of(setting, value), Math.Sqrt(own * own + OfChange * OfChange * change * change), setting == TesterSetting.Volts ? value : 0, tables.BySize(way, stand, probe), OfAllChange * change / (1 + Math.Abs(change) / Divides), MeterScale.ByHold(setting, value, table.Ways[way].Held[probe]));
    }

    private static (List<(ReadHere Read, int Stand, int Probe)> Readings, List<(SeenLamp Seen, int Stand, int Lamp)> Looks) Placed(DiagnosisTables tables, Evidence evidence) => (
        [.. evidence.Read.Select(read => (Read: read, At: tables.Find(read.Stand, read.Probing))).Where(pair => pair.At is not null).Select(pair => (pair.Read, pair.At!.Value.Stand, pair.At.Value.Probe))],
        [.. evidence.Seen.Select(seen => (Seen: seen, At: tables.FindLamp(seen.Stand, seen.Lamp))).Where(pair => pair.At is not null).Select(pair => (pair.Seen, pair.At!.Value.Stand, pair.At.Value.Lamp))]);

    private static double LogDensity(DiagnosisTables tables, TesterSetting setting, double away, double spread) =>
        Math.Log((1 - Slip) * Math.Exp(-away * away / (2 * spread * spread)) / (spread * Math.Sqrt(2 * Math.PI)) + Slip / MeterScale.Width(setting, tables.RestVolts));

    /// <summary>By how much two readings go together: as sound rigs do, with the battery, and with the size of a resistance.</summary>
    private static double Together(Sight one, Sight other, double sound) =>
        sound + BatteryPart * BatteryPart * one.ByBattery * other.ByBattery + SizeLog * SizeLog * one.BySize * other.BySize + one.ByChange * other.ByChange + one.ByHold * other.ByHold;

    private (double Log, int Wrong, Fitted? Fitted) Fit(int way, List<(SeenLamp Seen, int Stand, int Lamp)> looks)
    {
        var (log, wrong) = (0.0, 0);
        foreach (var (seen, stand, lamp) in looks)
        {
            var likely = LampSight.Likelihood(tables.Stands[stand].Ways[way].Light[lamp], seen.As);
            log += Math.Log(likely);
            if (likely < Unlikely) wrong++;
        }
        var count = readings.Count;
        if (count == 0) return (log, wrong, null);
        var (sights, away) = (new Sight[count], new double[count]);
        for (var i = 0; i < count; i++)
        {
            sights[i] = SightOf(tables, way, readings[i].Stand, readings[i].Probe);
            away[i] = MeterScale.Of(readings[i].Read.Probing.Setting, readings[i].Read.Value) - sights[i].Value;
        }
        var shared = new double[count, count];
        for (var i = 0; i < count; i++)
            for (var j = 0; j <= i; j++) shared[i, j] = shared[j, i] = Together(sights[i], sights[j], together[i, j]);
        // What the readings have in common is found first; those that are far off count for little.
        var (noise, common, pulls) = (sights.Select(sight => sight.Spread * sight.Spread).ToArray(), new double[count], new double[count]);
        Cholesky factor = default;
        for (var round = 0; round < Rounds; round++)
        {
            if (round > 0)
                for (var i = 0; i < count; i++)
                {
                    var off = (away[i] - common[i]) / sights[i].Spread;
                    noise[i] = sights[i].Spread * sights[i].Spread * (1 + off * off / (Off * Off));
                }
            factor = Cholesky.Of(shared, noise);
            pulls = factor.Solve(away);
            for (var i = 0; i < count; i++)
            {
                common[i] = 0;
                for (var j = 0; j < count; j++) common[i] += shared[i, j] * pulls[j];
            }
        }
        for (var i = 0; i < count; i++)
        {
            var left = away[i] - common[i];
            log += LogDensity(tables, readings[i].Read.Probing.Setting, left, sights[i].Spread) - pulls[i] * common[i] / 2 + Math.Log(noise[i]) / 2;
            if (Math.Abs(left) > Off * sights[i].Spread) wrong++;
        }
        return (log - factor.LogDeterminant() / 2, wrong, new Fitted(sights, pulls, factor));
    }

    /// <summary>What came of fitting one way to all readings.</summary>
    /// <param name="Pulls">(B + N)⁻¹ of what the readings are away.</param>
    private sealed record Fitted(Sight[] Sights, double[] Pulls, Cholesky Factor);
}
