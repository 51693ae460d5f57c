using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running;

/// <summary>What a tester is set to.</summary>
public enum TesterSetting
{
    /// <summary>Volts between two points; 10 MΩ.</summary>
    Volts,

    /// <summary>Ohms between two points of a dead circuit.</summary>
    Ohms,

    /// <summary>Ohms, and a beep where there are few.</summary>
    Continuity,

    /// <summary>Amps through a wire that the clamp is round.</summary>
    Clamp,

    /// <summary>A filament of 5 W between two points: it loads what it touches.</summary>
    TestLamp,

    /// <summary>Two light-emitting diodes between the posts and one point: it loads next to nothing.</summary>
    TwoColours,
}

/// <summary>Where a tester is held.</summary>
/// <param name="Red">Terminal; of a clamp the wire.</param>
/// <param name="Black">Terminal; of a clamp and of two colours nothing.</param>
public sealed record Probing(TesterSetting Setting, string Red, string Black = Vehicle.Body);

/// <summary>What a tester shows.</summary>
/// <param name="Value">As it is displayed, V, Ω or A; of a lamp its part of full light; null: nothing, out of range or refused.</param>
/// <param name="Unit">V, Ω, A; empty: a light.</param>
/// <param name="Words">The same as one reads it off.</param>
/// <param name="Lit">Of a light or a beep: whether it is on.</param>
/// <param name="Refused">It would not be set to that here; <paramref name="Words"/> say why.</param>
public sealed record TesterReading(double? Value, string Unit, string Words, bool Lit = false, bool Refused = false);

/// <summary>A meter, a test lamp and a two-colour tester, held to a rig that runs.</summary>
/// <remarks>Resolution and accuracy of a handheld meter for workshops (typical, no source).</remarks>
public static class Meter
{
    /// <summary>Resistance of the meter at volts, Ω.</summary>
    public const double InputOhms = 10e6;

    private const double LampWatts = 5;
    private const double TesterOhms = 100_000;

    /// <summary>It measures ohms with so little that no lamp and no coil answers, V and Ω.</summary>
    private const double OhmsVolts = 0.2, OhmsSeries = 200;

    /// <summary>Of its own leads, which it takes off by itself, Ω.</summary>
    private const double LeadOhms = 1e-5;

    /// <summary>More than this between the probes is live for a meter set to ohms, V.</summary>
    internal const double LiveVolts = 0.02;

    /// <summary>More is out of its range, Ω.</summary>
    private const double MostOhms = 40e6;

    /// <summary>It beeps below this, Ω.</summary>
    private const double BeepOhms = 30;

    /// <summary>A filament with less than this of its light is dark to the eye; with less than half of it, dim.</summary>
    private const double Glow = 0.002, Bright = 0.5;

    /// <summary>Reads it on a rig in full wiring as it stands; null where there is no such terminal or wire.</summary>
    public static TesterReading? Read(Rig rig, RunState state, Probing probing) => Read(rig, held => new RunningRig(rig, state, held).Solve(), probing, value => value);

    /// <summary>The same of a rig that stands in any way.</summary>
    /// <param name="solve">Solves it with elements held to it.</param>
    /// <param name="made">What the meter makes of a value.</param>
    internal static TesterReading? Read(Rig rig, Func<IReadOnlyList<PartElement>, SolvedHarness> solve, Probing probing, Func<double, double> made)
    {
        var bare = solve([]);
        if (probing.Setting == TesterSetting.Clamp) return rig.Runs.Any(run => run.Id == probing.Red) ? Shown(made(Value(bare, probing, 0)), AmpsStep, "A") : null;
        if (!bare.Harness.Nodes.ContainsKey(probing.Red) || !bare.Harness.Nodes.ContainsKey(probing.Black)) return null;
        switch (probing.Setting)
        {
            case TesterSetting.Volts:
                return Shown(made(Value(solve(Held(probing, Id)), probing, 0)), VoltsStep, "V");
            case TesterSetting.TestLamp:
                return Lamp(LampLight(Across(solve([HeldLamp(probing, rig.Vehicle.SystemVolts)]), probing), rig.Vehicle.SystemVolts));
            case TesterSetting.TwoColours:
                return Colours(Across(solve([new PartElement($"{Id}.up", rig.Vehicle.SystemPlus, probing.Red, new Law.Load(TesterOhms)), new PartElement($"{Id}.down", probing.Red, probing.Black, new Law.Load(TesterOhms))]), probing) / rig.Vehicle.SystemVolts);
        }
        var live = Across(bare, probing);
        return Math.Abs(live) > LiveVolts ? new TesterReading(null, "Ω", RunningWords.FormatOhmsWhileLive(Format.Volts(live)), Refused: true)
            : Ohms(Value(solve(Held(probing, Id)), probing, live) is var ohms && double.IsFinite(ohms) ? made(ohms) : ohms, probing.Setting);
    }

