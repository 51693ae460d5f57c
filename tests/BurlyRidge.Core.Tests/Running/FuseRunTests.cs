using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Tests.Running;

/// <summary>Fuses that open.</summary>
public class FuseRunTests
{
    private static double? OpensAt(Rig rig, double until, params RunEvent[] events) => rig.Through(until, events).Notes.FirstOrDefault(note => note.Kind == RunNoteKind.FuseOpened)?.Seconds;

    /// <summary>Opening times of blade fuses, ISO 8820-3 (from memory): 135 % 0.75 to 600 s, 200 % 0.15 to 5 s, 350 % 0.04 to 0.5 s, 600 % 0.1 s at most.</summary>
    [Theory]
    [InlineData(1.36, 0.75, 600)]
    [InlineData(2.0, 0.15, 5)]
    [InlineData(3.5, 0.04, 0.5)]
    [InlineData(6.0, 0, 0.1)]
    public void It_opens_within_the_band_of_the_standard(double multiple, double fastest, double slowest) =>
        Assert.InRange(OpensAt(Runs.Overloaded(multiple), 1000)!.Value, fastest, slowest);

    /// <summary>110 % is held for 100 h at least, ISO 8820-3 (from memory).</summary>
    [Fact]
    public void It_holds_a_tenth_too_much_for_a_hundred_hours() => Assert.Null(OpensAt(Runs.Overloaded(1.08), 100 * 3600, new RunEvent.Charges(50 * 3600, "battery", 1)));

    /// <summary>A load that steps up: each part of the time counts by what the whole would be (worked by hand from the middles of the bands).</summary>
    [Fact]
    public void A_load_that_steps_counts_part_by_part()
    {
        var (low, high) = (Runs.Overloaded(1.6), Runs.Overloaded(2.0));
        double Amps(Rig rig) => rig.Through(0).Samples[0].LineAmps["line"];
        var fuse = new Fuse(10, FuseFamily.Blade);
        var first = 1 / FuseTime.MiddleSeconds(fuse, Amps(low));
        Assert.InRange(first, 0.2, 0.5);
        var after = low.Through(1);
        Assert.Equal(first, after.End.FuseHeat["f"], 0.03);
        var opened = high.On(after.End, 10, false).Notes.First(note => note.Kind == RunNoteKind.FuseOpened).Seconds;
        Assert.Equal(1 + (1 - first) * FuseTime.MiddleSeconds(fuse, Amps(high)), opened, 0.05);
    }

    [Fact]
    public void It_cools_while_it_carries_little()
    {
        var hot = Runs.Overloaded(1.6).Through(1).End;
        Assert.True(Runs.Overloaded(0.5).On(hot, 60, false).End.FuseHeat.GetValueOrDefault("f") < hot.FuseHeat["f"] / 5);
    }

    [Fact]
    public void It_stays_open_until_it_is_replaced()
    {
        var (overloaded, sound) = (Runs.Overloaded(6), Runs.Overloaded(0.5));
        var blown = overloaded.Through(5);
        Assert.False(blown.Lit());
        Assert.Equal("f", Assert.Single(blown.Moment.Fuses, fuse => fuse.Blown).Id);
        Assert.Matches("^F opened at [56][0-9](\\.[0-9]+)? A$", Assert.Single(blown.Notes, note => note.Kind == RunNoteKind.FuseOpened).Words);
        Assert.False(sound.On(blown.End, 3600, false).Lit());
        var replaced = sound.On(blown.End, 3600, false, new RunEvent.Replaces(10, "f"));
        Assert.True(replaced.Lit());
        Assert.Contains(replaced.Notes, note => note.Kind == RunNoteKind.Turned && note.Words.Contains("replaced: line at 12", StringComparison.Ordinal));
    }

    /// <summary>A replaced fuse in a circuit that is still too much for it goes again.</summary>
    [Fact]
    public void It_opens_again_as_long_as_the_fault_is_there() =>
        Assert.Equal(2, Runs.Overloaded(3.5).Through(20, new RunEvent.Replaces(10, "f")).Notes.Count(note => note.Kind == RunNoteKind.FuseOpened));
}
