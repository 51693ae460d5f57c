using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.HandOver;

/// <summary>Packs of rigs on which something or nothing happened.</summary>
internal static class Packs
{
    public static PackSource Of(Rig rig, IEnumerable<SheetEvent>? happened = null, IEnumerable<HandOverEvent>? written = null, CommissioningRecord? measured = null)
    {
        var assessed = AssessedRig.Of(rig);
        var record = Record(happened ?? []);
        var own = HandOverRecord.Of((written ?? []).Select((what, i) => (i + 1, DateTimeOffset.UnixEpoch, what)));
        var plan = new CommissioningPlan(assessed.Study);
        var (sheet, view) = (SheetView.Of(assessed, record), CommissioningView.LinesOf(plan, measured ?? CommissioningRecord.Nothing));
        var differences = Difference.Of(assessed, record, own);
        var lit = new BeamRig(assessed.Whole.Saved, assessed.Whole.Wired, new Dictionary<string, Brightness>());
        return new PackSource(
            new JobParticulars("Owner", "AB 12"), new Shop { Name = "Shop" }, assessed, plan, BenchView.Of(assessed, new Dictionary<string, WireForSale>()), BeamView.MarksOf(lit, rig.Beams, new BeamLook(null, [], false, false)),
            sheet, record, view, measured ?? CommissioningRecord.Nothing, own, differences, Obstacle.Of(assessed, sheet, view, differences),
            new SealedJob(3, "Test wagon", "", new JobParticulars(), JobSeal.TablesVersion, JobSeal.Sum("plan"), JobSeal.Sum("record"), 0), "28 November 2026");
    }

    public static SheetRecord Record(IEnumerable<SheetEvent> happened) => SheetRecord.Of(happened.Select((what, i) => new Logged(i + 1, DateTimeOffset.UnixEpoch.AddMinutes(i), "Ana", what)));

    /// <summary>Every text of a book.</summary>
    public static IReadOnlyList<string> Texts(this Book book) => [.. book.Chapters.SelectMany(chapter => chapter.Texts())];

    /// <summary>Every text of a chapter.</summary>
    public static IEnumerable<string> Texts(this Chapter chapter) => chapter.Blocks.SelectMany(block => block switch
    {
        Block.Heading heading => [heading.Text],
        Block.Paragraph paragraph => [paragraph.Text],
        Block.Bullets bullets => bullets.Items,
        Block.Table table => table.Rows.SelectMany(row => row),
        Block.Signature signature => [signature.Given],
        _ => Enumerable.Empty<string>(),
    });

    public static Chapter Chapter(this Book book, string id) => book.Chapters.Single(chapter => chapter.Id == id);

    /// <summary>Letters that are all of one width.</summary>
    public sealed class Even : ILetters
    {
        public double Width(string text, bool bold) => text.Length * (bold ? 0.58 : 0.55);
    }
}
