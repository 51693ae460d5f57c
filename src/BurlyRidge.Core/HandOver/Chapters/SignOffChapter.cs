using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Exchange.Pages;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>Who checked it, what was open, and what was signed.</summary>
internal static class SignOffChapter
{
    public static Chapter Of(PackSource source)
    {
        var signing = source.Own.SignOff?.What;
        var open = signing?.Open ?? source.Open;
        return new Chapter("sign-off", PackWords.SignOff,
        [
            new Block.Paragraph(signing is null ? PackWords.NotSignedYet : PackWords.FormatSignedBy(signing.Who, source.Day)),
            .. signing is { Because.Length: > 0 } ? new Block[] { new Block.Paragraph(PackWords.FormatHandedOverBecause(signing.Because), Tone.Caution) } : [],
            .. open.Count == 0 ? new Block[] { new Block.Paragraph(PackWords.NothingWasOpen) } : [new Block.Heading(signing is null ? PackWords.StillOpen : PackWords.WasOpen), new Block.Bullets([.. open.Select(one => one.Words)])],
            new Block.Table(["", ""],
            [
                [PackWords.PlanRevision, $"{source.Sealed.Revision}"], [PackWords.TablesVersion, source.Sealed.Tables],
                [PackWords.SumOfPlan, JobSeal.Printed(source.Sealed.JobSum)], [PackWords.SumOfRecord, JobSeal.Printed(source.Sealed.RecordSum)],
            ]),
            new Block.Signature(PackWords.CheckedAndHandedOver, signing?.Who ?? ""),
            new Block.Signature(PackWords.TakenOver, ""),
        ]);
    }
}
