using System.Buffers;
using System.Text.Json;
using System.Threading.Channels;
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

    /// <summary>The same of an answer that is worked out beside: what the work tells goes out in its order, until it ends.</summary>
    public static async Task WhileAsync<TPart>(HttpContext context, IOptions<JsonOptions> json, Func<Action<TPart>, Task> work)
    {
        var parts = Channel.CreateUnbounded<TPart>();
        var working = Task.Run(async () =>
        {
            try
            {
                await work(part => parts.Writer.TryWrite(part));
            }
            finally
            {
                parts.Writer.Complete();
            }
        }, context.RequestAborted);
        var send = Begin<TPart>(context, json);
        await foreach (var part in parts.Reader.ReadAllAsync(context.RequestAborted)) await send(part);
        await working;
    }
}
