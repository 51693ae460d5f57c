using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Tests.Support;

namespace BurlyRidge.Server.Tests;

/// <summary>The demo jobs as they are stored.</summary>
public class DemoTests(SharedServer shared) : IClassFixture<SharedServer>
{
    [Theory]
    [InlineData("Snow-road rescue wagon", "rescue-wagon")]
    [InlineData("Orchard spray pickup", "orchard-pickup")]
    [InlineData("Tree-crew chipper truck", "chipper-truck")]
    public async Task It_comes_to_the_same_figures_as_before(string name, string file)
    {
        var (path, _) = await shared.Running.DemoAsync(name);
        var (job, problems) = JobFile.Read(await shared.Running.Http.GetByteArrayAsync($"{path}/file", TestContext.Current.CancellationToken));
        Assert.Empty(problems);
        GoldenFigures.Hold($"demo/{file}", job!.Rig);
    }
}
