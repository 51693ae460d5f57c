namespace BurlyRidge.Server.Hosting;

/// <summary>Serves the built web client for every address that is a page of it.</summary>
internal static class WebClient
{
    public static void MapWebClient(this WebApplication app)
    {
        app.MapFallback("/api/{**rest}", () => TypedResults.Problem(
            statusCode: StatusCodes.Status404NotFound, title: "There is nothing at this address.")).ExcludeFromDescription();
        app.MapFallbackToFile("index.html");
    }
}
