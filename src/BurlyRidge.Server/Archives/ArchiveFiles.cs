using BurlyRidge.Core.Exchange;

namespace BurlyRidge.Server.Archives;

/// <summary>What lies in an archive, by name.</summary>
internal static class ArchiveFiles
{
    public const string Manifest = "manifest.json", Job = "job.json", History = "history.json", Record = "record.json", RecordSchema = "record.schema.json", Readme = "README.txt";

    public const string Revisions = "revisions/", Photos = "photos/", Drawings = "drawings/", Tables = "tables/";

    public static string Revision(int number) => $"{Revisions}{number}.json";
}

/// <summary>Every file of an archive with its sum.</summary>
/// <param name="Format">Always <see cref="FormatName"/>.</param>
internal sealed record ArchiveManifest(string Format, int Version, IReadOnlyList<ArchivedFile> Files)
{
    public const string FormatName = "burly-ridge-archive";

    public const int CurrentVersion = 1;
}

/// <summary>A file of an archive.</summary>
/// <param name="Sum">SHA-256, as hexadecimal digits.</param>
internal sealed record ArchivedFile(string Name, int Bytes, string Sum);

/// <summary>The job's details and its revisions, the documents of which lie beside it.</summary>
/// <param name="Id">Of the job.</param>
/// <param name="Head">Number of the newest revision.</param>
internal sealed record ArchivedHistory(string Id, string Name, string Note, JobParticulars Particulars, DateTimeOffset CreatedAt, DateTimeOffset ChangedAt, int Head, IReadOnlyList<ArchivedRevision> Revisions);

/// <summary>A revision.</summary>
internal sealed record ArchivedRevision(int Number, DateTimeOffset SavedAt, string What, string Key);
