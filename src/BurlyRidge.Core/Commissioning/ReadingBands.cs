using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What readings of a line come to on sound rigs.</summary>
public static class ReadingBands
{
    /// <summary>Sound rigs that are drawn.</summary>
    public const int Samples = 2_000;

    private const ulong Seed = 20_261;

    /// <summary>What a line, or the vehicle before anything is fitted, should read; null where there is no such line or nothing lights it.</summary>
    /// <param name="measured">Volts of the vehicle's battery at rest as read at its posts, V; null: nobody did.</param>
    public static LineReadings? Of(CommissioningPlan plan, string line, double? measured, CancellationToken cancellation = default)
    {
        var planned = plan.Of(line);
        if (planned.Count == 0) return null;
        var groups = planned.AsParallel().AsOrdered().WithCancellation(cancellation).Select(group => Of(group, measured, cancellation)).ToList();
        return new LineReadings(line, line == ReadingPlan.OfVehicle ? CommissioningWords.VehicleItself : plan.Study.Names.Line(line), ReadingPlan.PrintOf(planned), groups);
    }

    /// <summary>What a line reads where it is just as planned, and the print of that; none where nothing lights it.</summary>
    public static (string Print, IReadOnlyList<CommissioningEvent.Measured> Readings) AsPlanned(CommissioningPlan plan, string line)
    {
        var planned = plan.Of(line);
        return (ReadingPlan.PrintOf(planned), [.. planned.SelectMany(group => group.Readings.Zip(new Stand(group, null).Read(), (reading, value) =>
            new CommissioningEvent.Measured(line, LineCard.KeyOf(group.Id, reading.Key), Math.Round(value, 2)) { Words = reading.Words, Unit = UnitOf(reading.Probing.Setting) }))]);
    }

    /// <summary>What a meter reads on so many sound rigs, each with its readings in the order of <see cref="Of(CommissioningPlan, string, double?, CancellationToken)"/>.</summary>
    /// <param name="seed">Another seed draws others.</param>
    public static IReadOnlyList<IReadOnlyList<double>> OfSoundRigs(CommissioningPlan plan, string line, double? measured, ulong seed, int rigs)
    {
        var stands = plan.Of(line).Select(group => new Stand(group, measured)).ToList();
        return [.. Enumerable.Range(0, rigs).Select(rig => (IReadOnlyList<double>)[.. stands.SelectMany(stand => stand.Read(new Draws(seed, rig)))])];
    }

    private static ReadingGroup Of(PlannedGroup group, double? measured, CancellationToken cancellation)
    {
        var stand = new Stand(group, measured);
        var drawn = group.Readings.Select(_ => new double[Samples]).ToList();
        for (var sample = 0; sample < Samples; sample++)
        {
            cancellation.ThrowIfCancellationRequested();
            var read = stand.Read(new Draws(Seed, sample));
            for (var i = 0; i < read.Length; i++) drawn[i][sample] = read[i];
        }
        return new ReadingGroup(group.Id, group.Words, group.State, group.Out, group.OnBench, [.. group.Readings.Zip(drawn, (reading, values) => Band(LineCard.KeyOf(group.Id, reading.Key), reading, values))]);
    }

    private static ExpectedReading Band(string key, PlannedReading reading, double[] drawn)
    {
        Array.Sort(drawn);
        double At(double share) => drawn[Math.Clamp((int)Math.Round(share * (drawn.Length - 1)), 0, drawn.Length - 1)];
        const double tail = (1 - Tolerances.Band) / 2;
        // No meter shows ohms below nothing.
        var middle = reading.Probing.Setting == TesterSetting.Ohms ? Math.Max(0, At(0.5)) : At(0.5);
        return new ExpectedReading(key, reading.Words, reading.Probing, UnitOf(reading.Probing.Setting), middle, At(tail), At(1 - tail));
    }

    /// <summary>V, A or Ω.</summary>
    internal static string UnitOf(TesterSetting setting) => setting switch { TesterSetting.Volts => "V", TesterSetting.Clamp => "A", _ => "Ω" };
}

/// <summary>A rig that stands in one way, with meters at all that is read there.</summary>
internal sealed class Stand
{
    private readonly PlannedGroup group;
    private readonly List<Wired> all = [];

    /// <param name="faults">What else is wrong with it, as keys of the library.</param>
    public Stand(PlannedGroup group, double? measured, params IReadOnlyList<string> faults)
    {
        this.group = group;
        var (rig, put) = FaultLibrary.Put(group.Rig, [.. group.Out, .. faults]);
        var volts = group.Readings.Select((reading, i) => (reading, i)).Where(pair => pair.reading.Probing.Setting is TesterSetting.Volts or TesterSetting.Clamp).ToList();
        all.Add(new Wired(rig, put, group.State, [.. volts.SelectMany(pair => Meter.Held(pair.reading.Probing, $"{Meter.Id}{pair.i}"))], measured));
        // Each measurement of ohms sends a current of its own.
        foreach (var (reading, i) in group.Readings.Select((reading, i) => (reading, i)).Except(volts))
            all.Add(new Wired(rig, put, group.State, Meter.Held(reading.Probing, $"{Meter.Id}{i}"), measured));
    }

    /// <summary>What a meter reads there on one sound rig, with what it makes of it by itself.</summary>
    public double[] Read(Draws draw)
    {
        var read = Read(wired => wired.Solve(draw));
        for (var i = 0; i < read.Length; i++)
            read[i] += Tolerances.MeterSpread(group.Readings[i].Probing.Setting, read[i]) * draw.Normal(Draws.Of(LineCard.KeyOf(group.Id, group.Readings[i].Key)));
        return read;
    }

    /// <summary>The same on the rig as it is planned, by a meter without fault; NaN where it is not there.</summary>
    public double[] Read() => Read(wired => wired.Nominal);

    private double[] Read(Func<Wired, SolvedHarness> solve)
    {
        var (bare, next) = (solve(all[0]), 1);
        var read = new double[group.Readings.Count];
        for (var i = 0; i < read.Length; i++)
        {
            var probing = group.Readings[i].Probing;
            var solved = probing.Setting == TesterSetting.Ohms ? solve(all[next++]) : bare;
            var there = probing.Setting == TesterSetting.Clamp ? solved.Harness.Has(probing.Red) : solved.Harness.Nodes.ContainsKey(probing.Red) && solved.Harness.Nodes.ContainsKey(probing.Black);
            read[i] = there ? Meter.Value(solved, probing, probing.Setting == TesterSetting.Ohms ? Meter.Across(bare, probing) : 0, $"{Meter.Id}{i}") : double.NaN;
        }
        return read;
    }

    private sealed class Wired
    {
        private readonly CompiledHarness harness;
        private readonly RigState state;
        private readonly SoundRig sound;

        public Wired(Rig rig, IReadOnlyList<Fault> put, RigState state, IReadOnlyList<Parts.PartElement> held, double? measured)
        {
            (harness, this.state) = (HarnessCompiler.Compile(rig, put, held), state);
            Nominal = harness.Solve(state);
            sound = new SoundRig(harness, Nominal, rig, measured);
        }

        public SolvedHarness Nominal { get; }

        public SolvedHarness Solve(Draws draw) => harness.Solve(state, Nominal.Contacts, false, () => sound.Put(draw));
    }
}
