using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.Tests.RunSheet;

/// <summary>What a hold point lets pass.</summary>
public class AskTests
{
    private static readonly Ask Sure = new("sure", AskKind.Yes, "sure");
    private static readonly Ask Volts = new("volts", AskKind.Reading, "volts") { Unit = "V", Least = 11, Most = 15 };
    private static readonly Ask Bolts = new("bolts", AskKind.Count, "bolts") { Expected = 8 };
    private static readonly Ask Fits = new("fits", AskKind.Choice, "fits") { Choices = [new AskChoice("keep", "Keep"), new AskChoice("shift", "Shift")] };

    public static TheoryData<string, Answer?, double?, bool> Answers => new()
    {
        { "sure", new Answer("sure", Yes: true), null, true },
        { "sure", new Answer("sure", Yes: false), null, false },
        { "sure", null, null, false },
        { "volts", new Answer("volts", Number: 12.4), null, true },
        { "volts", new Answer("volts", Number: 10.9), null, false },
        { "volts", new Answer("volts", Number: 15.1), null, false },
        { "volts", new Answer("volts", Number: 1e9), null, false },
        { "volts", new Answer("volts", Number: double.NaN), null, false },
        { "volts", new Answer("volts"), null, false },
        { "bolts", new Answer("bolts", Number: 8), null, true },
        { "bolts", new Answer("bolts", Number: 7), null, false },
        { "bolts", new Answer("bolts", Number: 7, Because: "one broke"), null, true },
        { "bolts", new Answer("bolts", Number: 7), 7, true },
        { "bolts", new Answer("bolts", Number: 8), 7, false },
        { "bolts", new Answer("bolts", Number: 7.5, Because: "half"), null, false },
        { "bolts", new Answer("bolts", Number: -1, Because: "less"), null, false },
        { "fits", new Answer("fits", Choice: "keep"), null, true },
        { "fits", new Answer("fits", Choice: "shift"), null, false },
        { "fits", new Answer("fits", Choice: "else"), null, false },
    };

    [Theory]
    [MemberData(nameof(Answers))]
    public void An_answer_passes_or_is_told_by_its_field(string ask, Answer? answer, double? counted, bool passes)
    {
        var found = new[] { Sure, Volts, Bolts, Fits }.Single(one => one.Key == ask).Judge(answer, counted, "answers[0]");
        Assert.Equal(passes, found.Count == 0);
        Assert.All(found, problem => Assert.StartsWith("answers[0].", problem.Path, StringComparison.Ordinal));
    }
}
