using System.Buffers;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace BurlyRidge.Server.Hosting;

/// <summary>An answer that comes line by line, one JSON object each, as soon as it is there.</summary>
internal static class JsonLines
{
    public const string ContentType = "application/jsonl";

    /// <summary>Begins it; what is given to the writer goes out at once.</summary>
    public static Func<TPart, Task> Begin<TPart>(HttpContext context, IOptions<JsonOptions> json)
    {
        context.Response.ContentType = ContentType;
        return async part =>
        {
            await JsonSerializer.SerializeAsync(context.Response.BodyWriter, part, json.Value.SerializerOptions, context.RequestAborted);
            context.Response.BodyWriter.Write("\n"u8);
            await context.Response.BodyWriter.FlushAsync(context.RequestAborted);
        };
    }
}
