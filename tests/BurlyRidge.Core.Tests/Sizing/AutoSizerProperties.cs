using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Sizing;

/// <summary>What must be so of sizes proposed for any rig.</summary>
public class AutoSizerProperties
{
    private const int Rigs = 40;

    /// <summary>Checks that a size decides.</summary>
    private static readonly string[] OfSize = ["wire-load", "wire-fuse", "return", "fuse-load", "fuse-heat", "far-short", "drop", "lamp-runs", "relay-contact", "terminal-heat", "fuse-family"];

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, Rigs)];

    private static List<Check> Judge(Rig rig) => [.. RigChecks.Judge(RigSubject.Of(rig))];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Sizing_a_sized_rig_changes_nothing(int seed)
    {
        var sized = AutoSizer.Propose(AnyRig.Of(seed).Rig).Rig;
        Assert.Empty(RigValidation.Validate(sized));
        Assert.Empty(AutoSizer.Propose(sized).Changes);
    }

    /// <summary>Sizing and checks agree: what is left is what no other wire or fuse would cure either.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_Stop_is_left_that_a_larger_wire_or_another_fuse_would_cure(int seed)
    {
        var sized = AutoSizer.Propose(AnyRig.Of(seed).Rig).Rig;
        var stops = Judge(sized).Where(check => check.Verdict == Verdict.Stop && OfSize.Contains(check.Id)).ToList();
        foreach (var stop in stops)
        {
            foreach (var other in Alternatives(sized, stop))
                Assert.Contains(Judge(other), check => check.Id == stop.Id && check.About == stop.About && check.Verdict == Verdict.Stop);
        }
    }

    /// <summary>An objection to a size is left only where the table ends.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void Sizing_and_checks_agree_to_the_end_of_the_table(int seed)
    {
        var sized = AutoSizer.Propose(AnyRig.Of(seed).Rig).Rig;
        var thickest = WireTable.Of(sized.HouseRules.Gauges)[^1].Name;
        foreach (var check in Judge(sized).Where(check => check.Verdict != Verdict.Holds && check.Id is "wire-load" or "wire-fuse" or "return" or "far-short" or "fuse-load" or "relay-contact"))
        {
            var atTheEnd = sized.Runs.Any(run => run.Id == check.About && run.Wire == thickest)
                || sized.Protection.Any(device => device.Id == check.About && device.Fuse.RatingAmps == FuseTable.All[^1].RatingAmps)
                || sized.Relays.Any(relay => relay.Id == check.About && relay.ContactAmps == RelayTable.ContactAmps[^1]);
            Assert.True(atTheEnd || check.Verdict == Verdict.Holds, $"{check.Id} {check.About}: {check.Reason}");
        }
    }

    /// <summary>One run as thick as can be, all of them, and the device with each other fuse.</summary>
    private static IEnumerable<Rig> Alternatives(Rig rig, Check stop)
    {
        var thickest = WireTable.Of(rig.HouseRules.Gauges)[^1].Name;
        yield return rig with { Runs = [.. rig.Runs.Select(run => run with { Wire = thickest })] };
        if (rig.Runs.Any(run => run.Id == stop.About)) yield return rig with { Runs = [.. rig.Runs.Select(run => run.Id == stop.About ? run with { Wire = thickest } : run)] };
        if (rig.Protection.All(device => device.Id != stop.About)) yield break;
        foreach (var fuse in FuseTable.All)
            yield return rig with { Protection = [.. rig.Protection.Select(device => device.Id == stop.About ? device with { Fuse = fuse } : device)] };
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_higher_margin_never_thins_a_wire(int seed)
    {
        var rig = AnyRig.Of(seed).Rig;
        IReadOnlyList<double>? thinner = null;
        foreach (var margin in new[] { 0, 0.25, 0.5, 1 })
        {
            var areas = AutoSizer.Propose(rig with { HouseRules = rig.HouseRules with { MarginFraction = margin } }).Rig.Runs
                .Select(run => WireTable.Find(run.Wire)!.CopperSquareMillimetres).ToList();
            if (thinner is not null) Assert.All(thinner.Zip(areas), pair => Assert.True(pair.First <= pair.Second));
            thinner = areas;
        }
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void What_is_fixed_by_hand_stays_and_few_sizes_are_bought_where_few_are_wanted(int seed)
    {
        var rig = AnyRig.Of(seed).Rig;
        var fixedRun = rig.Runs[seed % rig.Runs.Count].Id;
        var marked = rig with
        {
            Runs = [.. rig.Runs.Select(run => run.Id == fixedRun ? run with { Fixed = true } : run)],
            Protection = [.. rig.Protection.Select((device, i) => i == 0 ? device with { Fixed = true } : device)],
        };
        var sized = AutoSizer.Propose(marked).Rig;
        Assert.Equal(rig.Runs.Single(run => run.Id == fixedRun).Wire, sized.Runs.Single(run => run.Id == fixedRun).Wire);
        Assert.Equal(rig.Protection[0].Fuse, sized.Protection[0].Fuse);

        var free = AutoSizer.Propose(rig);
        var few = AutoSizer.Propose(rig, mostGauges: 2);
        var used = RigStudy.Of(rig).Runs.Where(figures => figures.DesignAmps >= 0.1 || figures.Faults.Any(fault => fault.FarAmps > 0)).Select(figures => figures.Run.Id).ToHashSet();
        Assert.True(few.Rig.Runs.Where(run => used.Contains(run.Id)).Select(run => run.Wire).Distinct().Count() <= 2);
        Assert.All(free.Rig.Runs.Zip(few.Rig.Runs), pair =>
            Assert.True(WireTable.Find(pair.First.Wire)!.CopperSquareMillimetres <= WireTable.Find(pair.Second.Wire)!.CopperSquareMillimetres));
        var stopped = Judge(free.Rig).Where(check => check.Verdict == Verdict.Stop).Select(check => (check.Id, check.About)).ToHashSet();
        Assert.DoesNotContain(Judge(few.Rig), check => check.Verdict == Verdict.Stop && OfSize.Contains(check.Id) && !stopped.Contains((check.Id, check.About)));
    }

    [Fact]
    public void One_line_can_be_sized_and_every_change_says_why()
    {
        var rig = GoodRigs.Box with { Runs = [.. GoodRigs.Box.Runs.Select(run => run with { Wire = "20 AWG", LengthMetres = 3 * run.LengthMetres })] };
        var one = AutoSizer.Propose(rig, "work");
        Assert.All(one.Changes, change => Assert.False(string.IsNullOrWhiteSpace(change.Why)));
        Assert.Equal("20 AWG", one.Rig.Runs.Single(run => run.From == "box.o1").Wire);
        Assert.NotEqual("20 AWG", one.Rig.Runs.Single(run => run.From == "box.o3").Wire);
    }

    [Fact]
    public void A_line_that_shares_nothing_gets_the_sizes_that_it_would_get_alone()
    {
        var harness = new TemplateAnswers("own-harness", "First", Sketch.Led("bar", 120), 1, 4);
        var alone = LineTemplates.Build(Rig.Empty(12, UnitSystem.Imperial), harness).Rig;
        var many = Enumerable.Range(0, 6).Aggregate(Rig.Empty(12, UnitSystem.Imperial), (rig, i) => LineTemplates.Build(rig, harness with { Name = $"Other {i}", Metres = 1 + i }).Rig);
        var among = LineTemplates.Build(many, harness);
        var own = among.Rig.Runs.Skip(many.Runs.Count).Select(run => (run.LengthMetres, run.Wire)).ToList();
        Assert.Equal(alone.Runs.Select(run => (run.LengthMetres, run.Wire)), own);
        Assert.Equal(many.Runs, among.Rig.Runs.Take(many.Runs.Count));
        Assert.Empty(WholeRig.Of(among.Rig).Resize(among.LineId).Changes);
        Assert.Empty(WholeRig.Of(among.Rig).Resize().Changes);
    }
}
