using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Running;

/// <summary>
/// A rig while it runs: between what changes, the currents of the static solver; what they warm, melt and empty goes on in steps that are as
/// long as nothing changes much in them.
/// </summary>
internal sealed class RunningRig
{
    /// <summary>A conductor goes no further in a step, K.</summary>
    private const double MostKelvin = 5;

    /// <summary>A battery goes no further in a step, as a part of its charge.</summary>
    private const double MostCharge = 0.004;

    /// <summary>The same of one that is nearly empty, whose voltage falls fast.</summary>
    private const double MostChargeAtTheEnd = 0.0004;

    /// <summary>No step is longer, s.</summary>
    private const double LongestStep = 900;

    /// <summary>No step is shorter, s.</summary>
    private const double ShortestStep = 1e-6;

    /// <summary>So near to opening a fuse is open.</summary>
    private const double Open = 1 - 1e-9;

    private readonly Slots slots;
    private readonly CompiledHarness harness;
    private readonly List<WireHeat> wires = [];
    private readonly List<FuseHeat> fuses = [];
    private readonly List<BatteryCharge> batteries = [];
    private readonly Dictionary<string, int> places = new(StringComparer.Ordinal);
    private readonly IReadOnlyList<string> faults;
    private IReadOnlyDictionary<string, bool> contacts;

    public RunningRig(Rig rig, RunState from, params IReadOnlyList<PartElement> held)
    {
        (faults, contacts, Now, Dash) = (from.Faults, from.Contacts, from.Seconds, from.Dash);
        (rig, var put) = FaultLibrary.Put(rig, faults);
        harness = HarnessCompiler.Compile(rig, put, held);
        slots = new Slots(rig, from);
        var batteriesById = rig.Vehicle.Batteries.ToDictionary(battery => battery.Id, StringComparer.Ordinal);
        for (var i = 0; i < harness.Circuit.Elements.Count; i++)
        {
            var element = harness.Circuit.Elements[i];
            places.TryAdd(element.Id, i);
            switch (element)
            {
                case WireElement wire:
                    wires.Add(new WireHeat(wire));
                    if (from.Celsius.TryGetValue(wire.Id, out var celsius)) wires[^1].Celsius = celsius;
                    break;
                case Fusible fuse when harness.Fuses.TryGetValue(fuse.Id, out var stands):
                    fuses.Add(new FuseHeat(fuse, stands) { Share = from.FuseHeat.GetValueOrDefault(fuse.Id) });
                    fuse.Blown = from.Blown.Contains(fuse.Id);
                    break;
                case BatteryElement battery when batteriesById.TryGetValue(battery.Id, out var known):
                    batteries.Add(new BatteryCharge(battery, known));
                    if (from.Charge.TryGetValue(battery.Id, out var charge)) batteries[^1].Share = charge;
                    break;
            }
        }
    }

    /// <summary>From the start, s.</summary>
    public double Now { get; private set; }

    /// <summary>As it was worked last.</summary>
    public RigState Dash { get; private set; }

    /// <summary>Fuses that opened in the last step, with what they carried.</summary>
    public List<(FuseHeat Fuse, double Amps)> Opened { get; } = [];

    /// <summary>Slots that their box let go in the last step.</summary>
    public IReadOnlyList<LetGo> LetGo => slots.JustLetGo;

    /// <summary>Whether an output that flashes is on.</summary>
    public bool Flashes => slots.Flash(Dash);

    public Fuse? FuseOf(string element) => harness.Fuses.GetValueOrDefault(element);

    public IReadOnlyList<WireHeat> Wires => wires;

    public IReadOnlyList<FuseHeat> Fuses => fuses;

    public IReadOnlyList<BatteryCharge> Batteries => batteries;

    public void Turn(RigState dash)
    {
        slots.Turn(dash, Now);
        Dash = dash;
    }

    public void Replace(string element)
    {
        foreach (var fuse in fuses.Where(fuse => fuse.Element.Id == element)) (fuse.Element.Blown, fuse.Share) = (false, 0);
    }

    public void Charge(string id, double charge)
    {
        foreach (var battery in batteries.Where(battery => battery.Battery.Id == id)) battery.Share = Math.Clamp(charge, 0, 1);
    }

