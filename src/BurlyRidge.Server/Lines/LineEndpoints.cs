using BurlyRidge.Core;
using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Walkaround;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig and one line of it to be looked at.</summary>
/// <param name="State">How vehicle and switches stand; null: the least that lights it, engine off.</param>
public sealed record LineRequest(Rig Rig, string LineId, RigState? State = null);

/// <summary>Something to be added, removed or swapped along a line, as its view offers it.</summary>
public sealed record AlterRequest(Rig Rig, string LineId, string Station, string Offer);

/// <summary>A rig and a line planned in short that is to be wired part by part.</summary>
public sealed record PartsRequest(Rig Rig, string LineId);

/// <summary>A rig and a line of it that is to be taken out.</summary>
public sealed record RemoveLineRequest(Rig Rig, string LineId);

/// <summary>One line from source to earth, and what can be altered along it; nothing is stored.</summary>
internal static class LineEndpoints
{
    public static void MapLines(this IEndpointRouteBuilder routes)
    {
        var lines = routes.MapGroup("/api").WithTags("Lines");
        lines.MapPost("/line", Look).WithSummary("A line as strands of stations, with volts, amps and losses in the state asked for and in others.");
        lines.MapPost("/alter", Alter).WithSummary("The rig with a part of a line added, removed or swapped.").ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        lines.MapPost("/remove-line", Remove).WithSummary("The rig without a line and what only that needs, and what was done; nothing is stored.");
        lines.MapPost("/parts", Parts).WithSummary("The rig with a line planned in short wired part by part.");
    }

    private static Results<Ok<LineView>, ValidationProblem> Look(LineRequest request, CancellationToken cancellation)
    {
        var problems = Problems(request.Rig, request.LineId);
        if (request.State is { } state) problems.AddRange(StateValidation.Validate("state", state, request.Rig));
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(cancellation.WorkOut(token => LineView.Of(request.Rig, request.LineId, request.State, token))!);
    }

    private static Results<Ok<RigAnswer>, ValidationProblem, ProblemHttpResult> Alter(AlterRequest request)
    {
        var problems = Problems(request.Rig, request.LineId);
        if (problems.Count > 0) return BadInput.Of(problems);
        return LineView.Alter(request.Rig, request.LineId, request.Station, request.Offer) is { } altered
            ? TypedResults.Ok(new RigAnswer(altered))
            : TypedResults.Problem(
                statusCode: StatusCodes.Status422UnprocessableEntity,
                title: "That cannot be done there any more.",
                detail: $"{request.Offer} is not offered at {request.Station} of the rig as it is.");
    }

    private static Results<Ok<RigAnswer>, ValidationProblem> Parts(PartsRequest request)
    {
        var problems = Problems(request.Rig, request.LineId);
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(new RigAnswer(PlanToParts.Of(request.Rig, request.LineId)));
    }

    private static Results<Ok<RemovedLine>, ValidationProblem> Remove(RemoveLineRequest request)
    {
        var problems = Problems(request.Rig, request.LineId);
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(LineRemoval.Of(request.Rig, request.LineId)!);
    }

    private static List<Problem> Problems(Rig rig, string line)
    {
        var problems = new AssessRequest(rig).Problems().ToList();
        if (problems.Count == 0 && rig.Lines.All(other => other.Id != line)) problems.Add(new Problem("lineId", $"There is no line called {line}."));
        return problems;
    }
}
