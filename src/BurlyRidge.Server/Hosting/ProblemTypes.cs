namespace BurlyRidge.Server.Hosting;

/// <summary>What tells one refusal from another: the type of a problem document (RFC 9457), the same in every version.</summary>
public static class ProblemTypes
{
    /// <summary>Some fields cannot be taken; "errors" names them.</summary>
    public const string Fields = "/problems/fields";

    /// <summary>It is not there.</summary>
    public const string Missing = "/problems/missing";

    /// <summary>It was changed meanwhile; "newest" is how it stands.</summary>
    public const string Stale = "/problems/stale";

    /// <summary>The idempotency key was used for another content.</summary>
    public const string KeyTaken = "/problems/key-taken";

    /// <summary>There is nothing to undo or redo.</summary>
    public const string NothingThere = "/problems/nothing-there";

    /// <summary>The job is in the archive and cannot be changed.</summary>
    public const string Archived = "/problems/archived";

    /// <summary>The rig is not one that it can be done on.</summary>
    public const string NotPossible = "/problems/not-possible";

    /// <summary>The stored job cannot be read.</summary>
    public const string Unreadable = "/problems/unreadable";

    /// <summary>It is larger than what is worked out.</summary>
    public const string TooLarge = "/problems/too-large";

    /// <summary>The request itself cannot be taken: its size, its content type, its method, where it comes from.</summary>
    public const string Request = "/problems/request";

    /// <summary>The disk or the database is in trouble.</summary>
    public const string Storage = "/problems/storage";

    /// <summary>The server made a mistake.</summary>
    public const string Server = "/problems/server";

    /// <summary>The type of a refusal that names none, by its status.</summary>
    public static string Of(int status) => status switch
    {
        StatusCodes.Status400BadRequest => Fields,
        StatusCodes.Status404NotFound => Missing,
        >= StatusCodes.Status500InternalServerError => Server,
        _ => Request,
    };
}
