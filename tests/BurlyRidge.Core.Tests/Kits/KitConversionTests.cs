using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Kits;

/// <summary>Each conversion of a kit, judged by the network in every state: converted it does what is wanted; as bought it does not.</summary>
public class KitConversionTests
{
    private static readonly Fixture Lamp = new("lamp", "Lamp", [new LampFunction("main", LampKind.RegulatedLed, 40)]);
    private static readonly Fixture Marker = new("marker", "Marker", [new LampFunction("main", LampKind.ResistorLed, 4)]);

    /// <summary>A pair on a vehicle, its high beam switched in one of its wires.</summary>
    internal static Rig Pair(SwitchedSide side = SwitchedSide.Plus, bool placed = true, Fixture? lamp = null)
    {
        var rig = Rig.Empty(12, UnitSystem.Metric);
        rig = rig with
        {
            Body = placed ? GenericBody.Of(BodyKind.SingleCab) : null,
            Vehicle = rig.Vehicle with { HighBeam = new SignalLamp { Watts = 110, Switched = side }, FuseSlots = [new FuseSlot("slot", 10, Feed.Ignition, 2)] },
        };
        return LineTemplates.Build(rig, new TemplateAnswers("own-harness", "Pair", lamp ?? Lamp, 2, 2.5) { At = placed ? "grille-slot" : null }).Rig;
    }

    private static string LineOf(Rig rig) => rig.Lines[0].Id;

    public static TheoryData<string, SwitchedSide, KitWish> Conversions
    {
        get
        {
            var rows = new TheoryData<string, SwitchedSide, KitWish>();
            var beam = new KitWish(Signal.HighBeam);
            // A kit for its switch alone becomes linked to the beam by taking its switch feed from the beam wire.
            rows.Add("by-switch", SwitchedSide.Plus, beam);
            rows.Add("by-switch", SwitchedSide.Minus, beam);
            rows.Add("by-switch diode", SwitchedSide.Minus, beam);
            rows.Add("by-switch", SwitchedSide.Plus, beam with { Cab = KitCab.LeftOn });
            rows.Add("by-switch diode", SwitchedSide.Minus, beam with { Cab = KitCab.LeftOut });
            rows.Add("by-switch", SwitchedSide.Plus, new KitWish(Signal.Reverse, KitCab.LeftOut));
            // A kit for a beam switched in its plus, on a vehicle that switches the minus.
            rows.Add("by-beam", SwitchedSide.Minus, beam);
            rows.Add("by-beam diode", SwitchedSide.Minus, beam);
            rows.Add("by-beam", SwitchedSide.Minus, beam with { Cab = KitCab.LeftOn });
            rows.Add("by-adaptor diode", SwitchedSide.Minus, beam);
            rows.Add("by-adaptor diode", SwitchedSide.Minus, beam with { Cab = KitCab.LeftOut });
            // A kit for a beam, worked by its switch alone.
            rows.Add("by-beam", SwitchedSide.Plus, new KitWish());
            rows.Add("by-adaptor", SwitchedSide.Plus, new KitWish());
            // A fuse tap on a harness that ends bare, and in the place of the battery.
            rows.Add("bare", SwitchedSide.Plus, new KitWish { FeedSlot = "slot" });
            rows.Add("by-switch", SwitchedSide.Plus, new KitWish(null, KitCab.LeftOut) { FeedSlot = "slot" });
            return rows;
        }
    }

    private static Kit Kit(string name) => name.Split(' ') is [var id, .. var rest] ? SampleKits.All.First(kit => kit.Id == id && (kit.Relays.Count == 0 || kit.Relays[0].CoilDiode == rest.Contains("diode"))) : throw new ArgumentException(name);

    [Theory]
    [MemberData(nameof(Conversions))]
    public void Converted_it_does_what_is_wanted_in_every_state_and_as_bought_it_does_not(string kit, SwitchedSide side, KitWish wish)
    {
        foreach (var placed in new[] { false, true })
        {
            var rig = Pair(side, placed, kit == "bare" || wish.FeedSlot is not null ? Marker : null);
            var view = KitView.Of(rig, LineOf(rig), Kit(kit), wish);
            Assert.Empty(view.WhyNot);
            Assert.True(view.Works, string.Join('\n', view.Truth));
            Assert.False(view.WorksAsBought, string.Join('\n', view.Truth));
            Assert.NotEmpty(view.Changes);
        }
    }

