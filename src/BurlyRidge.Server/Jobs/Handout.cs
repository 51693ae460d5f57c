using System.Globalization;

namespace BurlyRidge.Server.Jobs;

/// <summary>How what leaves the shop is named and dated.</summary>
internal static class Handout
{
    /// <summary>The name of a file: the job's, what it is, and its kind; letters and signs that a file name may not have are left out.</summary>
    public static string FileName(StoredJob job, string what, string ending)
    {
        var name = string.Concat($"{job.Row.Name}{(what.Length > 0 ? $", {what}" : "")}".Select(letter => Path.GetInvalidFileNameChars().Contains(letter) || "\\/:*?\"<>|".Contains(letter, StringComparison.Ordinal) ? ' ' : letter)).Trim(' ', '.');
        return $"{(name.Length > 0 ? name : ServerWords.UnnamedJob)}.{ending}";
    }

    /// <summary>A day as it is printed.</summary>
    public static string Day(DateTimeOffset at) => at.ToString("d MMMM yyyy", CultureInfo.InvariantCulture);

    /// <summary>Which revision a print is of, and when it was saved.</summary>
    public static string Edition(StoredJob job) => ServerWords.FormatEdition(job.Head.Number, job.Head.SavedAt.ToString("d MMMM yyyy, HH:mm", CultureInfo.InvariantCulture));
}
