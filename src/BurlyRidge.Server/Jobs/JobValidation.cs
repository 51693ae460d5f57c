using BurlyRidge.Core;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Records;

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
            yield return new Problem("name", ServerWords.FormatGiveTheVehicleAName(LongestName));
        if (note?.Length > LongestNote)
            yield return new Problem("note", ServerWords.FormatANoteHoldsUpTo(LongestNote));
        if (particulars?.Customer.Length > LongestName)
            yield return new Problem("particulars.customer", ServerWords.FormatACustomerHasUpTo(LongestName));
        if (particulars?.Plate.Length > LongestPlate)
            yield return new Problem("particulars.plate", ServerWords.FormatANumberPlateHasUp(LongestPlate));
    }

    /// <summary>What is wrong with an idempotency key.</summary>
    public static IEnumerable<Problem> Key(string key)
    {
        if (key.Length is 0 or > LongestKey)
            yield return new Problem("idempotencyKey", ServerWords.FormatGive1ToCharacters(LongestKey));
    }

    /// <summary>What is wrong with an entry for a job's record: its key, the revision that it speaks of, who, from where.</summary>
    public static IEnumerable<Problem> Entry(StoredJob job, NewEntry entry)
    {
        foreach (var problem in Key(entry.Key)) yield return problem;
        if (entry.Revision < 1 || entry.Revision > job.Head.Number) yield return new Problem("revision", ServerWords.FormatItSpeaksOfARevision(entry.Revision));
        if (entry.Who.Length > LongestName) yield return new Problem("who", ServerWords.FormatUpToLetters(LongestName));
        if (entry.Client.Length > LongestName) yield return new Problem("client", ServerWords.FormatUpToLetters(LongestName));
    }
}
