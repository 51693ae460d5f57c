using BurlyRidge.Core.Assessing;
using BurlyRidge.Core;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Demo;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Assess;

/// <summary>A rig and the check of it that is to be cured, as the assessment names it.</summary>
public sealed record RemedyRequest(Rig Rig, string CheckId, string About = "", string? LineId = null);

/// <summary>The rig with the cure in it.</summary>
/// <param name="Label">What was done.</param>
public sealed record RemedyAnswer(string Label, Rig Rig);

/// <summary>A rig and one run of it.</summary>
public sealed record RunRequest(Rig Rig, string Run);

internal static class RemedyEndpoint
{
    public static void MapRemedies(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/remedy", CureAsync)
            .WithTags("Assess")
            .WithSummary("The rig with the remedy of one check in it; nothing is stored.")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        routes.MapPost("/api/run", JudgeAsync)
            .WithTags("Assess")
            .WithSummary("The wire ladder and the fuse window of one run, from the network; nothing is stored.");
    }

    private static async Task<Results<Ok<RemedyAnswer>, ValidationProblem, ProblemHttpResult>> CureAsync(RemedyRequest request, CancellationToken cancellation)
    {
        var problems = new AssessRequest(request.Rig).Problems().ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var assessment = (await AssessmentMemory.OfAsync(request.Rig, cancellation)).Assessment;
        var check = assessment.Lines.SelectMany(line => line.Checks).Concat(assessment.Checks)
            .FirstOrDefault(check => check.Id == request.CheckId && check.About == request.About && check.LineId == request.LineId && check.Remedy is not null);
        return check?.Remedy is { } remedy
            ? TypedResults.Ok(new RemedyAnswer(remedy.Label, remedy.Apply(request.Rig)))
            : TypedResults.Problem(
                statusCode: StatusCodes.Status422UnprocessableEntity,
                title: "There is nothing to cure there any more.",
                detail: $"The check {request.CheckId} holds, or has no remedy, on the rig as it is.");
    }

    private static async Task<Results<Ok<RunAssessment>, ValidationProblem>> JudgeAsync(RunRequest request, CancellationToken cancellation)
    {
        var problems = new AssessRequest(request.Rig).Problems().ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var assessed = await AssessmentMemory.OfAsync(request.Rig, cancellation);
        return cancellation.WorkOut(token => RunAssessment.Of(assessed, request.Run, DemoCatalogue.Wire, token)) is { } run
            ? TypedResults.Ok(run)
            : BadInput.Of(new Problem("run", $"There is no run called {request.Run}."));
    }
}
