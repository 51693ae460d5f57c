using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Assess;

internal static class AssessEndpoint
{
    public static void MapAssess(this IEndpointRouteBuilder routes) =>
        routes.MapPost("/api/assess", Answer)
            .WithTags("Assess")
            .WithSummary("Assesses a rig as it would be if saved; nothing is stored.");

    private static Results<Ok<Assessment>, ValidationProblem> Answer(Rig rig)
    {
        var problems = RigValidation.Validate(rig);
        return problems.Count > 0 ? BadInput.Of(problems) : TypedResults.Ok(Assessor.Assess(rig));
    }
}
