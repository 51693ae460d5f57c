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
        if (problem.Status is not { } status || (problem.Title is { } title && title != ReasonPhrases.GetReasonPhrase(status) && !title.StartsWith(ServerWords.AnError, StringComparison.Ordinal))) return;
        problem.Title = status switch
        {
            StatusCodes.Status404NotFound => ServerWords.ThereIsNothingAtThis,
            StatusCodes.Status405MethodNotAllowed => ServerWords.ThatCannotBeDoneAt,
            StatusCodes.Status415UnsupportedMediaType => ServerWords.ThisKindOfContentIs,
            StatusCodes.Status500InternalServerError => ServerWords.BurlyRidgeCouldNotWork,
            _ => problem.Title,
        };
    }
}
