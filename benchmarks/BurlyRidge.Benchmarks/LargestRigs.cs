using System.Diagnostics;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Benchmarks;

/// <summary>How long what may be asked about one rig takes on the largest rigs that are worked out at all.</summary>
internal static class LargestRigs
{
    private const double MaxSeconds = 2;

    public static void Print(string? only = null)
    {
        Console.WriteLine("The largest rigs, seconds of each question; at most 2.");
        Console.WriteLine();
        // What is measured is a server that has answered before.
        var warm = ManyLines.Placed(12);
        for (var i = 0; i < 8; i++)
        {
            Diagram.OfRig(warm, "warm");
            WholeRig.Of(warm).Resize();
            LineView.Of(warm, warm.Lines[0].Id);
            AssessedRig.Of(warm).In([new()]);
            SheetView.Of(AssessedRig.Of(warm), SheetRecord.Nothing);
            LineRemoval.Of(warm, warm.Lines[0].Id);
            LineTemplates.Build(warm, new TemplateAnswers("own-harness", "New", LargeLamp, 1, 3));
        }
        foreach (var (name, rig) in LargeRigs.All.Where(large => only is null || large.Name.Contains(only, StringComparison.Ordinal)))
        {
            var problems = RigValidation.Validate(rig);
            if (problems.Count > 0) throw new InvalidOperationException($"{name}: {problems[0]}");
            var line = rig.Lines[^1].Id;
            AssessedRig? assessed = null;
            var sizes = new QuickSizes();
            var slow = false;
            Console.Write($"{name}:");
            void Ask(string what, Action action)
            {
                var seconds = Seconds(action);
                slow |= seconds > MaxSeconds;
                Console.Write($" {what} {seconds:0.00}");
            }
            Ask("assess", () => assessed = AssessedRig.Of(rig, sizes: sizes));
            Ask("states", () => assessed!.In([.. Enumerable.Repeat(new RigState(), RigSize.MaxStates(rig))]));
            Ask("line", () => LineView.Of(rig, line, sizes: sizes));
            Ask("wire", () => RunAssessment.Of(assessed!, rig.Runs.Count > 0 ? rig.Runs[^2].Id : "", WirePrices.None));
            Ask("size", () => WholeRig.Of(rig, sizes).Resize());
            Ask("slots", () => WholeRig.Of(rig, sizes).AssignOutputs());
            if (rig.Body is not null) Ask("route", () => Reroute.Of(rig));
            Ask("walk", () => WalkaroundView.Of(rig));
            Ask("diagram", () => Draw(rig));
            Ask("panel", () => PanelView.Of(assessed!));
            CutList? cuts = null;
            Ask("cut list", () => cuts = CutList.Of(assessed!));
            Ask("reels", () => ReelPlan.Of(cuts!.Pieces, Sale));
            Ask("bench", () => BenchView.Of(assessed!, Sale));
            IReadOnlyList<SheetStep> steps = [];
            Ask("sheet", () => steps = Sheet.Of(assessed!));
            Ask("progress", () => SheetView.Of(steps, SheetRecord.Nothing, [], ""));
            Ask("cards", () => HarnessCard.Of(assessed!, cuts!));
            Ask("starts", () => LineTemplates.For(rig, LargeLamp, 1));
            Ask("template", () => LineTemplates.Build(rig, new TemplateAnswers("own-harness", "New", LargeLamp, 1, 3), sizes));
            Ask("remove", () => LineRemoval.Of(rig, line));
            Console.WriteLine(slow ? " SLOW" : "");
        }
    }

    private static readonly Dictionary<string, WireForSale> Sale = Enum.GetValues<GaugeSystem>().SelectMany(WireTable.Of).DistinctBy(wire => wire.Name)
        .ToDictionary(wire => wire.Name, _ => new WireForSale(1, [new ReelForSale(10, 9), new ReelForSale(30, 25)]), StringComparer.Ordinal);

    private static Fixture LargeLamp { get; } = new("new", "New lamp", [new LampFunction("main", LampKind.RegulatedLed, 40)]);

    /// <summary>Draws it, or finds that it is too much for one drawing.</summary>
    private static void Draw(Rig rig)
    {
        try
        {
            Diagram.OfRig(rig, "Large");
        }
        catch (DrawingTooLargeException)
        {
            Console.Write(" (refused)");
        }
    }

    private static double Seconds(Action action)
    {
        var clock = Stopwatch.StartNew();
        action();
        return clock.Elapsed.TotalSeconds;
    }
}
