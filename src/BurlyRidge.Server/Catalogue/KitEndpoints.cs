using System.Text;
using BurlyRidge.Core;
using BurlyRidge.Core.Kits;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Catalogue;

/// <summary>A bought harness of the catalogue.</summary>
/// <param name="Own">Whether it is the workshop's own, and so can be taken out.</param>
public sealed record OfferedKit(Kit Kit, bool Own);

/// <summary>What came of a file.</summary>
/// <param name="Count">How many kits of it were taken in.</param>
public sealed record ImportedKits(int Count, IReadOnlyList<OfferedKit> Kits);

/// <summary>The bought harnesses of the catalogue.</summary>
internal static class KitEndpoints
{
    public static void MapKits(this IEndpointRouteBuilder routes)
    {
        var catalogue = routes.MapGroup("/api/catalogue/kits").WithTags("Catalogue");
        catalogue.MapGet("", AllAsync).WithName("listKits").WithSummary("Every bought harness, the workshop's own first.").WithDescription("Own kits stand in the place of shipped ones of the same id.");
        catalogue.MapPut("", PutAsync).WithName("putKit").WithSummary("Adds a kit of the workshop's own, or changes it.").WithDescription("One that ships is changed by an own one of its id.");
        catalogue.MapDelete("/{id}", RemoveAsync).WithName("removeKit").WithSummary("Takes one of the workshop's own out; jobs that have it keep it.").WithDescription("A shipped kit that it stood for comes back.");
        catalogue.MapGet("/table.csv", ExportAsync).WithName("exportKits").WithSummary("The kits as comma-separated values.").WithDescription("A row a part or a core; what goes out comes back the same.").Produces<string>(StatusCodes.Status200OK, "text/csv");
        catalogue.MapPost("/table.csv", ImportAsync).WithName("importKits").WithSummary("Takes kits in from comma-separated values: all of them or none.").WithDescription("What is wrong names row and column.").Accepts<string>("text/csv");
    }

    private static async Task<Ok<IReadOnlyList<OfferedKit>>> AllAsync(KitCatalogue catalogue) => TypedResults.Ok(await Offered(catalogue));

    private static async Task<IReadOnlyList<OfferedKit>> Offered(KitCatalogue catalogue)
    {
        var own = (await catalogue.OwnAsync()).Select(kit => kit.Id).ToHashSet(StringComparer.Ordinal);
        return [.. (await catalogue.KitsAsync()).Select(kit => new OfferedKit(kit, own.Contains(kit.Id)))];
    }

    private static async Task<Results<Ok<OfferedKit>, ValidationProblem>> PutAsync(Kit kit, KitCatalogue catalogue)
    {
        var problems = KitValidation.Validate(kit);
        if (problems.Count > 0) return BadInput.Of(problems);
        if (await catalogue.CountWithAsync([kit]) > KitCatalogue.MaxOwn) return BadInput.Of(new Problem("id", ServerWords.FormatTheCatalogueHoldsKits(KitCatalogue.MaxOwn)));
        await catalogue.PutAsync([kit]);
        return TypedResults.Ok(new OfferedKit(kit, true));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> RemoveAsync(string id, KitCatalogue catalogue) => await catalogue.RemoveAsync(id)
        ? TypedResults.NoContent()
        : TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.ThereIsNoSuchKit);

    private static async Task<IResult> ExportAsync(KitCatalogue catalogue) =>
        TypedResults.File(Encoding.UTF8.GetBytes(KitCsv.Write(await catalogue.KitsAsync())), "text/csv; charset=utf-8", "kits.csv");

    private static async Task<Results<Ok<ImportedKits>, ValidationProblem>> ImportAsync(HttpRequest request, KitCatalogue catalogue)
    {
        var (kits, problems) = KitCsv.Read((await RequestText.BytesAsync(request)).Span);
        if (problems.Count > 0) return BadInput.Of(problems);
        if (await catalogue.CountWithAsync(kits) > KitCatalogue.MaxOwn) return BadInput.Of(new Problem("file", ServerWords.FormatTheCatalogueHoldsKits(KitCatalogue.MaxOwn)));
        await catalogue.PutAsync(kits);
        return TypedResults.Ok(new ImportedKits(kits.Count, await Offered(catalogue)));
    }
}
