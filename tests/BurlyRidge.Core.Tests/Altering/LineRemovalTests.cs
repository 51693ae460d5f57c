using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Templates;

namespace BurlyRidge.Core.Tests.Altering;

/// <summary>A line goes with what only that needs, and with nothing else.</summary>
public class LineRemovalTests
{
    public static TheoryData<string, bool> AllStarts => LineTemplatesTests.All;

    [Theory]
    [MemberData(nameof(AllStarts))]
    public void A_line_that_was_started_and_removed_leaves_no_part_behind(string id, bool placed)
    {
        var (rig, request) = LineTemplatesTests.Ask(id, placed);
        var started = LineTemplates.Build(rig, request).Rig;
        var removed = LineRemoval.Of(started, started.Lines.Single().Id)!;
        Assert.Empty(RigValidation.Validate(removed.Rig));
        // A second battery and what charges it are the vehicle's from then on.
        var left = Left(removed.Rig);
        if (id == "second-battery") left.RemoveAll(part => part.Contains("charge", StringComparison.Ordinal) || part.Contains("camp", StringComparison.Ordinal) || part.Contains("post", StringComparison.Ordinal) || part.Contains("battery", StringComparison.Ordinal));
        Assert.Empty(left);
        Assert.NotEmpty(removed.Notes);
    }

    [Theory]
    [MemberData(nameof(AllStarts))]
    public void A_line_started_beside_another_goes_and_the_other_stays_as_it_was(string id, bool placed)
    {
        var (rig, request) = LineTemplatesTests.Ask(id, placed);
        var first = LineTemplates.Build(rig, request with { Name = "First" }).Rig;
        var both = LineTemplates.Build(first, request with { Name = "Second" }).Rig;
        var removed = LineRemoval.Of(both, both.Lines[1].Id)!.Rig;
        Assert.Empty(RigValidation.Validate(removed));
        Assert.Equal(Ids(first), Ids(removed));
        var (was, now) = (Figures(first), Figures(removed));
        Assert.Equal(was.On is null, now.On is null);
        // Wires that were made thicker for both stay as they are.
        Assert.All(was.Lamps.Zip(now.Lamps), pair => Assert.Equal(pair.First.OffVolts, pair.Second.OffVolts, 0.15));
    }

    [Fact]
    public void What_other_lines_need_stays_and_is_said()
    {
        var (rig, request) = LineTemplatesTests.Ask("power-box", placed: false);
        var both = LineTemplates.Build(LineTemplates.Build(rig, request with { Name = "First" }).Rig, request with { Name = "Second" }).Rig;
        var removed = LineRemoval.Of(both, both.Lines[0].Id)!;
        Assert.Single(removed.Rig.PowerBoxes);
        Assert.Contains(removed.Notes, sentence => sentence.Contains("stay", StringComparison.Ordinal) && sentence.Contains("power box", StringComparison.Ordinal));
    }

    [Fact]
    public void A_lamp_that_two_lines_light_stays_with_the_wires_of_the_other()
    {
        var (rig, request) = LineTemplatesTests.Ask("two-functions", placed: false);
        var started = LineTemplates.Build(rig, request).Rig;
        var lamp = started.Fixtures[0];
        var split = started with { Lines = [new Line("main", "Main") { Lights = [$"{lamp.Id}.main"] }, new Line("back", "Backlight") { Lights = [$"{lamp.Id}.back"] }] };
        var removed = LineRemoval.Of(split, "back")!.Rig;
        Assert.Single(removed.Fixtures);
        Assert.DoesNotContain(removed.Runs, run => run.To == $"{lamp.Id}.amber" || run.From == $"{lamp.Id}.amber");
        Assert.Contains(removed.Runs, run => run.To == $"{lamp.Id}.plus" || run.From == $"{lamp.Id}.plus");
    }

    [Fact]
    public void Lamps_fed_through_the_lamps_that_go_keep_their_feed()
    {
        var (rig, request) = LineTemplatesTests.Ask("row", placed: false);
        var started = LineTemplates.Build(rig, request).Rig;
        var lights = started.Lines.Single().Lights;
        var split = started with { Lines = [new Line("near", "Near") { Lights = [.. lights.Take(1)] }, new Line("far", "Far") { Lights = [.. lights.Skip(1)] }] };
        var removed = LineRemoval.Of(split, "near")!.Rig;
        Assert.Empty(RigValidation.Validate(removed));
        Assert.NotNull(Assessor.Assess(removed).Lines.Single().Figures?.On);
        Assert.Equal(started.Fixtures.Count - 1, removed.Fixtures.Count);
    }

    [Fact]
    public void What_hung_loose_before_is_left_as_it_was()
    {
        var (rig, request) = LineTemplatesTests.Ask("own-harness", placed: false);
        var started = LineTemplates.Build(rig, request).Rig;
        var loose = started with { Joints = [.. started.Joints, new Joint("later", JointKind.Cap)], Runs = [.. started.Runs, started.Runs[0] with { Id = "spare", From = "battery.plus", To = "later.end" }] };
        var removed = LineRemoval.Of(loose, loose.Lines.Single().Id)!.Rig;
        Assert.Equal(["spare"], removed.Runs.Select(run => run.Id));
        Assert.Equal(["later"], removed.Joints.Select(joint => joint.Id));
    }

    [Fact]
    public void A_line_planned_in_short_goes_with_the_lamps_that_were_bought_for_it()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with
        {
            Body = GenericBody.Of(BodyKind.LongWagon),
            Fixtures = [new Fixture("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 20)])],
        };
        rig = rig with
        {
            Places = [new Place("pod", rig.Body!.Mounts[0].Id)],
            Lines = [new Line("pods", "Pods", Support.Make.Line(20, 2) with { Fixtures = ["pod"] })],
        };
        var removed = LineRemoval.Of(rig, "pods")!.Rig;
        Assert.Empty(removed.Fixtures);
        Assert.Empty(removed.Places);
    }

    private static LineFigures Figures(Rig rig) => Assessor.Assess(rig).Lines[0].Figures!;

    private static IEnumerable<string> Ids(Rig rig) => Left(rig).Order(StringComparer.Ordinal);

    /// <summary>Everything of a rig that is no part of the vehicle.</summary>
    private static List<string> Left(Rig rig) =>
    [
        .. rig.Lines.Select(line => line.Id).Concat(TerminalIndex.Of(rig).Ids.Where(part => !part.Path.StartsWith("vehicle", StringComparison.Ordinal)).Select(part => part.Id))
            .Concat(rig.Runs.Select(run => run.Id)).Concat(rig.Places.Where(place => !place.Part.StartsWith("battery", StringComparison.Ordinal)).Select(place => place.Part)),
    ];
}
