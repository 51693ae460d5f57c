using System.Collections.Immutable;

namespace BurlyRidge.Server.Hosting;

/// <summary>
/// Something that takes a while and that several may ask for: it is worked out once, each who waits hears how far it is, and
/// it is given up when nobody waits any more, not when the first one leaves. What is given up or fails is begun anew when
/// it is asked for again.
/// </summary>
/// <param name="compute">Works it out; told where to report how far it is, and when nobody waits.</param>
public sealed class SharedWork<TProgress, T>(Func<IProgress<TProgress>, CancellationToken, T> compute)
{
    private readonly Lock gate = new();

    private Attempt? attempt;

    /// <summary>Waits until it is worked out.</summary>
    /// <param name="progress">Hears how far it is; null: nobody asks.</param>
    /// <exception cref="OperationCanceledException">The client is gone.</exception>
    public async Task<T> WaitAsync(IProgress<TProgress>? progress, CancellationToken client)
    {
        var joined = Join(progress);
        try
        {
            return await joined.Result.WaitAsync(client);
        }
        finally
        {
            Leave(joined, progress);
        }
    }

    private Attempt Join(IProgress<TProgress>? progress)
    {
        lock (gate)
        {
            attempt ??= new Attempt(compute);
            attempt.Waiting++;
            if (progress is not null) attempt.Heard = attempt.Heard.Add(progress);
            return attempt;
        }
    }

    private void Leave(Attempt left, IProgress<TProgress>? progress)
    {
        lock (gate)
        {
            if (progress is not null) left.Heard = left.Heard.Remove(progress);
            if (--left.Waiting > 0 || left.Result.IsCompletedSuccessfully) return;
            if (attempt == left) attempt = null;
        }
        left.Stop.Cancel();
    }

    private sealed class Attempt : IProgress<TProgress>
    {
        public Attempt(Func<IProgress<TProgress>, CancellationToken, T> compute) => Result = Task.Run(() => Stop.Token.WorkOut(token => compute(this, token)));

        public CancellationTokenSource Stop { get; } = new();

        public Task<T> Result { get; }

        public ImmutableList<IProgress<TProgress>> Heard { get; set; } = [];

        public int Waiting { get; set; }

        public void Report(TProgress value) => Heard.ForEach(one => one.Report(value));
    }
}
