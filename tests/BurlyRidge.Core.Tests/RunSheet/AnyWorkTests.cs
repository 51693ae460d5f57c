using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>The order of the work on random rigs and bodies: what has to hold of every sheet.</summary>
public class AnyWorkTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 60)];

    /// <summary>Quick plans on random mounts of a body whose lanes, mounts and locations lie behind random covers; or wiring of no shape in particular.</summary>
    private static Rig Any(int seed)
    {
        var random = new Random(seed);
        var school = (IsolationSchool)random.Next(2);
        if (seed % 4 == 0)
        {
            var shape = AnyRig.Of(seed).Rig;
            return shape with
            {
                HouseRules = shape.HouseRules with { Isolation = school },
                Lines = [new Line("line", "Line") { Lights = [.. shape.Fixtures.SelectMany(lamp => lamp.Functions.Select(function => $"{lamp.Id}.{function.Id}"))] }],
            };
        }
        var body = GenericBody.Of((BodyKind)random.Next(6));
        IReadOnlyList<Cover> Covers() => random.Next(3) > 0 ? [] : [new Cover($"Cover {random.Next(5)}") { Fasteners = random.Next(9), LoosenOnly = random.Next(4) == 0, Unplugged = random.Next(3) == 0 ? ["Camera"] : [] }];
        body = body with
        {
            Mounts = [.. body.Mounts.Select(mount => mount with { Covers = Covers() })],
            Lanes = [.. body.Lanes.Select(lane => lane with { Covers = Covers() })],
            Stations = [.. body.Stations.Select(station => station.Kind == StationKind.Grommet ? station with { Edge = (HoleEdge)random.Next(3) } : station)],
        };
        var rig = Rig.Empty(random.Next(3) == 0 ? 24 : 12, Core.Wording.UnitSystem.Metric) with { Body = body };
        rig = rig with { HouseRules = rig.HouseRules with { Isolation = school } };
        for (var i = random.Next(1, 6); i > 0; i--)
        {
            var plan = new LinePlan([new LampSet(LampKind.RegulatedLed, random.Next(1, 4), 10 + random.Next(80))], 3, (ReturnPath)random.Next(2), [Zone.EngineBay], 105, (Trigger)random.Next(2)) { Lay = new PlanLay(body.Mounts[random.Next(body.Mounts.Count)].Id, new Lay()) };
            rig = rig with { Lines = [.. rig.Lines, new Line($"line-{i}", $"Line {i}", plan)] };
        }
        return rig;
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void The_order_holds_whatever_the_rig(int seed)
    {
        var assessed = AssessedRig.Of(Any(seed));
        var steps = Sheet.Of(assessed);
        var at = steps.Select((step, i) => (step.Id, i)).ToDictionary(pair => pair.Id, pair => pair.i);
        Assert.All(steps, step => Assert.All(step.After, before => Assert.True(at.TryGetValue(before, out var there) && there < at[step.Id], $"{before} before {step.Id}")));
        // Each cover off once, on once, the last off first on.
        string[] Covers(string way) => [.. steps.Where(step => step.Id.StartsWith($"cover-{way}-", StringComparison.Ordinal)).Select(step => step.Id[$"cover-{way}-".Length..])];
        Assert.Equal(Covers("off"), Covers("on").Reverse());
        Assert.Distinct(Covers("off"));
        // What makes a line live comes after every joint, and everything is done while it is dead.
        var live = steps.First(step => step.Id.StartsWith("on-", StringComparison.Ordinal) || step.Id.StartsWith("in-", StringComparison.Ordinal));
        var dead = steps.Last(step => step.Stage == Stage.Isolate);
        Assert.All(steps.Where(step => step.Id.StartsWith("join-", StringComparison.Ordinal)), step => Assert.InRange(at[step.Id], at[dead.Id], at[live.Id]));
        // Every wire is laid and every end of it made.
        var wired = assessed.Study.Wired;
        foreach (var run in wired.Runs.Where(run => !run.Given || run.Kit is not null)) Assert.Single(steps, step => step.Stage == Stage.Lay && step.About.Contains(run.Id));
    }

    /// <summary>Whatever letters things are called by, and were it by the names of steps: each step keeps an id of its own.</summary>
    [Fact]
    public void Names_of_any_letters_and_of_any_words_are_told_apart()
    {
        string[] names = ["Решётка", "マスク", "Trim, left", "Trim left", "trim.left", new string('x', 80), $"{new string('x', 79)}y"];
        var body = GenericBody.Of(BodyKind.LongWagon);
        body = body with
        {
            Stations = [.. body.Stations, new Station("parts", "Parts", new Point(1, 0, 1))],
            Mounts = [.. body.Mounts.Select(mount => mount.Id == "grille-slot" ? mount with { Covers = [.. names.Select(name => new Cover(name))] } : mount)],
        };
        var rig = Rig.Empty(12, Core.Wording.UnitSystem.Metric) with { Body = body };
        foreach (var id in new[] { "open", "lines", "close", "parts", "shared" }) rig = PlacedRigs.WithPlan(rig, id, "grille-slot");
        var steps = Work.Steps(rig);
        Assert.Distinct(steps.Select(step => step.Id));
        Assert.Equal(names.Length, steps.Count(step => step.Stage == Stage.StripDown && step.Title.Length > 0 && names.Any(name => step.Facts.Any(fact => fact.What == name))));
        var work = new Work();
        work.Finish(rig);
        Assert.Equal([], work.On(rig).Steps.Where(step => step.State != StepState.Done).Select(step => step.Step.Id));
    }

    /// <summary>It can be worked through as it is offered, whatever is added half-way.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void Work_comes_to_its_end_also_when_the_plan_changes_half_way(int seed)
    {
        var rig = Any(seed);
        var steps = Work.Steps(rig);
        var work = new Work();
        foreach (var step in steps.Take(new Random(seed).Next(steps.Count))) work.Do(step);
        var later = rig with { Lines = [.. rig.Lines.Skip(rig.Lines.Count > 1 ? 1 : 0)] };
        if (later.Body is not null) later = PlacedRigs.WithPlan(later, "added", later.Body.Mounts[seed % later.Body.Mounts.Count].Id);
        work.Finish(later);
        var end = work.On(later);
        Assert.Equal([], end.Steps.Where(step => step.State != StepState.Done).Select(step => $"{step.Step.Id} {step.State}: {string.Join(", ", step.WaitsFor)}"));
        Assert.Empty(end.Open);
    }
}
