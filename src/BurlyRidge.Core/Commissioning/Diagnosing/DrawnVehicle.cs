using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>
/// A vehicle as it could have been built to a plan: its parts anywhere within their tolerances, faults in it, and a meter that is
/// as accurate as one of a workshop. The same seed is the same vehicle. For one thread.
/// </summary>
public sealed class DrawnVehicle
{
    /// <summary>Ohms of rust or paint are within so many times what the library has, either way (assumed, no source).</summary>
    private const double OhmsFactor = 3;

    private readonly CommissioningPlan plan;
    private readonly Rig rig;
    private readonly IReadOnlyList<Fault> faults;
    private readonly Draws draw;
    private readonly List<string> blown = [];
    private readonly Dictionary<(RigState State, string Out), SolvedHarness> solved = [];
    private RigState state = new();
    private IReadOnlyList<string> without = [];
    private int readings;

    /// <param name="faults">Keys of the fault library.</param>
    public DrawnVehicle(CommissioningPlan plan, IReadOnlyList<string> faults, ulong seed)
    {
        (this.plan, draw) = (plan, new Draws(seed, 0));
        (rig, var put) = FaultLibrary.Put(plan.Study.Wired, faults);
        this.faults = [.. put.Select(fault => fault is Fault.AddedResistance some ? some with { Ohms = some.Ohms * Math.Pow(OhmsFactor, draw.Either(Draws.Of(some.Element), 1)) } : fault)];
    }

    /// <summary>Turns and presses; what is out is taken out. A fuse that cannot carry it blows, and stays so.</summary>
    public void Stand(RigState state, IReadOnlyList<string> without)
    {
        (this.state, this.without) = (state, without);
        for (var round = 0; round < Overload.MostBlown; round++)
        {
            var now = Solve([]);
            if (Overload.First(now.Harness, now.Amps) is not { } fuse || blown.Contains(fuse)) return;
            blown.Add(fuse);
            solved.Clear();
        }
    }

    /// <summary>How a light looks.</summary>
    /// <param name="lamp">"fixture.function".</param>
    public LampSeen Look(string lamp)
    {
        var (now, light) = (Solve([]), plan.Study.Wired.Fixtures.SelectMany(own => own.Functions.Select(light => (Id: $"{own.Id}.{light.Id}", light))).First(pair => pair.Id == lamp).light);
        return now.Harness.Has(lamp) ? LampSight.Of(light.LightFraction(now.Across(lamp), now.Amps(lamp))) : LampSeen.Dark;
    }

    /// <summary>What its meter shows, V, A or Ω, with its own error; null: there is no such terminal or wire.</summary>
    public double? Read(Probing probing)
    {
        var bare = Solve([]);
        double value;
        if (probing.Setting == TesterSetting.Clamp)
        {
            if (!bare.Harness.Has(probing.Red)) return null;
            value = bare.Amps(probing.Red);
        }
        else
        {
            var there = bare.Harness.Nodes.ContainsKey(probing.Red) && bare.Harness.Nodes.ContainsKey(probing.Black);
            if (!there) value = probing.Setting == TesterSetting.Ohms ? MeterScale.NoWayOhms : 0;
            else value = Meter.Value(Solve(Meter.Held(probing, Meter.Id)), probing, probing.Setting == TesterSetting.Ohms ? Meter.Across(bare, probing) : 0);
        }
        if (probing.Setting == TesterSetting.Ohms) value = double.IsFinite(value) ? Math.Clamp(value, 0, MeterScale.NoWayOhms) : MeterScale.NoWayOhms;
        return Made(probing, value);
    }

    /// <summary>What any of its testers shows, as one reads it off; of an end that nothing is joined to, nothing.</summary>
    public TesterReading Show(Probing probing) => Meter.Read(plan.Study.Wired, Solve, probing, value => Made(probing, value)) ?? Meter.OnNothing(probing);

    /// <summary>What can be seen of it: its lamps, and nothing that is under a cover.</summary>
    public RunMoment Lamps()
    {
        var now = Solve([]);
        return new RunMoment(0, false, [.. from lamp in plan.Study.Wired.Fixtures from light in lamp.Functions let id = $"{lamp.Id}.{light.Id}" where now.Harness.Has(id) select new LampNow(lamp.Id, light.Id, light.LightFraction(now.Across(id), now.Amps(id)), 0, 0)], [], [], [], []);
    }

    /// <summary>The draws of its meter's errors begin so.</summary>
    private const string Meters = "tester-drawn";

    private double Made(Probing probing, double value) => value + Tolerances.MeterSpread(probing.Setting, value) * draw.Normal(Draws.Of($"{Meters} {readings++}"));

    private SolvedHarness Solve(IReadOnlyList<PartElement> held)
    {
        var key = (state, string.Join(' ', without));
        if (held.Count == 0 && solved.TryGetValue(key, out var known)) return known;
        var (whole, put) = FaultLibrary.Put(rig, without);
        var harness = HarnessCompiler.Compile(whole, [.. put, .. faults, .. blown.Select(fuse => new Fault.Open(fuse))], held);
        var nominal = harness.Solve(state);
        var made = new SoundRig(harness, nominal, whole, null);
        var drawn = harness.Solve(state, null, false, () => made.Put(draw));
        return held.Count == 0 ? solved[key] = drawn : drawn;
    }
}
