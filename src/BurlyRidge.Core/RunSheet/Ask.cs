namespace BurlyRidge.Core.RunSheet;

/// <summary>What a step asks for before it is done.</summary>
/// <param name="Key">Names it within its step.</param>
/// <param name="Words">What is asked.</param>
public sealed record Ask(string Key, AskKind Kind, string Words)
{
    /// <summary>Unit of a reading, as it is written.</summary>
    public string Unit { get; init; } = "";

    /// <summary>The least that a reading may be; null: no limit.</summary>
    public double? Least { get; init; }

    /// <summary>The most that it may be; null: no limit.</summary>
    public double? Most { get; init; }

    /// <summary>What it should be: of a reading as the network has it, of a count what has to come out; null: whatever comes out.</summary>
    public double? Expected { get; init; }

    /// <summary>Step and key whose count it has to agree with, where that was counted.</summary>
    public AskOf? Same { get; init; }

    /// <summary>What can be chosen; the first lets it pass.</summary>
    public IReadOnlyList<AskChoice> Choices { get; init; } = [];

    /// <summary>Key of the count of fasteners: what is logged of them counts there.</summary>
    public const string Fasteners = "fasteners";

    /// <summary>No meter and no vehicle gives more than this.</summary>
    private const double MostReading = 10_000;

    private const double MostCount = 1_000;

    private const int MostLetters = 300;

    /// <summary>What is wrong with an answer to it; empty: it passes.</summary>
    /// <param name="answer">Null: none was given.</param>
    /// <param name="counted">What was counted where it has to agree; null: nothing was.</param>
    /// <param name="path">The field that the problem is under.</param>
    public IReadOnlyList<Problem> Judge(Answer? answer, double? counted, string path)
    {
        var problems = new Problems();
        problems.Letters($"{path}.because", answer?.Because ?? "", MostLetters);
        switch (Kind)
        {
            case AskKind.Yes when answer?.Yes != true:
                problems.Add($"{path}.yes", RunSheetWords.FormatNotSo(Words));
                break;
            case AskKind.Choice when answer is null || Choices.All(choice => choice.Key != answer.Choice):
                problems.Add($"{path}.choice", RunSheetWords.FormatChooseOne(Words));
                break;
            case AskKind.Choice when answer.Choice != Choices[0].Key:
                problems.Add($"{path}.choice", RunSheetWords.FormatChoiceHolds(Choices.First(choice => choice.Key == answer.Choice).Words));
                break;
            case AskKind.Reading or AskKind.Count when answer?.Number is not { } number || !double.IsFinite(number):
                problems.Add($"{path}.number", RunSheetWords.FormatGiveANumber(Words));
                break;
            case AskKind.Reading:
                if (Math.Abs(answer.Number!.Value) > MostReading) problems.Within($"{path}.number", answer.Number.Value, -MostReading, MostReading, Unit);
                else if (answer.Number < Least) problems.Add($"{path}.number", RunSheetWords.FormatReadingTooLow(Said(answer.Number.Value), Said(Least.Value)));
                else if (answer.Number > Most) problems.Add($"{path}.number", RunSheetWords.FormatReadingTooHigh(Said(answer.Number.Value), Said(Most.Value)));
                break;
            case AskKind.Count:
                var count = answer.Number!.Value;
                if (count != Math.Floor(count) || count is < 0 or > MostCount) problems.Add($"{path}.number", RunSheetWords.FormatGiveACount(MostCount));
                else if ((counted ?? Expected) is { } due && count != due && string.IsNullOrWhiteSpace(answer.Because)) problems.Add($"{path}.number", RunSheetWords.FormatCountDiffers(count, due));
                break;
        }
        return problems.Found;
    }

    private string Said(double value) => RunSheetWords.FormatFigureWithUnit(value, Unit);

    internal static Ask Yes(string key, string words) => new(key, AskKind.Yes, words);

    internal static Ask Reading(string key, string words, string unit, double? least, double? most, double? expected = null) =>
        new(key, AskKind.Reading, words) { Unit = unit, Least = least, Most = most, Expected = expected is { } volts ? Math.Round(volts, 2) : null };

    internal static Ask Count(string key, string words, double? expected, AskOf? same = null) => new(key, AskKind.Count, words) { Expected = expected, Same = same };
}

/// <summary>Kinds of what is asked.</summary>
public enum AskKind
{
    /// <summary>Looked at, and it is so.</summary>
    Yes,

    /// <summary>What the meter reads.</summary>
    Reading,

    /// <summary>How many.</summary>
    Count,

    /// <summary>One of some.</summary>
    Choice,
}

/// <summary>An ask of another step.</summary>
public sealed record AskOf(string Step, string Key);

/// <summary>One of some answers.</summary>
public sealed record AskChoice(string Key, string Words);

/// <summary>What was answered.</summary>
/// <param name="Key">Of the ask.</param>
/// <param name="Because">Why a count differs.</param>
public sealed record Answer(string Key, bool? Yes = null, double? Number = null, string? Choice = null, string Because = "");
