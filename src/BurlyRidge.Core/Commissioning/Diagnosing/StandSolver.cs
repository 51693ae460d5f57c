using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>
/// Solves one standing with whatever is wrong: as a change of low rank of the sound rig where that will do, anew where a wire is
/// on another terminal or a lamp cannot make up its mind. For one thread.
/// </summary>
internal sealed class StandSolver
{
    /// <summary>Beyond so much nothing but leaks holds a terminal, Ω.</summary>
    private const double FloatingOhms = 3e6;

    /// <summary>Beyond so much nothing but a lamp's electronics does, Ω.</summary>
    private const double ElectronicsOhms = 3e4;

    private const ulong Seed = 20_271;

    /// <summary>Sound rigs that are drawn.</summary>
    private const int Samples = 48;

    private readonly CommissioningPlan plan;
    private readonly Standing standing;
    private readonly IReadOnlyList<string> terminals;
    private readonly Rig piece;
    private readonly SolvedHarness sound;
    private readonly NearHarness? near;
    private readonly Lazy<Outcome> untouched;
    private readonly Dictionary<string, LampFunction> lights;
    private readonly IReadOnlyList<PartElement> held;

    /// <param name="joined">Terminals that some hypothesis joins to others: what flows there takes from the battery of all.</param>
    public StandSolver(CommissioningPlan plan, Standing standing, IReadOnlyList<string> joined)
    {
        (this.plan, this.standing) = (plan, standing);
        held = standing.Held is { } lamp ? [Meter.HeldLamp(lamp, plan.Study.Wired.Vehicle.SystemVolts)] : [];
        terminals = [.. standing.Probes.SelectMany(plan.TerminalsOf).Concat(held.SelectMany(element => new[] { element.From, element.To })).Concat(standing.Lamps.Select(plan.Study.Map.Find).OfType<Link>().SelectMany(link => new[] { link.A, link.B })).Concat(joined).Distinct()];
        lights = plan.Study.Wired.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => (Id: $"{lamp.Id}.{light.Id}", light))).Where(pair => standing.Lamps.Contains(pair.Id)).ToDictionary(pair => pair.Id, pair => pair.light, StringComparer.Ordinal);
        piece = plan.Ways.Piece(standing.State, terminals);
        var (rig, put) = FaultLibrary.Put(piece, standing.Out);
        sound = HarnessCompiler.Compile(rig, put, held).Solve(standing.State);
        near = NearHarness.Of(sound);
        untouched = new(() => near is null ? Read(sound) : Near([]) ?? Read(sound));
    }

    /// <summary>How often it was solved by low rank, and in full.</summary>
    public (int Near, int Full) Solved { get; private set; }

    /// <summary>What one way of a hypothesis comes to, and the fuse that it opens first, by element; null: none.</summary>
    /// <param name="alter">How the rig is wired otherwise, and at which terminals and parts; null: it is not.</param>
    public (Outcome Outcome, string? Opened) Of(IReadOnlyList<Fault> faults, Alteration? alter)
    {
        var beyond = faults.OfType<Fault.Bridge>().SelectMany(bridge => new[] { bridge.Terminal, bridge.Other }).ToList();
        if (alter is null && beyond.TrueForAll(sound.Harness.Nodes.ContainsKey))
        {
            if (near is not null)
            {
                if (!faults.Any(near.Has)) return (untouched.Value, null);
                if (Near(faults) is { } found) return (found, Overload.First(sound.Harness, near.Amps));
            }
            return Full(piece, faults);
        }
        var touched = (alter?.Terminals ?? []).Concat(beyond).ToList();
        if (alter is not { Everywhere: true } && !touched.Exists(sound.Harness.Nodes.ContainsKey) && alter?.Parts.Any(part => HasPart(piece, part)) != true) return (untouched.Value, null);
        var rig = touched.TrueForAll(sound.Harness.Nodes.ContainsKey) ? piece : plan.Ways.Piece(standing.State, terminals.Concat(touched));
        return Full(alter is null ? rig : alter.Alter(rig), faults);
    }

    /// <summary>What sound rigs read otherwise than their mean, by rig and probe, on the meter's scale; the battery's volts as they are planned.</summary>
    public IReadOnlyList<double[]> Draw()
    {
        // What is drawn stays in a harness: it has one of its own.
        var (rig, put) = FaultLibrary.Put(piece, standing.Out);
        var own = HarnessCompiler.Compile(rig, put, held);
        var made = new SoundRig(own, sound, piece, own.Laws.Select(pair => pair.Law).OfType<Law.Battery>().Select(law => (double?)law.OpenVolts).FirstOrDefault() * (piece.Vehicle.BatteryLink == BatteryLink.Series ? piece.Vehicle.Batteries.Count : 1));
        var drawn = new double[Samples][];
        for (var sample = 0; sample < Samples; sample++)
        {
            var draw = new Draws(Seed, sample);
            var solved = own.Solve(standing.State, sound.Contacts, false, () => made.Put(draw));
            drawn[sample] = [.. standing.Probes.Select(probe => MeterScale.Of(probe.Probing.Setting, probe.Probing.Setting == TesterSetting.Ohms ? 0 : Read(solved, probe.Probing)))];
        }
        for (var i = 0; i < standing.Probes.Count; i++)
        {
            var mean = drawn.Average(one => one[i]);
            foreach (var one in drawn) one[i] -= mean;
        }
        return drawn;
    }

    private static bool HasPart(Rig rig, string id) => rig.AllParts().Any(part => part.Id == id);

    private Outcome? Near(IReadOnlyList<Fault> faults)
    {
        if (!near!.Solve(faults)) return null;
        Solved = (Solved.Near + 1, Solved.Full);
        return Read(probing => Value(probing, near.Volts, near.Amps, near.Ohms, sound.Harness),
            [.. standing.Lamps.Select(lamp => Light(lamp, sound.Harness, near.Across, near.Amps))]);
    }

    private (Outcome, string?) Full(Rig rig, IReadOnlyList<Fault> faults)
    {
        Solved = (Solved.Near, Solved.Full + 1);
        var (whole, put) = FaultLibrary.Put(rig, standing.Out);
        var solved = HarnessCompiler.Compile(whole, [.. put, .. faults], held).Solve(standing.State);
        return (Read(solved), Overload.First(solved.Harness, solved.Amps));
    }

    private Outcome Read(SolvedHarness solved)
    {
        var after = NearHarness.Of(solved);
        return Read(probing => Value(probing, solved.Volts, solved.Amps, after is null ? (_, _) => 0 : after.Ohms, solved.Harness),
            [.. standing.Lamps.Select(lamp => Light(lamp, solved.Harness, solved.Across, solved.Amps))]);
    }

    private double Light(string lamp, CompiledHarness harness, Func<string, double> across, Func<string, double> amps)
    {
        if (lamp == Standing.TestLamp) return harness.Has(Meter.Id) ? Meter.LampLight(across(Meter.Id), plan.Study.Wired.Vehicle.SystemVolts) : 0;
        return harness.Has(lamp) ? lights[lamp].LightFraction(across(lamp), amps(lamp)) : 0;
    }

    private Outcome Read(Func<Probing, (double Value, ReadingHold Held)> read, double[] light)
    {
        var all = standing.Probes.Select(probe => read(probe.Probing)).ToList();
        return new Outcome([.. all.Select(one => one.Value)], [.. all.Select(one => one.Held)], light);
    }

    private static double Read(SolvedHarness solved, Probing probing) => Value(probing, solved.Volts, solved.Amps, (_, _) => 0, solved.Harness).Value;

    /// <summary>What a meter shows: of volts, what its own resistance leaves of them; an end that nothing is joined to shows none, and no way.</summary>
    private static (double Value, ReadingHold Held) Value(Probing probing, Func<string, double> volts, Func<string, double> amps, Func<string, string, double> ohms, CompiledHarness harness)
    {
        if (probing.Setting == TesterSetting.Clamp) return (harness.Has(probing.Red) ? amps(probing.Red) : 0, ReadingHold.Firm);
        var there = harness.Nodes.ContainsKey(probing.Red) && harness.Nodes.ContainsKey(probing.Black);
        var between = there && ohms(probing.Red, probing.Black) is var found && double.IsFinite(found) ? Math.Max(0, found) : double.PositiveInfinity;
        if (probing.Setting == TesterSetting.Ohms) return (Math.Min(between, MeterScale.NoWayOhms), ReadingHold.Firm);
        return between > FloatingOhms ? (0, ReadingHold.Floats) : ((volts(probing.Red) - volts(probing.Black)) / (1 + between / Meter.InputOhms), between > ElectronicsOhms ? ReadingHold.ByElectronics : ReadingHold.Firm);
    }
}
