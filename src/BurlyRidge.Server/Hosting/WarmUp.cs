using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Demo;
using BurlyRidge.Server.Lines;

namespace BurlyRidge.Server.Hosting;

/// <summary>Asks the started server what an edit asks a few times, so that the first key press is answered as quickly as the next.</summary>
public static class WarmUp
{
    private const int Rounds = 16;

    /// <summary>Ends when the server at <paramref name="address"/> has answered them all, or is stopping.</summary>
    public static async Task RunAsync(string address, CancellationToken stopping = default)
    {
        try
        {
            await AskAllAsync(address, stopping);
        }
        catch (Exception error) when (stopping.IsCancellationRequested && error is (OperationCanceledException or HttpRequestException))
        {
            // Whoever stops the server does not wait for it to be quick.
        }
    }

    private static async Task AskAllAsync(string address, CancellationToken stopping)
    {
        using var http = new HttpClient { BaseAddress = new Uri(address) };
        for (var round = 0; round < Rounds; round++)
        {
            var demo = DemoJobs.All[round % DemoJobs.All.Count].Rig;
            // Another rig each time: what was assessed is remembered.
            var rig = demo with { Lines = [demo.Lines[0] with { Name = $"Round {round}" }, .. demo.Lines.Skip(1)] };
            var line = rig.Lines[round % rig.Lines.Count].Id;
            await AskAsync("/api/line", new LineRequest(rig, line));
            await AskAsync("/api/assess", new AssessRequest(rig, [new()], About: line));
            if (rig.Runs.Count > 0 && round % 8 == 0) await AskAsync("/api/run", new RunRequest(rig, rig.Runs[round % rig.Runs.Count].Id));
        }

        async Task AskAsync<Question>(string path, Question question)
        {
            using var answer = await http.PostAsJsonAsync(path, question, JsonRules.Stored, stopping);
            answer.EnsureSuccessStatusCode();
        }
    }
}
