using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Harness;
using System.Text;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Exchange;

public class JobFileTests
{
    private static (JobFile? File, IReadOnlyList<Problem> Problems) Read(string text) => JobFile.Read(Encoding.UTF8.GetBytes(text));

    public static TheoryData<string> Shapes => [.. AllShapes.All.Select(shape => shape.Name)];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_shape_goes_out_and_comes_back_the_same(string name)
    {
        var rig = AllShapes.All.Single(shape => shape.Name == name).Rig;
        var text = JobFile.Write("Wagon", "A note", rig);
        var (file, problems) = Read(text);
        Assert.Empty(problems);
        Assert.Equal(text, JobFile.Write(file!.Name, file.Note, file.Rig));
    }

    /// <summary>A rig as that version stored it, read: it is valid and has today's shape.</summary>
    private static Rig Kept(int version)
    {
        var rig = Documents.Rig(File.ReadAllText(Path.Combine(Repository.Root, "tests", "BurlyRidge.Core.Tests", "Exchange", "Golden", $"rig-v{version}.json")));
        Assert.Empty(RigValidation.Validate(rig));
        Assert.Equal(Rig.CurrentSchema, rig.SchemaVersion);
        return rig;
    }

    /// <summary>A rig as the first version stored it, kept as it was.</summary>
    [Fact]
    public void Version_1_is_read_as_it_was_meant()
    {
        var rig = Kept(1);
        Assert.Single(rig.Vehicle.Batteries);
        Assert.Equal(["rows", "tank"], rig.Lines.Select(line => line.Id));
        var tank = rig.Lines[1].Plan!;
        Assert.Equal((5.2, ReturnPath.Body, Trigger.Reverse, 6), (tank.OneWayMetres, tank.Return, tank.Trigger, tank.Bundled));
        Assert.Equal(("0.5 mm²", new Fuse(10, FuseFamily.Blade)), (tank.ChosenWire, tank.ChosenFuse));
        Assert.Equal(144, rig.Lines[0].Plan!.Lamps.Sum(lamp => lamp.Count * lamp.WattsAt(12)));
    }

    /// <summary>A rig as the second version stored it: nobody said where things are, and nothing of it changes.</summary>
    [Fact]
    public void Version_2_is_read_as_it_was_meant()
    {
        var rig = Kept(2);
        Assert.Null(rig.Body);
        Assert.All(rig.Runs, run => Assert.Null(run.Lay));
        Assert.NotEmpty(rig.Lines);
    }

    /// <summary>A rig as the third version stored it: nobody said how a panel looks, and nothing of it changes.</summary>
    [Fact]
    public void Version_3_is_read_as_it_was_meant()
    {
        var rig = Kept(3);
        Assert.Equal(new PanelFace(), Assert.Single(rig.PowerBoxes).Panel);
        Assert.Equal(12, rig.Lines.Count);
        Assert.NotNull(rig.Body);
    }

    /// <summary>A rig as the sixth version stored it: figures that it got by default are nobody's, those that somebody entered stay, covers have their names.</summary>
    [Fact]
    public void Version_6_is_read_as_it_was_meant()
    {
        var rig = Kept(6);
        var vehicle = rig.Vehicle;
        Assert.Equal((null, null, null), (vehicle.Batteries[0].CapacityAmpHours, vehicle.Batteries[0].PeukertExponent, vehicle.HouseLoadAmps));
        Assert.Equal(new Alternator(), vehicle.Alternator);
        Assert.Equal((110, SwitchedSide.Minus, null, null), (vehicle.HighBeam.Watts, vehicle.HighBeam.Switched, vehicle.HighBeam.FuseAmps, vehicle.HighBeam.Pulsed));
        Assert.Equal((null, null), (vehicle.Reverse.Watts, vehicle.Reverse.Switched));
        Assert.Equal((80, 60, 120, 15), (vehicle.Batteries[0].AmpHours, vehicle.Alternator!.AtIdleAmps, vehicle.Alternator.RatedAmps, vehicle.TakenHouseLoadAmps));
        Assert.Equal("Scuttle cover", Assert.Single(rig.Body!.Lanes.Single(lane => lane.Id == "bay-right--bay-left").Covers).What);
    }

    /// <summary>A rig as the seventh version stored it: of a lane it knew only whether there is nothing to tie to, and of bought harnesses nothing.</summary>
    [Fact]
    public void Version_7_is_read_as_it_was_meant()
    {
        var rig = Kept(7);
        Assert.Equal(TieTo.Nothing, Assert.Single(rig.Body!.Lanes, lane => lane.TieTo is not null).TieTo);
        Assert.All(rig.Runs, run => Assert.True(run is { Kit: null, Cable: "" }));
        Assert.Equal(6, rig.Lines.Count);
    }

