using BurlyRidge.Core.Changes;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Rigs;

/// <summary>What an edit did, in words that a fitter reads.</summary>
public class RigChangeTests
{
    private static readonly Rig Plain = PlacedRigs.Bar;

    private static string Said(Rig after) => RigChange.Summary(RigChange.Between(Plain, after));

    [Fact]
    public void The_same_rig_has_no_change() => Assert.Empty(RigChange.Between(Plain, Plain));

    [Fact]
    public void A_wire_is_named_by_its_ends_and_its_size_is_told_before_and_after()
    {
        var run = Plain.Runs[0];
        var said = Said(Plain.WithRun(run.Id, one => one with { Wire = "8 AWG" }));
        Assert.Equal($"{PartNames.Of(Plain).Wire(run)}, wire: {run.Wire} → 8 AWG", said);
    }

    [Fact]
    public void A_length_has_its_unit_as_the_rig_is_read()
    {
        Rig With(UnitSystem units) => Rig.Empty(12, units) with { Lines = [new Line("far", "Roof bar", Make.Line(40, 3))] };
        Rig Longer(Rig rig) => rig with { Lines = [rig.Lines[0] with { Plan = rig.Lines[0].Plan! with { OneWayMetres = 6.096 } }] };
        Assert.Equal("Roof bar, length: 3.0 m → 6.1 m", RigChange.Summary(RigChange.Between(With(UnitSystem.Metric), Longer(With(UnitSystem.Metric)))));
        Assert.Equal("Roof bar, length: 9.8 ft → 20.0 ft", RigChange.Summary(RigChange.Between(With(UnitSystem.Imperial), Longer(With(UnitSystem.Imperial)))));
    }

    [Fact]
    public void What_is_gone_and_what_is_new_come_first()
    {
        var lamp = new Fixture("sled", "Sled lamp", [new LampFunction("main", LampKind.RegulatedLed, 20)]);
        var more = Plain with { Fixtures = [.. Plain.Fixtures, lamp], HouseRules = Plain.HouseRules with { Units = UnitSystem.Imperial } };
        Assert.StartsWith("Sled lamp added; ", Said(more), StringComparison.Ordinal);
        var gone = Assert.Single(RigChange.Between(more, more with { Fixtures = Plain.Fixtures }));
        Assert.Equal((ChangeKind.Removed, "Sled lamp removed"), (gone.Kind, gone.Sentence));
    }

    [Fact]
    public void A_lamp_that_is_moved_is_told_by_both_places()
    {
        var place = Plain.Places.First(one => Plain.Fixtures.Any(lamp => lamp.Id == one.Part));
        var after = Plain with { Places = [.. Plain.Places.Select(one => one == place ? one with { At = "plate" } : one)] };
        var change = Assert.Single(RigChange.Between(Plain, after));
        Assert.Equal(("location", "Number-plate bracket"), (change.What, change.After));
        Assert.DoesNotContain(place.At, change.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void More_than_two_are_counted()
    {
        var after = Plain with { Runs = [.. Plain.Runs.Select(run => run with { Colour = "violet" })] };
        Assert.EndsWith($"; {Plain.Runs.Count - 2} more", Said(after), StringComparison.Ordinal);
    }
}
