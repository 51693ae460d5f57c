using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Core.Tests.Kits;

/// <summary>Legs of a kit against the lanes that they would lie in.</summary>
public class KitReachTests
{
    private static readonly Rig Pair = KitConversionTests.Pair();

    private static string Line => Pair.Lines[0].Id;

    private static Kit With(string leg, double metres) => SampleKits.BySwitch() with
    {
        Legs = [.. SampleKits.BySwitch().Legs.Select(one => one.Name == leg ? one with { Metres = metres } : one)],
    };

    [Theory]
    [InlineData(0.5)]
    [InlineData(1)]
    [InlineData(6)]
    public void A_leg_reaches_or_is_extended_by_what_it_is_short(double metres)
    {
        var kit = With("lamp lead 1", metres);
        var view = KitView.Of(Pair, Line, kit, new KitWish());
        var leg = view.Legs.Single(leg => leg.Leg == "lamp lead 1");
        var long6 = KitView.Of(Pair, Line, With("lamp lead 1", 6), new KitWish()).Legs.Single(leg => leg.Leg == "lamp lead 1");
        Assert.Equal(6 - long6.OverMetres!.Value, long6.NeedsMetres!.Value, 9);
        if (metres >= long6.NeedsMetres)
        {
            Assert.Empty(leg.Extension);
            Assert.NotEmpty(leg.CoilAt);
            return;
        }
        Assert.NotEmpty(leg.Extension);
        var made = KitConversion.Of(Pair, Line, kit, new KitWish()).Converted!;
        Assert.Empty(RigValidation.Validate(made));
        // Both cores are longer by the same, and the extension is cut from a reel.
        var added = made.Runs.Where(run => run.Id.Contains("extension", StringComparison.Ordinal)).ToList();
        Assert.Equal(2, added.Count);
        Assert.All(added, run => Assert.False(run.Given));
        var lamps = RoutedRig.Of(made).Rig;
        foreach (var run in added)
        {
            var whole = lamps.Runs.Single(other => other.To == run.From.Replace(".b", ".a", StringComparison.Ordinal)).LengthMetres + lamps.Runs.Single(other => other.Id == run.Id).LengthMetres;
            Assert.True(whole >= long6.NeedsMetres - 0.05, $"{whole} of {long6.NeedsMetres}");
        }
        Assert.True(view.Works);
    }

    [Fact]
    public void A_lead_before_its_fuse_is_never_extended()
    {
        var rig = Pair with { Places = [.. Pair.Places.Where(place => place.Part == "lamp" || place.Part == "lamp-2")] };
        var kit = SampleKits.BySwitch() with { Legs = [.. SampleKits.BySwitch().Legs.Select(leg => leg.Name == "battery lead" ? leg with { Cores = [new KitCore(KitEnds.Plus, "relay.30", "red")] } : leg)] };
        var made = KitConversion.Of(rig, Line, kit, new KitWish { RelayAt = "dash" });
        Assert.Contains(made.Changes, change => change is { Act: KitAct.Extend, Lead: "battery lead" } && change.Words.Contains("never extended", StringComparison.Ordinal));
        Assert.DoesNotContain(made.Converted!.Runs, run => run.Ends().Contains("battery.plus") && run.Kit is null);
    }

    [Fact]
    public void The_relay_sits_no_further_from_the_battery_than_its_leads_reach()
    {
        var near = KitView.Of(Pair, Line, With("relay lead", 0.4), new KitWish());
        var far = KitView.Of(Pair, Line, With("relay lead", 2.4), new KitWish());
        Assert.Equal(2 / (1 + Pair.HouseRules.SlackFraction), far.RelayReachMetres!.Value - near.RelayReachMetres!.Value, 9);
        Assert.Superset(near.RelayPlaces.ToHashSet(), far.RelayPlaces.ToHashSet());
        Assert.True(far.RelayPlaces.Count > near.RelayPlaces.Count);
    }

    /// <summary>What is in its box is not bought again; what was cut is made off.</summary>
    [Fact]
    public void The_bench_buys_the_kit_once_and_nothing_that_comes_with_it()
    {
        var made = KitConversion.Of(Pair, Line, SampleKits.BySwitch(), new KitWish(Signal.HighBeam)).Converted!;
        var view = BenchView.Of(AssessedRig.Of(made), new Dictionary<string, WireForSale>());
        Assert.Equal("Trail harness", Assert.Single(view.Parts, part => part.Group == PartGroup.Kits).Name);
        Assert.DoesNotContain(view.Parts, part => part.Group == PartGroup.Control);
        Assert.DoesNotContain(view.Pieces, piece => made.Runs.Single(run => run.Id == piece.Id).Kit is not null);
        Assert.Contains(view.Endings, end => end.Wires.Any(wire => made.Runs.Single(run => run.Id == wire).Kit is { CutFrom: true }));
    }

    [Theory]
    [InlineData("fuses[0].amps")]
    [InlineData("legs[1].metres")]
    [InlineData("legs[0].cores[0].to")]
    [InlineData("relays[0].pinout")]
    [InlineData("price")]
    [InlineData("legs[3].wire")]
    [InlineData("adaptor.back")]
    public void What_is_wrong_with_a_kit_is_told_by_its_field(string path)
    {
        var kit = SampleKits.BySwitch();
        Assert.Empty(KitValidation.Validate(kit));
        var wrong = path switch
        {
            "fuses[0].amps" => kit with { Fuses = [new KitFuse("fuse", 23)] },
            "legs[1].metres" => kit with { Legs = [.. kit.Legs.Select((leg, i) => i == 1 ? leg with { Metres = 0 } : leg)] },
            "legs[0].cores[0].to" => kit with { Legs = [.. kit.Legs.Select((leg, i) => i == 0 ? leg with { Cores = [leg.Cores[0] with { To = "fuse.side" }] } : leg)] },
            "relays[0].pinout" => kit with { Relays = [kit.Relays[0] with { Pinout = new RelayPinout(Open: "30") }] },
            "price" => kit with { Price = 0 },
            "legs[3].wire" => kit with { Legs = [.. kit.Legs.Select((leg, i) => i == 3 ? leg with { Wire = "13 AWG" } : leg)] },
            _ => kit with { Adaptor = new KitAdaptor("three", 3, 1, 2, 2) },
        };
        Assert.Contains(KitValidation.Validate(wrong), problem => problem.Path == path);
    }
}
