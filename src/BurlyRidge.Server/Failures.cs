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
                return TypedResults.Problem(type: ProblemTypes.Request, statusCode: bad.StatusCode, title: ServerWords.TheRequestCannotBeRead, detail: ServerWords.CheckItsAddressAndIts);
            case BadHttpRequestException bad when bad.StatusCode == StatusCodes.Status413PayloadTooLarge:
                return TypedResults.Problem(type: ProblemTypes.Request, statusCode: bad.StatusCode, title: ServerWords.ThatIsTooLarge, detail: ServerWords.FormatARequestHoldsUpTo(RequestText.LargestBody / 1024 / 1024));
            case BadHttpRequestException bad:
                return TypedResults.Problem(statusCode: bad.StatusCode);
            case UnreadableJobException unreadable:
                return TypedResults.Problem(type: ProblemTypes.Unreadable, statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThisJobCannotBeRead, detail: Why(unreadable));
            case DrawingTooLargeException:
                return TypedResults.Problem(type: ProblemTypes.TooLarge, statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.TheDrawingOfTheWhole, detail: ServerWords.FormatOneDrawingHoldsUpTo($"{Diagram.MaxStations:N0}"));
            case TooLongException:
                return TypedResults.Problem(type: ProblemTypes.TooLarge, statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThisRigIsTooLarge, detail: ServerWords.NothingOfThisChangeWas);
            case JobTooLargeException:
                return TypedResults.Problem(type: ProblemTypes.TooLarge, statusCode: StatusCodes.Status422UnprocessableEntity, title: ServerWords.ThisJobIsTooLarge, detail: ServerWords.ItCanBeLookedAt);
        }
        if (StorageTrouble.Of(exception) is not { } trouble) return null;
        LogTrouble(log, trouble.Title, exception.Message);
        return TypedResults.Problem(type: ProblemTypes.Storage, statusCode: trouble.Status, title: trouble.Title, detail: ServerWords.FormatNothingOfThisChangeWasStored(trouble.Remedy));
    }

    private static string Why(UnreadableJobException unreadable) =>
        ServerWords.FormatTheOthersCanWhatIs(string.Join(' ', unreadable.Job.Unreadable.Take(3).Select(problem => $"{problem.Path}: {problem.Message}")));

    [LoggerMessage(Level = LogLevel.Error, Message = "{Title} {Error}")]
    private static partial void LogTrouble(ILogger log, string title, string error);
}
