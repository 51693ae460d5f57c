using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Do boxes, relays, panels and switches go where they are meant to?</summary>
internal static class PartFitCheck
{
    internal static readonly CheckKind Kind = new("part-fit", CheckWords.PartFitsItsLocation, CheckWords.SizesOfPartAndPlace);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from card in Cards.OfSpaces(subject.Saved)
        let worst = card.Findings.OrderByDescending(finding => finding.Verdict).ThenByDescending(finding => finding.Figure / Math.Max(finding.Limit, 1e-9)).First()
        select Kind.Result(card.Verdict, worst.Figure, worst.Limit, worst.Unit, CheckWords.FormatIn(Format.And(card.Parts.Select((part, i) => i == 0 ? subject.Names[part] : PartNames.Small(subject.Names[part]))), subject.Names.Place(card.At), worst.Title.ToLowerInvariant(), worst.Reason, worst.Remedy).TrimEnd(), card.Parts[0]);
}
