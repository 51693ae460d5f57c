using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.Support;
using BurlyRidge.Core.Tests.Support.Shapes;

namespace BurlyRidge.Server.Tests;

/// <summary>Every shape of wiring, built part by part and wire by wire over the addresses that the page uses.</summary>
public class HandTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    public static TheoryData<string> Shapes => [.. AllShapes.All.Select(shape => shape.Name)];

    [Theory]
    [MemberData(nameof(Shapes))]
    public async Task A_shape_is_built_saved_and_behaves_as_itself(string name)
    {
        var shape = AllShapes.All.Single(shape => shape.Name == name);
        var hand = new ByHand(Do);
        var built = hand.Build(shape.Rig);
        var (_, job) = await server.PostAsync("/api/jobs", """{"name":"By hand","systemVolts":12,"units":"metric"}""");
        var body = new JsonObject { ["onRevision"] = 1, ["idempotencyKey"] = "by-hand", ["rig"] = JsonSerializer.SerializeToNode(built, JsonRules.Stored) };
        var (status, saved) = await server.SendAsync(HttpMethod.Put, $"/api/jobs/{job.GetProperty("id").GetString()}/rig", body.ToJsonString());
        Assert.Equal(200, status);
        var stored = saved.GetProperty("rig").Deserialize<Rig>(JsonRules.Stored)!;
        foreach (var state in shape.States)
        {
            var (theirs, own) = (HarnessCompiler.Solve(shape.Rig, state), HarnessCompiler.Solve(stored, hand.State(state)));
            foreach (var terminal in shape.Rig.Runs.SelectMany(run => run.Ends()).Distinct())
                Assert.Equal(theirs.Volts(terminal), own.Volts(hand.Terminal(terminal)), 1e-9);
        }
    }

    private (Rig Rig, string? PartId) Do(Rig rig, EditCommand command)
    {
        var body = new JsonObject { ["rig"] = JsonSerializer.SerializeToNode(rig, JsonRules.Stored), ["command"] = JsonSerializer.SerializeToNode(command, JsonRules.Stored) };
        var (status, answer) = server.PostAsync("/api/edits", body.ToJsonString()).GetAwaiter().GetResult();
        Assert.True(status == 200, $"{command}: {answer}");
        return (answer.GetProperty("rig").Deserialize<Rig>(JsonRules.Stored)!, answer.GetProperty("partId").GetString());
    }
}
