namespace BurlyRidge.Server.Hosting;

/// <summary>
/// Work that an answer waits for. It ends when nobody waits for it any more, and after so many seconds at the latest: what
/// RigSize lets in is worked out well within that, and this is for what slips through.
/// </summary>
internal static class Work
{
    /// <summary>The longest that an answer is worked on.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    /// <summary>Works something out for a client.</summary>
    /// <exception cref="OperationCanceledException">The client is gone.</exception>
    /// <exception cref="TooLongException">It takes too long.</exception>
    public static T WorkOut<T>(this CancellationToken client, Func<CancellationToken, T> compute)
    {
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(client);
        stop.CancelAfter(Longest);
        try
        {
            return compute(stop.Token);
        }
        catch (OperationCanceledException) when (!client.IsCancellationRequested)
        {
            throw new TooLongException();
        }
    }
}

/// <summary>Something takes longer to work out than anybody waits.</summary>
internal sealed class TooLongException() : Exception(ServerWords.ItTakesTooLongTo);
