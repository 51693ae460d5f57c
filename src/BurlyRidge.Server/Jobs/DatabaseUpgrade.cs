using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Jobs;

/// <summary>Brings the database to the newest shape, after a copy of it is put aside.</summary>
internal static class DatabaseUpgrade
{
    public static async Task RunAsync(JobDatabase database, string path)
    {
        var pending = (await database.Database.GetPendingMigrationsAsync()).ToList();
        if (pending.Count > 0 && File.Exists(path) && (await database.Database.GetAppliedMigrationsAsync()).Any())
            Copy(path, $"{path}.before-{pending[^1]}");
        await database.Database.MigrateAsync();
        await database.Database.ExecuteSqlRawAsync("PRAGMA journal_mode = WAL");
    }

    private static void Copy(string path, string aside)
    {
        using var from = new SqliteConnection($"Data Source={path};Mode=ReadOnly;Pooling=False");
        using var to = new SqliteConnection($"Data Source={aside};Pooling=False");
        from.Open();
        to.Open();
        from.BackupDatabase(to);
    }
}
