using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Checks;

/// <summary>What must not be found in a rig that the app built and sized by itself.</summary>
internal static class OwnSizes
{
    /// <summary>What sizes alone decide; two wires too many for a terminal are cured by a splice.</summary>
    private static readonly string[] OfSizes =
        ["wire-found", "wire-load", "wire-fuse", "return", "zone-heat", "fuse-load", "fuse-heat", "fuse-family", "far-short", "selectivity", "relay-contact", "switch-current", "output-rating", "terminal-heat", "drop"];

    /// <summary>Whether a lamp fits its mount is the vehicle's to say, and no size cures it.</summary>
    private static readonly string[] OfFit = ["lamp-fit", "pair", "part-fit"];

    /// <summary>Every Stop but those of fit, and every Watch that comes of sizes, a sentence each.</summary>
    public static IEnumerable<string> Objections(Rig rig)
    {
        var assessment = Assessor.Assess(rig);
        return assessment.Checks.Concat(assessment.Lines.SelectMany(line => line.Checks))
            .Where(check => !OfFit.Contains(check.Id) && (check.Verdict == Verdict.Stop || (check.Verdict == Verdict.Watch && OfSizes.Contains(check.Id))))
            .Select(check => $"{check.Verdict} {check.Id}: {check.Reason}");
    }
}
