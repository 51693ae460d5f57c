using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Exchange.Labels;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.HandOver;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.RunSheets;

namespace BurlyRidge.Server.Archives;

/// <summary>The whole job as one ZIP of open files.</summary>
internal sealed class ArchiveWriter(JobStore jobs, RecordStore records, PhotoStore photos, HandOverDesk desk)
{
    /// <summary>The archive; null where there is no such job.</summary>
    public async Task<(StoredJob Job, byte[] Bytes)?> WriteAsync(string id, PaperSize? paper, UnitSystem? units, CancellationToken cancellation)
    {
        if (await jobs.FindAsync(id, cancellation) is not { } head || await HandOverEndpoints.PackOfAsync(id, units, jobs, desk, cancellation) is not var (_, source)) return null;
        var rows = await records.RowsAsync(id, cancellation: cancellation);
        var revisions = await jobs.KeptAsync(id, [.. rows.Select(row => row.Revision), .. source.Own.SignOff?.What.Sealed is { } signed ? [signed.Revision] : Array.Empty<int>()], cancellation);
        var files = new List<(string Name, byte[] Bytes)>();
        void Put(string name, byte[] bytes) => files.Add((name, bytes));
        void Text(string name, string text) => Put(name, Encoding.UTF8.GetBytes(text));

        Text(ArchiveFiles.Readme, ServerWords.ArchiveReadme.ReplaceLineEndings("\n") + "\n");
        Text(ArchiveFiles.Job, JobSeal.CanonicalFile(head.Row.Name, head.Row.Note, head.Particulars, head.Head.Document));
        Text(ArchiveFiles.History, JsonSerializer.Serialize(new ArchivedHistory(
            id, head.Row.Name, head.Row.Note, head.Particulars, JobSummary.Utc(head.Row.CreatedAt), JobSummary.Utc(head.Row.ChangedAt), head.Head.Number,
            [.. revisions.Select(revision => new ArchivedRevision(revision.Number, JobSummary.Utc(revision.SavedAt), revision.What, revision.IdempotencyKey))]), JsonRules.Indented) + "\n");
        foreach (var revision in revisions) Text(ArchiveFiles.Revision(revision.Number), revision.Document);
        Put(ArchiveFiles.Record, RecordFile.Write(rows));
        Text(ArchiveFiles.RecordSchema, RecordFile.Schema());
        foreach (var name in photos.Names(id)) Put(ArchiveFiles.Photos + name, await File.ReadAllBytesAsync(photos.Find(id, name)!, cancellation));
        byte[]? Photo(string name) => photos.Find(id, name) is { } file ? File.ReadAllBytes(file) : null;
        Put("pack.pdf", HandOverEndpoints.Pdf(source, HandOverEndpoints.Paper(paper, source), Photo, cancellation));
        Text("pack.html", HandOverEndpoints.Html(source, Photo, cancellation));
        var saved = source.Assessed.Whole.Saved;
        foreach (var (page, i) in Diagram.Pages(saved, source.Sizes, cancellation).Select((page, i) => (page, i))) Text($"{ArchiveFiles.Drawings}wiring-{i + 1}.svg", page.Svg);
        if (VehiclePlate.Of(saved, head.Row.Name, source.Numbers()) is { } plate) Text($"{ArchiveFiles.Drawings}vehicle.svg", plate);
        Text($"{ArchiveFiles.Drawings}bonnet-card.svg", LabelEndpoints.CardOf(source));
        var labels = LabelSet.Of(source.Assessed, source.Bench.Pieces);
        foreach (var (sheet, i) in LabelPages.Draw(labels, source.Shop.LabelSheet, ServerWords.Labels).Select((sheet, i) => (sheet, i))) Text($"{ArchiveFiles.Drawings}labels-{i + 1}.svg", sheet);
        Text($"{ArchiveFiles.Tables}labels.csv", LabelEndpoints.CsvOf(labels));
        Text($"{ArchiveFiles.Tables}wire-register.csv", RegisterCsv.Write(source.Record.Register));
        Text($"{ArchiveFiles.Tables}findings.csv", FindingCsv.Write(source.Record.Findings.Select(found => found.What), source.Record.Vehicle));
        return (head, Zip(files, head.Row.ChangedAt));
    }

    private static byte[] Zip(List<(string Name, byte[] Bytes)> files, DateTime changed)
    {
        var manifest = new ArchiveManifest(ArchiveManifest.FormatName, ArchiveManifest.CurrentVersion, [.. files.Select(file => new ArchivedFile(file.Name, file.Bytes.Length, Convert.ToHexStringLower(SHA256.HashData(file.Bytes))))]);
        files.Insert(0, (ArchiveFiles.Manifest, JsonSerializer.SerializeToUtf8Bytes(manifest, JsonRules.Indented)));
        using var bytes = new MemoryStream();
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            zip.Comment = new string('0', ZipReading.SumLength);
            foreach (var (name, content) in files)
            {
                var entry = zip.CreateEntry(name, name.EndsWith(".jpg", StringComparison.Ordinal) ? CompressionLevel.NoCompression : CompressionLevel.Optimal);
                entry.LastWriteTime = new DateTimeOffset(DateTime.SpecifyKind(changed, DateTimeKind.Utc));
                using var stream = entry.Open();
                stream.Write(content);
            }
        }
        // The comment stands at the very end: the sum of all that is before it, so that a change of any byte is told.
        var whole = bytes.ToArray();
        Encoding.ASCII.GetBytes(ZipReading.SumOf(whole)!).CopyTo(whole, whole.Length - ZipReading.SumLength);
        return whole;
    }
}
