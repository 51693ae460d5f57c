using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>The levelling log: what the bubble and the tape said, before bolts were tight and after.</summary>
public class LevelTests
{
    private static readonly DateTimeOffset At = new(2026, 3, 4, 10, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Every_look_stays_in_its_order()
    {
        SheetEvent.Levelled Look(bool tight, double across) => new("bar", tight) { AcrossDegrees = across, LeftMillimetres = 900, RightMillimetres = 900 + 10 * across };
        var record = SheetRecord.Of([new Logged(1, At, "One", Look(false, 0.8)), new Logged(2, At.AddMinutes(5), "Two", Look(true, 0.1))]);
        Assert.Equal([("One", false, 0.8), ("Two", true, 0.1)], record.Levels.Select(level => (level.Who, level.What.Tight, level.What.AcrossDegrees!.Value)));
    }

    public static TheoryData<SheetEvent.Levelled, string> Bad => new()
    {
        { new SheetEvent.Levelled("", true) { AcrossDegrees = 1 }, "lamp" },
        { new SheetEvent.Levelled("bar", true), "acrossDegrees" },
        { new SheetEvent.Levelled("bar", true) { AlongDegrees = 90 }, "alongDegrees" },
        { new SheetEvent.Levelled("bar", true) { LeftMillimetres = -5 }, "leftMillimetres" },
        { new SheetEvent.Levelled("bar", true) { RightMillimetres = double.NaN }, "rightMillimetres" },
    };

    [Theory]
    [MemberData(nameof(Bad))]
    public void What_cannot_be_is_told_by_its_field(SheetEvent.Levelled level, string field) => Assert.Equal([field], level.Validate().Select(problem => problem.Path));
}
