using BurlyRidge.Server.Hosting;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Storage;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BurlyRidge.Server;

/// <summary>Turns what can go wrong while a request is answered into a problem document (RFC 9457) that says what to do.</summary>
internal sealed partial class Failures(ILogger<Failures> log) : IExceptionHandler
{
    private const int ClientLeft = 499;

    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellation)
    {
        if (context.RequestAborted.IsCancellationRequested)
        {
            context.Response.StatusCode = ClientLeft;
            return true;
        }
        if (Answer(exception) is not { } answer) return false;
        await answer.ExecuteAsync(context);
        return true;
    }

    private ProblemHttpResult? Answer(Exception exception)
    {
        switch (exception)
        {
            case BadHttpRequestException bad when bad.StatusCode == StatusCodes.Status400BadRequest:
                return TypedResults.Problem(type: ProblemTypes.Request, statusCode: bad.StatusCode, title: "The request cannot be read.", detail: "Check its address and its query.");
            case BadHttpRequestException bad when bad.StatusCode == StatusCodes.Status413PayloadTooLarge:
                return TypedResults.Problem(type: ProblemTypes.Request, statusCode: bad.StatusCode, title: "That is too large.", detail: $"A request holds up to {RequestText.LargestBody / 1024 / 1024} MiB. Nothing of it was stored.");
            case BadHttpRequestException bad:
                return TypedResults.Problem(statusCode: bad.StatusCode);
            case UnreadableJobException unreadable:
                return TypedResults.Problem(type: ProblemTypes.Unreadable, statusCode: StatusCodes.Status422UnprocessableEntity, title: "This job cannot be read.", detail: Why(unreadable));
            case DrawingTooLargeException:
                return TypedResults.Problem(type: ProblemTypes.TooLarge, statusCode: StatusCodes.Status422UnprocessableEntity, title: "The drawing of the whole rig would be too large.", detail: $"One drawing holds up to {Diagram.MaxStations:N0} parts and wires. Draw the lines one by one.");
            case TooLongException:
                return TypedResults.Problem(type: ProblemTypes.TooLarge, statusCode: StatusCodes.Status422UnprocessableEntity, title: "This rig is too large to be worked out.", detail: "Nothing of this change was stored. Take parts out, or split the job.");
            case JobTooLargeException:
                return TypedResults.Problem(type: ProblemTypes.TooLarge, statusCode: StatusCodes.Status422UnprocessableEntity, title: "This job is too large to be worked out.", detail: "It can be looked at and exported as a file.");
        }
        if (StorageTrouble.Of(exception) is not { } trouble) return null;
        LogTrouble(log, trouble.Title, exception.Message);
        return TypedResults.Problem(type: ProblemTypes.Storage, statusCode: trouble.Status, title: trouble.Title, detail: $"Nothing of this change was stored. {trouble.Remedy}");
    }

    private static string Why(UnreadableJobException unreadable) =>
        $"The others can. What is wrong with it: {string.Join(' ', unreadable.Job.Unreadable.Take(3).Select(problem => $"{problem.Path}: {problem.Message}"))}";

    [LoggerMessage(Level = LogLevel.Error, Message = "{Title} {Error}")]
    private static partial void LogTrouble(ILogger log, string title, string error);
}
