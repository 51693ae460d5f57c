using BurlyRidge.Core.Exchange;
using BurlyRidge.Core;
using System.Runtime.InteropServices;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Net.Http.Headers;

namespace BurlyRidge.Server.Hosting;

/// <summary>
/// Reads the JSON body of every request the way that files and the database are read, before it is bound: what is refused
/// is refused by its field, and a rig of an older shape is brought to today's.
/// </summary>
internal static class RequestReading
{
    private const string Json = "application/json";

    public static void UseRequestReading(this IApplicationBuilder app) => app.Use(async (context, next) =>
    {
        if (TypeOf(context) is { } type && await RefusalAsync(context, type) is { } refusal)
        {
            await refusal.ExecuteAsync(context);
            return;
        }
        await next();
    });

    /// <summary>The type that the endpoint reads its body as; null where it reads none, or reads it itself.</summary>
    private static Type? TypeOf(HttpContext context) => context.GetEndpoint()?.Metadata.GetMetadata<IAcceptsMetadata>() is { RequestType: { } type } accepts
        && accepts.ContentTypes.Contains(Json) && context.GetEndpoint()!.Metadata.GetMetadata<ReadsItself>() is null ? type : null;

    private static async Task<IResult?> RefusalAsync(HttpContext context, Type type)
    {
        var request = context.Request;
        if (!request.HasJsonContentType()) return TypedResults.Problem(statusCode: StatusCodes.Status415UnsupportedMediaType);
        if (WrongCharset(request)) return TypedResults.Problem(statusCode: StatusCodes.Status415UnsupportedMediaType, title: ServerWords.SendJsonInUtf8);
        var text = await RequestText.BytesAsync(request);
        if (text.Length == 0) return BadInput.Of(new Problem("", ServerWords.SendOneJsonObject));
        var rig = typeof(IAboutRig).IsAssignableFrom(type) ? RigText.In(text) : null;
        var known = rig is null ? null : KnownRigs.Find(rig.Digest);
        var reading = known is null ? rig?.ReadAsync() : null;
        var without = rig?.Without();
        var (root, problems) = JsonReading.Read(known is null ? text : without, type);
        if (problems.Count > 0) return BadInput.Of(problems);
        var read = known ?? (reading is null ? null : await reading);
        if (read is not null) context.Features.Set(new RigAsked(rig!.Digest, read, known is not null));
        request.Body = new MemoryStream(read is not null ? without! : JsonMarshal.GetRawUtf8Value(root).ToArray());
        request.ContentLength = request.Body.Length;
        request.ContentType = Json;
        return null;
    }

    private static bool WrongCharset(HttpRequest request) =>
        MediaTypeHeaderValue.TryParse(request.ContentType, out var type) && type.Charset.HasValue
        && !type.Charset.Equals("utf-8", StringComparison.OrdinalIgnoreCase) && !type.Charset.Equals("\"utf-8\"", StringComparison.OrdinalIgnoreCase);
}

/// <summary>Says that an endpoint reads its body itself.</summary>
internal sealed class ReadsItself;
