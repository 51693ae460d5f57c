namespace BurlyRidge.Server.Storage;

/// <summary>The server cannot start; the message is one that the person who started it understands.</summary>
public sealed class CannotStartException : Exception
{
    public CannotStartException(string message) : base(message) { }

    public CannotStartException(string message, Exception cause) : base(message, cause) { }
}
