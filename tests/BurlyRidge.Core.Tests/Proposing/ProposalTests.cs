using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Proposing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support;
using CsCheck;

namespace BurlyRidge.Core.Tests.Proposing;

/// <summary>From wishes to whole plans.</summary>
public class ProposalTests
{
    private static readonly Gen<Wish> AnyWish = Gen.Select(Gen.Enum<LightWanted>(), Gen.Enum<HowMuchLight>(), (light, amount) => new Wish(light, amount));

    private static readonly Gen<Wishes> AnyWishes =
        from lights in AnyWish.List[1, 5]
        from budget in Gen.OneOf(Gen.Const((double?)null), Gen.Double[150, 2500].Select(amount => (double?)amount))
        from asks in Gen.Int[0, 63]
        from later in Gen.Enum<LightWanted>().List[0, 2]
        select new Wishes
        {
            Lights = [.. lights.DistinctBy(wish => wish.Light)],
            Later = [.. later.Distinct()],
            Budget = budget,
            NothingDrilled = (asks & 1) > 0,
            NothingCut = (asks & 2) > 0,
            NotSeenWhenOff = (asks & 60) == 4,
            FactorySwitchesOnly = (asks & 24) == 8,
            CoversStay = (asks & 32) > 0 ? ["Headlining edge"] : [],
        };

    private static readonly AuxOutput[] Outputs = [new("aux-1", 30, "4 mm²", Feed.Ignition), new("aux-2", 15, "2.5 mm²", Feed.Ignition), new("aux-3", 10, "1.5 mm²", Feed.Battery)];

    private static readonly Gen<Rig> AnyQuestion =
        from kind in Gen.Enum<BodyKind>()
        from volts in Gen.Frequency((2, Gen.Const(12)), (1, Gen.Const(24)))
        from outputs in Gen.Bool
        from wishes in AnyWishes
        let rig = Proposed.Of(kind, volts)
        select rig with { Wishes = wishes, Vehicle = outputs ? rig.Vehicle with { AuxOutputs = Outputs } : rig.Vehicle };

    /// <summary>Everything fits, nothing stops, ratings and conditions are kept, every wish has its line or its reason.</summary>
    [Fact]
    public void Any_wishes() => Ask(100);

    /// <summary>The same of 300 customers; ./bench plans.</summary>
    [Fact(Explicit = true)]
    public void Three_hundred_random_wishes() => Ask(300);

    private static void Ask(int questions) => AnyQuestion.Sample(rig =>
    {
        var all = ProposalSet.Of(rig, Proposed.Trade).All;
        Assert.NotEmpty(all);
        for (var i = 0; i < all.Count; i++)
            for (var j = 0; j < i; j++) Assert.True(all[i].DiffersIn(all[j]) >= ProposalSet.LeastDifference);
        foreach (var proposal in all) Holds(rig, proposal);
    }, iter: questions, seed: "0000KXkU5nd9", threads: 2);

    private static void Holds(Rig rig, Proposal proposal)
    {
        Assert.Equal(0, proposal.Tally.Stop);
        Assert.Empty(RigValidation.Validate(proposal.Rig));
        Assert.All(Cards.OfMounts(proposal.Rig), card => Assert.NotEqual(Verdict.Stop, card.Verdict));
        foreach (var wish in rig.Wishes.Lights)
            Assert.True(proposal.Lines.Any(line => line.Planned.Light == wish.Light) != proposal.NotMet.Any(left => left.Light == wish.Light && !proposal.Lines.Any(line => line.Planned.Light == left.Light)));
        Assert.All(proposal.NotMet, left => Assert.NotEqual("", left.Why));
        if (rig.Wishes.Budget is { } budget) Assert.True(proposal.Price <= budget || proposal.Lines.Count == 0);
        if (rig.Wishes.NothingDrilled) Assert.Equal(0, proposal.Holes);
        if (rig.Wishes.NothingCut) Assert.All(proposal.Rig.Joints.Where(joint => joint.PickUp is not null), joint => Assert.Equal(JointKind.Plug, joint.Kind));
        if (rig.Wishes.FactorySwitchesOnly) Assert.Empty(proposal.Rig.Switches);
        if (rig.Wishes.NotSeenWhenOff) Assert.All(Mounts(proposal), mount => Assert.Equal(Shows.Hidden, rig.Body!.Mounts.First(other => other.Id == mount).Shows));
        Assert.Empty(proposal.CoversOff.Intersect(rig.Wishes.CoversStay, StringComparer.OrdinalIgnoreCase));
        Assert.Equal(Mounts(proposal).Distinct(), Mounts(proposal));
        // What an output works draws no more than its house rule allows of the rating.
        foreach (var output in proposal.Rig.Vehicle.AuxOutputs)
            Assert.True(Draws(proposal.Rig, $"{output.Id}.out") <= output.RatingAmps * proposal.Rig.HouseRules.FuseLoadFraction * 1.001);
        foreach (var box in proposal.Rig.PowerBoxes)
        {
            foreach (var output in box.Outputs) Assert.True(Draws(proposal.Rig, $"{box.Id}.{output.Id}") <= output.RatingAmps * proposal.Rig.HouseRules.FuseLoadFraction * 1.001);
            Assert.True(box.Outputs.Sum(output => Draws(proposal.Rig, $"{box.Id}.{output.Id}")) <= box.TotalAmps);
        }
    }