    /// <summary>What needs no change gets none.</summary>
    [Theory]
    [InlineData("by-switch", SwitchedSide.Plus, null)]
    [InlineData("by-switch diode", SwitchedSide.Minus, null)]
    [InlineData("by-beam", SwitchedSide.Plus, Signal.HighBeam)]
    [InlineData("by-adaptor diode", SwitchedSide.Plus, Signal.HighBeam)]
    public void A_kit_that_does_what_is_wanted_as_bought_is_left_as_it_is(string kit, SwitchedSide side, Signal? trigger)
    {
        var rig = Pair(side, placed: false);
        var view = KitView.Of(rig, LineOf(rig), Kit(kit), new KitWish(trigger) { FusePickUp = false });
        Assert.True(view.WorksAsBought);
        Assert.True(view.Works);
        Assert.Empty(view.Changes);
    }

    [Fact]
    public void The_earth_goes_to_a_stud_or_to_the_post_as_wanted()
    {
        var rig = Pair(placed: true);
        var body = KitConversion.Of(rig, LineOf(rig), Kit("by-switch"), new KitWish { Earth = EarthKind.Stud });
        var minus = body.Converted!.Runs.Single(run => run.From.EndsWith("lamp-1-minus.a7", StringComparison.Ordinal) || (run.Kit?.Leg == "lamp lead 1" && run.Colour == "black"));
        Assert.Equal(EarthKind.Stud, body.Converted.Earths.Single(earth => earth.Id == minus.To).Kind);
        Assert.Contains(body.Changes, change => change.Act == KitAct.Cut && change.Lead == "lamp lead 1, black");
        Assert.Empty(RigValidation.Validate(body.Converted));
    }

    /// <summary>The pick-up of an earlier line is shared; on a vehicle of its own the kit puts one in.</summary>
    [Fact]
    public void An_earlier_lamps_pick_up_is_shared()
    {
        var rig = Pair();
        rig = LineTemplates.Build(rig, new TemplateAnswers("beam-pair", "Earlier", Lamp, 2, 2.5)).Rig;
        var earlier = rig.Joints.Single(joint => joint.PickUp is not null);
        var made = KitConversion.Of(rig, LineOf(rig), Kit("by-switch"), new KitWish(Signal.HighBeam) { FusePickUp = false });
        Assert.Equal(earlier, made.Converted!.Joints.Single(joint => joint.PickUp is not null));
        Assert.Contains(made.Converted.Runs, run => run.Kit is not null && run.Ends().Any(end => end.StartsWith($"{earlier.Id}.", StringComparison.Ordinal)));
        var apart = KitConversion.Of(rig, LineOf(rig), Kit("by-switch"), new KitWish(Signal.HighBeam) { SharePickUp = false });
        Assert.Equal(2, apart.Converted!.Joints.Count(joint => joint.PickUp is not null));
    }

    /// <summary>Thin leads behind the vehicle's own fuse get a small one, and then hold.</summary>
    [Fact]
    public void A_small_fuse_at_the_pick_up_protects_the_kits_thin_leads()
    {
        var rig = Pair();
        int Stops(bool fused) => KitView.Of(rig, LineOf(rig), Kit("by-beam"), new KitWish(Signal.HighBeam) { FusePickUp = fused }).Checks.Count(check => check.Id == "wire-fuse" && check.Reason.Contains("18 AWG", StringComparison.Ordinal));
        Assert.True(Stops(false) > 0);
        Assert.Equal(0, Stops(true));
    }

    /// <summary>Both halves alike: on the two mating faces one is the mirror of the other.</summary>
    [Fact]
    public void Contacts_change_places_in_both_halves_of_the_adaptor()
    {
        var rig = Pair(SwitchedSide.Minus);
        var table = KitView.Of(rig, LineOf(rig), Kit("by-adaptor diode"), new KitWish(Signal.HighBeam)).Pins.Single(table => table.Columns == 3);
        Assert.Equal(["3", "2", "1"], table.Pins.Select(pin => pin.Mate));
        Assert.Equal(["trigger lead, blue", "", "return lead, grey"], table.Pins.Select(pin => pin.Before));
        Assert.Equal(["return lead, grey", "", "trigger lead, blue"], table.Pins.Select(pin => pin.After));
    }

