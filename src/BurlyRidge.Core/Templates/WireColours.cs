using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Colours for wires, so that they can be found again.</summary>
public static class WireColours
{
    private static readonly string[] Stripes = ["grey", "orange", "yellow", "blue", "green", "brown", "violet", "white"];

    /// <summary>Of what comes back.</summary>
    internal const string Back = "black";

    /// <summary>Of what no line alone uses.</summary>
    internal const string Shared = "red";

    /// <summary>Of a line: that of its use, and where another of that use stands before it, with a stripe.</summary>
    internal static string OfLine(Rig rig, Line line)
    {
        var colour = rig.HouseRules.Colours.Of(line.Use);
        var before = rig.Lines.TakeWhile(other => other.Id != line.Id).Count(other => other.Use == line.Use);
        if (before == 0) return colour;
        var stripes = Stripes.Where(stripe => stripe != colour).ToList();
        return $"{colour}/{stripes[(before - 1) % stripes.Count]}";
    }

    /// <summary>Colours for wires without one: black for what comes back, red for what no line alone uses, its line's for the rest.</summary>
    public static Rig Give(Rig rig)
    {
        var study = WholeRig.StudyOfFull(rig);
        var lines = rig.Lines.ToDictionary(line => line.Id, line => OfLine(rig, line), StringComparer.Ordinal);
        return With(rig, run => study.Feeds.Of(run.From).Grounded ? Back : study.LinesOf(run.Id) is [var line] ? lines[line] : Shared);
    }

    /// <summary>Colours for the wires that a line was started with: its own, but for what comes back and for what feeds more than it.</summary>
    internal static Rig OfStarted(Rig rig, string lineId, Func<Run, bool> started)
    {
        var feeds = Feeds.Of(WiringMap.Of(rig with { Lines = [] }));
        var own = OfLine(rig, rig.Lines.First(line => line.Id == lineId));
        var shared = rig.PowerBoxes.SelectMany(box => new[] { $"{box.Id}.plus", $"{box.Id}.sense" }).Concat(rig.Vehicle.Batteries.Select(battery => $"{battery.Id}.plus"))
            .Concat(rig.Converters.SelectMany(part => new[] { $"{part.Id}.in-plus", $"{part.Id}.out-plus" })).ToHashSet(StringComparer.Ordinal);
        return With(rig, run => !started(run) ? "" : feeds.Of(run.From).Grounded ? Back : run.Ends().Any(shared.Contains) ? Shared : own);
    }

    private static Rig With(Rig rig, Func<Run, string> colour) => rig with { Runs = [.. rig.Runs.Select(run => run.Colour.Length > 0 ? run : run with { Colour = colour(run) })] };

    /// <summary>What came of an edit, its new wires with colours where all had one before.</summary>
    public static Rig After(Rig before, Rig after) =>
        before.Runs.Count > 0 && before.Runs.All(run => run.Colour.Length > 0) && after.Runs.Any(run => run.Colour.Length == 0) ? Give(after) : after;
}
