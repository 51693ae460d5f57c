using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Has every run its colour, so that it can be found again?</summary>
internal static class RegisterCheck
{
    internal static readonly CheckKind Kind = new("register", CheckWords.EveryWireHasItsColour, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        // Leads of the vehicle's own stand in the register as soon as something is joined to them.
        var leads = subject.Vehicle.PassThroughs.Where(lead => Used(subject, lead)).Select(lead => lead.Colour).ToList();
        var colours = subject.Study.Runs.Select(figures => figures.Run.Colour).Concat(leads).ToList();
        // What the maker chose cannot be given a colour; it has to be looked at.
        var unknownLeads = leads.Contains("");
        if (colours.Count == 0) yield break;
        var known = colours.Count(colour => colour.Length > 0);
        var verdict = known == colours.Count ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Result(verdict, known, colours.Count, "wires",
            verdict == Verdict.Holds ? CheckWords.TheColourOfEveryWire : CheckWords.FormatOfWiresHaveNoColour(colours.Count - known, colours.Count),
            "", null, null, () => unknownLeads ? null : new Remedy(CheckWords.GiveThemColours) { Apply = WireColours.Give });
    }

    private static bool Used(RigSubject subject, PassThrough lead) =>
        subject.Rig.Runs.Any(run => run.Ends().Any(end => TerminalIndex.Split(end).Part == lead.Id));
}
