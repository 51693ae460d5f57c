using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Running;

/// <summary>What came of a run.</summary>
/// <param name="End">What a later run goes on from.</param>
/// <param name="Moment">What can be seen at the end.</param>
/// <param name="Samples">Curves against time.</param>
/// <param name="Notes">What happened, in its order.</param>
public sealed record RunResult(RunState End, RunMoment Moment, IReadOnlyList<RunSample> Samples, IReadOnlyList<RunNote> Notes);

/// <summary>A rig run through time.</summary>
public static class RigRun
{
    /// <summary>Events at one moment are so near each other, s.</summary>
    private const double SameMoment = 1e-9;

    /// <summary>Runs a rig in full wiring; pure, and the same for the same events to the last bit.</summary>
    /// <param name="names">What its parts are called.</param>
    /// <param name="events">What is done to it, in the order of time; those up to where an earlier run ended are left out.</param>
    /// <param name="until">Where it ends, s from the start of the first run.</param>
    /// <param name="from">Where an earlier run ended; null: at rest.</param>
    /// <param name="steady">Whether outputs that flash are taken as their mean: for runs much quicker than life.</param>
    /// <param name="observe">Sees every step: its length in s, and the circuit in it by parts of a flash with their shares of the time; and the end, with no length.</param>
    public static RunResult Of(
        Rig rig, PartNames names, IReadOnlyList<RunEvent> events, double until, RunState? from = null, bool steady = false,
        Action<double, IReadOnlyList<(double Share, SolvedHarness Solved)>>? observe = null, CancellationToken cancellation = default)
    {
        var start = from ?? RunState.AtRest;
        var running = new RunningRig(rig, start);
        var log = new RunLog(rig, names);
        var samples = new List<RunSample>();
        var left = new Queue<RunEvent>(events.Where(one => (from is null || one.Seconds > start.Seconds) && one.Seconds <= until).OrderBy(one => one.Seconds));
        var first = running.Solve();
        log.Look(first);
        if (from is not null) log.Told(running.Wires, first);
        while (true)
        {
            cancellation.ThrowIfCancellationRequested();
            var causes = new List<(string, string)>();
            while (left.TryPeek(out var next) && next.Seconds <= running.Now + SameMoment)
            {
                if (left.Dequeue() is RunEvent.Breaks breaks)
                {
                    var was = running.State();
                    running = new RunningRig(rig, was with { Faults = breaks.Faults });
                    causes.AddRange(Broken(rig, names, was.Faults, breaks.Faults));
                }
                else causes.AddRange(Do(running, names, log, next));
            }
            var parts = steady ? running.SolveParts() : [(1, running.Solve())];
            var solved = parts[0].Solved;
            // What only goes on and off within a flash is no news.
            if (causes.Count > 0 || running.Opened.Count > 0 || running.LetGo.Count > 0 || !running.Flashes) log.Tell(running.Now, solved, causes);
            else log.Look(solved);
            log.Watch(running.Now, running.Wires, solved);
            samples.Add(Sample(rig, running, parts));
            if (running.Now >= until)
            {
                observe?.Invoke(0, parts);
                return new RunResult(running.State(), Moment(rig, running, parts, steady), samples, log.Notes);
            }
            var span = running.Step(parts, left.TryPeek(out var one) ? Math.Min(until, one.Seconds) : until, steady);
            observe?.Invoke(span, parts);
            foreach (var (fuse, amps) in running.Opened) log.Opened(running.Now, fuse, amps);
            foreach (var slot in running.LetGo) log.LetGo(running.Now, slot);
        }
    }

    private static IEnumerable<(string, string)> Do(RunningRig running, PartNames names, RunLog log, RunEvent what)
    {
        switch (what)
        {
            case RunEvent.Turns turns:
                var was = running.Dash;
                running.Turn(turns.Dash);
                return log.Turned(was, turns.Dash);
            case RunEvent.Replaces replaces:
                running.Replace(replaces.Fuse);
                return [(RunningWords.FormatReplaced(RunWords.Fuse(names, replaces.Fuse, running.FuseOf(replaces.Fuse))), TerminalIndex.Split(replaces.Fuse).Part)];
            case RunEvent.Charges charges:
                running.Charge(charges.Battery, charges.Charge);
                return [(RunningWords.FormatBatteryIs(names[charges.Battery], Format.Percent(charges.Charge)), charges.Battery)];
            default:
                return [];
        }
    }

    private static IEnumerable<(string, string)> Broken(Rig rig, PartNames names, IReadOnlyList<string> was, IReadOnlyList<string> now) =>
        FaultLibrary.Of(rig, names).Where(fault => was.Contains(fault.Key) != now.Contains(fault.Key))
            .Select(fault => (now.Contains(fault.Key) ? RunningWords.FormatFaultIn(PartNames.Small(fault.Name)) : RunningWords.FormatFaultOut(PartNames.Small(fault.Name)), fault.Part));

    private static RunSample Sample(Rig rig, RunningRig running, IReadOnlyList<(double Share, SolvedHarness Solved)> parts) => new(
        running.Now, Batteries(running, parts),
        rig.Lines.Where(line => line.Lights.Count > 0).ToDictionary(line => line.Id, line => line.Lights.Where(parts[0].Solved.Harness.Has).Sum(lamp => Mean(parts, solved => solved.Amps(lamp)))));

    private static IReadOnlyList<BatteryNow> Batteries(RunningRig running, IReadOnlyList<(double Share, SolvedHarness Solved)> parts) =>
        [.. running.Batteries.Select(battery => new BatteryNow(battery.Battery.Id, Mean(parts, solved => solved.Across(battery.Element.Id)), -Mean(parts, solved => solved.Amps(battery.Element.Id)), battery.Share))];

    private static RunMoment Moment(Rig rig, RunningRig running, IReadOnlyList<(double Share, SolvedHarness Solved)> parts, bool steady)
    {
        var harness = parts[0].Solved.Harness;
        return new RunMoment(
            running.Now, steady && parts.Count > 1,
            [
                .. from lamp in rig.Fixtures
                   from light in lamp.Functions
                   let id = $"{lamp.Id}.{light.Id}"
                   where harness.Has(id)
                   select new LampNow(lamp.Id, light.Id, Mean(parts, solved => light.LightFraction(solved.Across(id), solved.Amps(id))), Mean(parts, solved => solved.Across(id)), Mean(parts, solved => solved.Amps(id))),
            ],
            [.. parts[0].Solved.Contacts.OrderBy(pair => pair.Key, StringComparer.Ordinal).Select(pair => new RelayNow(pair.Key, pair.Value))],
            [.. running.Fuses.Select(fuse => new FuseNow(fuse.Element.Id, Mean(parts, solved => solved.Amps(fuse.Element.Id)), fuse.Share, fuse.Element.Blown))],
            Batteries(running, parts),
            [.. running.Wires.Select(wire => new WireNow(wire.Wire.Id, Mean(parts, solved => solved.Amps(wire.Wire.Id)), wire.Celsius, wire.Celsius > wire.Wire.InsulationCelsius + RunLog.TooHotKelvin))]);
    }

    private static double Mean(IReadOnlyList<(double Share, SolvedHarness Solved)> parts, Func<SolvedHarness, double> of) => parts.Sum(part => part.Share * of(part.Solved));
}
