using BurlyRidge.Core;
using BurlyRidge.Core.Changes;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Edits;

/// <summary>A rig and what is to be done to it.</summary>
public sealed record EditRequest(Rig Rig, EditCommand Command) : IAboutRig;

/// <summary>The rig with it done.</summary>
/// <param name="Notes">What was done and why, a sentence each; empty where the change says it itself.</param>
/// <param name="LineId">The line that came of it; null where none did.</param>
/// <param name="PartId">The part or wire that came of it; null where none did.</param>
public sealed record EditAnswer(Rig Rig, IReadOnlyList<string> Notes, string? LineId, string? PartId);

/// <summary>Two rigs to be held beside each other.</summary>
public sealed record ChangesRequest(Rig Rig, Rig Other) : IAboutRig
{
    IEnumerable<Problem> IAboutRig.Problems() => BadInput.Under("other", RigValidation.Validate(Other));
}

/// <summary>Every change of a rig that is more than the value of a field; nothing is stored.</summary>
internal static class EditEndpoint
{
    public static void MapEdits(this IEndpointRouteBuilder routes)
    {
        var edits = routes.MapRigs("/api", ServerWords.Edits);
        edits.MapPost("/changes", (ChangesRequest request) => TypedResults.Ok(RigChange.Between(request.Rig, request.Other))).WithName("changes").Refuses()
            .WithSummary("What differs between two rigs, field by field, in words.").WithDescription("From the first to the other.");
        edits.MapPost("/edits", RunAsync).WithName("edit").WithSummary("The rig with a command done to it, and what was done in words; nothing is stored.")
        .WithDescription("A command is one of a union, told apart by its kind. Fields of it that cannot be taken are named under \"command\"; a rig that it cannot be done on answers 422.")
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
    }

    private static async Task<Results<Ok<EditAnswer>, ValidationProblem, ProblemHttpResult>> RunAsync(EditRequest request, LampCatalogue catalogue, KitCatalogue kits, CancellationToken cancellation)
    {
        var (rig, command) = request;
        var context = new EditContext(rig)
        {
            Lamps = command.UsesCatalogue ? await catalogue.LampsAsync() : [],
            Kits = command.UsesCatalogue ? await kits.KitsAsync() : [],
            Sizes = QuickSizeCache.Sizes,
            Assessed = command.UsesAssessment ? await AssessmentCache.OfAsync(rig, cancellation) : null,
        };
        return cancellation.WorkOut(token => command.Run(context with { Cancellation = token })) switch
        {
            EditOutcome.Done done => Answer(done),
            EditOutcome.Refused refused => BadInput.Of(BadInput.Under("command", refused.Problems)),
            EditOutcome.NotPossible not => TypedResults.Problem(type: ProblemTypes.NotPossible, statusCode: StatusCodes.Status422UnprocessableEntity, title: not.Title, detail: not.Detail),
            var other => throw new NotSupportedException($"{other}"),
        };
    }

    private static Ok<EditAnswer> Answer(EditOutcome.Done done)
    {
        AssessmentCache.Begin(done.Rig); // it is saved next, which asks what follows
        return TypedResults.Ok(new EditAnswer(done.Rig, done.Notes, done.LineId, done.PartId));
    }
}
