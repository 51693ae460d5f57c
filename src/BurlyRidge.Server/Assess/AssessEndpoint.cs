using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Assess;

/// <summary>A rig to be assessed.</summary>
/// <param name="States">The states to solve it in, one after another, each from the contacts that the one before left.</param>
/// <param name="About">The line that is looked at closely: of the others no more than their row and what is against them; null: all.</param>
public sealed record AssessRequest(Rig Rig, IReadOnlyList<RigState>? States = null, string? About = null)
{
    /// <summary>All that is wrong with it.</summary>
    public IEnumerable<Problem> Problems()
    {
        var problems = BadInput.Under("rig", RigValidation.Validate(Rig)).ToList();
        if (problems.Count == 0 && RigSize.MostStates(Rig) is var most && States?.Count > most) return [new Problem("states", $"Ask for up to {most} states of a rig of this size.")];
        for (var i = 0; i < States?.Count; i++)
            problems.AddRange(StateValidation.Validate($"states[{i}]", States[i], Rig));
        return problems;
    }
}

/// <summary>A rig and other house rules for it.</summary>
public sealed record RulesRequest(Rig Rig, HouseRules HouseRules);

/// <summary>A rig in one state as a netlist.</summary>
public sealed record NetlistRequest(Rig Rig, RigState State);

internal static class AssessEndpoint
{
    public static void MapAssess(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/assess", AssessAsync)
            .WithTags("Assess")
            .WithSummary("Assesses a rig as it would be if saved; nothing is stored.");
        routes.MapPost("/api/rules", CompareAsync)
            .WithTags("Assess")
            .WithSummary("Which checks come out otherwise under other house rules; nothing is stored.");
        routes.MapPost("/api/netlist", Netlist)
            .WithTags("Assess")
            .WithSummary("A rig in one state as a SPICE netlist.")
            .Produces<string>(StatusCodes.Status200OK, "text/plain")
            .ProducesValidationProblem();
    }

    private static async Task<Results<Ok<Assessment>, ValidationProblem>> AssessAsync(AssessRequest request, CancellationToken cancellation)
    {
        var problems = request.Problems().ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var assessed = await AssessmentMemory.OfAsync(request.Rig, cancellation);
        var assessment = cancellation.WorkOut(token => assessed.In(request.States ?? [], token));
        return TypedResults.Ok(request.About is { } line ? assessment.About(line) : assessment);
    }

    private static async Task<Results<Ok<CheckChanges>, ValidationProblem>> CompareAsync(RulesRequest request, CancellationToken cancellation)
    {
        var other = request.Rig with { HouseRules = request.HouseRules };
        var problems = new AssessRequest(request.Rig).Problems().Concat(RigValidation.Validate(other).Where(problem => problem.Path.StartsWith("houseRules", StringComparison.Ordinal))).ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var today = await AssessmentMemory.OfAsync(request.Rig, cancellation);
        return TypedResults.Ok(CheckChanges.Of(today.Assessment, cancellation.WorkOut(token => AssessedRig.Of(other, cancellation: token)).Assessment));
    }

    private static IResult Netlist(NetlistRequest request)
    {
        var problems = new AssessRequest(request.Rig).Problems().Concat(StateValidation.Validate("state", request.State, request.Rig)).ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var solved = HarnessCompiler.Solve(PlanWiring.WireAll(LaidRig.Of(request.Rig).Rig), request.State);
        return TypedResults.Text(SpiceNetlist.Write("Burly Ridge rig", solved), "text/plain");
    }
}
