using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>A rig that several things are asked about is read once; what is wrong is refused the second time as it was the first.</summary>
public class KnownRigTests(SharedServer shared) : IClassFixture<SharedServer>
{
    private readonly RunningServer server = shared.Running;

    private async Task<string> RigAsync(string name)
    {
        var rig = RunningServer.RigOf((await server.DemoAsync("rescue")).Job);
        rig["lines"]![0]!["name"] = name;
        return rig.ToJsonString();
    }

    private static IEnumerable<string> Fields(JsonElement problem) => problem.GetProperty("errors").EnumerateObject().Select(error => error.Name);

    [Fact]
    public async Task Each_question_about_the_same_text_is_answered_about_the_same_rig()
    {
        var rig = await RigAsync("Asked twice");
        var line = JsonNode.Parse(rig)!["lines"]![0]!["id"]!.GetValue<string>();
        var body = $$"""{"rig":{{rig}},"lineId":"{{line}}"}""";
        var (first, second) = (await server.PostAsync("/api/preview/line", body), await server.PostAsync("/api/preview/line", body));
        Assert.Equal(200, second.Status);
        Assert.True(JsonElement.DeepEquals(first.Body, second.Body));
        var other = await server.EditAsync(JsonNode.Parse(rig.Replace("Asked twice", "Called otherwise", StringComparison.Ordinal))!, "giveColours");
        Assert.Equal("Called otherwise", other.Body.GetProperty("rig").GetProperty("lines")[0].GetProperty("name").GetString());
    }

    [Fact]
    public async Task What_stands_beside_a_known_rig_is_held_against_its_shape_all_the_same()
    {
        var rig = await RigAsync("Beside");
        await server.PostAsync("/api/preview/panel", $$"""{"rig":{{rig}}}""");
        foreach (var (body, field) in new[]
        {
            ($$"""{"rig":{{rig}},"lineId":7}""", "lineId"),
            ($$"""{"rig":{{rig}},"lineId":"nowhere"}""", "lineId"),
            ($$"""{"rig":{{rig}}}""", "lineId"),
            ($$"""{"rig":{{rig}},"lineId":"winch","more":1}""", "more"),
            ($$"""{"rig":{{rig}},"rig":{{rig}},"lineId":"winch"}""", "rig"),
        })
        {
            var (status, answer) = await server.PostAsync("/api/preview/line", body);
            Assert.Equal(400, status);
            Assert.Contains(field, Fields(answer));
        }
    }

    [Fact]
    public async Task A_rig_that_was_refused_is_refused_again()
    {
        var rig = JsonNode.Parse(await RigAsync("Refused"))!;
        rig["vehicle"]!["batteries"]![0]!["capacityAmpHours"] = -1;
        var body = $$"""{"rig":{{rig.ToJsonString()}}}""";
        for (var i = 0; i < 2; i++)
        {
            var (status, answer) = await server.PostAsync("/api/preview/panel", body);
            Assert.Equal(400, status);
            Assert.Contains(Fields(answer), field => field.StartsWith("rig.vehicle.batteries[0]", StringComparison.Ordinal));
        }
    }
}
