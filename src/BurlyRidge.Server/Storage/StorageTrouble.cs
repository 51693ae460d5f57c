using Microsoft.Data.Sqlite;

namespace BurlyRidge.Server.Storage;

/// <summary>What is wrong with disk or database, in words, and what to do.</summary>
/// <param name="Status">507 where there is no room, else 503.</param>
/// <param name="Title">What is wrong.</param>
/// <param name="Remedy">What to do.</param>
public sealed record StorageTrouble(int Status, string Title, string Remedy)
{
    private const int NoRoomStatus = StatusCodes.Status507InsufficientStorage;
    private const int UnavailableStatus = StatusCodes.Status503ServiceUnavailable;

    // Primary result codes of SQLite (sqlite.org/rescode.html).
    private const int Busy = 5;
    private const int Locked = 6;
    private const int ReadOnly = 8;
    private const int InputOutput = 10;
    private const int Corrupt = 11;
    private const int Full = 13;
    private const int CannotOpen = 14;
    private const int NotADatabase = 26;

    // Errno of Linux and macOS, and of Windows as an HRESULT.
    private const int NoSpaceLeft = 28;
    private const int DiskFull = unchecked((int)0x80070070);

    /// <summary>The database file is not where it was.</summary>
    public static StorageTrouble Gone { get; } = new(UnavailableStatus,
        "The database file is not where it was.", "Put the file back, then restart Burly Ridge.");

    private static StorageTrouble NoRoom { get; } = new(NoRoomStatus,
        "The disk is full.", "Free some space on the disk that holds the data folder, then try again.");

    /// <summary>What an exception says about disk or database; null where it is about something else.</summary>
    public static StorageTrouble? Of(Exception? error) => error switch
    {
        null => null,
        SqliteException sqlite => sqlite.SqliteErrorCode switch
        {
            Full => NoRoom,
            Busy or Locked => new(UnavailableStatus, "The database is locked by another program.", "Close what has it open, then try again."),
            ReadOnly => new(UnavailableStatus, "The database may not be written.", "Give this user the right to write the data folder and the files in it, then try again."),
            InputOutput => new(UnavailableStatus, "The disk cannot be read or written.", "Check the disk that holds the data folder, then try again."),
            Corrupt => new(UnavailableStatus, "The database is damaged.", "Stop Burly Ridge and put back a copy of the database file."),
            NotADatabase => new(UnavailableStatus, "The file is no database of Burly Ridge.", "Move it away, or give another folder: --data DIR"),
            CannotOpen => new(UnavailableStatus, "The database file cannot be opened.", "Check that the data folder is there and that this user may read and write it."),
            _ => null,
        },
        IOException { HResult: NoSpaceLeft or DiskFull } => NoRoom,
        UnauthorizedAccessException => new(UnavailableStatus, "The data folder may not be written.", "Give this user the right to write the data folder, or give another folder: --data DIR"),
        StorageGoneException => Gone,
        _ => Of(error.InnerException),
    };
}

/// <summary>The database file was taken away while the server runs.</summary>
public sealed class StorageGoneException() : IOException(StorageTrouble.Gone.Title);
