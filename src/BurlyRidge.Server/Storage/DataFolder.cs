using Microsoft.Data.Sqlite;

namespace BurlyRidge.Server.Storage;

/// <summary>
/// The folder of the database file. One server at a time holds it: a lock of the operating system on a file beside the
/// database, which goes with the process, however that ends.
/// </summary>
public sealed class DataFolder(string directory) : IDisposable
{
    private const UnixFileMode OwnerOnly = UnixFileMode.UserRead | UnixFileMode.UserWrite;
    private const UnixFileMode OwnerOnlyFolder = OwnerOnly | UnixFileMode.UserExecute;
    private const string OurFiles = "burly-ridge";

    /// <summary>The longest that a write waits for another program that has the file.</summary>
    private const int LongestWaitSeconds = 2;

    private FileStream? held;

    /// <summary>The folder, as a full path.</summary>
    public string Path { get; } = System.IO.Path.GetFullPath(directory);

    /// <summary>The database file in it.</summary>
    public string Database => System.IO.Path.Combine(Path, $"{OurFiles}.db");

    /// <summary>The folder of photos in it; it is there once one was taken.</summary>
    public string Photos => System.IO.Path.Combine(Path, $"{OurFiles}-photos");

    /// <summary>How the database is opened; a file that is not there is not made.</summary>
    public string ConnectionString => new SqliteConnectionStringBuilder
    {
        DataSource = Database,
        Mode = SqliteOpenMode.ReadWrite,
        ForeignKeys = true,
        DefaultTimeout = LongestWaitSeconds,
    }.ToString();

    /// <summary>Makes the folder and an empty database file where there is none, both for this user alone, and holds the folder.</summary>
    /// <exception cref="CannotStartException">It cannot be had; the message says why.</exception>
    public void Claim()
    {
        try
        {
            Make();
            held = new FileStream(System.IO.Path.Combine(Path, $"{OurFiles}.lock"), Private(FileMode.OpenOrCreate, FileShare.None));
        }
        catch (IOException error) when (held is null && Directory.Exists(Path) && StorageTrouble.Of(error) is null)
        {
            throw new CannotStartException($"Burly Ridge is running on the folder {Path} already. Stop it first, or give another folder: --data DIR", error);
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or NotSupportedException or ArgumentException)
        {
            var trouble = StorageTrouble.Of(error);
            throw new CannotStartException($"The data folder {Path} cannot be used. {trouble?.Title ?? error.Message} {trouble?.Remedy}".TrimEnd(), error);
        }
        try
        {
            using var file = MakePrivate(Database);
            if (!OperatingSystem.IsWindows()) File.SetUnixFileMode(file.SafeFileHandle, OwnerOnly);
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            var trouble = StorageTrouble.Of(error);
            throw new CannotStartException($"The database file {Database} cannot be opened. {trouble?.Title ?? error.Message} {trouble?.Remedy}".TrimEnd(), error);
        }
    }

    /// <summary>A file that is there, made for this user alone where it was not.</summary>
    public FileStream MakePrivate(string path) => new(path, Private(FileMode.OpenOrCreate, FileShare.ReadWrite | FileShare.Delete));

    /// <summary>Refuses to go on where the database file was taken away.</summary>
    /// <exception cref="StorageGoneException">It was.</exception>
    public void MustBeThere()
    {
        if (!File.Exists(Database)) throw new StorageGoneException();
    }

    /// <summary>Gives the folder back.</summary>
    public void Dispose()
    {
        using (var connection = new SqliteConnection(ConnectionString)) SqliteConnection.ClearPool(connection);
        held?.Dispose();
        held = null;
    }

    private void Make()
    {
        var existed = Directory.Exists(Path);
        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(Path);
            return;
        }
        Directory.CreateDirectory(Path, OwnerOnlyFolder);
        // A folder that holds other things as well is not ours to close.
        if (existed && Directory.EnumerateFileSystemEntries(Path).All(name => System.IO.Path.GetFileName(name).StartsWith(OurFiles, StringComparison.Ordinal)))
            File.SetUnixFileMode(Path, OwnerOnlyFolder);
    }

    private static FileStreamOptions Private(FileMode mode, FileShare share)
    {
        var options = new FileStreamOptions { Mode = mode, Access = FileAccess.ReadWrite, Share = share };
        if (!OperatingSystem.IsWindows()) options.UnixCreateMode = OwnerOnly;
        return options;
    }
}
