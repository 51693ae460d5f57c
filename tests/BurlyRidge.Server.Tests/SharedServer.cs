namespace BurlyRidge.Server.Tests;

/// <summary>One server with the demo jobs for all tests of a class that leave them as they are.</summary>
public sealed class SharedServer : IAsyncLifetime
{
    public RunningServer Running { get; private set; } = null!;

    public async ValueTask InitializeAsync() => Running = await RunningServer.StartAsync(demo: true);

    public ValueTask DisposeAsync() => Running.DisposeAsync();
}
