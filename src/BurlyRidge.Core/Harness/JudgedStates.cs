using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>A state of the whole rig that is worth judging.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What a fitter calls it.</param>
public sealed record NamedState(string Id, string Name, RigState State);

/// <summary>How one line is turned on.</summary>
/// <param name="On">The least that lights it, engine off; null where its wires lead nowhere.</param>
/// <param name="Source">Where its current comes from; null where its wires lead nowhere.</param>
/// <param name="BySignal">For each signal that lights it, or can: how it is then turned on.</param>
/// <param name="Signalled">Its lamps that light with a signal alone.</param>
public sealed record LineTrigger(
    Line Line, RigState? On, Link? Source, IReadOnlyDictionary<Signal, RigState> BySignal, IReadOnlyList<string> Signalled);

/// <summary>The states of a rig that are worth judging, derived from its wiring.</summary>
public static class JudgedStates
{
    /// <summary>Id of the state with everything on.</summary>
    public const string Everything = "everything";

    /// <summary>Id of the state with everything off.</summary>
    public const string Parked = "parked";

    /// <summary>How <paramref name="line"/> of <paramref name="rig"/> is turned on.</summary>
    public static LineTrigger Trigger(Rig rig, Line line, StateFinder finder)
    {
        var least = finder.On(line.Lights);
        var bySignal = new Dictionary<Signal, RigState>();
        foreach (var (signal, _, _) in least is null ? [] : VehicleSignal.All(rig.Vehicle))
            if (finder.On(line.Lights, signal)?.State is { } state && state.Has(signal)) bySignal[signal] = state;
        IReadOnlyList<string> signalled = least is null || !least.State.HasSignal() ? []
            : [.. line.Lights.Where(lamp => finder.On([lamp])?.State is { } alone && alone.HasSignal())];
        return new LineTrigger(line, least?.State, least?.Source, bySignal, signalled);
    }

    /// <summary>States of the whole rig: everything on, at cruise, idling and standing; by night, backing up, camp, parked.</summary>
    public static IReadOnlyList<NamedState> Whole(Rig rig, IReadOnlyList<LineTrigger> lines)
    {
        var everything = RigStates.EverythingOn(rig);
        var found = lines.Where(line => line.On is not null).ToList();
        return
        [
            new(Everything, LineWords.AllOnEngineOn, everything),
            new("everything-idle", LineWords.EverythingOnIdling, everything with { Engine = Engine.Idle }),
            new("night", LineWords.DrivingByNight, Merge(new RigState { Key = true, Engine = Engine.Cruise, HighBeam = true, LowBeam = rig.Vehicle.LowBeam is not null, SideLight = true },
                found.Where(line => line.BySignal.ContainsKey(Signal.HighBeam) || line.BySignal.ContainsKey(Signal.LowBeam) || line.BySignal.ContainsKey(Signal.SideLight) || line.Line.Use == LineUse.Forward)
                    .Select(line => line.On!))),
            new("reversing", LineWords.BackingUp, Merge(new RigState { Key = true, Engine = Engine.Idle, Reverse = true, SideLight = true },
                found.Where(line => line.BySignal.ContainsKey(Signal.Reverse)).Select(line => line.BySignal[Signal.Reverse]))),
            new("camp", LineWords.CampEngineOff, Merge(new RigState(), found.Where(line => line is { On: { Key: false } on } && !on.HasSignal()).Select(line => line.On!))),
            new("left", LineWords.KeyOffSwitchesLeftOn, (everything with { Key = false, Engine = Engine.Off, Pressed = [.. everything.Pressed.Except(GoOffByThemselves(rig), StringComparer.Ordinal)] }).WithSignals(_ => false)),
            new(Parked, LineWords.Parked, new RigState()),
        ];
    }

    private static IEnumerable<string> GoOffByThemselves(Rig rig) => rig.PowerBoxes.SelectMany(box => box.Outputs.Where(output => output.TimeOutMinutes is not null).Select(output => $"{box.Id}.{output.Id}"));

    /// <summary>All of these at once; of two positions of one switch the first counts.</summary>
    private static RigState Merge(RigState start, IEnumerable<RigState> states)
    {
        var switches = new Dictionary<string, string>(StringComparer.Ordinal);
        var pressed = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var state in states)
        {
            foreach (var (part, position) in state.Switches) switches.TryAdd(part, position);
            pressed.UnionWith(state.Pressed);
            start = start with { Key = start.Key || state.Key };
        }
        return start with { Pressed = [.. pressed], Switches = switches };
    }
}