    private static List<string> Mounts(Proposal proposal) => [.. proposal.Rig.Places.Where(place => proposal.Rig.Fixtures.Any(lamp => lamp.Id == place.Part)).GroupBy(place => place.At).Select(group => group.Key)];

    /// <summary>What lamps draw of lines that begin at a terminal, by their watts at system volts, A; a relay's coil is next to nothing.</summary>
    private static double Draws(Rig rig, string terminal)
    {
        var (seen, open) = (new HashSet<string>(StringComparer.Ordinal), new Queue<string>([terminal]));
        while (open.TryDequeue(out var at))
        {
            if (!seen.Add(at)) continue;
            foreach (var run in rig.Runs.Where(run => run.From == at)) open.Enqueue(run.To);
            var (part, pin) = TerminalIndex.Split(at);
            if (rig.Joints.Any(joint => joint.Id == part) || rig.Vehicle.PassThroughs.Any(lead => lead.Id == part))
                foreach (var other in rig.Runs.SelectMany(run => run.Ends()).Where(end => TerminalIndex.Split(end).Part == part)) open.Enqueue(other);
            if (rig.Relays.FirstOrDefault(relay => relay.Id == part) is { } relay && pin == relay.Pinout.Common) open.Enqueue($"{part}.{relay.Pinout.Open}");
        }
        return rig.Fixtures.Where(lamp => seen.Contains($"{lamp.Id}.{lamp.Functions[0].Plus}")).Sum(lamp => lamp.Functions[0].Power) / rig.Vehicle.SystemVolts;
    }

    [Fact]
    public void The_same_question_has_the_same_answer()
    {
        var rig = Proposed.Of(BodyKind.DualCab).Wanting(LightWanted.FarAhead, LightWanted.BackingUp, LightWanted.Verge);
        var (one, other) = (ProposalSet.Of(rig, Proposed.Trade).All, ProposalSet.Of(rig, Proposed.Trade).All);
        Assert.Equal(one.Select(proposal => JobFile.Write("Job", "", proposal.Rig)), other.Select(proposal => JobFile.Write("Job", "", proposal.Rig)));
    }

    /// <summary>Six lights of a dual cab at 12 V: three plans that differ, all of them met, and what each is after shows.</summary>
    [Fact]
    public void Plans_stand_beside_each_other()
    {
        var rig = Proposed.Of(BodyKind.DualCab).Wanting(LightWanted.FarAhead, LightWanted.WideAhead, LightWanted.Verge, LightWanted.BackingUp, LightWanted.RoundTheBed, LightWanted.GrilleMarker);
        var all = ProposalSet.Of(rig, Proposed.Trade).All;
        Assert.InRange(all.Count, 2, 3);
        Proposal Best(ProposalAim aim) => Assert.Single(all, proposal => proposal.Aims.Contains(aim));
        Assert.Equal([], all.SelectMany(proposal => proposal.NotMet).Select(left => $"{left.Light}: {left.Why}"));
        Assert.Equal(all.Min(proposal => proposal.Parts), Best(ProposalAim.FewParts).Parts);
        Assert.Equal(all.Max(proposal => proposal.Lumens), Best(ProposalAim.MostLight).Lumens);
        Assert.Equal(all.Max(proposal => proposal.FreeOutputs), Best(ProposalAim.EasyToExtend).FreeOutputs);
        Assert.All(all.SelectMany(proposal => proposal.Lines), line => Assert.DoesNotContain("", new[] { line.Name, line.Lamp, line.At, line.Feed, line.Wire, line.Why.Lamp, line.Why.Mount, line.Why.Feed }));
    }