    /// <summary>The circuit as it is at this moment.</summary>
    public SolvedHarness Solve() => Solve(slots.At(Dash, Now));

    /// <summary>The parts of a flash, each with its share of the time; without outputs that flash, one.</summary>
    public IReadOnlyList<(double Share, SolvedHarness Solved)> SolveParts() => [.. slots.Parts(Dash).Select(part => (part.Share, Solve(part.State)))];

    private SolvedHarness Solve(RigState state)
    {
        var solved = harness.Solve(state, contacts, atNominalVolts: false, Hold);
        contacts = solved.Contacts;
        return solved;
    }

    /// <summary>Makes the circuit's parts as warm, as melted and as full as they are.</summary>
    private void Hold()
    {
        foreach (var wire in wires) wire.Wire.HeldCelsius = wire.Celsius;
        foreach (var battery in batteries) battery.Hold();
    }

    /// <summary>Goes on as long as nothing changes much, at most to a moment.</summary>
    /// <param name="parts">The circuit now, by parts of a flash.</param>
    /// <param name="steady">Whether outputs that flash are taken as their mean.</param>
    public double Step(IReadOnlyList<(double Share, SolvedHarness Solved)> parts, double until, bool steady)
    {
        double Mean(string element, Func<double, double> of) => parts.Sum(part => part.Share * of(part.Solved.Solution.State.Amps[places[element]]));
        var settles = wires.ConvertAll(wire => Mean(wire.Wire.Id, wire.SettlesAt));
        var melts = fuses.ConvertAll(fuse => fuse.Element.Blown ? 0 : Mean(fuse.Element.Id, fuse.Rate));
        var fills = batteries.ConvertAll(battery => Mean(battery.Element.Id, battery.Rate));
        var step = Math.Min(until - Now, LongestStep);
        for (var i = 0; i < wires.Count; i++)
            if (Math.Abs(settles[i] - wires[i].Celsius) is > MostKelvin and var far) step = Math.Min(step, -wires[i].Lag * Math.Log(1 - MostKelvin / far));
        for (var i = 0; i < fuses.Count; i++)
            if (melts[i] > 0) step = Math.Min(step, (1 - fuses[i].Share) / melts[i]);
        for (var i = 0; i < batteries.Count; i++)
            if (fills[i] != 0) step = Math.Min(step, (batteries[i].IsNearlyEmpty ? MostChargeAtTheEnd : MostCharge) / Math.Abs(fills[i]));
        step = Math.Min(step, slots.Until(Dash, Now, steady) - Now);
        step = Math.Min(Math.Max(step, ShortestStep), until - Now);

        Now += step;
        Opened.Clear();
        for (var i = 0; i < wires.Count; i++) wires[i].Celsius = wires[i].After(settles[i], step);
        for (var i = 0; i < batteries.Count; i++) batteries[i].Share = Math.Clamp(batteries[i].Share + fills[i] * step, 0, 1);
        for (var i = 0; i < fuses.Count; i++)
        {
            fuses[i].Share = Math.Clamp(fuses[i].Share + melts[i] * step, 0, 1);
            if (fuses[i].Share < Open || fuses[i].Element.Blown) continue;
            fuses[i].Element.Blown = true;
            Opened.Add((fuses[i], Mean(fuses[i].Element.Id, Math.Abs)));
        }
        slots.Go(Dash, Now, box => parts[0].Solved.Volts($"{box}.plus") - parts[0].Solved.Volts($"{box}.minus"));
        return step;
    }

    /// <summary>All that a run goes on from.</summary>
    public RunState State() => new(Now, Dash)
    {
        Contacts = contacts,
        FuseHeat = fuses.Where(fuse => fuse.Share > 0 && !fuse.Element.Blown).ToDictionary(fuse => fuse.Element.Id, fuse => fuse.Share),
        Blown = [.. fuses.Where(fuse => fuse.Element.Blown).Select(fuse => fuse.Element.Id)],
        Charge = batteries.ToDictionary(battery => battery.Battery.Id, battery => battery.Share),
        Celsius = wires.Where(wire => wire.Celsius != wire.Wire.AmbientCelsius).ToDictionary(wire => wire.Wire.Id, wire => wire.Celsius),
        PressedAt = slots.PressedAt,
        LowSince = slots.LowSince,
        LetGo = slots.Gone,
        Faults = faults,
    };
}
