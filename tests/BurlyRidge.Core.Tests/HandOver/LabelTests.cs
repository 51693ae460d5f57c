using System.Globalization;
using System.Xml.Linq;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Labels;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.RunSheet;

namespace BurlyRidge.Core.Tests.HandOver;

public class LabelTests
{
    private static IReadOnlyList<Label> Of(Rig rig) => AssessedRig.Of(rig) is var assessed ? LabelSet.Of(assessed, CutList.Of(assessed).Pieces) : [];

    private static Rig Shape(string name) => SheetRigs.Of(name, IsolationSchool.BatteryOff).Rig;

    public static TheoryData<string> Shapes => [.. SheetRigs.Names];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_fuse_relay_and_wire_end_has_one(string shape)
    {
        var rig = Shape(shape);
        var (labels, assessed) = (Of(rig), AssessedRig.Of(rig));
        var wired = assessed.Study.Wired;
        int Count(LabelKind kind) => labels.Count(label => label.Kind == kind);
        Assert.Equal(wired.Relays.Count, Count(LabelKind.Relay));
        Assert.Equal(wired.Protection.Count + wired.InlineBreakers.Count + wired.PowerBoxes.Sum(box => box.Outputs.Count), Count(LabelKind.Fuse));
        Assert.Equal(2 * CutList.Of(assessed).Pieces.Count, Count(LabelKind.WireEnd));
        Assert.All(labels, label => Assert.NotEmpty(label.Large));
    }

    [Fact]
    public void A_fuse_below_the_makers_says_so()
    {
        var rig = Shape("one bar on its own harness, earth on the body");
        var rated = rig.Protection[0].Fuse.RatingAmps;
        Assert.DoesNotContain(Of(rig), label => label.Kind == LabelKind.SmallerFuse);
        var makers = rig with { Fixtures = [.. rig.Fixtures.Select(lamp => lamp with { HarnessFuseAmps = rated + 5 })] };
        Assert.Contains($"{rated:0.#} A", Assert.Single(Of(makers), label => label.Kind == LabelKind.SmallerFuse).Large, StringComparison.Ordinal);
    }

    [Fact]
    public void A_switch_that_is_tied_away_is_labelled_hidden()
    {
        var rig = Shape("one bar on its own harness, earth on the body");
        var own = rig.Switches[0];
        var left = rig with { Switches = [own with { Positions = [.. own.Positions.Reverse()] }, .. rig.Switches.Skip(1)] };
        Assert.Equal(own.Id, Assert.Single(Of(left), label => label.Kind == LabelKind.HiddenSwitch).About);
    }

    /// <summary>Read back: each label in its place of the entered sheet, those that are used up left free, text within its label.</summary>
    [Theory]
    [InlineData(3, 8, 7.0, 15.0, 64.0, 33.9, 2.5, 0.0, 5)]
    [InlineData(1, 1, 0.0, 0.0, 100.0, 20.0, 0.0, 0.0, 0)]
    [InlineData(10, 20, 5.0, 5.0, 19.0, 13.0, 1.0, 1.0, 199)]
    public void Labels_lie_on_the_sheet_that_was_entered(int columns, int rows, double left, double top, double wide, double high, double across, double down, int used)
    {
        var sheet = new LabelSheet(PaperSize.A4, columns, rows, left, top, wide, high) { AcrossMillimetres = across, DownMillimetres = down, Used = used };
        var problems = new Problems();
        sheet.Check(problems, "sheet");
        Assert.Empty(problems.Found);
        var labels = Of(Shape("power box with panel, ignition sense, lamps, locker and compressor"));
        var pages = LabelPages.Draw(labels, sheet, "labels").Select(page => XDocument.Parse(page).Root!).ToList();
        Assert.Equal((int)Math.Ceiling((labels.Count + used) / (double)(columns * rows)), pages.Count);
        double At(XElement element, string name) => double.Parse((string)element.Attribute(name)!, CultureInfo.InvariantCulture);
        var spot = used;
        foreach (var group in pages.SelectMany(page => page.Elements().Where(element => element.Attribute("data-label") is not null)))
        {
            var box = group.Elements().First();
            var (column, row) = (spot % columns, spot / columns % rows);
            Assert.Equal(left + column * (wide + across), At(box, "x"), 0.01);
            Assert.Equal(top + row * (high + down), At(box, "y"), 0.01);
            Assert.All(group.Elements().Skip(1), text => Assert.InRange(At(text, "y"), At(box, "y"), At(box, "y") + high));
            spot++;
        }
        Assert.Equal(used + labels.Count, spot);
    }

    [Theory]
    [InlineData(4, 24, "sheet.columns")]
    [InlineData(3, 27, "sheet.rows")]
    [InlineData(0, 24, "sheet.columns")]
    public void A_sheet_that_is_larger_than_its_paper_is_refused(int columns, int rows, string field)
    {
        var problems = new Problems();
        new LabelSheet(Columns: columns, Rows: rows).Check(problems, "sheet");
        Assert.Contains(field, problems.Found.Select(problem => problem.Path));
    }

    /// <summary>Whole lines, no more than a telephone reads at once; the job and what to pull are always there.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_text_of_the_card_is_short_enough(string shape)
    {
        var text = BonnetCard.Text(Packs.Of(Shape(shape)));
        Assert.InRange(System.Text.Encoding.UTF8.GetByteCount(text), 40, BonnetCard.MostBytes);
        Assert.StartsWith("Test wagon", text, StringComparison.Ordinal);
        Assert.Contains("Emergency, pull:", text, StringComparison.Ordinal);
    }
}
