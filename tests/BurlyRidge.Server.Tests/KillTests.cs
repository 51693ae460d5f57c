using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>Killed without a word at moments drawn at random: it always starts again, and what it acknowledged is there.</summary>
public sealed class KillTests : IDisposable
{
    private const int Seed = 20_261_126;

    private readonly string data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;
    private readonly Random random = new(Seed);

    public void Dispose() => Directory.Delete(data, recursive: true);

    [Fact]
    public async Task While_it_starts()
    {
        var rounds = Proof.Rounds(3, 20);
        for (var i = 0; i < rounds; i++)
        {
            using var cut = ServerProcess.Begin(data);
            await Task.Delay(random.Next(1200), TestContext.Current.CancellationToken);
            if (i % 2 == 0) await cut.KillAsync();
            else await cut.StopAsync();
        }
        using var server = await ServerProcess.StartAsync(data);
        Assert.Equal(201, (await server.NewJobAsync($"After {rounds} kills, seed {Seed}")).Status);
    }

    [Fact]
    public async Task While_a_job_is_edited()
    {
        string? id = null;
        var acknowledged = 1;
        var rounds = Proof.Rounds(2, 20);
        for (var i = 0; i < rounds; i++)
        {
            using var server = await ServerProcess.StartAsync(data);
            id ??= (await server.NewJobAsync("Edited")).Id;
            Assert.True(await RevisionAsync(server, id!) >= acknowledged, $"seed {Seed}, round {i}: an acknowledged save is gone");
            var saved = new TaskCompletionSource();
            var edits = EditAsync(server, id!, count =>
            {
                acknowledged = Math.Max(acknowledged, count);
                saved.TrySetResult();
            });
            // However busy the machine is, there is something to lose.
            await Task.WhenAny(saved.Task, edits);
            await Task.Delay(random.Next(0, 700), TestContext.Current.CancellationToken);
            await server.KillAsync();
            await edits;
        }
        using var last = await ServerProcess.StartAsync(data);
        Assert.True(await RevisionAsync(last, id!) >= acknowledged);
        Assert.True(acknowledged > rounds, "nothing was edited");
    }

    /// <summary>Ticks, notes and photos, one after the other: none that was acknowledged is lost, none is there twice, and what was sent again is the same entry.</summary>
    [Fact]
    public async Task While_a_vehicle_is_worked_on()
    {
        string? id = null;
        var acknowledged = new List<string>();
        string? cut = null;
        var rounds = Proof.Rounds(3, 20);
        for (var i = 0; i < rounds; i++)
        {
            using var server = await ServerProcess.StartAsync(data);
            id ??= (await server.NewJobAsync("Worked on")).Id;
            // What the client heard nothing of is sent again.
            if (cut is not null) await WriteAsync(server, id!, cut);
            if (cut is not null) acknowledged.Add(cut);
            cut = null;
            var first = new TaskCompletionSource();
            async Task WorkAsync()
            {
                for (var n = 0; ; n++)
                {
                    var key = $"{i}-{n}";
                    try
                    {
                        await WriteAsync(server, id!, key);
                    }
                    catch (Exception error) when (error is HttpRequestException or IOException or TaskCanceledException)
                    {
                        cut = key;
                        return;
                    }
                    acknowledged.Add(key);
                    first.TrySetResult();
                }
            }
            var work = WorkAsync();
            await Task.WhenAny(first.Task, work);
            await Task.Delay(random.Next(0, 500), TestContext.Current.CancellationToken);
            await server.KillAsync();
            await work;
        }
        using var last = await ServerProcess.StartAsync(data);
        var entries = (await last.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{id}/run-sheet", TestContext.Current.CancellationToken)).EnumerateArray().Select(entry => entry.GetProperty("what")).ToList();
        string Text(JsonElement what) => what.TryGetProperty("caption", out var caption) ? caption.GetString()! : what.GetProperty("text").GetString()!;
        var there = entries.Select(Text).ToList();
        Assert.Equal(there.Count, there.Distinct().Count());
        Assert.Empty(acknowledged.Except(there));
        Assert.Equal(acknowledged.Order(), there.Where(acknowledged.Contains).Order());
        foreach (var photo in entries.Where(what => what.TryGetProperty("photo", out _)))
            Assert.NotEmpty(await last.Http.GetByteArrayAsync($"/api/jobs/{id}/photos/{photo.GetProperty("photo").GetString()}", TestContext.Current.CancellationToken));
        Assert.True(acknowledged.Count > rounds, "nothing was written");
    }

    /// <summary>A note, or of every third one a photo.</summary>
    private static async Task WriteAsync(ServerProcess server, string id, string key)
    {
        if (int.Parse(key.Split('-')[1], System.Globalization.CultureInfo.InvariantCulture) % 3 != 0)
        {
            using var noted = await server.Http.PostAsJsonAsync($"/api/jobs/{id}/run-sheet", new JsonObject { ["what"] = new JsonObject { ["kind"] = "noted", ["step"] = "", ["text"] = key }, ["who"] = "", ["client"] = "", ["revision"] = 1, ["idempotencyKey"] = $"kill-{key}" }, TestContext.Current.CancellationToken);
            noted.EnsureSuccessStatusCode();
            return;
        }
        using var bitmap = new SkiaSharp.SKBitmap(40, 30);
        bitmap.Erase(new SkiaSharp.SKColor((uint)key.GetHashCode(StringComparison.Ordinal) | 0xFF000000));
        using var data = bitmap.Encode(SkiaSharp.SKEncodedImageFormat.Png, 100);
        using var content = new ByteArrayContent(data.ToArray());
        content.Headers.ContentType = new System.Net.Http.Headers.MediaTypeHeaderValue("image/png");
        using var stored = await server.Http.PostAsync($"/api/jobs/{id}/photos?revision=1&key=kill-{key}&caption={key}", content, TestContext.Current.CancellationToken);
        stored.EnsureSuccessStatusCode();
    }

    /// <summary>Saves after saves, until there is no answer.</summary>
    private static async Task EditAsync(ServerProcess server, string id, Action<int> onAcknowledged)
    {
        try
        {
            var job = JsonNode.Parse(await server.Http.GetStringAsync($"/api/jobs/{id}"))!;
            for (var revision = job["revision"]!.GetValue<int>(); ; revision++)
            {
                var rig = job["rig"]!.DeepClone();
                rig["vehicle"]!["houseLoadAmps"] = revision % 50;
                using var response = await server.Http.PutAsJsonAsync($"/api/jobs/{id}/rig", new JsonObject { ["onRevision"] = revision, ["idempotencyKey"] = Guid.NewGuid().ToString("n"), ["rig"] = rig });
                response.EnsureSuccessStatusCode();
                onAcknowledged(revision + 1);
            }
        }
        catch (Exception error) when (error is HttpRequestException or IOException or TaskCanceledException)
        {
            // It was killed.
        }
    }

    private static async Task<int> RevisionAsync(ServerProcess server, string id) =>
        (await server.Http.GetFromJsonAsync<JsonElement>($"/api/jobs/{id}", TestContext.Current.CancellationToken)).GetProperty("revision").GetInt32();
}
