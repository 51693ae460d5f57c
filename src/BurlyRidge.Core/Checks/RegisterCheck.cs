using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>Has every run its colour, so that it can be found again?</summary>
internal static class RegisterCheck
{
    private static readonly string[] Colours = ["white", "blue", "yellow", "green", "brown", "orange", "violet", "grey"];

    private static readonly Kind Kind = new("register", "Every wire has its colour in the register", Kind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        // Leads of the vehicle's own stand in the register as soon as something is joined to them.
        var leads = subject.Vehicle.PassThroughs.Where(lead => Used(subject, lead)).Select(lead => lead.Colour).ToList();
        var colours = subject.WiredRuns.Select(figures => figures.Run.Colour).Concat(leads).ToList();
        // What the maker chose cannot be given a colour; it has to be looked at.
        var unknownLeads = leads.Contains("");
        if (colours.Count == 0) yield break;
        var known = colours.Count(colour => colour.Length > 0);
        var verdict = known == colours.Count ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Says(verdict, known, colours.Count, "wires",
            verdict == Verdict.Holds ? "The colour of every wire is written down." : $"{colours.Count - known} of {colours.Count} wires have no colour written down: nobody will find them in two weeks.",
            "", null, null, () => unknownLeads ? null : new Remedy("Give them colours") { Apply = Colour });
    }

    private static bool Used(RigSubject subject, PassThrough lead) =>
        subject.Rig.Runs.Any(run => new[] { run.From, run.To }.Any(end => PartBook.Split(end).Part == lead.Id));

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
