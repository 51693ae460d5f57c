using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Fitting;

public class BracketTests
{
    private static readonly Mount Open = new("m", "Mount", "s", new Point(0, 0, 1)) { Holds = [new Holder(HolderKind.Stud, 8, 10)] };
    private static readonly LampDimensions Lamp = new(100, 60, 50, 2) { Holds = [new Holder(HolderKind.Ears, 90, 110)], TailMillimetres = 200 };
    private static readonly Bracket Arm = new("Arm") { GoesOn = [new Holder(HolderKind.Stud, 8, 8)], Takes = [new Holder(HolderKind.Ears, 80, 120)], Kilograms = 0.5 };

    private static FitFinding Find(FitCard card, string id) => card.Findings.Single(finding => finding.Id == id);

    private static FitCard Fit(Mount mount, Bracket? bracket, int count = 1) =>
        LampFit.Of(mount, [.. Enumerable.Range(1, count).Select(i => new MountedLamp($"l{i}", Lamp, bracket))]);

    [Fact]
    public void A_bracket_holds_what_the_mount_alone_does_not()
    {
        Assert.Equal(Verdict.Stop, Find(Fit(Open, null), "hold").Verdict);
        var card = Fit(Open, Arm);
        Assert.Equal(Verdict.Holds, Find(card, "hold").Verdict);
        Assert.Equal(Verdict.Holds, Find(card, "bracket").Verdict);
    }

    [Fact]
    public void Its_slots_reach_so_far_and_its_own_feet_have_to_suit()
    {
        Assert.Equal(30, Find(Fit(Open, Arm with { Takes = [new Holder(HolderKind.Ears, 140, 160)] }), "hold").Figure, 1e-9);
        Assert.Equal(Verdict.Stop, Find(Fit(Open, Arm with { GoesOn = [new Holder(HolderKind.Clamp, 40, 60)] }), "bracket").Verdict);
    }

    /// <summary>By hand: 50 deep and 30 behind in 80 stand flush; 12 of offset and 3 of shims bring them out by 15.</summary>
    [Fact]
    public void Offset_and_shims_bring_the_lamp_out()
    {
        var mount = Open with { DepthMillimetres = 80, ProudMillimetres = 10 };
        Assert.Equal(0, Find(Fit(mount, Arm), "proud-middle").Figure, 1e-9);
        var out15 = Find(Fit(mount, Arm with { OffsetMillimetres = 12, ShimMillimetres = 3 }), "proud-middle");
        Assert.Equal(15, out15.Figure, 1e-9);
        Assert.Equal(Verdict.Stop, out15.Verdict);
    }

    /// <summary>By hand: a lamp 60 high, held 20 higher, needs 50 above its mount's middle and 10 below; turned over, the other way round.</summary>
    [Fact]
    public void Turned_over_it_holds_the_lamp_lower()
    {
        var mount = Open with { Free = [new KeepFree("bonnet travel", FreeWay.Above, 40)] };
        Assert.Equal(50, Find(Fit(mount, Arm with { RiseMillimetres = 20 }), "keep-free").Figure, 1e-9);
        Assert.Equal(10, Find(Fit(mount, Arm with { RiseMillimetres = 20, TurnedOver = true }), "keep-free").Figure, 1e-9);
    }

    /// <summary>By hand: three lamps of 2 kg on brackets of 0.5 kg weigh 7.5 kg; on one carrier of 0.5 kg 6.5 kg.</summary>
    [Fact]
    public void A_carrier_of_a_row_is_weighed_once()
    {
        var mount = Open with { MostKilograms = 7 };
        Assert.Equal(7.5, Find(Fit(mount, Arm, 3), "load").Figure, 1e-9);
        Assert.Equal(6.5, Find(Fit(mount, Arm with { HoldsRow = true }, 3), "load").Figure, 1e-9);
    }

    /// <summary>By hand: 100 mm behind openings of 40 take three of them; two lamps six.</summary>
    [Fact]
    public void Openings_of_a_grille_are_counted()
    {
        var grille = Open with { Openings = new Openings(5, 40, 70), Holds = Lamp.Holds };
        Assert.Equal(3, Find(Fit(grille, null), "openings").Figure);
        Assert.Equal(Verdict.Stop, Find(Fit(grille, null, 2), "openings").Verdict);
        Assert.Equal(Verdict.Watch, Find(Fit(grille with { Openings = new Openings(5, 40, 50) }, null), "opening-height").Verdict);
    }

    [Theory]
    [InlineData(40, true)]
    [InlineData(80, true)]
    [InlineData(44, true)]
    [InlineData(52, false)]
    public void Segments_stand_in_line_with_the_openings(double segment, bool inLine)
    {
        var lamp = new MountedLamp("l", Lamp with { SegmentMillimetres = segment });
        var card = LampFit.Of(Open with { Openings = new Openings(5, 40, 70), Holds = Lamp.Holds }, lamp);
        Assert.Equal(inLine, card.Findings.All(finding => finding.Id != "in-line-segments"));
    }

    [Fact]
    public void Slats_that_take_much_of_the_light_are_watched()
    {
        Assert.Equal(Verdict.Holds, Find(Fit(Open with { SlatsFraction = 0.2 }, Arm), "slats").Verdict);
        Assert.Equal(Verdict.Watch, Find(Fit(Open with { SlatsFraction = 0.4 }, Arm), "slats").Verdict);
    }
}
