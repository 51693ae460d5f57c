using System.Text;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Commissioning.Training;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;
using CsCheck;

namespace BurlyRidge.Core.Tests.Exchange;

/// <summary>An exercise goes from an instructor to a learner as a file.</summary>
public class ExerciseFileTests
{
    private static readonly Exercise Made = Exercise.Of("One bar", AllShapes.Competent[0].Rig, "line", 7, "fuse-out:f");

    private static readonly string Text = ExerciseFile.Write(Made);

    private static (Exercise? Exercise, IReadOnlyList<Problem> Problems) Read(string text) => ExerciseFile.Read(Encoding.UTF8.GetBytes(text));

    private static string With(Action<JsonObject> change)
    {
        var file = (JsonObject)JsonNode.Parse(Text)!;
        change(file);
        return file.ToJsonString();
    }

    public static TheoryData<string> Shapes => [.. AllShapes.Competent.Select(shape => shape.Name)];

    [Theory]
    [MemberData(nameof(Shapes))]
    public void What_goes_out_comes_back_the_same(string name)
    {
        var made = Exercise.Of("Any", AllShapes.Competent.Single(shape => shape.Name == name).Rig, "line", 3, "wire-open:somewhere");
        var (exercise, problems) = Read(ExerciseFile.Write(made));
        Assert.Empty(problems);
        Assert.Equal(("wire-open:somewhere", 3, "line"), (exercise!.Fault(), exercise.Seed, exercise.Line));
        Assert.Equal(ExerciseFile.Write(made), ExerciseFile.Write(exercise));
    }

    /// <summary>Somebody who looks into the file does not come across what is wrong.</summary>
    [Fact]
    public void What_is_wrong_does_not_stand_in_it() => Assert.DoesNotContain("fuse-out", Text, StringComparison.Ordinal);

    public static TheoryData<string, string> Spoilt => new()
    {
        { "format", With(file => file["format"] = JobFile.FormatName) },
        { "version", With(file => file["version"] = Rig.CurrentSchema + 1) },
        { "version", With(file => file.Remove("version")) },
        { "rig", With(file => file.Remove("rig")) },
        { "rig.schemaVersion", With(file => file["version"] = Rig.CurrentSchema - 1) },
        { "line", With(file => file["line"] = "another") },
        { "title", With(file => file["title"] = new string('a', 201)) },
        { "hidden", With(file => file["hidden"] = "no base of 64") },
        { "", "[]" },
    };

    [Theory]
    [MemberData(nameof(Spoilt))]
    public void What_is_wrong_with_a_file_is_said_by_its_field(string field, string text)
    {
        var (exercise, problems) = Read(text);
        Assert.Null(exercise);
        Assert.Contains(problems, problem => problem.Path == field);
        Assert.All(problems, problem => Assert.NotEqual("", problem.Message));
    }

    /// <summary>A file that was cut off, or has letters that are none of it, is refused with a reason and never read by half.</summary>
    [Fact]
    public void What_is_no_whole_file_is_refused() => Gen.Select(Gen.Int[0, Text.Length - 3], Gen.Char['!', '~']).Sample((length, letter) =>
    {
        foreach (var text in new[] { Text[..length], $"{Text[..length]}{letter}" })
        {
            var (exercise, problems) = Read(text);
            Assert.Null(exercise);
            Assert.NotEmpty(problems);
        }
    });

    /// <summary>A rig as an earlier version stored it is raised to today's shape, as that of a job is.</summary>
    [Fact]
    public void An_earlier_rig_is_read_as_it_was_meant()
    {
        var kept = (JsonObject)JsonNode.Parse(File.ReadAllText(Path.Combine(Repository.Root, "tests", "BurlyRidge.Core.Tests", "Exchange", "Golden", "rig-v3.json")))!;
        var line = kept["lines"]![0]!["id"]!.GetValue<string>();
        var file = JsonNode.Parse(ExerciseFile.Write(Exercise.Of("Kept", Made.Rig, line, 1, "fuse-out:f")))!;
        (file["version"], file["rig"]) = (3, kept);
        var (exercise, problems) = Read(file.ToJsonString());
        Assert.Empty(problems);
        Assert.Equal((Rig.CurrentSchema, "fuse-out:f"), (exercise!.Rig.SchemaVersion, exercise.Fault()));
    }
}
