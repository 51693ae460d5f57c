using System.Text.Json;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Metadata;

namespace BurlyRidge.Server.Hosting;

/// <summary>Answers for input that cannot be taken: problem documents (RFC 9457) with errors by field path.</summary>
internal static class BadInput
{
    public const string Title = "Some fields cannot be taken as they are.";

    public static ValidationProblem Of(IEnumerable<Problem> problems) => TypedResults.ValidationProblem(
        problems.GroupBy(problem => problem.Path)
            .ToDictionary(group => group.Key, group => group.Select(problem => problem.Message).Distinct().ToArray()),
        title: Title);

    /// <summary>Problems of a part of a document, under where it stands in the whole.</summary>
    public static IEnumerable<Problem> Under(string path, IEnumerable<Problem> problems) =>
        problems.Select(problem => problem with { Path = $"{path}.{problem.Path}" });

    public static ValidationProblem Of(params Problem[] problems) => Of(problems.AsEnumerable());
}

/// <summary>Turns a request that could not be read into such an answer.</summary>
internal sealed class BadInputHandler : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellation)
    {
        if (exception is not BadHttpRequestException bad) return false;
        IResult answer = bad.StatusCode == StatusCodes.Status400BadRequest
            ? BadInput.Of(bad.InnerException is JsonException json
                ? JsonProblem.Of(json, DocumentType(context))
                : [new Problem("", "Send one JSON object.")])
            : TypedResults.Problem(statusCode: bad.StatusCode);
        await answer.ExecuteAsync(context);
        return true;
    }

    private static Type? DocumentType(HttpContext context) =>
        context.Features.Get<IExceptionHandlerFeature>()?.Endpoint?.Metadata.GetMetadata<IAcceptsMetadata>()?.RequestType;
}
