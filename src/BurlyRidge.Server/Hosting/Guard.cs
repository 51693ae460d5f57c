using System.Security.Cryptography;

namespace BurlyRidge.Server.Hosting;

/// <summary>What every answer carries so that a browser lets no other page in, and what is asked of a request that changes something.</summary>
internal static class Guard
{
    private const string NonceItem = "burly-ridge-nonce";
    private const int NonceBytes = 16;

    public static void UseGuard(this IApplicationBuilder app) => app.Use(async (context, next) =>
    {
        Label(context);
        if (IsWrite(context.Request) && !IsOurs(context.Request))
        {
            await TypedResults.Problem(statusCode: StatusCodes.Status403Forbidden, title: ServerWords.ChangesAreTakenFromBurly).ExecuteAsync(context);
            return;
        }
        await next();
    });

    /// <summary>The number that the styles of this answer's page are known by; another one for each answer.</summary>
    public static string Nonce(HttpContext context) => (string)context.Items[NonceItem]!;

    private static void Label(HttpContext context)
    {
        var nonce = Convert.ToBase64String(RandomNumberGenerator.GetBytes(NonceBytes));
        context.Items[NonceItem] = nonce;
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = $"default-src 'self'; style-src 'self' 'nonce-{nonce}'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        if (context.Request.Path.StartsWithSegments("/api", StringComparison.OrdinalIgnoreCase)) headers.CacheControl = "no-store";
    }

    private static bool IsWrite(HttpRequest request) =>
        !HttpMethods.IsGet(request.Method) && !HttpMethods.IsHead(request.Method) && !HttpMethods.IsOptions(request.Method);

    /// <summary>A program that is no browser says neither where a request comes from nor what fetched it.</summary>
    private static bool IsOurs(HttpRequest request)
    {
        var origin = request.Headers.Origin.ToString();
        var site = request.Headers["Sec-Fetch-Site"].ToString();
        return (origin.Length == 0 || origin == $"{request.Scheme}://{request.Host}") && (site is "" or "same-origin");
    }
}
