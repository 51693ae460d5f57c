using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Commissioning.Training;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Commissioning.Training;

/// <summary>A learner before a vehicle with one fault.</summary>
public class LessonTests
{
    private const string Line = "line";

    private static Rig Rig => AllShapes.Competent[0].Rig;

    private static readonly Lazy<DiagnosisTables> Known = new(() => DiagnosisTables.Of(new CommissioningPlan(RigStudy.Of(Rig)), Line)!);

    private static RigState On => Known.Value.Standings.First(standing => standing.Id == "on").State;

    private static TrainingView View(string fault, params TrainingAct[] acts) => Lesson.Of(Known.Value, Reach.Open, Exercise.Of("One bar", Rig, Line, 11, fault), acts)!;

    private static TrainingAct.Probes Held(TesterSetting setting, string red, string black = "battery.minus") => new TrainingAct.Probes(new Probing(setting, red, black));

    [Theory]
    [InlineData("fuse-out:f", "Nothing works")]
    [InlineData("relay-welded:k", "had not asked")]
    [InlineData("lamp-half-dead:bar.main", "dim")]
    public void A_customer_says_what_is_seen_from_the_seat(string fault, string words) => Assert.Contains(words, View(fault).Complaint, StringComparison.Ordinal);

    [Fact]
    public void What_is_wrong_cannot_be_read_in_the_exercise_and_is_there()
    {
        var exercise = Exercise.Of("One bar", Rig, Line, 11, "fuse-out:f");
        Assert.DoesNotContain("fuse", exercise.Hidden, StringComparison.Ordinal);
        Assert.Equal("fuse-out:f", exercise.Fault());
        Assert.Null((exercise with { Hidden = "§" }).Fault());
        Assert.Null(Lesson.Of(Known.Value, Reach.Open, Exercise.Of("", Rig, Line, 1, "no-such:fault"), []));
    }

    [Fact]
    public void What_shows_nowhere_makes_no_exercise()
    {
        Assert.True(Lesson.CanBe(Known.Value, "fuse-out:f"));
        Assert.False(Lesson.CanBe(Known.Value, "fuse-too-large:f"));
        Assert.Null(Lesson.Of(Known.Value, Reach.Open, Exercise.Of("One bar", Rig, Line, 1, "fuse-too-large:f"), []));
    }

    [Fact]
    public void The_vehicle_answers_as_it_is_turned_and_only_its_lamps_are_seen()
    {
        var lit = View("lamp-half-dead:bar.main", new TrainingAct.Turns(On));
        Assert.True(lit.Lamps.Lamps.Single().Light > 0.1);
        Assert.Equal(0, View("lamp-half-dead:bar.main").Lamps.Lamps.Single().Light, 3);
        Assert.Equal(0, View("fuse-out:f", new TrainingAct.Turns(On)).Lamps.Lamps.Single().Light, 3);
        Assert.True(lit.Lamps.Fuses.Count == 0 && lit.Lamps.Wires.Count == 0 && lit.Lamps.Relays.Count == 0);
    }

    [Fact]
    public void Each_tester_shows_what_it_would()
    {
        var on = new TrainingAct.Turns(On);
        Assert.InRange(View("fuse-out:f", on, Held(TesterSetting.Volts, "f.in")).Reading!.Value!.Value, 11.5, 14.8);
        Assert.Equal(0, View("fuse-out:f", on, Held(TesterSetting.Volts, "f.out")).Reading!.Value!.Value, 1);
        Assert.True(View("fuse-out:f", on, Held(TesterSetting.TestLamp, "f.in")).Reading!.Lit);
        Assert.False(View("fuse-out:f", on, Held(TesterSetting.TestLamp, "f.out")).Reading!.Lit);
        Assert.True(View("fuse-out:f", on, Held(TesterSetting.Ohms, "f.in")).Reading!.Refused);
        var wire = Rig.Runs.First(run => run.From == "f.out").Id;
        Assert.True(View("lamp-half-dead:bar.main", on, Held(TesterSetting.Clamp, wire)).Reading!.Value > 1);
    }

    [Fact]
    public void Every_act_costs_minutes_and_nothing_is_given_away_before_the_end()
    {
        var view = View("plug-open:plug", new TrainingAct.Turns(On), Held(TesterSetting.Volts, "f.out"), new TrainingAct.TakesOut(["fuse-out:f"]), new TrainingAct.Inspects("fuse-out:f"));
        Assert.Equal(4, view.Steps.Count);
        Assert.All(view.Steps, step => Assert.True(step.Minutes > 0));
        Assert.Equal(view.Minutes, view.Steps.Sum(step => step.Minutes), 9);
        Assert.Equal(["fuse-out:f"], view.Out);
        Assert.False(view.Found);
        Assert.Empty(view.Compared);
        Assert.Equal("", view.Answer);
    }

