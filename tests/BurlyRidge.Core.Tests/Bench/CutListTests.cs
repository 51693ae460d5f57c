using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Exchange.Drawings;
using System.Globalization;
using System.Xml.Linq;

namespace BurlyRidge.Core.Tests.Bench;

/// <summary>What is cut and made off is what the rig has, to the millimetre and to the terminal.</summary>
public class CutListTests
{
    private static readonly Dictionary<string, WireForSale> Sale = WireTable.Of(GaugeSystem.Awg).Concat(WireTable.Of(GaugeSystem.Metric))
        .ToDictionary(size => size.Name, _ => new WireForSale(1.10m, [new ReelForSale(10, 9), new ReelForSale(50, 40)]), StringComparer.Ordinal);

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name), "placed"];

    private static AssessedRig Rig(string shape) => AssessedRig.Of(shape == "placed" ? PlacedRigs.Bar : AllShapes.Competent.Single(one => one.Name == shape).Rig);

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_wire_is_cut_once_as_long_as_it_is_in_the_rig_with_what_comes_off_its_ends(string shape)
    {
        var assessed = Rig(shape);
        var runs = assessed.Study.Wired.Runs.Where(run => !run.Given).ToList();
        var pieces = CutList.Of(assessed).Pieces;
        Assert.Equal(runs.Select(run => run.Id), pieces.Select(piece => piece.Id));
        foreach (var (run, piece) in runs.Zip(pieces))
        {
            Assert.Equal(run.LengthMetres, piece.RigMetres);
            Assert.InRange(piece.CutMetres - piece.RigMetres - piece.SpareMetres - piece.StripMillimetres / 1000, -1e-9, 0.001);
            Assert.Equal(piece.StripMillimetres, piece.From.StripMillimetres + piece.To.StripMillimetres);
        }
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_end_is_made_off_once_with_what_takes_its_copper_or_says_what_is_missing(string shape)
    {
        var assessed = Rig(shape);
        var wired = assessed.Study.Wired;
        var lamps = wired.Fixtures.Select(lamp => lamp.Id).ToHashSet();
        var endings = CutList.Of(assessed).Endings;
        foreach (var run in wired.Runs)
            foreach (var end in run.Ends().Where(end => !(run.Given && lamps.Contains(TerminalIndex.Split(end).Part)) && !VehicleSignal.Names.Contains(TerminalIndex.Split(end).Part)))
                Assert.Single(endings, ending => ending.Wires.Contains(run.Id) && (ending.At == end || ending.At == TerminalIndex.Split(end).Part));
        Assert.All(endings, ending =>
        {
            if (ending.Terminal is { } terminal)
            {
                Assert.True(terminal.Takes.Holds(ending.FromSquareMillimetres) && terminal.Takes.Holds(ending.ToSquareMillimetres), ending.Place);
                Assert.Equal(ending.Kind, terminal.Kind);
            }
            else
            {
                Assert.NotEmpty(ending.NotSpecified);
            }
        });
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Reels_give_every_piece_and_cost_what_is_bought(string shape)
    {
        var view = BenchView.Of(Rig(shape), Sale);
        Assert.Equal(view.Pieces.Select(piece => piece.Id).Order(StringComparer.Ordinal), view.Reels.SelectMany(group => group.Cuts).SelectMany(cut => cut.Pieces).Order(StringComparer.Ordinal));
        var metres = view.Pieces.ToDictionary(piece => piece.Id, piece => piece.CutMetres);
        Assert.Equal(view.Pieces.Sum(piece => piece.CutMetres), view.WireMetres, 1e-6);
        foreach (var group in view.Reels)
        {
            Assert.All(group.Cuts, cut => Assert.Equal(cut.Metres, cut.Pieces.Sum(piece => metres[piece]) + cut.LeftMetres, 1e-6));
            // No dearer than either way alone: by the metre, or a reel for each piece.
            Assert.InRange(group.Cost!.Value, 0.01m, decimal.Round((decimal)group.PieceMetres * 1.10m, 2, MidpointRounding.AwayFromZero));
            if (group.ReelMetres is { } reel) Assert.Equal(group.Reels * reel, group.BoughtMetres, 1e-9);
        }
        Assert.Equal(view.Reels.Sum(group => group.Cost), view.WireCost);
    }

    /// <summary>By hand: twenty pieces of 0.9 m are 18 m, 19.80 by the metre and 18 on two reels of ten metres, eleven to a reel.</summary>
    [Fact]
    public void Whole_reels_are_bought_where_they_are_cheaper_and_metres_where_those_are()
    {
        CutPiece Piece(int number, double metres) => new($"w{number}", "", "red", "14 AWG", 2.08, 105, false, metres, 0, 0, metres, End, End, "", []);
        var many = ReelPlan.Of([.. Enumerable.Range(0, 20).Select(number => Piece(number, 0.9))], Sale).Single();
        Assert.Equal((2, 18m, 10.0), (many.Reels, many.Cost!.Value, many.ReelMetres!.Value));
        Assert.Equal(2, many.LeftMetres, 1e-9);
        var one = ReelPlan.Of([Piece(0, 1.5)], Sale).Single();
        Assert.Equal((0, 1.65m), (one.Reels, one.Cost!.Value));
        Assert.Null(one.ReelMetres);
        var stock = ReelPlan.Of([Piece(0, 1.5)], Sale, [new Offcut("14 AWG", "red", 1.6), new Offcut("14 AWG", "black", 1.5)]).Single();
        Assert.Equal(0m, stock.Cost);
        Assert.Equal(0.1, stock.LeftMetres, 1e-9);
    }

    private static readonly CutEnd End = new("", "", "", "", "", null, 0, null, [], [], "");

    [Fact]
    public void A_size_that_is_not_sold_has_no_price_and_says_so()
    {
        var view = BenchView.Of(Rig("placed"), new Dictionary<string, WireForSale>());
        Assert.Null(view.WireCost);
        Assert.All(view.Reels, group => Assert.Contains(group.Wire, group.Trouble, StringComparison.Ordinal));
    }

    [Fact]
    public void A_wire_that_was_measured_is_cut_to_length_one_that_was_not_a_tenth_longer()
    {
        CutPiece Of(Rig rig) => CutList.Of(AssessedRig.Of(rig)).Pieces.Single(piece => piece.Id == "k-87--plug-a");
        var laid = Of(PlacedRigs.Bar);
        Assert.True(laid.AfterLaying);
        Assert.Equal(Math.Max(0.15, laid.RigMetres / 10), laid.SpareMetres, 1e-9);
        var measured = Of(PlacedRigs.Bar.WithRun("k-87--plug-a", run => run with { Lay = run.Lay! with { MeasuredMetres = 2.9 } }));
        Assert.False(measured.AfterLaying);
        Assert.Equal(2.9 + measured.StripMillimetres / 1000, measured.CutMetres, 1e-9);
    }

    [Fact]
    public void A_relay_has_receptacles_a_post_rings_and_a_blade_holder_its_own_leads()
    {
        WireEnd? At(IPart part, string pin) => part.EndAt(pin);
        Assert.Equal(6.3, At(new Relay("k", 40), "87")!.BladeMillimetres);
        Assert.Equal(9.5, At(new Relay("k", 70), "87")!.BladeMillimetres);
        Assert.Equal(6.3, At(new Relay("k", 70), "86")!.BladeMillimetres);
        Assert.Equal(EndKind.Ring, At(new Relay("k", 100), "87")!.Kind);
        Assert.Equal(EndKind.Ring, At(new Battery("b"), "plus")!.Kind);
        Assert.Equal(EndKind.ButtJoint, At(new ProtectiveDevice("f", new(15, FuseFamily.Blade)), "in")!.Kind);
        Assert.Equal(EndKind.Ring, At(new ProtectiveDevice("f", new(60, FuseFamily.BoltDown)), "in")!.Kind);
        Assert.Null(At(new PowerBox("x", 60, [new BoxOutput("o1", 30)]), "o1"));
    }

    /// <summary>Two of 2.08 mm² in one receptacle are 4.16 mm² and want the size from 2.5 to 6 mm²; two rings lie on one another.</summary>
    [Fact]
    public void Two_wires_in_one_barrel_are_added_up_and_two_rings_on_one_stud_are_two_rings()
    {
        var rig = PlacedRigs.Bar;
        var first = rig.Runs.First(run => run.To == "k.86" || run.From == "k.86");
        rig = (rig with { Runs = [.. rig.Runs, first with { Id = "second" }, rig.Runs.First(run => run.From == "battery.plus") with { Id = "third" }] }).WithRun(first.Id, run => run with { Wire = "14 AWG" }).WithRun("second", run => run with { Wire = "14 AWG" });
        var endings = CutList.Of(AssessedRig.Of(rig)).Endings;
        var receptacle = endings.Single(end => end.At == "k.86");
        Assert.Equal(2, receptacle.Wires.Count);
        Assert.Equal(2 * 2.081, receptacle.ToSquareMillimetres, 0.01);
        Assert.Equal(new CopperRange(2.5, 6), receptacle.Terminal!.Takes);
        Assert.All(endings.Where(end => end.Kind == EndKind.Ring), ring => Assert.Single(ring.Wires));
        Assert.Contains(endings.Where(end => end.Kind == EndKind.Ring).GroupBy(ring => ring.At), stud => stud.Count() > 1);
    }

    /// <summary>ABYC E-11, tensile tests, from memory: 18 AWG 10 lbf, 14 AWG 30, 10 AWG 40, 2 AWG 70; 1 lbf is 4.448 N.</summary>
    [Theory]
    [InlineData("18 AWG", 10)]
    [InlineData("14 AWG", 30)]
    [InlineData("10 AWG", 40)]
    [InlineData("2 AWG", 70)]
    public void A_crimp_holds_the_pull_of_its_size(string wire, double pounds) =>
        Assert.Equal(pounds * 4.448, TerminalTable.PullNewtons(WireTable.Find(wire)!.CopperSquareMillimetres)!.Value, 0.5);

    [Fact]
    public void A_lane_has_ties_every_300_mm_and_a_sleeve_outside_the_cabin_that_its_wires_go_through()
    {
        var assessed = Rig("placed");
        var coverings = Covering.Of(assessed);
        Assert.NotEmpty(coverings);
        Assert.All(coverings, along =>
        {
            Assert.InRange(along.Ties * 0.3 - along.Metres, -1e-9, 0.3);
            Assert.True(along.TieMillimetres >= Math.PI * along.AcrossMillimetres);
            if (along.Zone == Zone.Cabin) Assert.Null(along.Sleeve);
            else Assert.True(along.SleeveMillimetres >= along.AcrossMillimetres);
        });
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_list_of_parts_counts_what_the_rig_has(string shape)
    {
        var assessed = Rig(shape);
        var (wired, view) = (assessed.Study.Wired, BenchView.Of(assessed, Sale));
        double Of(PartGroup group) => view.Parts.Where(part => part.Group == group && !part.Metres).Sum(part => part.Count);
        Assert.Equal(wired.Fixtures.Count, Of(PartGroup.Lamps));
        Assert.Equal(wired.Relays.Count + wired.Switches.Count + wired.PowerBoxes.Count, Of(PartGroup.Control));
        Assert.Equal(view.Endings.Count, Of(PartGroup.Endings));
        var fuses = wired.Protection.Where(device => !device.Breaker).ToList();
        Assert.Equal(2 * fuses.Count + fuses.Select(device => device.Fuse).Distinct().Sum(fuse => PartsNeeded.Spares(fuse.Family)) + wired.Protection.Count(device => device.Breaker) + wired.InlineBreakers.Count, Of(PartGroup.Protection));
        Assert.All(view.Parts.Where(part => !part.Metres && part.Group is not (PartGroup.Covering or PartGroup.Protection or PartGroup.Hardware)), part => Assert.Equal(part.Count, part.For.Count));
    }

    /// <summary>Read back: a label for each end, of one size, none over another, each within its sheet.</summary>
    [Fact]
    public void Every_end_of_every_wire_has_a_label_to_scale()
    {
        var pieces = CutList.Of(Rig("placed")).Pieces;
        var sheets = WireLabels.Draw(pieces, "labels").Select(sheet => XDocument.Parse(sheet).Root!).ToList();
        var labels = sheets.SelectMany(sheet => sheet.Descendants().Where(element => element.Attribute("data-label") is not null)).ToList();
        Assert.Equal(pieces.SelectMany(piece => new[] { $"{piece.Id} {piece.From.At}", $"{piece.Id} {piece.To.At}" }), labels.Select(label => (string)label.Attribute("data-label")!));
        foreach (var sheet in sheets)
        {
            Assert.Equal($"0 0 {((string)sheet.Attribute("width")!)[..^2]} {((string)sheet.Attribute("height")!)[..^2]}", (string)sheet.Attribute("viewBox")!);
            double Of(XElement box, string name) => double.Parse((string)box.Attribute(name)!, CultureInfo.InvariantCulture);
            var boxes = sheet.Descendants().Where(element => element.Name.LocalName == "rect").ToList();
            Assert.Single(boxes.Select(box => (Of(box, "width"), Of(box, "height"))).Distinct());
            Assert.Equal(boxes.Count, boxes.Select(box => (Of(box, "x"), Of(box, "y"))).Distinct().Count());
            Assert.True(Of(boxes[^1], "y") + Of(boxes[^1], "height") <= double.Parse(((string)sheet.Attribute("height")!)[..^2], CultureInfo.InvariantCulture));
        }
    }

    /// <summary>By hand: two circles of 10 mm that touch have a belt of 20π/2 + 2·10 mm; one alone of π·10.</summary>
    [Fact]
    public void A_tie_goes_round_what_it_holds()
    {
        Assert.Equal(Math.PI * 10 + 20, Covering.Round(10, 10), 9);
        Assert.Equal(Math.PI * 10, Covering.Round(10, 0), 9);
    }

    /// <summary>Plugs, washers and shrink by what the rig has; a plug of several poles is bought once.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Hardware_is_counted_from_plugs_earths_and_ends(string shape)
    {
        var assessed = Rig(shape);
        var (wired, view) = (assessed.Study.Wired, BenchView.Of(assessed, Sale));
        var hardware = view.Parts.Where(part => part.Group == PartGroup.Hardware).ToList();
        double Of(string start) => hardware.Where(part => part.Name.StartsWith(start, StringComparison.Ordinal)).Sum(part => part.Count);
        var plugs = wired.Joints.Where(joint => joint is { Kind: JointKind.Plug, PickUp: null }).ToList();
        Assert.Equal(plugs.Count(joint => joint.Housing.Length == 0) + plugs.Where(joint => joint.Housing.Length > 0).Select(joint => joint.Housing).Distinct().Count(), Of("Sealed plug"));
        Assert.Equal(wired.Earths.Count(earth => earth.Kind == EarthKind.Stud), Of("Star washer"));
        var ends = view.Pieces.SelectMany(piece => new[] { piece.From, piece.To }).ToList();
        Assert.Equal(0.04 * ends.Count(end => end.SlidesOn.Any(what => what.Contains("shrink", StringComparison.Ordinal))), Of("Red heat-shrink") + Of("Black heat-shrink"), 9);
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_harness_card_proves_every_wire_from_end_to_end_and_every_crimp(string shape)
    {
        var assessed = Rig(shape);
        var cuts = CutList.Of(assessed);
        var cards = HarnessCard.Of(assessed, cuts);
        Assert.Equal(cuts.Pieces.Select(piece => piece.Id).Order(StringComparer.Ordinal), cards.SelectMany(card => card.Pieces).Select(piece => piece.Id).Order(StringComparer.Ordinal));
        var tests = cards.SelectMany(card => card.Tests).ToList();
        Assert.Equal(cuts.Pieces.Select(piece => piece.Id).Order(StringComparer.Ordinal), tests.Where(test => test.Kind == BenchTestKind.Continuity).Select(test => test.Wire).Order(StringComparer.Ordinal));
        Assert.Equal(cuts.Pieces.SelectMany(piece => new[] { piece.From, piece.To }).Count(end => end.PullNewtons is not null), tests.Count(test => test.Kind == BenchTestKind.Pull));
    }

    /// <summary>By hand: the second of three cavities from the wire side is the second on the mating face, the first the third.</summary>
    [Fact]
    public void The_mating_face_of_a_plug_is_the_mirror_of_its_wire_side()
    {
        var rig = PlacedRigs.Bar;
        rig = rig with { Joints = [.. rig.Joints.Select(joint => joint.Kind == JointKind.Plug ? joint with { Housing = "Bar plug", Cavities = 3, Cavity = 1 } : joint)] };
        var assessed = AssessedRig.Of(rig);
        var plug = HarnessCard.Of(assessed, CutList.Of(assessed)).SelectMany(card => card.Plugs).First(plug => plug.Name == "Bar plug");
        Assert.Equal(3, plug.Cavities);
        Assert.All(plug.Poles, pole => Assert.Equal((1, 3), (pole.Cavity!.Value, pole.OnMatingFace!.Value)));
    }
}
