using System.Text;
using BurlyRidge.Core.Bench;
using BurlyRidge.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server.Shops;

/// <summary>The shop, and the version that a change names.</summary>
/// <param name="Currencies">Codes that it can charge in.</param>
public sealed record ShopAnswer(Shop Shop, int Version, IReadOnlyList<string> Currencies);

/// <summary>A change of the shop, made on a version of it.</summary>
public sealed record ShopChange(Shop Shop, int OnVersion);

/// <summary>What the workshop charges by and has in stock.</summary>
internal static class ShopEndpoints
{
    public static void MapShop(this IEndpointRouteBuilder routes)
    {
        var shop = routes.MapGroup("/api/shop").WithTags(ServerWords.Shop);
        shop.MapGet("", ReadAsync).WithName("readShop").WithSummary("Currency, tax, hourly rate, task table, prices and stock of the workshop.").WithDescription("Version 0 is what ships.");
        shop.MapPut("", WriteAsync).WithName("writeShop").WithSummary("Changes the shop as a whole.").WithDescription("Made on a version, and refused as stale where another change came between.").ProducesProblem(StatusCodes.Status409Conflict);
        shop.MapGet("/prices.csv", ExportAsync).WithName("exportPrices").WithSummary("Own prices and stock as comma-separated values.").WithDescription("Item, price without tax, how many are at hand.").Produces<string>(StatusCodes.Status200OK, "text/csv");
        shop.MapPost("/prices.csv", ImportAsync).WithName("importPrices").WithSummary("Takes prices and stock in from comma-separated values: all of them or none.").WithDescription("What is wrong names row and column.").Accepts<string>("text/csv").ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static async Task<Ok<ShopAnswer>> ReadAsync(ShopStore store)
    {
        var (shop, version) = await store.ReadAsync();
        return TypedResults.Ok(new ShopAnswer(shop, version, Currencies.Codes));
    }

    private static async Task<Results<Ok<ShopAnswer>, ValidationProblem, ProblemHttpResult>> WriteAsync(ShopChange change, ShopStore store)
    {
        if (BadInput.Under("shop", change.Shop.Validate()).ToList() is { Count: > 0 } problems) return BadInput.Of(problems);
        return await store.WriteAsync(change.Shop, change.OnVersion) ? TypedResults.Ok(new ShopAnswer(change.Shop, change.OnVersion + 1, Currencies.Codes)) : Stale();
    }

    private static async Task<IResult> ExportAsync(ShopStore store) =>
        TypedResults.File(Encoding.UTF8.GetBytes(PriceCsv.Write((await store.ReadAsync()).Shop)), "text/csv; charset=utf-8", "prices.csv");

    private static async Task<Results<Ok<ShopAnswer>, ValidationProblem, ProblemHttpResult>> ImportAsync(HttpRequest request, ShopStore store)
    {
        var (shop, version) = await store.ReadAsync();
        var (read, problems) = PriceCsv.Read(shop, (await RequestText.BytesAsync(request)).Span);
        if (read is null) return BadInput.Of(problems);
        return await store.WriteAsync(read, version) ? TypedResults.Ok(new ShopAnswer(read, version + 1, Currencies.Codes)) : Stale();
    }

    private static ProblemHttpResult Stale() => TypedResults.Problem(
        statusCode: StatusCodes.Status409Conflict, title: ServerWords.TheShopWasChangedElsewhere, detail: ServerWords.NothingWasStoredSeeTheNewest, type: ProblemTypes.Stale);
}
