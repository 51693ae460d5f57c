using System.Reflection;

namespace BurlyRidge.Server.Hosting;

/// <summary>Says that the server answers; it is started only once the database is migrated.</summary>
/// <param name="Status">"ok".</param>
/// <param name="Version">Version of the program.</param>
public sealed record Health(string Status, string Version);

internal static class HealthEndpoint
{
    private static readonly Health Ok = new("ok", Assembly.GetExecutingAssembly().GetName().Version!.ToString(3));

    public static void MapHealth(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/health", () => TypedResults.Ok(Ok)).WithTags("Health").WithName("health").WithSummary("Whether the server answers.").WithDescription("It is started only once the database is ready.");
}
