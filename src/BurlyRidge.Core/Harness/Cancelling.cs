namespace BurlyRidge.Core.Harness;

/// <summary>Long work that ends when nobody waits for it any more.</summary>
internal static class Cancelling
{
    /// <summary>The same entries, each after a look at whether the work is still wanted.</summary>
    /// <exception cref="OperationCanceledException">It is not.</exception>
    public static IEnumerable<T> Unless<T>(this IEnumerable<T> entries, CancellationToken cancellation)
    {
        foreach (var entry in entries)
        {
            cancellation.ThrowIfCancellationRequested();
            yield return entry;
        }
    }
}
