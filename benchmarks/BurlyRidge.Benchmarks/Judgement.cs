using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Benchmarks;

/// <summary>What an edit and a proposal cost.</summary>
internal static class Judgement
{
    private const int Runs = 41;

    public static void Print()
    {
        var wagon = RescueWagon.Job().Rig;
        var many = ManyLines.Of(200);
        Console.WriteLine("Judgement, every state and check; medians.");
        Console.WriteLine();
        Console.WriteLine("| what | ms | at most |");
        Console.WriteLine("|---|---|---|");
        Row($"assess the demo rig of {wagon.Lines.Count} lines", 10, () => Assessor.Assess(wagon));
        Row($"auto-size it", 50, () => AutoSizer.Propose(wagon));
        Row($"assess {many.Lines.Count} lines", 150, () => Assessor.Assess(many));
        var placed = ManyLines.Placed(200);
        Row($"lead the demo rig anew and assess it", 50, () => Assessor.Assess(Reroute.Of(wagon).Rig));
        Row($"lead {placed.Lines.Count} lines anew and assess them", 1000, () => Assessor.Assess(Reroute.Of(placed).Rig));
    }

    private static void Row(string what, double most, Action action) =>
        Console.WriteLine($"| {what} | {1000 * Clock.Median(Runs, TimeSpan.FromSeconds(8), () => Afresh(action)):0.0} | {most:0} |");

    /// <summary>With nothing remembered of the time before.</summary>
    private static void Afresh(Action action)
    {
        SizingMemory.Forget();
        action();
    }
}
