using BurlyRidge.Core.Wording;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Core.Tests.Edits;

/// <summary>Parts and wires put in, moved and taken out one by one.</summary>
public class WiringCommandTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.All.Select(shape => shape.Name)];

    public static TheoryData<string> Lists => [.. Rig.Lists.Where(list => list.Path.Length > 0).Select(list => list.Path)];

    private static (Rig Rig, string? PartId) Do(Rig rig, EditCommand command)
    {
        var done = Assert.IsType<EditOutcome.Done>(command.Run(new EditContext(rig)));
        return (done.Rig, done.PartId);
    }

    private static string Refused(Rig rig, EditCommand command) => Assert.IsType<EditOutcome.Refused>(command.Run(new EditContext(rig))).Problems.Single().Path;

    /// <summary>Any wiring is built from an empty vehicle by these commands and by fields, and behaves as the one it was copied from.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_shape_is_built_by_hand(string name)
    {
        var shape = AllShapes.All.Single(shape => shape.Name == name).Rig;
        var hand = new ByHand(Do);
        var built = hand.Build(shape);
        Assert.Empty(RigValidation.Validate(built).Select(problem => $"{problem}"));
        Assert.Equal(shape.Lines.Where(line => line.Lights.Count > 0).Select(line => (line.Name, line.Lights.Count)), built.Lines.Select(line => (line.Name, line.Lights.Count)));
        foreach (var state in new[] { RigStates.EverythingOn(shape), new RigState(), new RigState { Key = true, Engine = Engine.Idle, HighBeam = true }, new RigState { Reverse = true, SideLight = true } })
        {
            var (theirs, own) = (HarnessCompiler.Solve(shape, state), HarnessCompiler.Solve(built, hand.State(state)));
            foreach (var terminal in shape.Runs.SelectMany(run => run.Ends()).Distinct())
                Assert.Equal(theirs.Volts(terminal), own.Volts(hand.Terminal(terminal)), 1e-9);
        }
    }

    [Theory]
    [MemberData(nameof(Lists))]
    public void A_new_part_of_any_kind_is_valid_named_and_goes_again(string list)
    {
        foreach (var volts in Vehicle.Voltages)
        {
            var empty = Rig.Empty(volts, UnitSystem.Metric);
            // Another battery beside one: a pair in series has no room for it.
            if (list == "vehicle.batteries") empty = Rig.Empty(12, UnitSystem.Metric);
            var (rig, id) = Do(empty, new AddPart(list, "Left one"));
            Assert.Empty(RigValidation.Validate(rig).Select(problem => $"{problem}"));
            Assert.Equal("Left one", PartNames.Of(rig)[id!]);
            var (twice, other) = Do(rig, new AddPart(list));
            Assert.NotEqual(id, other);
            Assert.Empty(RigValidation.Validate(twice).Select(problem => $"{problem}"));
            var (again, _) = Do(Do(twice, new RemovePart(other!)).Rig, new RemovePart(id!));
            Assert.Equal(empty.AllParts().Select(part => part.Id), again.AllParts().Select(part => part.Id));
        }
    }

    [Fact]
    public void What_cannot_be_is_refused_by_its_field()
    {
        var rig = GoodRigs.Bar;
        Assert.Equal("list", Refused(rig, new AddPart("vehicle")));
        Assert.Equal("part", Refused(rig, new RemovePart("nobody")));
        Assert.Equal("from", Refused(rig, new AddRun("nobody.plus", "bar.plus")));
        Assert.Equal("to", Refused(rig, new AddRun("bar.plus", "bar.nothing")));
        Assert.Equal("to", Refused(rig, new AddRun("bar.plus", "bar.plus")));
        Assert.Equal("wire", Refused(rig, new MoveRunEnd("nobody", RunEnd.To, "bar.plus")));
        Assert.Equal("terminal", Refused(rig, new MoveRunEnd(rig.Runs[0].Id, RunEnd.To, "bar.nothing")));
        Assert.Equal("terminal", Refused(rig, new MoveRunEnd(rig.Runs[0].Id, RunEnd.To, rig.Runs[0].From)));
        Assert.Equal("wire", Refused(rig, new RemoveRun("nobody")));
        Assert.Equal("volts", Refused(rig, new ChangeSystem(48)));
        Assert.IsType<EditOutcome.NotPossible>(new RemovePart("bar").Run(new EditContext(rig)));
        Assert.IsType<EditOutcome.NotPossible>(new RemovePart("battery").Run(new EditContext(rig)));
    }

    [Fact]
    public void A_part_goes_with_the_wires_at_it_and_a_wire_leaves_what_it_joined()
    {
        var rig = GoodRigs.Bar;
        var done = Assert.IsType<EditOutcome.Done>(new RemovePart("cf").Run(new EditContext(rig)));
        Assert.Equal(rig.Runs.Count - 2, done.Rig.Runs.Count);
        Assert.Contains("with 2 wires", done.Notes[0], StringComparison.Ordinal);
        Assert.Empty(RigValidation.Validate(done.Rig));
        var wire = rig.Runs.Single(run => run.To == "k.30");
        var (less, _) = Do(rig, new RemoveRun(wire.Id));
        Assert.Equal(rig.AllParts().Count(), less.AllParts().Count());
        var (moved, _) = Do(rig, new MoveRunEnd(wire.Id, RunEnd.To, "k.86"));
        Assert.Equal("k.86", moved.Runs.Single(run => run.Id == wire.Id).To);
    }

    [Fact]
    public void A_lamp_goes_from_line_to_line_and_the_last_one_takes_its_line_along()
    {
        var rig = GoodRigs.Beam;
        var line = rig.Lines[0].Id;
        var (two, _) = Do(rig, new AssignLight("right.main", Name: "Right alone"));
        Assert.Equal([(line, 1), (two.Lines[1].Id, 1)], two.Lines.Select(other => (other.Id, other.Lights.Count)));
        var gone = Assert.IsType<EditOutcome.Done>(new AssignLight("right.main", line).Run(new EditContext(two)));
        Assert.Equal(line, Assert.Single(gone.Rig.Lines).Id);
        Assert.Contains(gone.Notes, note => note.StartsWith("Right alone", StringComparison.Ordinal));
        Assert.Equal("light", Refused(rig, new AssignLight("nobody.main", line)));
        Assert.Equal("lineId", Refused(rig, new AssignLight("right.main", "nobody")));
    }

    [Fact]
    public void The_system_goes_to_24_V_and_back()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric);
        var (truck, _) = Do(rig, new ChangeSystem(24));
        Assert.Empty(RigValidation.Validate(truck));
        Assert.Equal((24, 2, BatteryLink.Series), (truck.Vehicle.SystemVolts, truck.Vehicle.Batteries.Count, truck.Vehicle.BatteryLink));
        var (back, _) = Do(truck, new ChangeSystem(12));
        Assert.Empty(RigValidation.Validate(back));
        Assert.Equal(rig.Vehicle.Alternator, back.Vehicle.Alternator);
        Assert.Equal(2, back.Vehicle.Batteries.Count);
    }
}
