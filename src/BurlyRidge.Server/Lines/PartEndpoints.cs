using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig whose parts are to be listed.</summary>
public sealed record PartsRequest(Rig Rig) : IAboutRig;

/// <summary>Every part with its terminals and the wires at them; nothing is stored.</summary>
internal static class PartEndpoints
{
    public static void MapParts(this IEndpointRouteBuilder routes) => routes.MapRigs("/api/preview", ServerWords.Lines)
        .MapPost("/parts", (PartsRequest request) => TypedResults.Ok(PartCards.Of(request.Rig))).WithName("listParts").Refuses()
        .WithSummary("Every part with its terminals and the wires at them.").WithDescription("What a wire may join; a joint has one free terminal more than are taken.");
}
