using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BurlyRidge.Server.Tests;

/// <summary>A disk that is really full: a small file system in memory, which root may mount.</summary>
public sealed class DiskTests : IDisposable
{
    private readonly string disk = Directory.CreateTempSubdirectory("burly-ridge-disk-").FullName;
    private readonly bool mounted;

    public DiskTests() => mounted = Run("mount", "-t", "tmpfs", "-o", "size=1m", "tmpfs", disk);

    public void Dispose()
    {
        if (mounted) Run("umount", "-l", disk);
        Directory.Delete(disk);
    }

    [Fact]
    public async Task Full_while_it_is_edited_it_refuses_with_507_loses_nothing_and_goes_on_once_there_is_room()
    {
        Assert.SkipUnless(mounted, "A small disk can be mounted by root on Linux alone.");
        using var server = await ServerProcess.StartAsync(disk);
        var (_, id) = await server.NewJobAsync("On a small disk");
        var job = await JobAsync(server, id!);
        var ballast = Path.Combine(disk, "ballast");
        await FillAsync(ballast);
        var (status, revision) = await SaveUntilRefusedAsync(server, job);
        Assert.Equal(507, status);
        File.Delete(ballast);
        Assert.Equal(revision, await RevisionAsync(server, id!));
        job["revision"] = revision;
        Assert.Equal(200, (await SaveAsync(server, job)).Status);
        Assert.Equal(revision + 1, await RevisionAsync(server, id!));
    }

    [Fact]
    public async Task Full_when_it_starts_it_says_so()
    {
        Assert.SkipUnless(mounted, "A small disk can be mounted by root on Linux alone.");
        await FillAsync(Path.Combine(disk, "ballast"));
        using var server = ServerProcess.Begin(Path.Combine(disk, "data"));
        var (code, said) = await server.EndAsync();
        Assert.Equal(1, code);
        Assert.Contains("disk is full", said, StringComparison.Ordinal);
        Assert.DoesNotContain("   at ", said, StringComparison.Ordinal);
    }

    private static async Task FillAsync(string path)
    {
        try
        {
            await using var file = File.Create(path);
            for (var block = new byte[4096]; ;)
            {
                await file.WriteAsync(block);
                await file.FlushAsync();
            }
        }
        catch (IOException)
        {
            // It is full.
        }
    }

    private static async Task<(int Status, int Revision)> SaveUntilRefusedAsync(ServerProcess server, JsonNode job)
    {
        var revision = job["revision"]!.GetValue<int>();
        for (var tries = 0; tries < 100; tries++)
        {
            job["revision"] = revision;
            var (status, _) = await SaveAsync(server, job);
            if (status != 200) return (status, revision);
            revision++;
        }
        return (200, revision);
    }

    private static async Task<(int Status, string Text)> SaveAsync(ServerProcess server, JsonNode job)
    {
        var revision = job["revision"]!.GetValue<int>();
        var rig = job["rig"]!.DeepClone();
        rig["vehicle"]!["houseLoadAmps"] = revision % 50;
        rig["vehicle"]!["fuseSlots"] = new JsonArray([.. Enumerable.Range(0, 400).Select(i => (JsonNode)new JsonObject { ["id"] = $"slot-{i}", ["ratingAmps"] = 10, ["feed"] = "battery", ["loadAmps"] = 1, ["serves"] = "A slot that is named at length" })]);
        using var response = await server.Http.PutAsJsonAsync($"/api/jobs/{job["id"]}/rig", new JsonObject { ["onRevision"] = revision, ["idempotencyKey"] = Guid.NewGuid().ToString("n"), ["rig"] = rig }, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    private static async Task<JsonNode> JobAsync(ServerProcess server, string id) =>
        JsonNode.Parse(await server.Http.GetStringAsync($"/api/jobs/{id}", TestContext.Current.CancellationToken))!;

    private static async Task<int> RevisionAsync(ServerProcess server, string id) => (await JobAsync(server, id))["revision"]!.GetValue<int>();

    private static bool Run(string program, params string[] arguments)
    {
        try
        {
            using var process = Process.Start(new ProcessStartInfo(program, arguments) { RedirectStandardError = true })!;
            process.WaitForExit();
            return process.ExitCode == 0;
        }
        catch (System.ComponentModel.Win32Exception)
        {
            return false;
        }
    }
}
