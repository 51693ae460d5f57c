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
/// <param name="DropLimit">What it may lose of them.</param>
public sealed record LampStudy(string Id, LampFunction Function, double OffVolts, double RunningVolts, double DropVolts, double DropFraction, double DropLimit)
{
    /// <summary>A lamp with more of its rated current than this is on.</summary>
    private const double OnFraction = 0.3;

    /// <summary>Whether it is on in what was solved.</summary>
    public bool IsOn(SolvedHarness solved) => Math.Abs(solved.Amps(Id)) > OnFraction * Function.Power / Function.RatedVolts;

    /// <summary>The same with everything of the rig on; null where it is not on then, or nothing else is judged beside it.</summary>
    public LampTogether? Together { get; init; }

    /// <summary>The most that it loses, by itself or with everything on, of the volts of its source.</summary>
    public double MostFraction => Math.Max(DropFraction, Together?.DropFraction ?? 0);

    /// <summary>Whether it loses no more than it may, by itself and with everything on.</summary>
    public bool DropHolds => Limits.AtLeast(DropLimit, MostFraction);
}

/// <summary>A lamp with everything of the rig on, engine off and 12.0 or 24.0 V at the post.</summary>
/// <param name="Volts">Across it, V.</param>
/// <param name="DropVolts">Lost between its source and it, V.</param>
/// <param name="DropFraction">The same of the volts of its source.</param>
public sealed record LampTogether(double Volts, double DropVolts, double DropFraction);

/// <summary>What the lamps of a line lose on certain wires.</summary>
/// <param name="Fraction">Of the lamp that loses most beyond what it may, of its source's volts; 1 where it cannot be lit.</param>
/// <param name="Missing">How far that is above what it may lose; no more than 0 where every lamp keeps its limit.</param>
/// <param name="Spread">Between lamps of one kind, of the system's volts.</param>
/// <param name="Dim">How far a lamp that goes dim is above what is a Stop; no more than 0 where none is.</param>
public readonly record struct LineDrop(double Fraction, double Missing, double Spread, double Dim)
{
    /// <summary>Dark: nothing arrives.</summary>
    public static LineDrop Dark => new(1, 1, 1, 1);

    /// <summary>Whether every lamp keeps its limit, to the rounding of the sum.</summary>
    public bool Holds => Missing <= Rounding;

    /// <summary>The same of what lamps of one kind differ by.</summary>
    public bool HoldsAlike => Lacking <= Rounding;

    /// <summary>What is missing of either, as a fraction of the volts.</summary>
    public double Lacking => Math.Max(Missing, Spread - Limits.ChainSpreadFraction);

    private const double Rounding = 1e-10;
}

/// <summary>One line by itself, engine off and running.</summary>
/// <param name="Line">The line, wired.</param>
/// <param name="Slice">The part of the rig that it can be solved in.</param>
/// <param name="Trigger">How it is turned on.</param>
/// <param name="Off">Engine off, 12.0 or 24.0 V at the post.</param>
/// <param name="Running">Engine at cruise.</param>
/// <param name="Lamps">Its lamps.</param>
public sealed record LineStudy(
    Line Line, Rig Slice, LineTrigger Trigger, SolvedHarness Off, SolvedHarness Running, IReadOnlyList<LampStudy> Lamps)
{
    /// <summary>Where its current comes from; null where its wires lead nowhere.</summary>
    public Link? Source => Trigger.Source;

    /// <summary>The lamp that loses most of what it may; null where it has none.</summary>
    public LampStudy? Worst => Lamps.MaxBy(lamp => lamp.DropFraction / lamp.DropLimit);

    /// <summary>What that may lose, of its source's volts.</summary>
    public double DropLimit => Worst?.DropLimit ?? Slice.HouseRules.DropLimit(LampKind.RegulatedLed);

    /// <summary>A lamp that draws less of its line than this does not thicken the wires of the others (house rule).</summary>
    private const double MinorFraction = 0.1;

    /// <summary>Reads what <paramref name="slice"/> does with the line by itself.</summary>
    internal static LineStudy Of(Rig slice, LineTrigger trigger, SolvedHarness off, SolvedHarness running)
    {
        var functions = trigger.Line.Lights.Select(id => (Id: id, Function: Function(slice, id))).Where(pair => pair.Function is not null).ToList();
        return new LineStudy(
            trigger.Line, slice, trigger, off, running,
            [.. functions.Select(pair => Lamp(slice, trigger.Source, off, running, pair.Id, pair.Function!))]);
    }

    /// <summary>The line with what its lamps get in <paramref name="everything"/>, the whole rig with everything on.</summary>
    internal LineStudy With(SolvedHarness everything) => everything.Solution is not Solution.Converged ? this : this with
    {
        Lamps = [.. Lamps.Select(lamp => lamp.IsOn(everything) ? lamp with { Together = Together(everything, lamp.Id) } : lamp)],
    };

    private LampTogether Together(SolvedHarness everything, string lamp)
    {
        var (volts, fraction) = Drop(Slice, Source, everything, lamp);
        return new LampTogether(everything.Across(lamp), volts, fraction);
    }

    /// <summary>What the lamps of the line lose on the wires of <paramref name="slice"/>.</summary>
    public static LineDrop WorstDrop(Rig slice, LineTrigger trigger) => WorstDrop(slice, trigger, Alone(slice, trigger));

    /// <summary>The line by itself on the wires of <paramref name="slice"/>, engine off; it is the same for lines of one slice that come on together.</summary>
    public static SolvedHarness Alone(Rig slice, LineTrigger trigger) => In(slice, trigger.On ?? RigStates.EverythingOn(slice));

    /// <summary>A rig in a state, engine off.</summary>
    public static SolvedHarness In(Rig rig, RigState on) => SolveOff(HarnessCompiler.Compile(rig), on);

    /// <summary>What the lamps of a line lose in what was solved for it, a small one beside large ones left out.</summary>
    public static LineDrop WorstDrop(Rig slice, LineTrigger trigger, SolvedHarness off)
    {
        if (off.Solution is not Solution.Converged) return LineDrop.Dark;
        var lamps = trigger.Line.Lights.Select(id => (Id: id, Function: Function(slice, id))).Where(lamp => lamp.Function is not null).ToList();
        if (lamps.Count == 0) return default;
        var spread = lamps.GroupBy(lamp => (lamp.Function!.Kind, lamp.Function.RatedVolts), lamp => off.Across(lamp.Id))
            .Max(alike => alike.Max() - alike.Min());
        var least = MinorFraction * lamps.Sum(lamp => lamp.Function!.Power);
        var largest = lamps.Max(lamp => lamp.Function!.Power);
        var drops = lamps.Select(lamp => (lamp.Function!.Kind, lamp.Function.Power, Drop(slice, trigger.Source, off, lamp.Id).Fraction, Limit: slice.HouseRules.DropLimit(lamp.Function.Kind))).ToList();
        var worst = drops.Where(lamp => lamp.Power >= Math.Min(least, largest)).MaxBy(lamp => lamp.Fraction - lamp.Limit);
        var dim = drops.Where(lamp => lamp.Kind != LampKind.RegulatedLed).Select(lamp => lamp.Fraction - Limits.WorstDropFraction).DefaultIfEmpty(0).Max();
        return new LineDrop(worst.Fraction, worst.Fraction - worst.Limit, spread / slice.Vehicle.SystemVolts, dim);
    }

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
        return new LampStudy(id, function, off.Across(id), running.Across(id), volts, fraction, slice.HouseRules.DropLimit(function.Kind));
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