    /// <summary>What its elements are called, or begin with where there are more of them.</summary>
    internal const string Id = "tester-";

    /// <summary>A test lamp as it is to the network.</summary>
    internal static PartElement HeldLamp(Probing probing, double systemVolts) => new(Id, probing.Red, probing.Black, new Law.Filament(LampWatts, systemVolts));

    /// <summary>Light of a test lamp, as part of its full light.</summary>
    internal static double LampLight(double volts, double systemVolts) => FilamentLight.Of(Math.Abs(volts) / systemVolts);

    /// <summary>What a meter is to the network; nothing where it is a clamp.</summary>
    /// <param name="id">What its elements are called.</param>
    internal static IReadOnlyList<PartElement> Held(Probing probing, string id) => probing.Setting switch
    {
        TesterSetting.Clamp => [],
        TesterSetting.Volts => [new PartElement(id, probing.Red, probing.Black, new Law.Load(InputOhms))],
        // Its own battery hangs on no part of the rig.
        _ => [new PartElement($"{id}.source", $"{id}.plus", probing.Black, new Law.Battery(OhmsVolts, OhmsSeries, OhmsSeries)), new PartElement($"{id}.lead", $"{id}.plus", probing.Red, new Law.Joint(LeadOhms))],
    };

    /// <summary>What a meter reads, V, A or Ω, before its display rounds it.</summary>
    /// <param name="solved">With its elements in it.</param>
    /// <param name="live">Volts between the probes without it: what a little more current makes of them are the ohms.</param>
    internal static double Value(SolvedHarness solved, Probing probing, double live, string id = Id) => probing.Setting switch
    {
        TesterSetting.Clamp => solved.Amps(probing.Red),
        TesterSetting.Volts => Across(solved, probing),
        _ => solved.Amps($"{id}.lead") is > 0 and var amps ? (Across(solved, probing) - live) / amps : double.PositiveInfinity,
    };

    internal static double Across(SolvedHarness solved, Probing probing) => solved.Volts(probing.Red) - solved.Volts(probing.Black);

    /// <summary>What a measured figure stands for, as a handheld meter has it: so many per cent, and so many of its last digit (typical, no source).</summary>
    public static double Accuracy(TesterSetting setting, double value) => setting switch
    {
        TesterSetting.Volts => 0.005 * Math.Abs(value) + 2 * VoltsStep,
        TesterSetting.Clamp => 0.02 * Math.Abs(value) + 5 * AmpsStep,
        _ => 0.008 * Math.Abs(value) + 3 * OhmsStep,
    };

    private const double VoltsStep = 0.01, AmpsStep = 0.01, OhmsStep = 0.1;

    /// <summary>What a tester shows that touches nothing, or has nothing in its jaws.</summary>
    internal static TesterReading OnNothing(Probing probing) => probing.Setting switch
    {
        TesterSetting.Volts => Shown(0, VoltsStep, "V"),
        TesterSetting.Clamp => Shown(0, AmpsStep, "A"),
        TesterSetting.TestLamp => Lamp(0),
        TesterSetting.TwoColours => Colours(0.5),
        _ => Ohms(double.PositiveInfinity, probing.Setting),
    };

    private static TesterReading Shown(double value, double step, string unit)
    {
        var shown = Math.Round(value / step) * step;
        if (shown == 0) shown = 0;
        return new TesterReading(shown, unit, $"{shown.ToString(step < 0.1 ? "0.00" : "0.0", System.Globalization.CultureInfo.InvariantCulture)} {unit}");
    }

    private static TesterReading Lamp(double light) => new(Math.Min(1, light), "", light < Glow ? RunningWords.LampDark : light < Bright ? RunningWords.LampDim : RunningWords.LampBright, light >= Glow);

    /// <summary>A point that is joined to a post takes its side; one that hangs free shows neither.</summary>
    private static TesterReading Colours(double share) =>
        share > 0.75 ? new TesterReading(1, "", RunningWords.ShowsPlus, Lit: true) : share < 0.25 ? new TesterReading(0, "", RunningWords.ShowsMinus, Lit: true) : new TesterReading(null, "", RunningWords.ShowsNeither);

    private static TesterReading Ohms(double ohms, TesterSetting setting)
    {
        if (!(ohms <= MostOhms)) return new TesterReading(null, "Ω", RunningWords.OutOfRange);
        var shown = Shown(Math.Max(0, ohms), OhmsStep, "Ω");
        return setting == TesterSetting.Continuity && ohms < BeepOhms ? shown with { Lit = true, Words = RunningWords.FormatBeeps(shown.Words) } : shown;
    }
}
