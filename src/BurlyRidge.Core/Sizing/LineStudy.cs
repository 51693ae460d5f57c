using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>One lamp of a line as it is judged.</summary>
/// <param name="Id">"fixture.function".</param>
/// <param name="OffVolts">Across it with the engine off and 12.0 or 24.0 V at the post, V.</param>
/// <param name="RunningVolts">Across it with the engine running, V.</param>
/// <param name="DropVolts">Lost between its source and it, out and back together, engine off, V.</param>
/// <param name="DropFraction">The same of the volts of its source.</param>
public sealed record LampStudy(string Id, LampFunction Function, double OffVolts, double RunningVolts, double DropVolts, double DropFraction);

/// <summary>One line by itself, engine off and running.</summary>
/// <param name="Line">The line, wired.</param>
/// <param name="Slice">The part of the rig that it can be solved in.</param>
/// <param name="Trigger">How it is turned on.</param>
/// <param name="Limits">What it is sized and judged by.</param>
/// <param name="Off">Engine off, 12.0 or 24.0 V at the post.</param>
/// <param name="Running">Engine at cruise.</param>
/// <param name="Lamps">Its lamps.</param>
public sealed record LineStudy(
    Line Line, Rig Slice, LineTrigger Trigger, Limits Limits, SolvedHarness Off, SolvedHarness Running, IReadOnlyList<LampStudy> Lamps)
{
    /// <summary>Where its current comes from; null where its wires lead nowhere.</summary>
    public Link? Source => Trigger.Source;

    /// <summary>The lamp that loses most; null where it has none.</summary>
    public LampStudy? Worst => Lamps.MaxBy(lamp => lamp.DropFraction);

    /// <summary>Reads what <paramref name="slice"/> does with the line by itself.</summary>
    internal static LineStudy Of(Rig slice, LineTrigger trigger, SolvedHarness off, SolvedHarness running)
    {
        var functions = trigger.Line.Lights.Select(id => (Id: id, Function: Function(slice, id))).Where(pair => pair.Function is not null).ToList();
        return new LineStudy(
            trigger.Line, slice, trigger, LimitsOf(slice, functions.Select(pair => pair.Function!)), off, running,
            [.. functions.Select(pair => Lamp(slice, trigger.Source, off, running, pair.Id, pair.Function!))]);
    }

    /// <summary>
    /// The worst drop of the line on the wires of <paramref name="slice"/>, of the volts of its source, and the spread between
    /// lamps of one kind, of the system's; both 1 where it cannot be lit.
    /// </summary>
    public static (double Drop, double Spread) WorstDrop(Rig slice, LineTrigger trigger) => WorstDrop(slice, trigger, Alone(slice, trigger));

    /// <summary>The line by itself on the wires of <paramref name="slice"/>, engine off; it is the same for lines of one slice that come on together.</summary>
    public static SolvedHarness Alone(Rig slice, LineTrigger trigger) => SolveOff(HarnessCompiler.Compile(slice), trigger.On ?? RigStates.EverythingOn(slice));

    /// <summary>The worst drop of a line and the spread between its lamps in what was solved for it.</summary>
    public static (double Drop, double Spread) WorstDrop(Rig slice, LineTrigger trigger, SolvedHarness off)
    {
        if (off.Solution is not Solution.Converged) return (1, 1);
        var spread = trigger.Line.Lights
            .Select(id => (Function: Function(slice, id), Volts: off.Across(id))).Where(lamp => lamp.Function is not null)
            .GroupBy(lamp => (lamp.Function!.Kind, lamp.Function.RatedVolts), lamp => lamp.Volts)
            .Select(alike => alike.Max() - alike.Min()).DefaultIfEmpty(0).Max();
        return (trigger.Line.Lights.Select(id => Drop(slice, trigger.Source, off, id).Fraction).DefaultIfEmpty(0).Max(), spread / slice.Vehicle.SystemVolts);
    }

    /// <summary>Limits of a line with these lamps.</summary>
    private static Limits LimitsOf(Rig rig, IEnumerable<LampFunction> lamps) => Limits.Of(rig.HouseRules, LampWatts.Of(
        lamps.Select(lamp => new LampSet(lamp.Kind, 1, lamp.Watts)), rig.Vehicle.SystemVolts));

    /// <summary>Engine off, 12.0 or 24.0 V at the posts.</summary>
    internal static SolvedHarness SolveOff(CompiledHarness harness, RigState on) => harness.Solve(on with { Engine = Engine.Off }, atNominalVolts: true);

    private static LampFunction? Function(Rig rig, string id)
    {
        var (fixture, function) = TerminalIndex.Split(id);
        return rig.Fixtures.FirstOrDefault(part => part.Id == fixture)?.Functions.FirstOrDefault(part => part.Id == function);
    }

    private static LampStudy Lamp(Rig slice, Link? source, SolvedHarness off, SolvedHarness running, string id, LampFunction function)
    {
        var (volts, fraction) = Drop(slice, source, off, id);
        return new LampStudy(id, function, off.Across(id), running.Across(id), volts, fraction);
    }

    private static (double Volts, double Fraction) Drop(Rig slice, Link? source, SolvedHarness off, string lamp)
    {
        if (source is null) return (slice.Vehicle.SystemVolts, 1);
        // A battery in series with others gives its own volts and those of the ones below it.
        var minus = double.IsPositiveInfinity(source.LimitAmps) && slice.Vehicle.BatteryLink == BatteryLink.Series
            ? $"{slice.Vehicle.Batteries[0].Id}.minus"
            : source.B;
        var given = off.Volts(source.A) - off.Volts(minus);
        var lost = given - off.Across(lamp);
        return (lost, given <= 0 ? 1 : lost / given);
    }
}
