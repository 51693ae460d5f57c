using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Server.Hosting;

/// <summary>Asks the started server once, so that the first key press is answered as quickly as the next.</summary>
internal static class WarmUp
{
    public static async Task RunAsync(string address)
    {
        using var http = new HttpClient { BaseAddress = new Uri(address) };
        foreach (var job in DemoJobs.All)
        {
            using var answer = await http.PostAsJsonAsync("/api/assess", new AssessRequest(job.Rig, [new()]), JsonRules.Stored);
            answer.EnsureSuccessStatusCode();
        }
    }
}
