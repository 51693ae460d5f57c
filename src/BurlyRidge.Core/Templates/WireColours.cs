using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Colours for wires, so that they can be found again.</summary>
public static class WireColours
{
    private static readonly string[] Colours = ["white", "blue", "yellow", "green", "brown", "orange", "violet", "grey"];

    /// <summary>Of what comes back.</summary>
    internal const string Back = "black";

    /// <summary>Of what no line alone uses.</summary>
    internal const string Shared = "red";

    /// <summary>Of the line at that place in its rig.</summary>
    internal static string OfLine(int place) => Colours[Math.Max(0, place) % Colours.Length];

    /// <summary>Colours for wires without one: black for what comes back, red for what no line alone uses, a colour a line for the rest.</summary>
    public static Rig Give(Rig rig)
    {
        var study = WholeRig.StudyOfFull(rig);
        var lines = rig.Lines.Select((line, i) => (line.Id, Colour: OfLine(i))).ToDictionary(pair => pair.Id, pair => pair.Colour, StringComparer.Ordinal);
        return rig with
        {
            Runs = [.. rig.Runs.Select(run => run.Colour.Length > 0 ? run : run with
            {
                Colour = study.Feeds.Of(run.From).Grounded ? Back : study.LinesOf(run.Id) is [var line] ? lines[line] : Shared,
            })],
        };
    }

    /// <summary>What came of an edit, its new wires with colours where all had one before.</summary>
    public static Rig After(Rig before, Rig after) =>
        before.Runs.Count > 0 && before.Runs.All(run => run.Colour.Length > 0) && after.Runs.Any(run => run.Colour.Length == 0) ? Give(after) : after;
}
