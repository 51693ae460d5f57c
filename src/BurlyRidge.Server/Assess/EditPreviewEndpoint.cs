using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace BurlyRidge.Server.Assess;

/// <summary>A rig as an edit made it, and what of it is on screen.</summary>
/// <param name="LineId">The line that is looked at closely: of the others no more than their row and what is against them; null: all of all.</param>
/// <param name="State">How vehicle and switches stand for it; null: the least that lights it, engine off.</param>
/// <param name="Run">The wire that is judged.</param>
public sealed record EditPreviewRequest(Rig Rig, string? LineId = null, RigState? State = null, string? Run = null) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() => State is { } state ? StateValidation.Validate("state", state, QuickPlans.Structure(Rig)) : [];
}

/// <summary>One of the things that follow from an edit; the others are null.</summary>
/// <param name="Line">The line that is looked at, from source to earth.</param>
/// <param name="Assessment">What follows from the rig.</param>
/// <param name="Run">The wire, every size of it judged.</param>
public sealed record EditPreviewPart(LineView? Line = null, Assessment? Assessment = null, RunAssessment? Run = null);

/// <summary>What follows from an edit, in the order in which a person looks for it: the line under the hands first.</summary>
internal static class EditPreviewEndpoint
{
    public static void MapEditPreview(this IEndpointRouteBuilder routes) => routes.MapRigs("/api/preview", ServerWords.Assess)
        .MapPost("/edit", PreviewAsync).WithName("previewEdit").Refuses().Produces<EditPreviewPart>(StatusCodes.Status200OK, JsonLines.ContentType)
        .WithSummary("What follows from an edit, part by part as it is worked out: the line looked at, the assessment, the wire judged.")
        .WithDescription("One JSON object a line. A line or a wire that is not there has no part. Nothing is stored.");

    private static async Task PreviewAsync(EditPreviewRequest request, HttpContext context, IOptions<JsonOptions> json)
    {
        var client = context.RequestAborted;
        var send = JsonLines.Begin<EditPreviewPart>(context, json);
        using var held = AssessmentCache.Hold(request.Rig);
        if (request.LineId is { } lineId)
        {
            var whole = await held.WholeAsync(client);
            if (client.WorkOut(token => LineView.Of(whole, lineId, request.State, token)) is { } line) await send(new(Line: line));
        }
        var assessed = await held.AssessedAsync(client);
        await send(new(Assessment: request.LineId is { } about ? assessed.Assessment.About(about) : assessed.Assessment));
        if (request.Run is { } run && client.WorkOut(token => RunAssessment.Of(assessed, run, ShippedCatalogue.Wire, token)) is { } judged) await send(new(Run: judged));
    }
}
