using BurlyRidge.Core.Exchange;
namespace BurlyRidge.Server.Hosting;

/// <summary>The body of a request as it came.</summary>
internal static class RequestText
{
    /// <summary>The largest body of a request, bytes.</summary>
    internal const long LargestBody = JobFile.LargestBytes;

    /// <summary>All of it; the server's limit of a body's size holds.</summary>
    public static async Task<ReadOnlyMemory<byte>> BytesAsync(HttpRequest request)
    {
        var text = new MemoryStream((int)Math.Min(request.ContentLength ?? 0, LargestBody));
        await request.Body.CopyToAsync(text, request.HttpContext.RequestAborted);
        return text.GetBuffer().AsMemory(0, (int)text.Length);
    }
}
