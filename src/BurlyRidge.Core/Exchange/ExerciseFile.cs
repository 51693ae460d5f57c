using System.Text.Json;
using BurlyRidge.Core.Commissioning.Training;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Exchange;

/// <summary>An exercise as a file of its own, to be handed to a learner; what is wrong is hidden in it from the eye.</summary>
/// <param name="Format">Always <see cref="FormatName"/>.</param>
/// <param name="Version">Shape of the rig in it.</param>
public sealed record ExerciseFile(string Format, int Version, string Title, string Line, int Seed, string Hidden, Rig Rig)
{
    /// <summary>What an exercise file calls itself.</summary>
    public const string FormatName = "burly-ridge-exercise";

    /// <summary>The exercise as text.</summary>
    public static string Write(Exercise exercise) =>
        JsonSerializer.Serialize(new ExerciseFile(FormatName, Rig.CurrentSchema, exercise.Title, exercise.Line, exercise.Seed, exercise.Hidden, exercise.Rig), JsonRules.Indented) + "\n";

    /// <summary>Reads a file in UTF-8; it is either there and valid, or there is at least one problem with its path.</summary>
    public static (Exercise? Exercise, IReadOnlyList<Problem> Problems) Read(ReadOnlyMemory<byte> text)
    {
        if (text.Length > JobFile.LargestBytes) return (null, [new Problem("", FileWords.FormatAnExerciseHoldsUp(JobFile.LargestBytes / 1024 / 1024))]);
        var (root, problems) = JsonText.Parse(text);
        if (problems.Count > 0) return (null, problems);
        if (FileHeader.CheckRig(root, FormatName, "exercise") is { } problem) return (null, [problem]);
        var (file, wrong) = JsonReading.Read<ExerciseFile>(root);
        if (file is null) return (null, wrong);
        var exercise = new Exercise(file.Title, file.Rig, file.Line, file.Seed, file.Hidden);
        problems = [.. exercise.Validate()];
        return problems.Count > 0 ? (null, problems) : (exercise, []);
    }
}
