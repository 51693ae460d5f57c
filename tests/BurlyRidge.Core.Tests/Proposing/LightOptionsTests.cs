using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>From a light that is wanted to lamps on mounts.</summary>
public class LightOptionsTests
{
    /// <summary>Where a fitter would put it (common practice, no source).</summary>
    [Theory]
    [InlineData(BodyKind.DualCab, LightWanted.FarAhead, "bumper-slot")]
    [InlineData(BodyKind.DualCab, LightWanted.WideAhead, "nudge-bar")]
    [InlineData(BodyKind.DualCab, LightWanted.Verge, "hinge-mount-left")]
    [InlineData(BodyKind.LongWagon, LightWanted.Cornering, "hinge-mount-left")]
    [InlineData(BodyKind.SingleCab, LightWanted.BackingUp, "rear-left")]
    [InlineData(BodyKind.DualCab, LightWanted.RoundTheBed, "tray-rail")]
    [InlineData(BodyKind.LongWagon, LightWanted.RoundTheBed, "roof-rear-bar")]
    [InlineData(BodyKind.CabChassis, LightWanted.AtTheHitch, "tow-receiver")]
    [InlineData(BodyKind.Van, LightWanted.LoadingSide, "opening-head")]
    [InlineData(BodyKind.ShortWagon, LightWanted.GrilleMarker, "grille-slot")]
    [InlineData(BodyKind.Van, LightWanted.Inside, "opening-head")]
    public void A_light_has_its_place(BodyKind kind, LightWanted light, string mount) =>
        Assert.Contains(Sites.Of(GenericBody.Of(kind), light), site => site.Mount.Id == mount);

    [Theory]
    [InlineData(BodyKind.DualCab, LightWanted.FarAhead, "hinge-mount-left")]
    [InlineData(BodyKind.DualCab, LightWanted.BackingUp, "tray-rail")]
    [InlineData(BodyKind.DualCab, LightWanted.BackingUp, "headboard-bar")]
    [InlineData(BodyKind.Van, LightWanted.BackingUp, "opening-head")]
    [InlineData(BodyKind.Van, LightWanted.FarAhead, "opening-head")]
    [InlineData(BodyKind.LongWagon, LightWanted.AtTheHitch, "roof-rear-bar")]
    public void And_not_another(BodyKind kind, LightWanted light, string mount) =>
        Assert.DoesNotContain(Sites.Of(GenericBody.Of(kind), light), site => site.Mount.Id == mount || site.Other?.Id == mount);

    public static TheoryData<BodyKind, LightWanted> Everything()
    {
        var all = new TheoryData<BodyKind, LightWanted>();
        foreach (var kind in Enum.GetValues<BodyKind>())
            foreach (var light in Enum.GetValues<LightWanted>()) all.Add(kind, light);
        return all;
    }

    /// <summary>As the fit cards of the rig say once the lamps are on it; and where nothing goes it is said why.</summary>
    [Theory]
    [MemberData(nameof(Everything))]
    public void What_is_proposed_goes_there(BodyKind kind, LightWanted light)
    {
        var rig = Proposed.Of(kind);
        var options = LightOptions.Of(rig, new Wish(light), Proposed.Catalogue);
        Assert.Equal(options.All.Count == 0, options.WhyNone.Length > 0);
        foreach (var option in options.All)
        {
            var ids = Enumerable.Range(1, option.Count).Select(i => $"lamp-{i}").ToList();
            var placed = rig with
            {
                Fixtures = [.. ids.Select(id => option.Lamp.Fixture with { Id = id })],
                Places = [.. ids.Select((id, i) => new Place(id, i == 1 && option.Other is { } other ? other : option.Mount))],
            };
            Assert.All(Cards.OfMounts(placed), card => Assert.NotEqual(Verdict.Stop, card.Verdict));
            Assert.Equal(option.Count * option.Lamp.Fixture.Functions[0].Power, option.Watts);
        }
        var enough = options.All.Select(option => option.Share >= 1).ToList();
        Assert.Equal(enough.OrderDescending(), enough);
    }

    /// <summary>I0 = Φ(m + 1)/2π of a cosine-power source, E = I/d²: a pod of 22 W astern is taken for 1,540 lm of 80° by 60°.</summary>
    [Fact]
    public void Light_follows_the_inverse_square()
    {
        var pair = LightOptions.Of(Proposed.Of(BodyKind.DualCab), new Wish(LightWanted.BackingUp), Proposed.Catalogue).All.First(option => option.Mount == "rear-left");
        double M(double degrees) => Math.Log(0.5) / Math.Log(Math.Cos(degrees / 2 * Math.PI / 180));
        var axial = 22 * 70 * Math.Sqrt((M(80) + 1) * (M(60) + 1)) / (2 * Math.PI);
        Assert.Equal(2 * axial / 100, pair.Lux!.Value, 1e-9);
        Assert.Equal(pair.Lux.Value / 15, pair.Share, 1e-9);
        var target = LightTarget.Of(new Wish(LightWanted.BackingUp))!;
        Assert.Equal(target.Lux, (target with { Metres = 2 * target.Metres }).Lux);
    }

