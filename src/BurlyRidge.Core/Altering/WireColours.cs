using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Altering;

/// <summary>Colours for wires, so that they can be found again.</summary>
public static class WireColours
{
    private static readonly string[] Colours = ["white", "blue", "yellow", "green", "brown", "orange", "violet", "grey"];

    /// <summary>Colours for wires without one: black for what comes back, red for what no line alone uses, a colour a line for the rest.</summary>
    public static Rig Give(Rig rig)
    {
        var study = RigStudy.Of(LaidRig.Of(rig).Rig);
        var lines = rig.Lines.Select((line, i) => (line.Id, Colour: Colours[i % Colours.Length])).ToDictionary(pair => pair.Id, pair => pair.Colour, StringComparer.Ordinal);
        return rig with
        {
            Runs = [.. rig.Runs.Select(run => run.Colour.Length > 0 ? run : run with
            {
                Colour = study.Feeds.Of(run.From).Grounded ? "black" : study.LinesOf(run.Id) is [var line] ? lines[line] : "red",
            })],
        };
    }

    /// <summary>What came of an edit, its new wires with colours where all had one before.</summary>
    public static Rig After(Rig before, Rig after) =>
        before.Runs.Count > 0 && before.Runs.All(run => run.Colour.Length > 0) && after.Runs.Any(run => run.Colour.Length == 0) ? Give(after) : after;
}