    /// <summary>A rig as the eighth version stored it: nobody had aimed anything, and nothing of it changes.</summary>
    [Fact]
    public void Version_8_is_read_as_it_was_meant()
    {
        var rig = Kept(8);
        Assert.Empty(rig.Beams.Aims);
        Assert.All(rig.Fixtures.SelectMany(lamp => lamp.Functions), light => Assert.Null(light.Output));
        Assert.NotEmpty(rig.Lines);
    }

    /// <summary>A rig as the ninth version stored it: nothing of it is to come off, and nothing of it changes.</summary>
    [Fact]
    public void Version_9_is_read_as_it_was_meant()
    {
        var rig = Kept(9);
        Assert.False(rig.ToStandard);
        Assert.NotEmpty(rig.Beams.Aims);
    }

    /// <summary>A rig as the tenth version stored it: nobody said what light is wanted, and nothing of it changes.</summary>
    [Fact]
    public void Version_10_is_read_as_it_was_meant()
    {
        var rig = Kept(10);
        Assert.True(rig.ToStandard);
        Assert.NotEmpty(rig.OnVehicle);
        Assert.Empty(rig.Wishes.Lights);
    }

    public static TheoryData<string, Action<JsonObject>> Bad => new()
    {
        { "format", file => file["format"] = "other" },
        { "version", file => file["version"] = 99 },
        { "version", file => file["version"] = "two" },
        { "rig.schemaVersion", file => file["rig"]!["schemaVersion"] = 1 },
        { "rig", file => file.Remove("rig") },
        { "name", file => file["name"] = 5 },
        { "surprise", file => file["surprise"] = 1 },
        { "rig.runs[0].lengthMetres", file => file["rig"]!["runs"]![0]!["lengthMetres"] = "long" },
        { "rig.runs[0].lengthMetres", file => file["rig"]!["runs"]![0]!["lengthMetres"] = -1 },
        { "rig.runs[0].to", file => file["rig"]!["runs"]![0]!["to"] = "nowhere.plus" },
        { "rig.runs[0].from", file => file["rig"]!["runs"]![0]!["from"] = "bar.seventh" },
        { "rig.runs[0].wire", file => file["rig"]!["runs"]![0]!["wire"] = "13 AWG" },
        { "rig.runs[1]", file => file["rig"]!["runs"]![1] = null },
        { "rig.protection[0].id", file => file["rig"]!["fixtures"]![0]!["id"] = "f" },
        { "rig.fixtures[0].functions", file => file["rig"]!["fixtures"]![0]!["functions"] = new JsonArray() },
        { "rig.relays[0].pinout", file => file["rig"]!["relays"]![0]!["pinout"]!["open"] = "30" },
        { "rig.houseRules.leftOnHours", file => file["rig"]!["houseRules"]!["leftOnHours"] = -1 },
        { "rig.houseRules.mostGauges", file => file["rig"]!["houseRules"]!["mostGauges"] = 0 },
        { "rig.houseRules.earths", file => file["rig"]!["houseRules"]!["earths"] = "sky" },
        { "rig.vehicle.highBeam.fuseAmps", file => file["rig"]!["vehicle"]!["highBeam"]!["fuseAmps"] = 0 },
        { "rig.vehicle.batteries[0].peukertExponent", file => file["rig"]!["vehicle"]!["batteries"]![0]!["peukertExponent"] = 3 },
        { "rig.protection[0].ratedVolts", file => file["rig"]!["protection"]![0]!["ratedVolts"] = 1 },
        { "rig.joints[0].takes.toSquareMillimetres", file => file["rig"]!["joints"]![0]!["takes"] = JsonNode.Parse("""{"fromSquareMillimetres":2,"toSquareMillimetres":1}""") },
        { "rig.fixtures[0].functions[0].maxVolts", file => file["rig"]!["fixtures"]![0]!["functions"]![0]!["maxVolts"] = 0 },
        { "rig.vehicle.batteries", file => file["rig"]!["vehicle"]!["batteries"] = new JsonArray() },
        { "rig.vehicle.batteryLink", file => file["rig"]!["vehicle"]!["batteryLink"] = "series" },
        { "rig.lines[0].lights[0]", file => file["rig"]!["lines"] = JsonNode.Parse("""[{"id":"l","name":"Line","lights":["bar.third"]}]""") },
    };

