using System.Security.Cryptography;
using BurlyRidge.Core;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.RunSheets;
using BurlyRidge.Server.Storage;
using SkiaSharp;

namespace BurlyRidge.Server.Archives;

/// <summary>Opens the job of an archive again: all of it, or none.</summary>
internal sealed class ArchiveReader(JobStore jobs, PhotoStore photos, SheetLogs logs)
{
    /// <summary>The job, or why it is not opened; nothing is stored then.</summary>
    public async Task<(StoredJob? Job, Problem? Refused)> OpenAsync(ReadOnlyMemory<byte> bytes, string? key, CancellationToken cancellation)
    {
        var (files, refused) = ZipReading.Read(bytes);
        if (files is null) return (null, refused);
        var (found, wrong) = Found(files);
        if (found is null) return (null, wrong);
        // The same job on another machine; where it is here already, another one of the same content.
        var id = await jobs.IsFreeAsync(found.History.Id, cancellation) ? found.History.Id : Guid.CreateVersion7().ToString("n");
        var (rows, bad) = RecordFile.Read(files[ArchiveFiles.Record], id, found.History.Head);
        if (rows is null) return (null, bad);
        if (key is not null && await jobs.MadeByAsync(key, cancellation) is { } made) return (made, null);
        try
        {
            await photos.KeepAsync(id, found.Photos);
            logs.Forget(id);
            return (await jobs.ReopenAsync(found.Row(id), found.RevisionsOf(id, key), rows, cancellation), null);
        }
        catch
        {
            photos.Delete(id);
            throw;
        }
    }

    private sealed record Content(ArchivedHistory History, IReadOnlyList<(ArchivedRevision Of, string Document)> Revisions, IReadOnlyList<(string Name, byte[] Bytes)> Photos)
    {
        public JobRow Row(string id) => new()
        {
            Id = id,
            Name = History.Name,
            Note = History.Note,
            Customer = History.Particulars.Customer,
            Plate = History.Particulars.Plate,
            Due = History.Particulars.Due,
            Work = History.Particulars.Work,
            DetailsVersion = 1,
            HeadRevision = History.Head,
            CreatedAt = History.CreatedAt.UtcDateTime,
            ChangedAt = History.ChangedAt.UtcDateTime,
        };

        /// <summary>Undo begins anew where the archive was opened: what it went back to may not be in it.</summary>
        public IReadOnlyList<RevisionRow> RevisionsOf(string id, string? key) =>
            [.. Revisions.Select(revision => new RevisionRow { JobId = id, Number = revision.Of.Number, Document = revision.Document, IdempotencyKey = revision.Of.Number == History.Head && key is not null ? key : revision.Of.Key, SavedAt = revision.Of.SavedAt.UtcDateTime, What = revision.Of.What })];
    }

    private static (Content? Found, Problem? Refused) Found(IReadOnlyDictionary<string, byte[]> files)
    {
        static (Content?, Problem?) No(string file, string why) => (null, new Problem(file, why));
        foreach (var needed in new[] { ArchiveFiles.Manifest, ArchiveFiles.Job, ArchiveFiles.History, ArchiveFiles.Record })
            if (!files.ContainsKey(needed)) return No("archive", ServerWords.FormatArchiveLacks(needed));
        if (JsonReading.Read<ArchiveManifest>(files[ArchiveFiles.Manifest]).Value is not { Format: ArchiveManifest.FormatName } manifest) return No(ArchiveFiles.Manifest, ServerWords.ArchiveCannotBeRead);
        if (manifest.Version != ArchiveManifest.CurrentVersion) return No(ArchiveFiles.Manifest, ServerWords.FormatArchiveVersion(ArchiveManifest.CurrentVersion, manifest.Version));
        foreach (var listed in manifest.Files)
            if (!files.TryGetValue(listed.Name, out var file) || Convert.ToHexStringLower(SHA256.HashData(file)) != listed.Sum) return No("archive", ServerWords.FormatArchiveFileChanged(listed.Name));
        var listedNames = manifest.Files.Select(listed => listed.Name).ToHashSet(StringComparer.Ordinal);
        if (files.Keys.FirstOrDefault(name => name != ArchiveFiles.Manifest && !listedNames.Contains(name)) is { } extra) return No("archive", ServerWords.FormatArchiveFileNotListed(extra));

        if (JsonReading.Read<ArchivedHistory>(files[ArchiveFiles.History]).Value is not { } history || !Guid.TryParseExact(history.Id, "n", out _)) return No(ArchiveFiles.History, ServerWords.ArchiveCannotBeRead);
        if (JobValidation.Details(history.Name, history.Note, history.Particulars).FirstOrDefault() is { } detail) return No(ArchiveFiles.History, detail.Message);
        var numbers = history.Revisions.Select(revision => revision.Number).ToList();
        if (numbers.Count == 0 || numbers[0] < 1 || numbers[^1] != history.Head || numbers.Zip(numbers.Skip(1)).Any(pair => pair.First >= pair.Second)) return No(ArchiveFiles.History, ServerWords.RowsMustRise);
        var revisions = new List<(ArchivedRevision, string)>();
        foreach (var revision in history.Revisions)
        {
            var name = ArchiveFiles.Revision(revision.Number);
            if (!files.TryGetValue(name, out var file) || ZipReading.Text(file) is not { } document || JobValidation.Key(revision.Key).Any() || StoredRig.Read(document) is not { Rig: not null, Problems.Count: 0 }) return No(name, ServerWords.ArchiveCannotBeRead);
            revisions.Add((revision, document));
        }
        if (revisions.Select(revision => revision.Item1.Key).Distinct(StringComparer.Ordinal).Count() != revisions.Count) return No(ArchiveFiles.History, ServerWords.RowKeyTwice);
        if (ZipReading.Text(files[ArchiveFiles.Job]) != JobSeal.CanonicalFile(history.Name, history.Note, history.Particulars, revisions[^1].Item2)) return No(ArchiveFiles.Job, ServerWords.JobIsNotItsRevision);

        var photos = files.Where(file => file.Key.StartsWith(ArchiveFiles.Photos, StringComparison.Ordinal)).Select(file => (Name: file.Key[ArchiveFiles.Photos.Length..], Bytes: file.Value)).ToList();
        if (photos.Count > PhotoStore.Most) return No(ArchiveFiles.Photos, ServerWords.FormatTooManyPhotos(PhotoStore.Most));
        foreach (var (name, picture) in photos)
            if (!PhotoStore.IsName(name) || !PhotoStore.IsWhole(name, picture) || !IsJpeg(picture)) return No(ArchiveFiles.Photos + name, ServerWords.PhotoIsNone);
        return (new Content(history, revisions, photos), null);
    }

    private static bool IsJpeg(byte[] picture)
    {
        using var data = SKData.CreateCopy(picture);
        using var codec = SKCodec.Create(data);
        return codec is { EncodedFormat: SKEncodedImageFormat.Jpeg };
    }
}
