using System.Diagnostics;
using System.Globalization;
using BurlyRidge.Benchmarks;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;

CultureInfo.CurrentCulture = CultureInfo.InvariantCulture;
if (args is ["limits", ..])
{
    LargestRigs.Print(args.ElementAtOrDefault(1));
    return;
}
if (args is ["beam"])
{
    BeamLight.Print();
    return;
}
if (args is ["diagnosis"])
{
    FaultFinding.Print();
    return;
}
if (args is ["running"])
{
    RunningRigs.Print();
    return;
}
Judgement.Print();
if (args is ["judgement"]) return;
Console.WriteLine();
Console.WriteLine("Operating point of a rig with every line on; medians. Compiling is from the rig to the circuit.");
Console.WriteLine($"{Environment.ProcessorCount} processors, .NET {Environment.Version}");
Console.WriteLine();
Console.WriteLine("| lines | nodes | compile ms | solve ms | peak MB of the process | ngspice analysis ms | ratio | the same of plain resistors ms | ratio |");
Console.WriteLine("|---|---|---|---|---|---|---|---|---|");

var patience = TimeSpan.FromSeconds(60);
var outrun = new HashSet<bool>();
var solveSeconds = new Dictionary<int, double>();
int[] sizes = [12, 100, 1_000, 10_000];
foreach (var lines in sizes)
{
    var rig = ManyLines.Of(lines);
    var state = ManyLines.AllOn(rig);
    var runs = lines switch { <= 100 => 41, <= 1_000 => 11, _ => 5 };
    HarnessCompiler.Solve(rig, state);

    var warm = TimeSpan.FromSeconds(3);
    var compile = Clock.Median(runs, warm, () => HarnessCompiler.Compile(rig));
    SolvedHarness? solved = null;
    var solve = Clock.Median(runs, warm, Fresh, fresh => solved = fresh.Solve(state));
    var (harness, solution) = solved!;

    // Only one harness at a time has to fit.
    CompiledHarness Fresh()
    {
        solved = null;
        return HarnessCompiler.Compile(rig);
    }

    var peak = Process.GetCurrentProcess().PeakWorkingSet64 / 1e6;
    if (solution is not Solution.Converged) throw new InvalidOperationException($"{lines} lines: {solution.GetType().Name}");
    solveSeconds[lines] = solve;

    Console.WriteLine($"| {lines} | {harness.Circuit.NodeCount} | {compile * 1000:0.00} | {solve * 1000:0.00} | {peak:0} | {Reference(lines, solve, harness, solution, straight: false)} | {Reference(lines, solve, harness, solution, straight: true)} |");
}

Console.WriteLine();
Console.WriteLine($"Growth of solving from 100 to 10,000 lines: exponent {Math.Log10(solveSeconds[10_000] / solveSeconds[100]) / 2:0.00}");

string Reference(int lines, double solve, CompiledHarness harness, Solution solution, bool straight)
{
    if (outrun.Contains(straight)) return "not tried after that | ";
    var netlist = SpiceNetlist.Write($"{lines} lines", new SolvedHarness(harness, solution), straight);
    var analyses = new List<double>();
    for (var i = 0; i < (lines <= 100 ? 5 : 1); i++)
    {
        if (Simulator.AnalysisSeconds(netlist, patience) is { } seconds) analyses.Add(seconds);
        else outrun.Add(straight);
        if (outrun.Contains(straight)) return $"not within {patience.TotalSeconds:0} s | above {patience.TotalSeconds / solve:0}";
    }
    analyses.Sort();
    var median = analyses[analyses.Count / 2];
    // Ten times the lines take a hundred times as long.
    if (median * 100 > patience.TotalSeconds) outrun.Add(straight);
    return $"{median * 1000:0} | {median / solve:0.0}";
}
