using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>Has every run its colour, so that it can be found again?</summary>
internal static class RegisterCheck
{
    private static readonly string[] Colours = ["white", "blue", "yellow", "green", "brown", "orange", "violet", "grey"];

    private static readonly Kind Kind = new("register", "Every wire has its colour in the register", Kind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var runs = subject.WiredRuns.ToList();
        if (runs.Count == 0) yield break;
        var known = runs.Count(figures => figures.Run.Colour.Length > 0);
        var verdict = known == runs.Count ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Says(verdict, known, runs.Count, "wires",
            verdict == Verdict.Holds ? "The colour of every wire is written down." : $"{runs.Count - known} of {runs.Count} wires have no colour written down: nobody will find them in two weeks.",
            "", null, null, new Remedy("Give them colours") { Apply = Colour });
    }

    /// <summary>Black for what comes back, red for what no line alone uses, a colour a line for the rest.</summary>
    private static Rig Colour(Rig rig)
    {
        var subject = RigSubject.Of(rig);
        var lines = rig.Lines.Select((line, i) => (line.Id, Colour: Colours[i % Colours.Length])).ToDictionary(pair => pair.Id, pair => pair.Colour, StringComparer.Ordinal);
        return rig with
        {
            Runs = [.. rig.Runs.Select(run => run.Colour.Length > 0 ? run : run with
            {
                Colour = subject.Study.Feeds.Of(run.From).Grounded ? "black" : subject.LineOf(run.Id) is { } line ? lines[line] : "red",
            })],
        };
    }
}
