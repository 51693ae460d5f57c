using System.Diagnostics;

namespace BurlyRidge.Server.Tests;

/// <summary>How long packs and archives take; only when asked for, by ./bench pack.</summary>
public class PackSpeed(ITestOutputHelper output)
{
    [Fact(Explicit = true)]
    public async Task A_rig_of_sixty_lines()
    {
        await using var server = await RunningServer.EmptyAsync();
        var path = await SixtyLines.OpenAsync(server);
        // What is asked first works everything out; what is asked again prints alone.
        foreach (var (what, file) in new[] { ("pack as PDF, first", "pack.pdf"), ("pack as PDF, again", "pack.pdf?paper=letter"), ("pack as HTML", "pack.html"), ("labels as PDF", "labels.pdf"), ("archive", "archive.zip") })
        {
            var clock = Stopwatch.StartNew();
            var bytes = await server.Http.GetByteArrayAsync($"{path}/{file}", TestContext.Current.CancellationToken);
            output.WriteLine($"{what}: {clock.Elapsed.TotalSeconds:0.00} s, {bytes.Length / 1024} kB (at most 10 s)");
            Assert.True(clock.Elapsed.TotalSeconds <= 10, $"{what} took {clock.Elapsed.TotalSeconds:0.0} s");
        }
    }
}
