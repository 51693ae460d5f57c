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
    private const int MostStates = 64;

    /// <summary>All that is wrong with it.</summary>
    public IEnumerable<Problem> Problems()
    {
        var problems = BadInput.Under("rig", RigValidation.Validate(Rig)).ToList();
        if (States?.Count > MostStates) problems.Add(new Problem("states", $"Ask for up to {MostStates} states."));
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
        routes.MapPost("/api/assess", Assess)
            .WithTags("Assess")
            .WithSummary("Assesses a rig as it would be if saved; nothing is stored.");
        routes.MapPost("/api/rules", Compare)
            .WithTags("Assess")
            .WithSummary("Which checks come out otherwise under other house rules; nothing is stored.");
        routes.MapPost("/api/netlist", Netlist)
            .WithTags("Assess")
            .WithSummary("A rig in one state as a SPICE netlist.")
            .Produces<string>(StatusCodes.Status200OK, "text/plain")
            .ProducesValidationProblem();
    }

    private static Results<Ok<Assessment>, ValidationProblem> Assess(AssessRequest request)
    {
        var problems = request.Problems().ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var assessment = AssessmentMemory.Of(request.Rig).In(request.States ?? []);
        return TypedResults.Ok(request.About is { } line ? assessment.About(line) : assessment);
    }

    private static Results<Ok<CheckChanges>, ValidationProblem> Compare(RulesRequest request)
    {
        var other = request.Rig with { HouseRules = request.HouseRules };
        var problems = new AssessRequest(request.Rig).Problems().Concat(RigValidation.Validate(other).Where(problem => problem.Path.StartsWith("houseRules", StringComparison.Ordinal))).ToList();
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(CheckChanges.Of(AssessmentMemory.Of(request.Rig).Assessment, Assessor.Assess(other)));
    }

    private static IResult Netlist(NetlistRequest request)
    {
        var problems = new AssessRequest(request.Rig).Problems().Concat(StateValidation.Validate("state", request.State, request.Rig)).ToList();
        if (problems.Count > 0) return BadInput.Of(problems);
        var solved = HarnessCompiler.Solve(PlanWiring.WireAll(LaidRig.Of(request.Rig).Rig), request.State);
        return TypedResults.Text(SpiceNetlist.Write("Burly Ridge rig", solved), "text/plain");
    }
}
