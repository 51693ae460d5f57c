using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Exchange.Pages;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>Whose vehicle it is, who did it, and which plan this is the record of.</summary>
internal static class CoverChapter
{
    public static Chapter Of(PackSource source)
    {
        var (particulars, shop, kind) = (source.Particulars, source.Shop, source.Record.Vehicle);
        var rows = new List<IReadOnlyList<string>>();
        void Row(string name, string value)
        {
            if (value.Length > 0) rows.Add([name, value]);
        }

        Row(PackWords.Vehicle, string.Join(", ", new[] { kind?.Name, kind?.Year, kind?.Trim, kind?.Options }.OfType<string>().Where(word => word.Length > 0)));
        Row(PackWords.NumberPlate, particulars.Plate);
        Row(PackWords.Owner, particulars.Customer);
        Row(PackWords.DoneBy, string.Join(", ", new[] { shop.Name, shop.Contact }.Where(word => word.Length > 0)));
        Row(source.Own.SignOff is null ? PackWords.Printed : PackWords.HandedOver, source.Day);
        Row(PackWords.CheckedBy, source.Own.SignOff?.What.Who ?? "");
        Row(PackWords.PlanRevision, PackWords.FormatRevisionWithTables(source.Sealed.Revision, source.Sealed.Tables));
        Row(PackWords.SumOfPlan, JobSeal.Printed(source.Sealed.JobSum));
        Row(PackWords.SumOfRecord, JobSeal.Printed(source.Sealed.RecordSum));
        return new Chapter("cover", source.Sealed.Name,
        [
            new Block.Paragraph(source.Own.SignOff is null ? PackWords.DraftSays : PackWords.StaysWithVehicle, source.Own.SignOff is null ? Tone.Caution : Tone.Plain),
            .. source.Own.Said(OwnWords.Owner).Select(line => new Block.Paragraph(line, Tone.Strong)),
            new Block.Table(["", ""], rows),
            new Block.Paragraph(PackWords.SumsSay, Tone.Small),
            new Block.Paragraph(PackWords.DefersTo),
        ], shop.Name.Length == 0 ? PackWords.ShopHasNoName : "");
    }
}
