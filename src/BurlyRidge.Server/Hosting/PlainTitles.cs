using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.WebUtilities;

namespace BurlyRidge.Server.Hosting;

/// <summary>Words and types for answers that the framework gives by itself.</summary>
internal static class PlainTitles
{
    /// <summary>Puts them in place of the framework's own title.</summary>
    public static void Give(ProblemDetails problem)
    {
        if (problem.Type?.StartsWith('/') != true) problem.Type = ProblemTypes.Of(problem.Status ?? StatusCodes.Status500InternalServerError);
        if (problem.Status is not { } status || (problem.Title is { } title && title != ReasonPhrases.GetReasonPhrase(status) && !title.StartsWith("An error", StringComparison.Ordinal))) return;
        problem.Title = status switch
        {
            StatusCodes.Status404NotFound => "There is nothing at this address.",
            StatusCodes.Status405MethodNotAllowed => "That cannot be done at this address.",
            StatusCodes.Status415UnsupportedMediaType => "This kind of content is not taken here: send JSON as application/json, tables as text/csv.",
            StatusCodes.Status500InternalServerError => "Burly Ridge could not work that out. Nothing was stored.",
            _ => problem.Title,
        };
    }
}
