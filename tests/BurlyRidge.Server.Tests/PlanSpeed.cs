using System.Diagnostics;
using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>How long plans for six lights take, with the shipped catalogue and prices; run by ./bench plans.</summary>
public class PlanSpeed(SharedServer shared) : IClassFixture<SharedServer>
{
    private const int Times = 9;

    [Theory(Explicit = true)]
    [InlineData("dualCab", 12)]
    [InlineData("longWagon", 12)]
    [InlineData("cabChassis", 24)]
    public async Task Six_lights(string kind, int volts)
    {
        var (_, job) = await shared.Running.PostAsync("/api/jobs", $$$"""{"name":"Six","systemVolts":{{{volts}}},"units":"metric","found":{"kind":"{{{kind}}}"},"wishes":{"lights":[{"light":"farAhead"},{"light":"wideAhead"},{"light":"verge"},{"light":"backingUp"},{"light":"roundTheBed"},{"light":"grilleMarker"}]}}""");
        var asked = new JsonObject { ["rig"] = RunningServer.RigOf(job) }.ToJsonString();
        var (first, whole) = (new List<double>(), new List<double>());
        for (var i = 0; i < Times; i++)
        {
            var clock = Stopwatch.StartNew();
            using var request = new HttpRequestMessage(HttpMethod.Post, "/api/preview/plans") { Content = new StringContent(asked, Encoding.UTF8, "application/json") };
            using var response = await shared.Running.Http.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, TestContext.Current.CancellationToken);
            using var lines = new StreamReader(await response.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken));
            await lines.ReadLineAsync(TestContext.Current.CancellationToken);
            first.Add(clock.Elapsed.TotalSeconds);
            await lines.ReadToEndAsync(TestContext.Current.CancellationToken);
            whole.Add(clock.Elapsed.TotalSeconds);
        }
        TestContext.Current.TestOutputHelper?.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{kind} {volts} V: first {whole[0]:0.00} s, median {whole.Order().ElementAt(Times / 2):0.00} s, slowest {whole.Max():0.00} s; progress after {first.Order().ElementAt(Times / 2):0.00} s"));
        Assert.True(whole.Max() > 0);
    }
}
