using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Strips;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Strips;

public class StripTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    private static (Rig Rig, LineView View) Look(string shape)
    {
        var rig = AllShapes.Competent.First(other => other.Name == shape).Rig;
        return (rig, LineView.Of(rig, "line")!);
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void What_is_lost_on_the_way_and_what_the_lamp_gets_are_what_is_given(string shape)
    {
        var view = Look(shape).View;
        foreach (var state in view.States)
        {
            var way = view.Strip.Strands[0].Stations.Zip(state.Figures.Strands[0]).Where(pair => pair.First.Kind != StripKind.Source).ToList();
            Assert.Equal(state.Figures.GivenVolts, way.Sum(pair => pair.Second.LostVolts), 1e-6);
            var lamp = way.Single(pair => pair.First.Kind == StripKind.Lamp).Second;
            Assert.Equal(lamp.LostVolts, way[^1].Second.LeftVolts, 1e-6);
            Assert.Equal(way.Any(pair => pair.Second.LostVolts > 1e-9 && pair.First.Kind != StripKind.Lamp) ? 1 : 0, way.Sum(pair => pair.Second.ShareOfLoss), 1e-6);
        }
    }

    /// <summary>A second way to the same figures: the network asked lamp by lamp and wire by wire.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void Figures_are_those_of_the_network_in_the_state_asked_for(string shape)
    {
        var rig = Look(shape).Rig;
        foreach (var state in new[] { RigStates.EverythingOn(rig), new RigState { Key = true, Engine = Engine.Idle, HighBeam = true } })
        {
            var view = LineView.Of(rig, "line", state)!;
            var solved = HarnessCompiler.Solve(rig, state);
            foreach (var (strand, figures) in view.Strip.Strands.Zip(view.States[0].Figures.Strands))
            {
                foreach (var (station, figure) in strand.Stations.Zip(figures))
                {
                    if (station.Kind is StripKind.Lamp or StripKind.Run) Assert.Equal(Math.Abs(solved.Amps(station.Element)), figure.Amps, 1e-6);
                    if (station.Kind == StripKind.Lamp) Assert.Equal(solved.Across(station.Element), figure.LostVolts, 1e-6);
                    if (station.Kind is StripKind.Run or StripKind.Joint or StripKind.Relay) Assert.Equal(solved.Volts(station.To), figure.Volts, 1e-6);
                    Assert.Equal(figure.LostVolts * figure.Amps, figure.Watts, 1e-9);
                }
            }
        }
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_station_has_a_name_of_its_own(string shape)
    {
        var stations = Look(shape).View.Strip.Strands.SelectMany(strand => strand.Stations).ToList();
        Assert.Equal(stations.Count, stations.Select(station => station.Id).Distinct().Count());
        Assert.All(stations, station => Assert.NotEqual("", station.Name));
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_run_that_carries_the_line_stands_on_it_once(string shape)
    {
        var (rig, view) = Look(shape);
        var alone = HarnessCompiler.Compile(rig).Solve(view.On! with { Engine = Engine.Off }, atNominalVolts: true);
        var lamps = rig.Fixtures.SelectMany(lamp => lamp.Functions.Select(function => $"{lamp.Id}.{function.Id}")).Where(alone.Harness.Has).ToHashSet();
        var runs = view.Strip.Strands.Where(strand => !strand.Control).SelectMany(strand => strand.Stations).Where(station => station.Kind == StripKind.Run).Select(station => station.Id).ToList();
        Assert.Equal(runs.Count, runs.Distinct().Count());
        var ends = rig.Fixtures.SelectMany(lamp => lamp.Functions.SelectMany(function => new[] { $"{lamp.Id}.{function.Plus}", $"{lamp.Id}.{function.Minus}" })).ToHashSet();
        var carry = rig.Runs.Where(run => Math.Abs(alone.Amps(run.Id)) > 0.05 && (ends.Contains(run.From) || ends.Contains(run.To))).Select(run => run.Id);
        Assert.Empty(carry.Except(runs));
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Stations_follow_each_other_and_strands_meet_where_they_say(string shape)
    {
        var strands = Look(shape).View.Strip.Strands;
        foreach (var strand in strands)
        {
            var before = strand.Leaves is { } leaves ? strands[leaves.Strand].Stations[leaves.Station] : null;
            foreach (var station in strand.Stations)
            {
                if (before is not null && !Inside(before, station)) Assert.Equal(End(strand, strands, before, station), station.From);
                before = station;
            }
            if (strand.Joins is { } joins) Assert.Contains(strand.Stations[^1].To, Ends(strands[joins.Strand].Stations[joins.Station]));
        }
    }

    /// <summary>Two things in one element have its terminals both.</summary>
    private static bool Inside(StripStation before, StripStation station) => station.Id.StartsWith($"{before.Id}#", StringComparison.Ordinal);

    private static string End(Strand strand, IReadOnlyList<Strand> strands, StripStation before, StripStation station) =>
        Ends(before).Contains(station.From) ? station.From : $"{before.Id} ends at {before.To} ({strands.Count} strands, {strand.Stations.Count} stations)";

    /// <summary>A branch may leave a joint at its middle.</summary>
    private static string[] Ends(StripStation station) => [station.To, station.Part];

    [Fact]
    public void Both_feeds_of_a_row_stand_on_its_strip()
    {
        var view = Look("fifteen pods fed at both ends by a relay box without a panel").View;
        var outputs = view.Strip.Strands.SelectMany(strand => strand.Stations).Where(station => station.Kind == StripKind.Output).Select(station => station.Name).Order(StringComparer.Ordinal);
        Assert.Equal(["Box, output 1", "Box, output 2", "Output 1"], outputs);
        Assert.Equal(ChainShapes.Pods, view.Strip.Strands.SelectMany(strand => strand.Stations).Count(station => station.Kind == StripKind.Lamp));
        Assert.Equal(2, view.Strip.Strands.Where(strand => strand.Control).SelectMany(strand => strand.Stations).Count(station => station.Kind == StripKind.Coil));
        Assert.Equal(["Output 1 pressed", "key on"], view.Strip.Asks.Order(StringComparer.Ordinal));
    }

    [Fact]
    public void The_control_of_a_pair_on_the_beam_runs_from_the_beam_through_switch_and_coil()
    {
        var view = Look("pair armed by a switch, high beam by a joint, coil by the body").View;
        var control = view.Strip.Strands.Single(strand => strand.Control).Stations;
        Assert.Equal(
            [StripKind.Fuse, StripKind.Signal, StripKind.Run, StripKind.Joint, StripKind.Run, StripKind.Switch, StripKind.Run, StripKind.Coil, StripKind.Run, StripKind.Earth, StripKind.Body],
            control.Select(station => station.Kind).Where(kind => kind is not (StripKind.Source or StripKind.Lead)));
        Assert.Equal(["S at on", "high beam on"], view.Strip.Asks.Order(StringComparer.Ordinal));
    }

    [Fact]
    public void A_broken_way_lists_what_hangs_on_the_lamps()
    {
        var rig = AllShapes.Competent.First(shape => shape.Name.StartsWith("one bar", StringComparison.Ordinal)).Rig;
        var cut = rig with { Runs = [.. rig.Runs.Where(run => run.From != "k.87")] };
        var view = LineView.Of(cut, "line")!;
        Assert.Null(view.On);
        Assert.Empty(view.Strip.Strands);
        Assert.Contains(view.Strip.Loose, station => station.Part == "plug");
    }

    [Fact]
    public void A_state_asked_for_stands_first()
    {
        var rig = AllShapes.Competent.First(shape => shape.Name.StartsWith("one bar", StringComparison.Ordinal)).Rig;
        rig = rig with { Vehicle = rig.Vehicle with { KeyOffDrainAmps = 0 } };
        var dark = LineView.Of(rig, "line", new RigState())!.States[0];
        Assert.Equal("asked", dark.Id);
        Assert.All(dark.Figures.Strands[0], station => Assert.Equal(0, station.Amps, 1e-3));
    }

    /// <summary>Both halves of an on, off, automatic line: by hand, and by the reversing signal through the third position.</summary>
    [Fact]
    public void The_automatic_half_stands_beside_the_one_by_hand()
    {
        var pod = new Fixture("pod", "Pod", [new LampFunction("main", LampKind.RegulatedLed, 20)]);
        var rig = LineTemplates.Build(Rig.Empty(12, UnitSystem.Metric), new TemplateAnswers("rear-auto", "Rear", pod, 2)).Rig;
        var strip = LineView.Of(rig, rig.Lines[0].Id)!.Strip;
        var stations = strip.Strands.SelectMany(strand => strand.Stations).ToList();
        Assert.Distinct(stations.Select(station => station.Id));
        Assert.Contains(stations, station => station.Kind == StripKind.Signal);
        var part = Assert.Single(rig.Switches).Id;
        Assert.Equal(2, stations.Count(station => station.Kind == StripKind.Switch && station.Part == part));
        // Every wire from the signal to the coil is on it, so that each can be chosen there.
        var shown = stations.Select(station => station.Element).ToHashSet();
        Assert.All(rig.Runs.Where(run => run.From.StartsWith("reverse", StringComparison.Ordinal) || run.To.StartsWith("reverse", StringComparison.Ordinal)), run => Assert.Contains(run.Id, shown));
        var automatic = strip.Strands.Single(strand => strand.Stations.Any(station => station.Kind == StripKind.Signal));
        Assert.True(automatic.Control);
        Assert.NotNull(automatic.Joins);
        Assert.Contains("reverse", Diagram.OfLine(rig, rig.Lines[0].Id)!, StringComparison.OrdinalIgnoreCase);
    }
}
