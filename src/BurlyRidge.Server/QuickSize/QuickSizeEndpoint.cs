using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.QuickSize;

internal static class QuickSizeEndpoint
{
    public static void MapQuickSize(this IEndpointRouteBuilder routes) =>
        routes.MapPost("/api/quick-size", Answer)
            .WithTags("Quick size")
            .WithName("quickSize").WithSummary("Sizes one line with no job; nothing is stored.").WithDescription("Lamps, length, way back and heat go in; wire, fuse, relay and the volts at the lamp come out, each with its reason.");

    private static Results<Ok<LineAssessment>, ValidationProblem> Answer(QuickSizeRequest request)
    {
        var rig = request.ToRig();
        var problems = RigValidation.Validate(rig);
        return problems.Count > 0
            ? BadInput.Of(problems.Select(request.InOwnWords))
            : TypedResults.Ok(Assessor.Assess(rig.Vehicle, rig.HouseRules, rig.Lines[0].Plan!, sizes: QuickSizeCache.Sizes));
    }
}
