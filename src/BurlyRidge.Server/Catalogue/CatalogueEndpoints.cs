using BurlyRidge.Core.Fitting;
using BurlyRidge.Core;
using System.Text;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Catalogue;

/// <summary>A lamp of the catalogue.</summary>
/// <param name="Own">Whether it is the workshop's own, and so can be taken out.</param>
public sealed record OfferedLamp(CatalogueLamp Lamp, bool Own);

/// <summary>What came of a file.</summary>
/// <param name="Count">How many lamps of it were taken in.</param>
/// <param name="Unchanged">How many were in the catalogue as they are already.</param>
public sealed record ImportedLamps(int Count, int Unchanged, IReadOnlyList<OfferedLamp> Lamps);

/// <summary>The lamps that a line can start from.</summary>
internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        var catalogue = routes.MapGroup("/api/catalogue").WithTags("Catalogue");
        catalogue.MapGet("", AllAsync).WithName("listLamps").WithSummary("Every lamp, the workshop's own first.").WithDescription("Own lamps stand in the place of shipped ones of the same id.");
        catalogue.MapPut("/lamps", PutAsync).WithName("putLamp").WithSummary("Adds a lamp of the workshop's own, or changes it.").WithDescription("One that ships is changed by an own one of its id.");
        catalogue.MapDelete("/lamps/{id}", RemoveAsync).WithName("removeLamp").WithSummary("Takes one of the workshop's own out; jobs that have it keep it.").WithDescription("A shipped lamp that it stood for comes back.");
        catalogue.MapGet("/lamps.csv", ExportAsync).WithName("exportLamps").WithSummary("The catalogue as comma-separated values.").WithDescription("A column a field; what goes out comes back with no field changed.").Produces<string>(StatusCodes.Status200OK, "text/csv");
        catalogue.MapPost("/lamps.csv", ImportAsync).WithName("importLamps").WithSummary("Takes lamps in from comma-separated values: all of them or none.").WithDescription("Semicolons and decimal commas are read; what may mean either is asked about.").Accepts<string>("text/csv");
    }

    private static async Task<Ok<IReadOnlyList<OfferedLamp>>> AllAsync(LampCatalogue catalogue) => TypedResults.Ok(await Offered(catalogue));

    private static async Task<IReadOnlyList<OfferedLamp>> Offered(LampCatalogue catalogue)
    {
        var own = (await catalogue.OwnAsync()).Select(lamp => lamp.Fixture.Id).ToHashSet(StringComparer.Ordinal);
        return [.. (await catalogue.LampsAsync()).Select(lamp => new OfferedLamp(lamp, own.Contains(lamp.Fixture.Id)))];
    }

    private static async Task<Results<Ok<OfferedLamp>, ValidationProblem>> PutAsync(CatalogueLamp lamp, LampCatalogue catalogue)
    {
        var problems = CatalogueValidation.Validate(lamp);
        if (problems.Count > 0) return BadInput.Of(problems);
        if (await catalogue.CountWithAsync([lamp]) > LampCatalogue.MaxOwn) return BadInput.Of(new Problem("fixture.id", ServerWords.FormatTheCatalogueHoldsUpTo(LampCatalogue.MaxOwn)));
        await catalogue.PutAsync([lamp]);
        return TypedResults.Ok(new OfferedLamp(lamp, true));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> RemoveAsync(string id, LampCatalogue catalogue) => await catalogue.RemoveAsync(id)
        ? TypedResults.NoContent()
        : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchLamp);

    private static async Task<IResult> ExportAsync(LampCatalogue catalogue) =>
        TypedResults.File(Encoding.UTF8.GetBytes(LampCsv.Write(await catalogue.LampsAsync())), "text/csv; charset=utf-8", "lamps.csv");

    private static async Task<Results<Ok<ImportedLamps>, ValidationProblem>> ImportAsync(HttpRequest request, LampCatalogue catalogue)
    {
        var (all, problems) = LampCsv.Read((await RequestText.BytesAsync(request)).Span);
        if (problems.Count > 0) return BadInput.Of(problems);
        var lamps = await catalogue.NewAsync(all);
        if (await catalogue.CountWithAsync(lamps) > LampCatalogue.MaxOwn) return BadInput.Of(new Problem("file", ServerWords.FormatTheCatalogueHoldsUpTo(LampCatalogue.MaxOwn)));
        await catalogue.PutAsync(lamps);
        return TypedResults.Ok(new ImportedLamps(lamps.Count, all.Count - lamps.Count, await Offered(catalogue)));
    }
}
