using BurlyRidge.Core;
using BurlyRidge.Core.Exchange;

namespace BurlyRidge.Server.Jobs;

/// <summary>Refuses details of a job that cannot be stored.</summary>
internal static class JobValidation
{
    private const int LongestName = 80;
    private const int LongestPlate = 20;
    private const int LongestNote = 2000;
    private const int LongestKey = 64;

    /// <summary>What is wrong with details; null stands for one that stays as it is.</summary>
    public static IEnumerable<Problem> Details(string? name, string? note, JobParticulars? particulars = null)
    {
        if (name is not null && (name.Trim().Length is 0 or > LongestName))
            yield return new Problem("name", $"Give the vehicle a name of 1 to {LongestName} characters.");
        if (note?.Length > LongestNote)
            yield return new Problem("note", $"A note holds up to {LongestNote} characters.");
        if (particulars?.Customer.Length > LongestName)
            yield return new Problem("particulars.customer", $"A customer has up to {LongestName} characters.");
        if (particulars?.Plate.Length > LongestPlate)
            yield return new Problem("particulars.plate", $"A number plate has up to {LongestPlate} characters.");
    }

    /// <summary>What is wrong with an idempotency key.</summary>
    public static IEnumerable<Problem> Key(string key)
    {
        if (key.Length is 0 or > LongestKey)
            yield return new Problem("idempotencyKey", $"Give 1 to {LongestKey} characters.");
    }
}
