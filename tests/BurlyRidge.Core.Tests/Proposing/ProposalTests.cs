using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;
using CsCheck;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>From wishes to a whole plan.</summary>
public class ProposalTests
{
    private static Rig Of(BodyKind kind, int volts = 12) => Rig.Empty(volts, UnitSystem.Metric) with { Body = GenericBody.Of(kind) };

    private static readonly Gen<Wish> AnyWish = Gen.Select(Gen.Enum<LightWanted>(), Gen.Enum<HowMuchLight>(), (light, amount) => new Wish(light, amount));

    private static readonly Gen<(BodyKind Kind, int Volts, Wishes Wishes, ProposalAim Aim)> AnyQuestion =
        from kind in Gen.Enum<BodyKind>()
        from volts in Gen.Frequency((2, Gen.Const(12)), (1, Gen.Const(24)))
        from wishes in AnyWish.List[1, 5]
        from budget in Gen.OneOf(Gen.Const((double?)null), Gen.Double[100, 1500].Select(amount => (double?)amount))
        from factory in Gen.Frequency((4, Gen.Const(false)), (1, Gen.Const(true)))
        from aim in Gen.Enum<ProposalAim>()
        select (kind, volts, new Wishes([.. wishes.DistinctBy(wish => wish.Light)]) { Budget = budget, FactorySwitchesOnly = factory }, aim);

    /// <summary>Everything fits, nothing stops, the budget is kept, every wish has its line or its reason.</summary>
    [Fact]
    public void Any_wishes() => AnyQuestion.Sample(question =>
    {
        var rig = Of(question.Kind, question.Volts);
        var proposal = Proposal.Of(rig, question.Wishes, Proposed.Catalogue, question.Aim);
        Assert.Equal(0, proposal.Tally.Stop);
        Assert.Empty(RigValidation.Validate(proposal.Rig));
        Assert.All(Cards.OfMounts(proposal.Rig), card => Assert.NotEqual(Verdict.Stop, card.Verdict));
        if (question.Wishes.Budget is { } budget) Assert.True(proposal.Price <= budget);
        foreach (var wish in question.Wishes.Lights) Assert.True(proposal.Lines.Any(line => line.Wish == wish) || proposal.NotMet.Any(left => left.Wish == wish && left.Why.Length > 0));
        var mounts = proposal.Lines.SelectMany(line => new[] { line.Option.Mount, line.Option.Other }).OfType<string>().ToList();
        Assert.Equal(mounts.Distinct(), mounts);
    }, iter: 40, seed: "0000KXkU5nd9", threads: 2);

    [Fact]
    public void The_same_question_has_the_same_answer()
    {
        var wishes = new Wishes([new Wish(LightWanted.FarAhead), new Wish(LightWanted.BackingUp), new Wish(LightWanted.Verge)]);
        var (one, other) = (Proposal.Of(Of(BodyKind.DualCab), wishes, Proposed.Catalogue, ProposalAim.FewParts), Proposal.Of(Of(BodyKind.DualCab), wishes, Proposed.Catalogue, ProposalAim.FewParts));
        Assert.Equal(JobFile.Write("Job", "", one.Rig), JobFile.Write("Job", "", other.Rig));
    }

    /// <summary>Best by trying every choice there is.</summary>
    [Fact]
    public void The_choice_is_the_best_there_is() => Gen.Select(Gen.Enum<BodyKind>(), AnyWish.List[1, 3], Gen.Enum<ProposalAim>(), Gen.Double[50, 900]).Sample((kind, lights, aim, budget) =>
    {
        var (rig, weights) = (Of(kind), Weights.Of(aim));
        var wishes = new Wishes([.. lights.DistinctBy(wish => wish.Light)]) { Budget = budget };
        double Points(LightOption? option) => option is null ? 0 : weights.Points(option, 0);
        var all = wishes.Lights.Select(wish => LightOptions.Of(rig, wish, Proposed.Catalogue).All.Cast<LightOption?>().Append(null).ToList()).ToList();
        double Best(int at, double price, IReadOnlyList<string> used) => at == all.Count ? 0 : all[at]
            .Where(option => option is null || (price + option.Price <= budget && !used.Contains(option.Mount) && (option.Other is null || !used.Contains(option.Other))))
            .Max(option => Points(option) + Best(at + 1, price + (option?.Price ?? 0), option is null ? used : [.. used, option.Mount, option.Other ?? option.Mount]));
        Assert.Equal(Best(0, 0, []), Choosing.Of(rig, wishes, Proposed.Catalogue, weights).Sum(choice => Points(choice.Option)), 1e-9);
    }, iter: 30, seed: "0000KXkU5nd9");

    /// <summary>What a good fitter would do (common practice, no source).</summary>
    [Theory]
    [InlineData(LightWanted.FarAhead, ProposalAim.FewParts, "beam-pair")]
    [InlineData(LightWanted.BackingUp, ProposalAim.MostLight, "rear-auto")]
    [InlineData(LightWanted.GrilleMarker, ProposalAim.FewParts, "parking-light")]
    [InlineData(LightWanted.Verge, ProposalAim.FewParts, "own-harness")]
    [InlineData(LightWanted.Verge, ProposalAim.EasyToExtend, "power-box")]
    public void A_light_is_fed_as_is_usual(LightWanted light, ProposalAim aim, string template) =>
        Assert.Equal(template, Assert.Single(Proposal.Of(Of(BodyKind.DualCab), new Wishes([new Wish(light)]), Proposed.Catalogue, aim).Lines).Template);

    [Fact]
    public void Covers_that_are_to_stay_do()
    {
        var rig = Of(BodyKind.DualCab);
        rig = rig with { Body = rig.Body! with { Mounts = [.. rig.Body.Mounts.Select(mount => mount with { Covers = [new Cover("Bumper")] })] } };
        var choice = Assert.Single(Choosing.Of(rig, new Wishes([new Wish(LightWanted.FarAhead)]) { CoversStay = ["bumper"] }, Proposed.Catalogue, Weights.Of(ProposalAim.FewParts)));
        Assert.Null(choice.Option);
        Assert.Equal("Bumper would have to come off.", choice.Why);
    }
}
