using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Do the lamps go where they are meant to?</summary>
internal static class LampFitCheck
{
    internal static readonly CheckKind Kind = new("lamp-fit", "The lamp goes on its mount", "Sizes of mount and lamp; sagitta s = R − √(R² − c²/4)");

    public static IEnumerable<Check> Judge(RigSubject subject) => Cards.OfMounts(subject.Saved).SelectMany(card => Told(subject, card));

    private static IEnumerable<Check> Told(RigSubject subject, FitCard card)
    {
        var bad = card.Findings.Where(finding => finding.Verdict != Verdict.Holds).ToList();
        var mount = subject.Saved.Body!.Mounts.First(mount => mount.Id == card.At);
        if (bad.Count == 0)
        {
            yield return Kind.Result(Verdict.Holds, card.Findings.Count, card.Findings.Count, "sides", $"{string.Join(", ", card.Parts.Select(part => subject.Names[part]))} on {mount.Name}: goes on every side.", card.At);
            yield break;
        }
        foreach (var finding in bad)
            yield return Kind.Result(finding.Verdict, finding.Figure, finding.Limit, finding.Unit, $"{mount.Name}: {finding.Reason} {finding.Remedy}".TrimEnd(), $"{card.At}.{finding.Id}");
    }
}
