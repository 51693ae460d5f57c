using System.Text;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Edits;

/// <summary>Commands: from a valid rig to a valid rig, or a sentence that says why not.</summary>
public class EditTests
{
    private static readonly Rig Placed = PlacedRigs.Bar;

    private static Rig Do(Rig rig, EditCommand command)
    {
        var done = Assert.IsType<EditOutcome.Done>(command.Run(new EditContext(rig)));
        Assert.Empty(RigValidation.Validate(done.Rig));
        return done.Rig;
    }

    private static string Refused(Rig rig, EditCommand command) => Assert.IsType<EditOutcome.Refused>(command.Run(new EditContext(rig))).Problems.Single().Path;

    [Fact]
    public void Wires_stay_on_a_pin_whatever_it_is_called()
    {
        var rig = GoodRigs.Bar;
        var before = HarnessCompiler.Solve(rig, RigStates.EverythingOn(rig)).Across("bar.main");
        var renamed = Do(rig, new RenamePin("k", "30", "L1"));
        Assert.Contains(renamed.Runs, run => run.To == "k.L1");
        Assert.DoesNotContain(renamed.Runs, run => run.To == "k.30" || run.From == "k.30");
        Assert.Equal(before, HarnessCompiler.Solve(renamed, RigStates.EverythingOn(renamed)).Across("bar.main"), 1e-9);
        Assert.Equal(rig.Runs, Do(renamed, new RenamePin("k", "L1", "30")).Runs);
        Assert.Equal("name", Refused(rig, new RenamePin("k", "30", "87")));
        Assert.Equal("name", Refused(rig, new RenamePin("k", "30", " ")));
        Assert.Equal("part", Refused(rig, new RenamePin("nobody", "30", "1")));
    }

    [Fact]
    public void What_names_a_place_that_goes_is_placed_nowhere()
    {
        var mount = Placed.Body!.Mounts[0].Id;
        var there = PlacedRigs.WithPlan(Do(Placed, new PlacePart("bar", mount)), "short", mount);
        Assert.Contains(new Place("bar", mount), there.Places);
        var gone = Do(there, new RemoveMount(mount));
        Assert.DoesNotContain(gone.Places, place => place.At == mount);
        Assert.Null(gone.Lines.Single(line => line.Id == "short").Plan!.Lay);
        Assert.All(gone.Body!.Mounts, other => Assert.NotEqual(mount, other.PairOf));
        Assert.Equal("mount", Refused(gone, new RemoveMount(mount)));
        Assert.Equal("at", Refused(gone, new PlacePart("bar", mount)));
        Assert.DoesNotContain(Do(there, new PlacePart("bar")).Places, place => place.Part == "bar");
    }

    [Fact]
    public void A_station_goes_with_its_lanes_and_stays_while_something_leans_on_it()
    {
        var body = Placed.Body!;
        var leant = body.Mounts[0].Station;
        var stays = Assert.IsType<EditOutcome.NotPossible>(new RemoveStation(leant).Run(new EditContext(Placed)));
        Assert.Contains(body.Mounts[0].Name, stays.Detail, StringComparison.Ordinal);
        var free = body.Stations.First(station => body.Mounts.All(mount => mount.Station != station.Id) && body.Spaces.All(space => space.Station != station.Id)
            && body.Lanes.Any(lane => lane.From == station.Id || lane.To == station.Id));
        var lane = body.Lanes.First(lane => lane.From == free.Id || lane.To == free.Id).Id;
        var through = Placed with { Runs = [.. Placed.Runs.Select(run => run with { Lay = new Lay { Through = [lane] } })] };
        var gone = Do(through, new RemoveStation(free.Id));
        Assert.DoesNotContain(gone.Body!.Lanes, other => other.From == free.Id || other.To == free.Id);
        Assert.All(gone.Runs, run => Assert.DoesNotContain(lane, run.Lay!.Through));
        Assert.All(Do(through, new RemoveLane(lane)).Runs, run => Assert.Empty(run.Lay!.Through));
    }

    [Fact]
    public void Another_body_keeps_what_stands_where_it_has_a_place_of_that_name()
    {
        var other = GenericBody.Of(BodyKind.CabChassis);
        var changed = Do(Placed, new ChangeBody(other));
        var names = other.PlaceNames();
        Assert.Equal(Placed.Places.Where(place => names.Contains(place.At)), changed.Places);
        var problems = Assert.IsType<EditOutcome.Refused>(new ChangeBody(other with { Size = other.Size with { LengthMetres = -1 } }).Run(new EditContext(Placed))).Problems;
        Assert.All(problems, problem => Assert.StartsWith("body.", problem.Path, StringComparison.Ordinal));
    }

    [Fact]
    public void Every_command_says_so_where_what_it_names_is_not_there()
    {
        EditCommand[] commands =
        [
            new TakeOffer("nobody", "x", "y"), new WireByParts("nobody"), new RemoveLine("nobody"), new AddTemplateLine("own-harness", "Line", "nobody", 1),
            new PlaceLamp("nobody", "nobody"), new MoveOutput("a", "b"), new RemoveLane("nobody"), new RemoveStation("nobody"), new RemoveSpace("nobody"),
        ];
        Assert.All(commands, command => Assert.IsType<EditOutcome.Refused>(command.Run(new EditContext(Placed))));
        Assert.IsType<EditOutcome.NotPossible>(new CureCheck("nothing").Run(new EditContext(Placed)));
    }

    /// <param name="path">Where it is refused; null: it is read.</param>
    [Theory]
    [InlineData("""{"kind":"removeLine","lineId":"bar"}""", null)]
    [InlineData("""{"lineId":"bar","kind":"removeLine"}""", null)]
    [InlineData("""{"kind":"explode","lineId":"bar"}""", "kind")]
    [InlineData("""{"lineId":"bar"}""", "kind")]
    [InlineData("""{"kind":7,"lineId":"bar"}""", "kind")]
    [InlineData("""{"kind":"removeLine"}""", "lineId")]
    [InlineData("""{"kind":"removeLine","lineId":"bar","more":1}""", "more")]
    [InlineData("""{"kind":"moveRunEnd","wire":"w","end":"sideways","terminal":"k.30"}""", "end")]
    public void A_command_is_told_by_its_kind_and_read_field_by_field(string json, string? path)
    {
        var (command, problems) = JsonReading.Read<EditCommand>(Encoding.UTF8.GetBytes(json));
        Assert.Equal(path, problems.Select(problem => problem.Path).SingleOrDefault());
        if (path is null) Assert.Equal(new RemoveLine("bar"), command);
    }
}
