using BurlyRidge.Core;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Lines;

/// <summary>A rig and a lamp of the catalogue that a line is to start from.</summary>
/// <param name="Lamp">Id of the lamp in the catalogue.</param>
public sealed record TemplatesRequest(Rig Rig, string Lamp, int Count = 1) : IAboutRig;

/// <summary>From a lamp to a whole line.</summary>
internal static class TemplateEndpoints
{
    public static void MapTemplates(this IEndpointRouteBuilder routes) => routes.MapRigs("/api/preview", ServerWords.Lines)
        .MapPost("/templates", OfferAsync).WithName("offerTemplates").WithSummary("The usual ways to start a line from a lamp, and why some do not suit.").WithDescription("With the outputs that could be taken, the proposed one first.");

    private static async Task<Results<Ok<IReadOnlyList<OfferedTemplate>>, ValidationProblem>> OfferAsync(TemplatesRequest request, LampCatalogue catalogue) =>
        await catalogue.FindAsync(request.Lamp) is { } lamp
            ? TypedResults.Ok(LineTemplates.For(request.Rig, lamp.Fixture, request.Count))
            : BadInput.Of(new Problem("lamp", ServerWords.FormatTheCatalogueHasNoLamp(request.Lamp)));
}