    /// <summary>Line by line: what was decided, built again, is what was shown; and what stands stays.</summary>
    [Fact]
    public void What_is_taken_stands()
    {
        var rig = Proposed.Of(BodyKind.DualCab).Wanting(LightWanted.FarAhead, LightWanted.BackingUp);
        Rig Take(params IReadOnlyList<PlannedLight> lines) => Assert.IsType<EditOutcome.Done>(new TakeProposal(lines).Run(new EditContext(rig) { Lamps = Proposed.Catalogue })).Rig;
        var all = ProposalSet.Of(rig, Proposed.Trade).All;
        Assert.All(all, proposal => Assert.Equal(JobFile.Write("Job", "", proposal.Rig), JobFile.Write("Job", "", Take([.. proposal.Lines.Select(line => line.Planned)]))));
        var taken = Take(all[0].Lines[0].Planned);
        var again = ProposalSet.Of(taken, Proposed.Trade);
        Assert.Equal([LightWanted.FarAhead], again.Standing);
        Assert.All(again.All, proposal => Assert.Equal([LightWanted.BackingUp], proposal.Lines.Select(line => line.Planned.Light)));
        Assert.All(again.All, proposal => Assert.Equal((taken.Lines[0].Id, taken.Lines[0].Name), (proposal.Rig.Lines[0].Id, proposal.Rig.Lines[0].Name)));
        Assert.All(taken.Runs, run => Assert.All(again.All, proposal => Assert.Contains(run.Id, proposal.Rig.Runs.Select(other => other.Id))));
        Assert.Empty(ProposalSet.Of(taken with { Wishes = taken.Wishes with { Lights = [taken.Wishes.Lights[0]] } }, Proposed.Trade).All);
    }

    /// <summary>What is named first is kept longest, and what does not come says what all would cost.</summary>
    [Fact]
    public void A_budget_is_kept()
    {
        var rig = Proposed.Of(BodyKind.LongWagon).Wanting(LightWanted.FarAhead, LightWanted.BackingUp, LightWanted.RoundTheBed);
        var all = ProposalSet.Of(rig, Proposed.Trade).All[0].Price;
        var less = ProposalSet.Of(rig with { Wishes = rig.Wishes with { Budget = 0.6 * all } }, Proposed.Trade).All[0];
        Assert.True(less.Price <= 0.6 * all);
        Assert.Equal(LightWanted.FarAhead, less.Lines[0].Planned.Light);
        Assert.Contains(less.NotMet, left => left.Light == LightWanted.RoundTheBed && left.Why.Contains("budget", StringComparison.Ordinal));
    }

    /// <summary>Best by trying every choice there is.</summary>
    [Fact]
    public void The_choice_is_the_best_there_is() => Gen.Select(Gen.Enum<BodyKind>(), AnyWish.List[1, 3], Gen.Enum<ProposalAim>(), Gen.Double[50, 900]).Sample((kind, lights, aim, budget) =>
    {
        var (rig, scale) = (Proposed.Of(kind), Scale.Of(aim, new WishWeights(), Proposed.Of(kind).Vehicle));
        var found = lights.DistinctBy(wish => wish.Light).Select(wish => (wish, Options: LightOptions.Of(rig, wish, Proposed.Catalogue))).ToList();
        double Points(LightOption? option) => option is null ? 0 : scale.Points(option);
        double Best(int at, double price, IReadOnlyList<string> used) => at == found.Count ? 0 : found[at].Options.All.Cast<LightOption?>().Append(null)
            .Where(option => option is null || (price + option.Price <= budget && !option.Mounts().Any(used.Contains)))
            .Max(option => Points(option) + Best(at + 1, price + (option?.Price ?? 0), option is null ? used : [.. used, .. option.Mounts()]));
        Assert.Equal(Best(0, 0, []), Choosing.Of(found, scale, budget).Sum(choice => Points(choice.Option)), 1e-9);
    }, iter: 30, seed: "0000KXkU5nd9");

