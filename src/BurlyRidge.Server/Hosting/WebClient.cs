using System.Text;
using BurlyRidge.Core.Wording;
using Microsoft.Extensions.FileProviders;

namespace BurlyRidge.Server.Hosting;

/// <summary>Serves the built web client for every address that is a page of it.</summary>
internal static class WebClient
{
    private const string Page = "index.html";

    /// <summary>Stands in the page where the number of its styles goes.</summary>
    private const string NonceMark = "{style-nonce}";

    /// <summary>Stands in the page where the language of its words goes.</summary>
    private const string LanguageMark = "{language}";

    /// <summary>Addresses that are no pages.</summary>
    private static readonly string[] NoPages = ["/api", "/openapi", "/schemas", "/health"];

    /// <summary>Answers with the page where nothing else is at an address. It is no endpoint: an address that is asked in the wrong way stays told as that.</summary>
    public static void UseWebClient(this WebApplication app) => app.Use(async (context, next) =>
    {
        if (context.GetEndpoint() is null && IsPage(context.Request)) await (await PageAsync(context, app.Environment.WebRootFileProvider)).ExecuteAsync(context);
        else await next();
    });

    private static bool IsPage(HttpRequest request) =>
        (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        && !NoPages.Any(start => request.Path.StartsWithSegments(start, StringComparison.OrdinalIgnoreCase))
        && (!Path.HasExtension(request.Path.Value) || request.Path.Value == $"/{Page}");

    private static async Task<IResult> PageAsync(HttpContext context, IFileProvider files)
    {
        if (files.GetFileInfo(Page) is not { Exists: true } page)
            return TypedResults.Problem(statusCode: StatusCodes.Status404NotFound, title: ServerWords.TheWebClientIsNot, detail: ServerWords.StartBurlyRidgeWithRun);
        using var reader = new StreamReader(page.CreateReadStream(), Encoding.UTF8);
        var text = await reader.ReadToEndAsync(context.RequestAborted);
        context.Response.Headers.CacheControl = "no-store";
        var marked = text.Replace(NonceMark, Guard.Nonce(context), StringComparison.Ordinal).Replace(LanguageMark, Pseudo.On ? "pseudo" : "en", StringComparison.Ordinal);
        return TypedResults.Text(marked, "text/html", Encoding.UTF8);
    }
}
