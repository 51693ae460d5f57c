using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Tests.RunSheet;

namespace BurlyRidge.Core.Tests.HandOver;

/// <summary>What stands in the pack is what the plan and the record say.</summary>
public class PackTests
{
    public static TheoryData<string> Shapes => [.. SheetRigs.Names];

    private static Rig Rig(string shape) => SheetRigs.Of(shape, IsolationSchool.BatteryOff).Rig;

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Every_wire_fuse_and_relay_is_in_it_with_its_figures(string shape)
    {
        var source = Packs.Of(Rig(shape));
        var book = Pack.Of(source);
        var (wired, names) = (source.Assessed.Study.Wired, source.Assessed.Study.Names);
        Block.Table First(string chapter) => book.Chapter(chapter).Blocks.OfType<Block.Table>().First();
        if (wired.Runs.Count > 0)
        {
            var wires = First("register").Rows;
            Assert.Equal(wired.Runs.Select(run => (names.Wire(run), run.Wire, run.Colour)), wires.Select(row => (row[0], row[1], row[2])));
        }
        var fuses = First("fuses").Rows;
        foreach (var device in source.Assessed.Assessment.Devices.Where(device => wired.Protection.Any(own => own.Id == device.Id)))
        {
            var row = fuses.Single(row => row[0] == names[device.Id]);
            Assert.Contains($"{device.RatingAmps:0.##} A", row[1], StringComparison.Ordinal);
            Assert.Equal(PrintedAmps(device.DesignAmps), row[3]);
        }
        Assert.Equal(wired.Relays.Select(relay => names[relay.Id]).Order(), book.Chapter("fuses").Blocks.OfType<Block.Table>().Last().Rows.Select(row => row[0]).Where(name => wired.Relays.Any(relay => names[relay.Id] == name)).Order());
        // Whatever is missing is said in a sentence, and no chapter is without a word.
        Assert.All(book.Chapters, chapter => Assert.True(chapter.Blocks.Count > 0 && chapter.Title.Length > 0));
        Assert.Distinct(book.Chapters.Select(chapter => chapter.Id));
    }

    private static string PrintedAmps(double amps) => Core.Wording.PrintedFigure.Of(Core.Wording.Quantity.Amps, amps, Core.Wording.UnitSystem.Metric).ToString();

    /// <summary>A line that follows the key goes off with it; one that does not says how long the battery lasts.</summary>
    [Fact]
    public void How_to_work_it_says_what_stays_on_and_how_long()
    {
        Rig With(Feed follows) => Rig("power box with panel, ignition sense, lamps, locker and compressor") is var rig ? rig with { PowerBoxes = [.. rig.PowerBoxes.Select(box => box with { Outputs = [.. box.Outputs.Select(output => output with { Follows = follows })] })] } : rig;
        var battery = Pack.Of(Packs.Of(With(Feed.Battery))).Chapter("working").Texts().ToList();
        Assert.Contains(battery, text => text.Contains("until the battery is half empty", StringComparison.Ordinal));
        Assert.Contains(battery, text => text.Contains("Turn it off yourself", StringComparison.Ordinal));
        Assert.DoesNotContain(Pack.Of(Packs.Of(With(Feed.Ignition))).Chapter("working").Texts(), text => text.Contains("Turn it off yourself", StringComparison.Ordinal));
    }

    [Fact]
    public void Readings_stand_as_they_were_taken_beside_what_was_planned()
    {
        var rig = Rig("one bar on its own harness, earth on the body");
        var plan = new CommissioningPlan(AssessedRig.Of(rig).Study);
        var line = rig.Lines[0].Id;
        var (print, taken) = ReadingBands.AsPlanned(plan, line);
        var readings = taken.Select((reading, i) => new TakenReading(reading.Key, reading.Words, reading.Value + 0.01 * i, reading.Unit, DateTimeOffset.UnixEpoch, "Ana")).ToList();
        var record = CommissioningRecord.Of([(DateTimeOffset.UnixEpoch, "Ana", new CommissioningEvent.Passed(line) { Print = print, Readings = readings })]);
        var source = Packs.Of(rig, measured: record);
        var rows = Pack.Of(source).Chapter("readings").Blocks.OfType<Block.Table>().First().Rows;
        Assert.Equal(readings.Select(reading => reading.Words), rows.Select(row => row[1]));
        Assert.Equal(readings.Select(reading => ReadingJudge.Say(reading.Value, reading.Unit)), rows.Select(row => row[3]));
        Assert.Equal(taken.Select(reading => ReadingJudge.Say(reading.Value, reading.Unit)), rows.Select(row => row[2]));
        Assert.All(rows, row => Assert.NotEmpty(row[0]));
    }

    [Fact]
    public void What_was_cut_found_and_left_is_told_and_own_words_stand_first()
    {
        var texts = Pack.Of(Packs.Of(Rig("one bar on its own harness, earth on the body"),
            [
                new SheetEvent.Altered(AlteredHow.Notched, "Grille lip") { Size = "12 mm", Sealed = "painted", Back = "a new grille" },
                new SheetEvent.Altered(AlteredHow.Drilled, "Rear wall"),
                new SheetEvent.Found(new Finding(FindingKind.EarlierWork, "Old tap")),
            ],
            [new HandOverEvent.Worded(OwnWords.Agreed, "No marker light.\nDim lead capped."), new HandOverEvent.Worded(OwnWords.Law, "looked up")])).Texts();
        foreach (var told in new[] { "Notched", "Grille lip, 12 mm", "painted", "a new grille", "Rear wall", "Old tap", "No marker light.", "Dim lead capped.", "looked up" }) Assert.Contains(told, texts);
        Assert.Contains(texts, text => text.StartsWith("The hole stays", StringComparison.Ordinal));
        Assert.DoesNotContain(texts, text => text.Contains("was not written down what local law", StringComparison.Ordinal));
    }

    /// <summary>Whoever pulls every fuse that is named, or every negative, has nothing of ours live.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void In_an_emergency_every_battery_and_every_first_fuse_is_named(string shape)
    {
        var source = Packs.Of(Rig(shape));
        var rows = Pack.Of(source).Chapter("emergency").Blocks.OfType<Block.Table>().Single().Rows;
        var (wired, names) = (source.Assessed.Study.Wired, source.Assessed.Study.Names);
        Assert.All(wired.Vehicle.Batteries, battery => Assert.Contains(rows, row => row[0].Contains(names[battery.Id], StringComparison.Ordinal)));
        var posts = wired.Vehicle.Batteries.Select(battery => $"{battery.Id}.plus").ToHashSet();
        foreach (var device in wired.Protection.Where(device => wired.Runs.Any(run => run.Ends().Any(posts.Contains) && run.Ends().Any(end => end.StartsWith($"{device.Id}.", StringComparison.Ordinal)))))
            Assert.Contains(rows, row => row[0].StartsWith(names[device.Id], StringComparison.Ordinal));
    }
}
