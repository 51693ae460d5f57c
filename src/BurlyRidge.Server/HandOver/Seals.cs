using System.Security.Cryptography;
using System.Text.Json;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.Storage;

namespace BurlyRidge.Server.HandOver;

/// <summary>Works out what is signed, and tells whether what was signed is still the same to the byte.</summary>
public sealed class Seals(JobStore jobs, RecordStore records, PhotoStore photos)
{
    /// <summary>What would be signed now of a revision, with all that the record holds.</summary>
    public async Task<SealedJob> OfAsync(StoredJob job, CancellationToken cancellation)
    {
        var rows = await records.RowsAsync(job.Row.Id, cancellation: cancellation);
        return new SealedJob(
            job.Head.Number, job.Row.Name, job.Row.Note, job.Particulars, JobSeal.TablesVersion,
            JobSeal.Sum(JobSeal.CanonicalFile(job.Row.Name, job.Row.Note, job.Particulars, job.Head.Document)), RecordSum(rows), rows.Count == 0 ? 0 : rows[^1].Number);
    }

    /// <summary>What is no longer as it was signed, a sentence each; none: all of it is, or nothing was signed.</summary>
    public async Task<IReadOnlyList<string>> BrokenAsync(string job, SealedJob? was, CancellationToken cancellation)
    {
        if (was is null) return [];
        var broken = new List<string>();
        var revision = await StoredAsync(job, was.Revision, cancellation);
        if (revision is null) broken.Add(ServerWords.FormatSignedRevisionIsGone(was.Revision));
        else if (JobSeal.Sum(JobSeal.CanonicalFile(was.Name, was.Note, was.Particulars, revision)) != was.JobSum) broken.Add(ServerWords.FormatSignedRevisionChanged(was.Revision));
        if (RecordSum(await records.RowsAsync(job, was.RecordTo, cancellation)) != was.RecordSum) broken.Add(ServerWords.SignedRecordChanged);
        if (was.Tables != JobSeal.TablesVersion) broken.Add(ServerWords.FormatTablesAreOthers(was.Tables, JobSeal.TablesVersion));
        foreach (var name in photos.Names(job))
            if (!PhotoStore.IsWhole(name, await File.ReadAllBytesAsync(photos.Find(job, name)!, cancellation))) broken.Add(ServerWords.FormatPhotoChanged(name));
        return broken;
    }

    /// <summary>The document of a revision; one that cannot be unpacked any more is none that was signed; null: there is no such revision.</summary>
    private async Task<string?> StoredAsync(string job, int number, CancellationToken cancellation)
    {
        try
        {
            return (await jobs.FindRevisionAsync(job, number, cancellation))?.Head.Document;
        }
        catch (InvalidDataException)
        {
            return "";
        }
    }

    /// <summary>The sum over entries as they lie stored.</summary>
    internal static string RecordSum(IEnumerable<RecordRow> rows)
    {
        using var sum = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        foreach (var row in rows) sum.AppendData(JsonSerializer.SerializeToUtf8Bytes(new object[] { row.Number, row.At, row.Who, row.Client, row.Revision, row.Log, row.Document, row.IdempotencyKey }, JsonRules.Stored));
        return Convert.ToHexStringLower(sum.GetHashAndReset());
    }
}