    [Fact]
    public void More_light_is_asked_of_fewer_lamps()
    {
        int Enough(HowMuchLight amount) => LightOptions.Of(Proposed.Of(BodyKind.DualCab), new Wish(LightWanted.FarAhead, amount), Proposed.Catalogue).All.Count(option => option.Share >= 1);
        Assert.True(Enough(HowMuchLight.Little) >= Enough(HowMuchLight.Usual));
        Assert.True(Enough(HowMuchLight.Usual) > Enough(HowMuchLight.Much));
    }

    [Fact]
    public void A_taken_mount_is_left_alone()
    {
        var rig = Proposed.Of(BodyKind.DualCab) with { Fixtures = [Proposed.Catalogue[1].Fixture], Places = [new Place("pod", "rear-right")] };
        Assert.DoesNotContain(LightOptions.Of(rig, new Wish(LightWanted.BackingUp), Proposed.Catalogue).All, option => option.Mount == "rear-left");
        rig = rig with { Wishes = new Wishes { MayMove = ["pod"] } };
        Assert.Contains(LightOptions.Of(rig, new Wish(LightWanted.BackingUp), Proposed.Catalogue).All, option => option.Mount == "rear-left" && option.Moves.SequenceEqual(["pod"]));
    }

    /// <summary>What would have to give is said.</summary>
    [Fact]
    public void A_condition_leaves_what_it_leaves()
    {
        string Why(LightWanted light, Wishes wishes) => LightOptions.Of(Proposed.Of(BodyKind.DualCab) with { Wishes = wishes }, new Wish(light), Proposed.Catalogue).WhyNone;
        Assert.Contains("2 holes would have to be drilled", Why(LightWanted.BackingUp, new Wishes { NothingDrilled = true }), StringComparison.Ordinal);
        Assert.Contains("2 holes would have to be drilled", Why(LightWanted.BackingUp, new Wishes { BackToStandard = true }), StringComparison.Ordinal);
        Assert.Contains("would be seen", Why(LightWanted.Verge, new Wishes { NotSeenWhenOff = true }), StringComparison.Ordinal);
        Assert.Empty(Why(LightWanted.GrilleMarker, new Wishes { NotSeenWhenOff = true, NothingDrilled = true }));
        var covered = Proposed.Of(BodyKind.DualCab);
        covered = covered with { Body = covered.Body! with { Mounts = [.. covered.Body.Mounts.Select(mount => mount with { Covers = [new Cover("Bumper")] })] }, Wishes = new Wishes { CoversStay = ["bumper"] } };
        Assert.Contains("Bumper would have to come off for", LightOptions.Of(covered, new Wish(LightWanted.FarAhead), Proposed.Catalogue).WhyNone, StringComparison.Ordinal);
    }

    /// <summary>A lamp that no mount holds as it is goes on with a bracket that somebody sells.</summary>
    [Fact]
    public void A_bracket_is_taken_where_it_must()
    {
        var pod = Proposed.Catalogue.First(lamp => lamp.Fixture.Id == "pod");
        var bracket = new Bracket("clamp") { GoesOn = [new Holder(HolderKind.Clamp, 38, 63)], Takes = [new Holder(HolderKind.Stud, 8, 8)] };
        var seller = pod with { Fixture = pod.Fixture with { Id = "with-clamp", Bracket = bracket } };
        bool OnRail(params IReadOnlyList<CatalogueLamp> lamps) => LightOptions.Of(Proposed.Of(BodyKind.DualCab), new Wish(LightWanted.RoundTheBed), lamps).All.Any(option => option is { Mount: "headboard-bar", Lamp.Fixture: { Id: "pod", Bracket.Name: "clamp" } });
        Assert.Equal((false, true), (OnRail(pod) || LightOptions.Of(Proposed.Of(BodyKind.DualCab), new Wish(LightWanted.RoundTheBed), [pod]).All.Any(option => option.Mount == "headboard-bar"), OnRail(pod, seller)));
    }

    [Theory]
    [InlineData("No vehicle is chosen", LightWanted.FarAhead, 12, false, "bar")]
    [InlineData("No mount of this vehicle", LightWanted.Inside, 12, true, "strip")]
    [InlineData("no lamp for that", LightWanted.GrilleMarker, 12, true, "bar")]
    [InlineData("is made for 24 V", LightWanted.FarAhead, 24, true, "bar")]
    [InlineData("No lamp of the catalogue goes on", LightWanted.Verge, 12, true, "bar")]
    public void Why_there_is_none_is_said(string why, LightWanted light, int volts, bool body, string lamp)
    {
        var rig = body ? Proposed.Of(BodyKind.DualCab, volts) : Rig.Empty(volts, UnitSystem.Metric);
        var options = LightOptions.Of(rig, new Wish(light), [.. Proposed.Catalogue.Where(one => one.Fixture.Id == lamp).Select(one => one with { Fixture = one.Fixture with { Functions = [one.Fixture.Functions[0] with { MaxVolts = volts == 24 ? 16 : null }] } })]);
        Assert.Empty(options.All);
        Assert.Contains(why, options.WhyNone, StringComparison.Ordinal);
    }
}