    [Fact]
    public void What_is_turned_one_after_the_other_is_one_step()
    {
        var (once, twice) = (View("plug-open:plug", new TrainingAct.Turns(On)), View("plug-open:plug", new TrainingAct.Turns(new RigState { Key = true }), new TrainingAct.Turns(On)));
        Assert.Equal(once.Steps, twice.Steps);
        Assert.Equal(once.Minutes, twice.Minutes, 9);
        Assert.Equal(On, twice.Dash);
    }

    [Fact]
    public void What_cannot_be_done_costs_nothing() =>
        Assert.Empty(View("plug-open:plug", Held(TesterSetting.Volts, "nobody.plus"), Held(TesterSetting.Clamp, "nobody"), new TrainingAct.TakesOut(["lamp-dead:bar.main"]), new TrainingAct.Inspects("no-such:fault")).Steps);

    [Fact]
    public void At_the_end_each_step_stands_beside_the_best_one()
    {
        // The vehicle stands as no reading of the plan has it, and is measured where none is.
        TrainingAct[] acts =
        [
            new TrainingAct.Turns(On with { SideLight = true }), Held(TesterSetting.Volts, "battery.plus"), Held(TesterSetting.Volts, "f.out", "body"), Held(TesterSetting.TestLamp, "f.out"), Held(TesterSetting.TestLamp, "plug.b"),
            new TrainingAct.Inspects("fuse-out:f"), new TrainingAct.Inspects("plug-open:plug"),
        ];
        var view = View("plug-open:plug", acts);
        Assert.True(view.Found);
        Assert.Equal(acts.Length, view.Compared.Count);
        Assert.Contains("not home", view.Answer, StringComparison.Ordinal);
        Assert.True(view.BestMinutes > 0 && view.BestMinutes < view.Minutes, $"{view.BestMinutes} and {view.Minutes}");
        Assert.All(view.Compared.Zip(view.Compared.Skip(1)), pair => Assert.Equal(pair.First.LeftAfter, pair.Second.LeftBefore));
        // The lamp that stays dark rules out what would leave it lit; the test lamp, the fuse.
        Assert.True(view.Compared[0].LeftAfter < view.Compared[0].LeftBefore);
        Assert.Contains(view.Compared[2].RuledOut.Concat(view.Compared[3].RuledOut), name => name.Contains("F is not in its holder", StringComparison.Ordinal));
        Assert.True(view.Compared[3].LeftAfter <= view.Compared[3].LeftBefore);
        // Volts of the battery tell next to nothing while the lamp is dark: something else would have told more.
        Assert.NotEqual("", view.Compared[1].Best);
        Assert.True(view.Compared[1].BestBits > view.Compared[1].Bits);
    }

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    /// <summary>Every so many faults of a shape are looked for.</summary>
    private const int Every = 12;

    /// <summary>Somebody who goes straight to what is wrong is done; the best way from the start gets there as well.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_best_way_finds_what_shows(string name)
    {
        var rig = AllShapes.Competent.Single(shape => shape.Name == name).Rig;
        var tables = DiagnosisTables.Of(new CommissioningPlan(RigStudy.Of(rig)), Line)!;
        var lost = tables.FaultKeys.Where((_, i) => i % Every == 0).Where(fault =>
        {
            var view = Lesson.Of(tables, Reach.Open, Exercise.Of(name, rig, Line, 11, fault), [new TrainingAct.Inspects(fault)])!;
            Assert.True(view.Found, fault);
            return view.BestWay.Count == 0 || view.BestWay[^1].Shows != view.Steps[^1].Shows;
        }).ToList();
        Assert.Empty(lost);
    }

    [Fact]
    public void The_same_acts_show_the_same()
    {
        TrainingAct[] acts = [new TrainingAct.Turns(On), Held(TesterSetting.Volts, "f.out"), Held(TesterSetting.Volts, "f.out")];
        var steps = View("earth-off:e", acts).Steps.Select(step => step.Shows).ToList();
        Assert.Equal(steps, View("earth-off:e", acts).Steps.Select(step => step.Shows));
    }
}
