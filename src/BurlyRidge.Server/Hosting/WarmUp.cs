using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Server.Hosting;

/// <summary>Asks the started server a few times, so that the first key press is answered as quickly as the next.</summary>
internal static class WarmUp
{
    private const int Rounds = 6;

    public static async Task RunAsync(string address)
    {
        using var http = new HttpClient { BaseAddress = new Uri(address) };
        for (var round = 0; round < Rounds; round++)
        {
            var job = DemoJobs.All[round % DemoJobs.All.Count];
            using var answer = await http.PostAsJsonAsync("/api/assess", new AssessRequest(job.Rig, [new()]), JsonRules.Stored);
            answer.EnsureSuccessStatusCode();
        }
    }
}
