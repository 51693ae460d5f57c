using System.Text;
using BurlyRidge.Core;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Commissioning.Training;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.PowerUp;
using BurlyRidge.Server.Shops;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Training;

/// <summary>An exercise under way.</summary>
/// <param name="Acts">All that the learner did, in its order.</param>
public sealed record TrainingRequest(Exercise Exercise, IReadOnlyList<TrainingAct> Acts)
{
    private const int MostActs = 500;

    internal IReadOnlyList<Problem> Problems()
    {
        var problems = new Problems();
        problems.Count("acts", Acts.Count, 0, MostActs, ServerWords.ActsOfALearner);
        foreach (var problem in Exercise.Validate()) problems.Add($"exercise.{problem.Path}", problem.Message);
        if (problems.Found.Count > 0) return problems.Found;
        var whole = QuickPlans.Structure(Exercise.Rig);
        for (var i = 0; i < Acts.Count; i++)
            if (Acts[i] is TrainingAct.Turns turns)
                foreach (var problem in StateValidation.Validate($"acts[{i}].dash", turns.Dash, whole)) problems.Add(problem.Path, problem.Message);
        return problems.Found;
    }
}

/// <summary>A new exercise, of a job as it is planned.</summary>
/// <param name="Fault">Key of the fault library; empty: one of the line, drawn by the seed.</param>
public sealed record NewExercise(string Title, Rig Rig, string Line, int Seed, string Fault = "") : IAboutRig;

/// <summary>Faults to be found, for learners.</summary>
internal static class TrainingEndpoints
{
    public static void MapTraining(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/exercises", () => TypedResults.Ok(ShippedExercises.All)).WithTags(ServerWords.PowerUp).WithName("listExercises").WithSummary("The exercises that come with it, the plainest first.").WithDescription("Each is a vehicle with one fault, which is hidden from the eye.");
        routes.MapPost("/api/exercises/file", ReadAsync).WithName("readExercise").WithTags(ServerWords.PowerUp).WithSummary("The exercise in a file; nothing is stored.").WithDescription("What is wrong with it is named by its field.")
            .Accepts<ExerciseFile>("application/json").WithMetadata(new ReadsItself());
        routes.MapPost("/api/training", TrainAsync).WithName("train").WithTags(ServerWords.PowerUp).WithSummary("What a learner's acts show and cost, and at the end their way beside the best one.").WithDescription("Nothing is stored: the same acts show the same.").ProducesValidationProblem();
        routes.MapRigs("/api/preview", ServerWords.PowerUp).MapPost("/exercise", MakeAsync).WithName("makeExercise").Refuses().WithSummary("An exercise of a job and a fault, as a file to hand on.").WithDescription("Without a fault one of the line is drawn by the seed.").Produces<ExerciseFile>();
    }

    private static async Task<Results<Ok<Exercise>, ValidationProblem>> ReadAsync(HttpRequest request)
    {
        var (exercise, problems) = ExerciseFile.Read(await RequestText.BytesAsync(request));
        return exercise is null ? BadInput.Of(problems) : TypedResults.Ok(exercise);
    }

    private static async Task<Results<Ok<TrainingView>, ValidationProblem>> TrainAsync(TrainingRequest request, ShopStore shops, CancellationToken cancellation)
    {
        var problems = request.Problems();
        if (problems.Count > 0) return BadInput.Of(problems);
        var assessed = await AssessmentCache.OfAsync(request.Exercise.Rig, cancellation);
        var (shop, _) = await shops.ReadAsync();
        var tables = await DiagnosisDesk.TablesOfAsync(assessed, request.Exercise.Line, null, cancellation);
        var view = tables is null ? null : cancellation.WorkOut(token => Lesson.Of(tables, Reach.Of(assessed, shop.TaskTable()), request.Exercise, request.Acts, token));
        return view is null ? BadInput.Of([new Problem("exercise.line", ServerWords.NoSuchFault)]) : TypedResults.Ok(view);
    }

    private static async Task<IResult> MakeAsync(NewExercise request, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        if (await DiagnosisDesk.TablesOfAsync(assessed, request.Line, null, cancellation) is not { FaultKeys: { Count: > 0 } keys } tables) return BadInput.Of([new Problem("line", ServerWords.NothingLightsIt)]);
        var fault = request.Fault.Length > 0 ? request.Fault : keys[(int)((uint)request.Seed % (uint)keys.Count)];
        if (!Lesson.CanBe(tables, fault)) return BadInput.Of([new Problem("fault", ServerWords.ItDoesNotShow)]);
        var exercise = Exercise.Of(request.Title, request.Rig, request.Line, request.Seed, fault);
        return exercise.Validate() is { Count: > 0 } problems ? BadInput.Of(problems) : TypedResults.File(Encoding.UTF8.GetBytes(ExerciseFile.Write(exercise)), "application/json", "exercise.json");
    }
}
