using System.Globalization;
using BurlyRidge.Core;
using Microsoft.Net.Http.Headers;

namespace BurlyRidge.Server.Jobs;

/// <summary>What a save may say in its headers instead of its body: If-Match (RFC 9110, 13.1.1) and Idempotency-Key.</summary>
internal static class SaveHeaders
{
    private const string KeyHeader = "Idempotency-Key";
    private const string RevisionField = "onRevision";
    private const string KeyField = "idempotencyKey";

    /// <summary>The entity tag of a revision.</summary>
    public static string TagOf(int revision) => string.Create(CultureInfo.InvariantCulture, $"\"{revision}\"");

    /// <summary>Revision and key of a save, from body and headers; with what is wrong with them.</summary>
    public static (int OnRevision, string Key, IReadOnlyList<Problem> Problems) With(HttpRequest request, int? onRevision, string? key)
    {
        var problems = new List<Problem>();
        var tag = request.Headers[HeaderNames.IfMatch].ToString();
        if (tag.Length > 0)
        {
            if (!int.TryParse(tag.Trim('"'), NumberStyles.None, CultureInfo.InvariantCulture, out var matched) || tag != TagOf(matched)) problems.Add(new Problem(RevisionField, ServerWords.IfMatchHoldsOneRevision));
            else if (onRevision is { } said && said != matched) problems.Add(new Problem(RevisionField, ServerWords.IfMatchNamesAnotherRevision));
            else onRevision = matched;
        }
        var named = KeyOf(request);
        if (named is not null && key is not null && named != key) problems.Add(new Problem(KeyField, ServerWords.IdempotencyKeyIsAnotherThan));
        key ??= named;
        if (onRevision is null && problems.Count == 0) problems.Add(new Problem(RevisionField, ServerWords.IsMissing));
        if (key is null) problems.Add(new Problem(KeyField, ServerWords.IsMissing));
        else problems.AddRange(JobValidation.Key(key));
        return (onRevision ?? 0, key ?? "", problems);
    }

    /// <summary>The key in the header; null where there is none.</summary>
    public static string? KeyOf(HttpRequest request) => request.Headers[KeyHeader].ToString() is { Length: > 0 } key ? key.Trim('"') : null;
}

/// <summary>An open job with the entity tag of its revision.</summary>
internal sealed class Tagged(OpenJob job) : IResult
{
    public Task ExecuteAsync(HttpContext context)
    {
        context.Response.Headers.ETag = SaveHeaders.TagOf(job.Revision);
        return TypedResults.Ok(job).ExecuteAsync(context);
    }
}
