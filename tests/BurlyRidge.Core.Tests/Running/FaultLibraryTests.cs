using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using static BurlyRidge.Core.Tests.Support.Shapes.Sketch;

namespace BurlyRidge.Core.Tests.Running;

/// <summary>Faults, and how they show themselves.</summary>
public class FaultLibraryTests
{
    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    [Fact]
    public void There_are_at_least_thirty_kinds_and_each_fits_somewhere()
    {
        Assert.True(FaultLibrary.Kinds.Count >= 30);
        Assert.Distinct(FaultLibrary.Kinds);
        var found = AllShapes.Competent.Select(shape => shape.Rig).Append(Rare).SelectMany(rig => FaultLibrary.Of(rig, PartNames.Of(rig))).Select(fault => fault.Kind).ToHashSet();
        Assert.Empty(FaultLibrary.Kinds.Except(found));
    }

    /// <summary>What the shapes have none of: a fuse tap, a spare lead, a resting contact, two ways of one plug, a pick-up, a breaker.</summary>
    private static Rig Rare => GoodRigs.Beam with
    {
        Vehicle = GoodRigs.Beam.Vehicle with { FuseSlots = [new FuseSlot("slot", 10, Feed.Ignition, 2)] },
        Fixtures = [GoodRigs.Beam.Fixtures[0] with { SparePins = ["spare"] }, GoodRigs.Beam.Fixtures[1]],
        Relays = [GoodRigs.Beam.Relays[0] with { Pinout = new RelayPinout(Rest: "87a") }],
        Protection = [.. GoodRigs.Beam.Protection, Fuse("tf", 5)],
        InlineBreakers = [new InlineBreaker("cb", 30)],
        Joints = [new Joint("w1", JointKind.Plug) { Housing = "H" }, new Joint("w2", JointKind.Plug) { Housing = "H" }, new Joint("pick", JointKind.Tap) { PickUp = new PickUp() }],
        Runs =
        [
            .. GoodRigs.Beam.Runs, Run("slot.tap", "tf.in"), Run("tf.out", "w1.a"), Run("w1.b", "e"), Run("k.87a", "w2.a"), Run("w2.b", "e"),
            Run("highBeam.plus", "pick.a"), Run("pick.b", "cb.in"),
        ],
    };

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_fault_has_a_key_of_its_own_and_a_sentence(string name)
    {
        var rig = AllShapes.Competent.Single(shape => shape.Name == name).Rig;
        var faults = FaultLibrary.Of(rig, PartNames.Of(rig));
        Assert.Distinct(faults.Select(fault => fault.Key));
        Assert.All(faults, fault => Assert.True(fault.Name.Length > 5 && !fault.Name.Contains('{', StringComparison.Ordinal), fault.Key));
    }

    /// <summary>Whatever is put in, and wherever, a run comes to its end with figures.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void A_run_with_any_fault_comes_to_its_end(string name)
    {
        var shape = AllShapes.Competent.Single(shape => shape.Name == name);
        foreach (var fault in FaultLibrary.Of(shape.Rig, PartNames.Of(shape.Rig)))
        {
            var run = shape.Rig.Through(3, new RunEvent.Breaks(0, [fault.Key]), Runs.At(1, shape.States[^1]));
            Assert.All(run.Moment.Lamps, lamp => Assert.True(double.IsFinite(lamp.Volts) && double.IsFinite(lamp.Light), fault.Key));
            Assert.Contains(run.Notes, note => note.Words.StartsWith("Fault put in", StringComparison.Ordinal));
        }
    }

    /// <summary>Every fault changes a reading in some state of its shape, or is listed as silent: a wire that is spare or short of no use, a fuse too large until something is wrong, water that only trickles.</summary>
    [Fact]
    public void Every_fault_shows_itself_or_is_listed_to_be_found_by_looking() => GoldenFigures.Hold(
        string.Concat(from shape in AllShapes.Competent from key in SilentFaults.Of(shape.Rig, shape.States) select $"{shape.Name}: {key}\n"),
        Path.Combine(Repository.Root, "tests/BurlyRidge.Core.Tests/Golden/silent-faults.txt"));

