using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
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
        var placed = ManyLines.Placed(200);
        Console.WriteLine("Judgement, every state and check; medians.");
        Console.WriteLine();
        Console.WriteLine("| what | ms | at most |");
        Console.WriteLine("|---|---|---|");
        var sizes = new QuickSizes();
        var watts = 100.0;
        // What is measured is a server that has answered before.
        for (var i = 0; i < 100; i++) AssessedRig.Of(wagon, sizes: sizes);
        Row($"assess the demo rig of {wagon.Lines.Count} lines", 12, () => AssessedRig.Of(wagon, sizes: sizes));
        Row("the same, one quick plan edited", 15, () => AssessedRig.Of(Edited(wagon, watts += 0.01), sizes: sizes));
        Row("the same with nothing remembered", 0, () => Assessor.Assess(wagon));
        var ask = QuickAsk.Of(wagon, wagon.Lines.First(line => line.Plan is not null).Plan!);
        Row("size one quick plan and judge every size", 5, () => QuickSizing.Of(ask));
        Row("auto-size it", 50, () => WholeRig.Of(wagon, sizes).Resize());
        var sixty = Copied(wagon, 60);
        var pair = new TemplateAnswers("own-harness", "Added", wagon.Fixtures[0] with { Functions = [new LampFunction("main", LampKind.RegulatedLed, 40)] }, 2, 3);
        var added = LineTemplates.Build(sixty, pair, sizes).Rig;
        Row($"assess {sixty.Lines.Count} lines, quick plans most of them", 0, () => AssessedRig.Of(sixty, sizes: sizes));
        Row("start a line beside them", 0, () => LineTemplates.Build(sixty, pair, sizes));
        Row("assess that", 0, () => AssessedRig.Of(added, sizes: sizes));
        Row($"assess {many.Lines.Count} lines", 180, () => Assessor.Assess(many));
        Row("route the demo rig anew and assess it", 50, () => AssessedRig.Of(Reroute.Of(wagon).Rig, sizes: sizes));
        Row($"route {placed.Lines.Count} lines anew and assess them", 1000, () => Assessor.Assess(Reroute.Of(placed).Rig));
    }

    /// <summary>The rig with its quick plans again and again until it has so many lines.</summary>
    private static Rig Copied(Rig rig, int many)
    {
        var quick = rig.Lines.Where(line => line.Plan is not null).ToList();
        return rig with
        {
            Lines = [.. rig.Lines, .. Enumerable.Range(0, many - rig.Lines.Count).Select(i => quick[i % quick.Count] with { Id = $"more-{i}", Name = $"More {i}", Plan = quick[i % quick.Count].Plan! with { Lay = null } })],
        };
    }

    /// <summary>The rig with so many watts in the first quick plan.</summary>
    private static Rig Edited(Rig rig, double watts)
    {
        var edited = rig.Lines.First(line => line.Plan is not null);
        return rig with { Lines = [.. rig.Lines.Select(line => line == edited ? line with { Plan = line.Plan! with { Lamps = [line.Plan!.Lamps[0] with { Watts = watts }] } } : line)] };
    }

    private static void Row(string what, double most, Action action) =>
        Console.WriteLine($"| {what} | {1000 * Clock.Median(Runs, TimeSpan.FromSeconds(8), action):0.0} | {(most > 0 ? $"{most:0}" : "")} |");
}
