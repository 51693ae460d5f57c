using BurlyRidge.Core.Commissioning.Training;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Server.Training;

/// <summary>Exercises that come with the demo, the plainest first.</summary>
internal static class ShippedExercises
{
    /// <summary>All of them, each on a demo job as it is planned.</summary>
    public static IReadOnlyList<Exercise> All { get; } =
    [
        Of(ServerWords.ExerciseNothingWorks, Alone(DemoJobs.All[3].Rig, "driving-bar"), "driving-bar", "fuse-out:driving-bar-fuse", 3),
        Of(ServerWords.ExercisePanel, 0, "scene-left", "wire-open:main-fuse-out-to-box-plus", 5),
        Of(ServerWords.ExerciseSharedEarth, 0, "rear-work", "earth-on-paint:stud-rear", 7),
        Of(ServerWords.ExerciseNegativeHeadlamp, 1, "beam-pair", "wrong-side:highBeam", 11),
        Of(ServerWords.ExerciseRow, 1, "rows", "wire-open:rows-plug-back-3", 13),
        Of(ServerWords.ExerciseConverter, 2, "boom", "converter-dead:step-down", 17),
    ];

    private static Exercise Of(string title, int job, string line, string fault, int seed) => Of(title, DemoJobs.All[job].Rig, line, fault, seed);

    private static Exercise Of(string title, Rig rig, string line, string fault, int seed) => Exercise.Of(title, rig, line, seed, fault);

    /// <summary>A vehicle that has but one line.</summary>
    private static Rig Alone(Rig rig, string line) =>
        rig.Lines.Where(own => own.Id != line).Aggregate(rig, (left, own) => new RemoveLine(own.Id).Run(new EditContext(left)) is EditOutcome.Done done ? done.Rig : left);
}
