using System.Text.Json;

namespace BurlyRidge.Server.Tests;

/// <summary>The bench over the interface.</summary>
public class BenchTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    /// <summary>A name that a spreadsheet would take for a formula, with what CSV has to put in quotes.</summary>
    [Fact]
    public async Task The_table_keeps_names_with_commas_and_quotes_and_gives_no_formulas_away()
    {
        var (_, job) = await server.DemoAsync("rescue");
        var rig = RunningServer.RigOf(job);
        foreach (var line in rig["lines"]!.AsArray()) line!["name"] = "=1+1, \"bar\"";
        var (status, made) = await server.PostAsync("/api/jobs", """{"name":"Formula","systemVolts":12,"units":"metric"}""");
        Assert.Equal(201, status);
        var id = made.GetProperty("id").GetString();
        var (saved, _) = await server.SendAsync(HttpMethod.Put, $"/api/jobs/{id}/rig", $$"""{"rig":{{rig.ToJsonString()}},"onRevision":1,"idempotencyKey":"once"}""");
        Assert.Equal(200, saved);
        var text = await server.Http.GetStringAsync($"/api/jobs/{id}/cut-list.csv", TestContext.Current.CancellationToken);
        Assert.Contains("\"'=1+1, \"\"bar\"\"\"", text, StringComparison.Ordinal);
        Assert.DoesNotContain("\n=", text, StringComparison.Ordinal);
        var page = await server.Http.GetStringAsync($"/api/jobs/{id}/cut-list.html", TestContext.Current.CancellationToken);
        Assert.Contains("=1+1, &quot;bar&quot;", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Every_wire_that_is_not_given_is_a_piece_and_its_cost_adds_up()
    {
        var (_, job) = await server.DemoAsync("rescue");
        var (status, answer) = await server.AskAsync("/api/preview/bench", RunningServer.RigOf(job));
        Assert.Equal(200, status);
        var view = answer.GetProperty("view");
        Assert.All(RunningServer.RigOf(job)["runs"]!.AsArray().Where(run => run!["given"]?.GetValue<bool>() != true), run =>
            Assert.Contains(view.GetProperty("pieces").EnumerateArray(), piece => piece.GetProperty("id").GetString() == run!["id"]!.GetValue<string>()));
        Assert.Equal(view.GetProperty("reels").EnumerateArray().Sum(group => group.GetProperty("cost").GetDecimal()), view.GetProperty("wireCost").GetDecimal());
        Assert.All(view.GetProperty("reels").EnumerateArray(), group => Assert.Equal(JsonValueKind.Number, group.GetProperty("cost").ValueKind));
    }
}