    [Theory]
    [MemberData(nameof(Bad))]
    public void What_does_not_hang_together_is_refused_by_its_path(string path, Action<JsonObject> spoil)
    {
        var rig = AllShapes.All[0].Rig with { Vehicle = Vehicle.Usual(12) with { Batteries = [new Battery("battery"), new Battery("second")] } };
        var file = JsonNode.Parse(JobFile.Write("Wagon", "", rig))!.AsObject();
        Assert.Empty(Read(file.ToJsonString()).Problems);
        spoil(file);
        var (read, problems) = Read(file.ToJsonString());
        Assert.Null(read);
        Assert.Contains(path, problems.Select(problem => problem.Path));
    }

    [Theory]
    [InlineData("")]
    [InlineData("nothing")]
    [InlineData("[]")]
    [InlineData("null")]
    public void What_is_no_file_is_refused(string text) => Assert.NotEmpty(Read(text).Problems);

    [Fact]
    public void Deep_nesting_and_great_size_are_refused()
    {
        Assert.NotEmpty(Read($"{{\"rig\":{new string('[', 500)}{new string(']', 500)}}}").Problems);
        Assert.Contains("MiB", Read(new string(' ', JobFile.LargestBytes + 1)).Problems[0].Message, StringComparison.Ordinal);
    }

    [Fact]
    public void The_published_schema_and_example_are_those_of_this_build()
    {
        var docs = Path.Combine(Repository.Root, "docs");
        GoldenFigures.Hold(JobFile.Schema(), Path.Combine(docs, "job-file.schema.json"));
        var page = File.ReadAllText(Path.Combine(docs, "job-file.md"));
        var example = page.Split("```json")[1].Split("```")[0];
        var (file, problems) = Read(example);
        Assert.Empty(problems);
        var assessment = Assessor.Assess(file!.Rig);
        Assert.Empty(assessment.Lines.SelectMany(line => line.Checks).Concat(assessment.Checks).Where(check => check.Verdict == Verdict.Stop).Select(check => $"{check.Id} {check.About}: {check.Reason}"));
    }

    [Fact]
    public void Names_that_look_like_the_inside_of_a_part_are_no_trouble()
    {
        var rig = AllShapes.All[0].Rig;
        var odd = rig with
        {
            Runs = [.. rig.Runs.Select((run, i) => i == 0 ? run with { Id = "k-coil" } : run)],
            Lines = [new Line("f", "Named as a fuse", Make.Line(60, 2)), new Line("bar", "Named as a lamp", Make.Line(60, 2))],
        };
        Assert.Empty(RigValidation.Validate(odd));
        Assert.Equal(Outcome.Converged, Assessor.Assess(odd, RigStates.EverythingOn(odd)).States.Single().Outcome);
        Assert.Contains("runs", RigValidation.Validate(rig with { Runs = [rig.Runs[0] with { Id = "bar" }] }).Select(problem => problem.Path));
    }

    [Fact]
    public void A_quick_plan_is_solved_with_the_rest()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Lines = [new Line("bar", "Bar", Make.Line(120, 3))] };
        var states = new[] { new RigState(), new RigState { Switches = new Dictionary<string, string> { ["bar/switch"] = "on" } } }.Select(state => QuickPlans.Named(rig, state)).ToArray();
        Assert.Equal(["bar-switch"], states[1].Switches.Keys);
        var assessment = Assessor.Assess(rig, states);
        Assert.Equal([Light.Dark, Light.Lit], assessment.States.Select(state => state.Lamps.Single().Light));
        var lost = assessment.States[1].Terminals["battery.plus"] - assessment.States[1].Lamps[0].Volts;
        Assert.Equal(assessment.Lines[0].Assessment!.Wire!.DropVolts, lost, 0.06);
    }

    [Fact]
    public void A_profile_runs_from_the_source_to_the_lamp_and_back()
    {
        var shape = AllShapes.All.Single(shape => shape.Name == "fifteen pods fed at both ends by a relay box without a panel");
        var rig = shape.Rig with { Lines = [new Line("row", "Row") { Lights = [.. shape.Rig.Fixtures.Select(pod => $"{pod.Id}.main")] }] };
        var points = Assessor.Assess(rig, shape.States[1]).States[0].Profiles.Single().Points;
        Assert.Equal("battery.plus", points[0].Terminal);
        Assert.Equal(-1, points[0].From);
        foreach (var point in points.Where(point => point.From >= 0))
        {
            var before = points[point.From];
            Assert.True(point.Volts <= before.Volts + 1e-9, $"{before.Terminal} to {point.Terminal} goes up");
            Assert.True(point.Metres >= before.Metres);
        }
        Assert.Equal(15, points.Count(point => point.Terminal.StartsWith("pod", StringComparison.Ordinal) && point.Terminal.EndsWith(".plus", StringComparison.Ordinal)));
        Assert.Contains(points, point => point.Part == "box.o2-contact");
    }
}
