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
        ServerWords.TheDatabaseFileIsNot, ServerWords.PutTheFileBackThen);

    private static StorageTrouble NoRoom { get; } = new(NoRoomStatus,
        ServerWords.TheDiskIsFull, ServerWords.FreeSomeSpaceOnThe);

    /// <summary>What an exception says about disk or database; null where it is about something else.</summary>
    public static StorageTrouble? Of(Exception? error) => error switch
    {
        null => null,
        SqliteException sqlite => sqlite.SqliteErrorCode switch
        {
            Full => NoRoom,
            Busy or Locked => new(UnavailableStatus, ServerWords.TheDatabaseIsLockedBy, ServerWords.CloseWhatHasItOpen),
            ReadOnly => new(UnavailableStatus, ServerWords.TheDatabaseMayNotBe, ServerWords.GiveThisUserTheRight),
            InputOutput => new(UnavailableStatus, ServerWords.TheDiskCannotBeRead, ServerWords.CheckTheDiskThatHolds),
            Corrupt => new(UnavailableStatus, ServerWords.TheDatabaseIsDamaged, ServerWords.StopBurlyRidgeAndPut),
            NotADatabase => new(UnavailableStatus, ServerWords.TheFileIsNoDatabase, ServerWords.MoveItAwayOrGive),
            CannotOpen => new(UnavailableStatus, ServerWords.TheDatabaseFileCannotBe, ServerWords.CheckThatTheDataFolder),
            _ => null,
        },
        IOException { HResult: NoSpaceLeft or DiskFull } => NoRoom,
        UnauthorizedAccessException => new(UnavailableStatus, ServerWords.TheDataFolderMayNot, ServerWords.GiveThisUserTheRightTo),
        StorageGoneException => Gone,
        _ => Of(error.InnerException),
    };
}

/// <summary>The database file was taken away while the server runs.</summary>
public sealed class StorageGoneException() : IOException(StorageTrouble.Gone.Title);
