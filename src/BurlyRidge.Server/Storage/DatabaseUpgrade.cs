using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Storage;

/// <summary>
/// Brings the database to the newest shape, after a copy of it is put aside. It runs while the folder is held, so no other
/// server can be at it.
/// </summary>
internal static class DatabaseUpgrade
{
    private const string History = "__EFMigrationsHistory";
    private const int MaxCopies = 5;
    private const string LockTable = "__EFMigrationsLock";

    /// <exception cref="CannotStartException">The file is damaged, of another program or of a newer version; nothing is changed.</exception>
    public static async Task RunAsync(JobDatabase database, DataFolder folder)
    {
        var tables = await WholeTablesAsync(database, folder);
        if (tables.Count > 0 && !tables.Contains(History) && tables.Any(table => table != LockTable))
            throw new CannotStartException($"The file {folder.Database} is no database of Burly Ridge. Move it away, or give another folder: --data DIR");
        // Whoever held the lock of the migrations was stopped in them: this process alone holds the folder.
        if (tables.Contains(LockTable)) await database.Database.ExecuteSqlRawAsync($"DELETE FROM \"{LockTable}\"");
        var applied = tables.Contains(History) ? (await database.Database.GetAppliedMigrationsAsync()).ToList() : [];
        var known = database.Database.GetMigrations().ToList();
        if (applied.Except(known, StringComparer.Ordinal).FirstOrDefault() is { } newer)
            throw new CannotStartException($"The database in {folder.Path} was written by a newer version of Burly Ridge ({newer}). Start that version.");
        if (known.Except(applied, StringComparer.Ordinal).LastOrDefault() is not { } last) return;
        if (applied.Count > 0) CopyAside(folder, $"{folder.Database}.before-{last}");
        await database.Database.MigrateAsync();
        await database.Database.ExecuteSqlRawAsync("PRAGMA journal_mode = WAL");
    }

    /// <summary>The tables of a file that is whole.</summary>
    private static async Task<HashSet<string>> WholeTablesAsync(JobDatabase database, DataFolder folder)
    {
        var whole = await database.Database.SqlQueryRaw<string>("SELECT quick_check AS Value FROM pragma_quick_check").ToListAsync();
        if (whole is not ["ok"]) throw new CannotStartException($"The database {folder.Database} is damaged. Put back a copy of it: {whole.FirstOrDefault()}");
        return [.. await database.Database.SqlQueryRaw<string>("SELECT name AS Value FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'").ToListAsync()];
    }

    /// <summary>Copies to a name of its own first, so that what stands under the last name is whole.</summary>
    private static void CopyAside(DataFolder folder, string aside)
    {
        var unfinished = $"{aside}.part";
        File.Delete(unfinished);
        using (folder.MakePrivate(unfinished)) { }
        using (var from = new SqliteConnection($"Data Source={folder.Database};Mode=ReadOnly;Pooling=False"))
        using (var to = new SqliteConnection($"Data Source={unfinished};Pooling=False"))
        {
            from.Open();
            to.Open();
            from.BackupDatabase(to);
        }
        File.Move(unfinished, aside, overwrite: true);
        foreach (var old in new DirectoryInfo(folder.Path).GetFiles($"{Path.GetFileName(folder.Database)}.before-*").OrderByDescending(file => file.LastWriteTimeUtc).Skip(MaxCopies)) old.Delete();
    }
}
