using BurlyRidge.Core;

namespace BurlyRidge.Server.Jobs;

/// <summary>Refuses details of a job that cannot be stored.</summary>
internal static class JobValidation
{
    private const int LongestName = 80;
    private const int LongestNote = 2000;
    private const int LongestKey = 64;

    /// <summary>What is wrong with a name or a note; null stands for one that stays as it is.</summary>
    public static IEnumerable<Problem> Details(string? name, string? note)
    {
        if (name is not null && (name.Trim().Length is 0 or > LongestName))
            yield return new Problem("name", $"Give the vehicle a name of 1 to {LongestName} characters.");
        if (note?.Length > LongestNote)
            yield return new Problem("note", $"A note holds up to {LongestNote} characters.");
    }

    /// <summary>What is wrong with an idempotency key.</summary>
    public static IEnumerable<Problem> Key(string key)
    {
        if (key.Length is 0 or > LongestKey)
            yield return new Problem("idempotencyKey", $"Give 1 to {LongestKey} characters.");
    }
}