    [Fact]
    public void A_fuse_that_is_out_darkens_its_lamp_and_taken_out_again_it_lights()
    {
        var run = GoodRigs.Bar.Through(10, Runs.At(1, KeyOn.Set("s", "on")), new RunEvent.Breaks(2, ["fuse-out:f"]), new RunEvent.Breaks(5, []));
        Assert.Collection(
            run.Notes.Skip(1),
            note => Assert.Matches("not in its holder: .*dark", note.Words),
            note => Assert.Matches("taken out: .* at 1[12]", note.Words));
        Assert.True(run.Lit("bar"));
    }

    [Fact]
    public void A_chafed_wire_blows_its_fuse()
    {
        var run = GoodRigs.Bar.Through(10, Runs.At(1, KeyOn.Set("s", "on")), new RunEvent.Breaks(2, ["wire-chafed:k-87--plug-a"]));
        Assert.Contains(run.Notes, note => note.Kind == RunNoteKind.FuseOpened && note.Parts.Contains("f"));
        Assert.False(run.Lit("bar"));
    }

    /// <summary>A lamp of a harness for the other switching style stays on, or never lights (common practice, no source).</summary>
    [Fact]
    public void A_harness_for_the_other_style_lights_when_it_should_not()
    {
        var beam = (KeyOn with { HighBeam = true }).Set("s", "on");
        bool Lit(RigState state) => GoodRigs.Beam.Through(3, new RunEvent.Breaks(0, ["other-switching-style:highBeam"]), Runs.At(1, state)).Lit("left");
        Assert.NotEqual((false, true), (Lit(KeyOn.Set("s", "on")), Lit(beam)));
    }

    [Fact]
    public void A_welded_relay_keeps_its_lamp_on() =>
        Assert.True(GoodRigs.Bar.Through(3, new RunEvent.Breaks(0, ["relay-welded:k"])).Lit("bar"));

    [Fact]
    public void A_key_that_is_none_changes_nothing()
    {
        var (rig, faults) = FaultLibrary.Put(GoodRigs.Bar, ["nothing:here", "fuse-out:nobody"]);
        Assert.Empty(faults);
        Assert.Equal(HarnessCompiler.Solve(GoodRigs.Bar, KeyOn.Set("s", "on")).Volts("bar.plus"), HarnessCompiler.Solve(rig, KeyOn.Set("s", "on"), null, faults).Volts("bar.plus"), 12);
    }

    /// <summary>A relay whose coil is broken stays at rest, whatever is at its terminals.</summary>
    [Fact]
    public void A_dead_coil_pulls_nothing_in() =>
        Assert.False(GoodRigs.Beam.Through(3, new RunEvent.Breaks(0, ["relay-dead-coil:k"]), Runs.At(1, (KeyOn with { HighBeam = true }).Set("s", "on"))).Lit("left"));

    /// <summary>What is wrong is told once, however often the run is looked at on the way.</summary>
    [Fact]
    public void A_run_that_goes_on_tells_nothing_twice()
    {
        var on = (KeyOn with { HighBeam = true }).Set("s", "on");
        foreach (var fault in FaultLibrary.Of(GoodRigs.Beam, PartNames.Of(GoodRigs.Beam)))
        {
            RunEvent[] events = [new RunEvent.Breaks(0, [fault.Key]), Runs.At(1, on)];
            var told = new List<string>();
            RunState? at = null;
            foreach (var until in new[] { 0.5, 1.5, 2, 2.5, 3 })
            {
                var part = GoodRigs.Beam.On(at, until, false, events);
                told.AddRange(part.Notes.Select(note => note.Words));
                at = part.End;
            }
            Assert.Equal(GoodRigs.Beam.Through(3, events).Notes.Select(note => note.Words), told);
        }
    }
}