    /// <summary>With a diode in the relay, plus has to come to its plus end.</summary>
    [Fact]
    public void The_coils_contacts_change_places_where_its_diode_asks_for_it()
    {
        var rig = Pair(SwitchedSide.Minus);
        var relay = KitView.Of(rig, LineOf(rig), Kit("by-beam diode"), new KitWish(Signal.HighBeam)).Pins.Single(table => table.Columns is null);
        Assert.Equal(("switch lead, white", "coil earth, black"), relay.Pins.Where(pin => pin.Pin == "86").Select(pin => (pin.Before, pin.After)).Single());
        Assert.DoesNotContain(KitView.Of(rig, LineOf(rig), Kit("by-beam"), new KitWish(Signal.HighBeam)).Changes, change => change.Act == KitAct.MovePin);
    }

    /// <summary>An earthed switch lamp on a vehicle that switches the minus is pulled off.</summary>
    [Fact]
    public void The_earth_of_the_switch_lamp_is_capped_on_a_negative_switched_beam()
    {
        var rig = Pair(SwitchedSide.Minus);
        var made = KitConversion.Of(rig, LineOf(rig), Kit("by-beam"), new KitWish(Signal.HighBeam));
        var lamp = Assert.Single(made.Converted!.Switches).Id;
        Assert.DoesNotContain(made.Converted.Runs, run => run.Ends().Contains($"{lamp}.lamp"));
        Assert.Contains(made.Changes, change => change.Act == KitAct.Cap);
    }

    [Theory]
    [InlineData("bare", null, KitCab.InDash, "fuse slot")]
    [InlineData("bare", Signal.HighBeam, KitCab.LeftOut, "no relay")]
    [InlineData("by-switch", null, KitCab.LeftOn, "turn it off")]
    public void A_kit_that_cannot_serve_says_why_and_what_would(string kit, Signal? trigger, KitCab cab, string why)
    {
        var rig = Pair();
        var view = KitView.Of(rig, LineOf(rig), Kit(kit), new KitWish(trigger, cab));
        Assert.Contains(view.WhyNot, reason => reason.Contains(why, StringComparison.Ordinal));
        Assert.IsType<EditOutcome.NotPossible>(new TakeKit(LineOf(rig), kit, new KitWish(trigger, cab)).Run(new EditContext(rig) { Kits = SampleKits.All }));
    }

    [Fact]
    public void One_plug_does_not_serve_two_lamps()
    {
        var rig = Pair();
        Assert.Contains("Y lead", Assert.Single(KitView.Of(rig, LineOf(rig), SampleKits.BySwitch(lamps: 1), new KitWish()).WhyNot), StringComparison.Ordinal);
    }

    /// <summary>Taken into the plan it is a valid rig whose line has the kit's wires, and whose lamps are where they were.</summary>
    [Theory]
    [MemberData(nameof(Conversions))]
    public void It_is_taken_into_the_plan(string kit, SwitchedSide side, KitWish wish)
    {
        var rig = Pair(side, lamp: wish.FeedSlot is null ? null : Marker);
        var done = Assert.IsType<EditOutcome.Done>(new TakeKit(LineOf(rig), Kit(kit).Id, wish).Run(new EditContext(rig) { Kits = [Kit(kit)] }));
        Assert.Empty(RigValidation.Validate(done.Rig));
        Assert.Equal(rig.Fixtures, done.Rig.Fixtures);
        Assert.Equal(rig.Lines, done.Rig.Lines);
        Assert.Equal(rig.Places.Where(place => rig.Fixtures.Any(lamp => lamp.Id == place.Part)), done.Rig.Places.Where(place => rig.Fixtures.Any(lamp => lamp.Id == place.Part)));
        Assert.Contains(done.Rig.Runs, run => run.Kit is not null);
        Assert.Equal(Outcome.Converged, AssessedRig.Of(done.Rig).In([new RigState { Key = true }]).States[0].Outcome);
    }
}