    /// <summary>What is weighed more is kept better.</summary>
    [Fact]
    public void Weights_move_the_choice()
    {
        Proposal Few(WishWeights weights)
        {
            var rig = Proposed.Of(BodyKind.DualCab).Wanting(LightWanted.FarAhead, LightWanted.RoundTheBed, LightWanted.LoadingSide);
            return ProposalSet.Of(rig with { Wishes = rig.Wishes with { Weights = weights } }, Proposed.Trade).All[0];
        }
        Assert.True(Few(new WishWeights(Holes: 3)).Holes <= Few(new WishWeights(Holes: 0)).Holes);
        Assert.True(Few(new WishWeights(Price: 3, Light: 0.3)).Price < Few(new WishWeights(Price: 0, Parts: 0, Light: 3)).Price);
    }

    /// <summary>Half the alternator makes a watt count twice, and 24 V make it count half: P = U·I.</summary>
    [Theory]
    [InlineData(12, 120, 1)]
    [InlineData(12, 60, 2)]
    [InlineData(24, 120, 0.5)]
    public void Watts_count_against_the_supply(int volts, double amps, double times) =>
        Assert.Equal(times * Scale.Of(ProposalAim.FewParts, new WishWeights(), Vehicle.Usual(12)).Watts, Scale.Of(ProposalAim.FewParts, new WishWeights(), Vehicle.Usual(volts) with { Alternator = new Alternator(CruiseAmps: amps) }).Watts, 1e-9);

    [Fact]
    public void A_lamp_that_may_move_makes_room()
    {
        var rig = Proposed.Of(BodyKind.DualCab).Wanting(LightWanted.GrilleMarker);
        var pod = Proposed.Catalogue.First(lamp => lamp.Fixture.Id == "bar").Fixture with { Id = "there" };
        rig = rig with { Fixtures = [pod], Places = [new Place("there", "grille-slot")] };
        Assert.Contains("already", Assert.Single(ProposalSet.Of(rig, Proposed.Trade).All[0].NotMet).Why, StringComparison.Ordinal);
        var moving = ProposalSet.Of(rig with { Wishes = rig.Wishes with { MayMove = ["there"] } }, Proposed.Trade).All[0];
        Assert.NotEqual("grille-slot", moving.Rig.Places.First(place => place.Part == "there").At);
        Assert.Contains("goes to", Assert.Single(moving.Lines).Why.Mount, StringComparison.Ordinal);
    }

    /// <summary>With a harness at hand it is used where it serves; where it does not, the answer says so, and the lights are met all the same.</summary>
    [Fact]
    public void A_kit_at_hand_is_used()
    {
        var kit = SampleKits.BySwitch();
        ProposalSet With(int volts, params IReadOnlyList<LightWanted> lights)
        {
            var rig = Proposed.Of(BodyKind.DualCab, volts).Wanting(lights);
            rig = rig with { Wishes = rig.Wishes with { KitAtHand = kit.Id, Lights = [.. rig.Wishes.Lights.Select(wish => wish with { Worked = WorkedHow.BySwitch })] } };
            return ProposalSet.Of(rig, Proposed.Trade with { Kits = [kit] });
        }
        var alone = With(12, LightWanted.WideAhead);
        Assert.Equal((kit.Id, ""), (Assert.Single(alone.All[0].Lines).Planned.Kit, alone.KitUnused));
        Assert.Contains(alone.All[0].Lines[0].Notes, note => note.Contains("protects its wires", StringComparison.Ordinal));
        var other = With(24, LightWanted.RoundTheBed, LightWanted.LoadingSide);
        Assert.Equal((2, "Trail harness can be used for none of these lights."), (other.All[0].Lines.Count, other.KitUnused));
    }

    [Fact]
    public void It_can_be_stopped()
    {
        using var source = new CancellationTokenSource();
        var rig = Proposed.Of(BodyKind.DualCab).Wanting(LightWanted.FarAhead, LightWanted.Verge, LightWanted.BackingUp);
        Assert.ThrowsAny<OperationCanceledException>(() => ProposalSet.Of(rig, Proposed.Trade, _ => source.Cancel(), source.Token));
    }

    [Fact]
    public void Progress_goes_to_the_end()
    {
        var told = new System.Collections.Concurrent.ConcurrentBag<double>();
        ProposalSet.Of(Proposed.Of(BodyKind.Van).Wanting(LightWanted.FarAhead, LightWanted.BackingUp), Proposed.Trade, told.Add);
        Assert.Equal(1, told.Max());
        Assert.All(told, part => Assert.InRange(part, 0, 1));
    }
}
