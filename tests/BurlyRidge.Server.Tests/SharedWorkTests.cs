using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Tests;

/// <summary>What several wait for is worked out once, and for as long as one of them waits.</summary>
public sealed class SharedWorkTests : IDisposable
{
    private readonly ManualResetEventSlim begun = new();
    private readonly ManualResetEventSlim mayEnd = new();
    private int attempts;

    private SharedWork<int, string> Work => work ??= new((progress, stop) =>
    {
        Interlocked.Increment(ref attempts);
        begun.Set();
        mayEnd.Wait(stop);
        progress.Report(1);
        return "done";
    });

    private SharedWork<int, string>? work;

    public void Dispose()
    {
        begun.Dispose();
        mayEnd.Dispose();
    }

    [Fact]
    public async Task Who_waits_still_has_the_answer_when_the_first_to_ask_is_gone()
    {
        using var client = new CancellationTokenSource();
        var first = Work.WaitAsync(null, client.Token);
        begun.Wait(TestContext.Current.CancellationToken);
        var heard = new Heard();
        var second = Work.WaitAsync(heard, TestContext.Current.CancellationToken);
        await client.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => first);
        mayEnd.Set();
        Assert.Equal("done", await second);
        Assert.Equal([1], heard.All);
        Assert.Equal("done", await Work.WaitAsync(null, TestContext.Current.CancellationToken));
        Assert.Equal(1, attempts);
    }

    [Fact]
    public async Task What_was_given_up_is_begun_anew_when_it_is_asked_for_again()
    {
        using var client = new CancellationTokenSource();
        var first = Work.WaitAsync(null, client.Token);
        begun.Wait(TestContext.Current.CancellationToken);
        await client.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => first);
        mayEnd.Set();
        Assert.Equal("done", await Work.WaitAsync(null, TestContext.Current.CancellationToken));
        Assert.Equal(2, attempts);
    }

    private sealed class Heard : IProgress<int>
    {
        public List<int> All { get; } = [];

        public void Report(int value) => All.Add(value);
    }
}
