using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Do the lamps go where they are meant to?</summary>
internal static class LampFitCheck
{
    internal static readonly CheckKind Kind = new("lamp-fit", CheckWords.TheLampGoesOnIts, CheckWords.SizesOfMountAndLamp);

    public static IEnumerable<Check> Judge(RigSubject subject) => Cards.OfMounts(subject.Saved).SelectMany(card => Told(subject, card));

    private static IEnumerable<Check> Told(RigSubject subject, FitCard card)
    {
        var bad = card.Findings.Where(finding => finding.Verdict != Verdict.Holds).ToList();
        var mount = subject.Saved.Body!.Mounts.First(mount => mount.Id == card.At);
        if (bad.Count == 0)
        {
            yield return Kind.Result(Verdict.Holds, card.Findings.Count, card.Findings.Count, "sides", CheckWords.FormatOnGoesOnEverySide(string.Join(", ", card.Parts.Select(part => subject.Names[part])), mount.Name), card.At);
            yield break;
        }
        foreach (var finding in bad)
            yield return Kind.Result(finding.Verdict, finding.Figure, finding.Limit, finding.Unit, $"{mount.Name}: {finding.Reason} {finding.Remedy}".TrimEnd(), $"{card.At}.{finding.Id}");
    }
}
