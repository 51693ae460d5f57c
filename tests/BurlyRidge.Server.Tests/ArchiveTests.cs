using System.IO.Compression;
using System.Net.Http.Headers;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;

namespace BurlyRidge.Server.Tests;

/// <summary>A job out as an archive, the machine emptied, the job in again; and archives that nobody should trust.</summary>
public class ArchiveTests
{
    private static async Task<(int Status, JsonElement Body)> OpenAsync(RunningServer server, byte[] archive)
    {
        using var content = new ByteArrayContent(archive);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/zip");
        using var response = await server.Http.PostAsync("/api/archives", content, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, JsonDocument.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).RootElement);
    }

    private static Task<byte[]> BytesAsync(RunningServer server, string path) => server.Http.GetByteArrayAsync(path, TestContext.Current.CancellationToken);

    /// <summary>The end of an archive says the sum of all before it.</summary>
    private static byte[] Summed(byte[] archive)
    {
        var sum = Convert.ToHexStringLower(SHA256.HashData(archive.AsSpan(..^64)));
        return [.. archive.AsSpan(..^64), .. Encoding.ASCII.GetBytes(sum)];
    }

    private static byte[] Zip(IEnumerable<(string Name, byte[] Content)> files, int attributes = 0)
    {
        using var bytes = new MemoryStream();
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            zip.Comment = new string('0', 64);
            foreach (var (name, content) in files)
            {
                var entry = zip.CreateEntry(name, CompressionLevel.Optimal);
                entry.ExternalAttributes = attributes;
                using var stream = entry.Open();
                stream.Write(content);
            }
        }
        return Summed(bytes.ToArray());
    }

    [Theory]
    [InlineData("Warden")]
    [InlineData("rescue")]
    public async Task The_job_is_the_same_on_another_machine_to_the_byte(string name)
    {
        await using var first = await RunningServer.StartAsync(demo: true);
        var (path, job) = await first.DemoAsync(name);
        var archive = await BytesAsync(first, $"{path}/archive.zip");
        await using var second = await RunningServer.EmptyAsync();
        var (status, opened) = await OpenAsync(second, archive);
        Assert.True(status == 201, opened.ToString());
        Assert.Equal(job.GetProperty("id").GetString(), opened.GetProperty("id").GetString());
        foreach (var part in new[] { "file", "run-sheet", "commissioning", "hand-over", "bench", "wire-register.csv", "findings.csv" }) Assert.Equal(await BytesAsync(first, $"{path}/{part}"), await BytesAsync(second, $"{path}/{part}"));
        foreach (var photo in (await first.GetAsync($"{path}/run-sheet")).EnumerateArray().Select(entry => entry.GetProperty("what")).Where(what => what.GetProperty("kind").GetString() == "photographed").Select(what => what.GetProperty("photo").GetString()))
            Assert.Equal(await BytesAsync(first, $"{path}/photos/{photo}"), await BytesAsync(second, $"{path}/photos/{photo}"));
        Assert.Empty((await second.GetAsync($"{path}/seal")).GetProperty("broken").EnumerateArray());
        // The work goes on: what is written there comes after what was.
        var noted = """{"what":{"kind":"noted","step":"","text":"Came over by archive"},"who":"Ana","client":"tablet","revision":1,"idempotencyKey":"after"}""";
        Assert.Equal(201, (await second.PostAsync($"{path}/run-sheet", noted)).Status);
        // Where it is already, it is another job.
        var (_, twin) = await OpenAsync(second, archive);
        Assert.NotEqual(opened.GetProperty("id").GetString(), twin.GetProperty("id").GetString());
        Assert.Equal(2, (await second.GetAsync("/api/jobs")).GetArrayLength());
    }

    /// <summary>Deleted and opened again, it has the record of the archive and nothing of what was remembered of the old one.</summary>
    [Fact]
    public async Task A_job_that_was_deleted_comes_back_as_it_was_archived()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, job) = await server.DemoAsync("Warden");
        var archive = await BytesAsync(server, $"{path}/archive.zip");
        var before = await BytesAsync(server, $"{path}/run-sheet");
        Assert.Equal(201, (await server.PostAsync($"{path}/run-sheet", """{"what":{"kind":"noted","step":"","text":"Not in the archive"},"who":"Ana","client":"tablet","revision":1,"idempotencyKey":"late"}""")).Status);
        await server.AskAsync("/api/preview/run-sheet", RunningServer.RigOf(job), ("job", path.Split('/')[^1]));
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Patch, path, """{"onVersion":1,"archived":true}""")).Status);
        Assert.Equal(204, (int)(await server.Http.DeleteAsync($"{path}?name={Uri.EscapeDataString(job.GetProperty("name").GetString()!)}", TestContext.Current.CancellationToken)).StatusCode);
        Assert.Equal(201, (await OpenAsync(server, archive)).Status);
        Assert.Equal(before, await BytesAsync(server, $"{path}/run-sheet"));
        Assert.Empty((await server.GetAsync($"{path}/seal")).GetProperty("broken").EnumerateArray());
    }

    [Fact]
    public async Task A_thousand_spoilt_archives_store_nothing()
    {
        await using var server = await RunningServer.StartAsync(demo: true);
        var (path, _) = await server.DemoAsync("Warden");
        var archive = await BytesAsync(server, $"{path}/archive.zip");
        await using var empty = await RunningServer.EmptyAsync();
        var random = new Random(20261128);
        for (var i = 0; i < 1000; i++)
        {
            var spoilt = archive.ToArray();
            switch (i % 4)
            {
                case 0: // a bit
                    spoilt[random.Next(spoilt.Length)] ^= (byte)(1 << random.Next(8));
                    break;
                case 1: // some bytes, with a sum that is right
                    for (var at = random.Next(spoilt.Length - 80); at > 0 && random.Next(4) > 0; at--) spoilt[at] = (byte)random.Next(256);
                    spoilt[random.Next(spoilt.Length - 64)] ^= 0x55;
                    spoilt = Summed(spoilt);
                    break;
                case 2: // cut off
                    spoilt = spoilt[..random.Next(spoilt.Length)];
                    break;
                default: // the directory at its end, with a sum that is right
                    for (var n = 0; n < 3; n++) spoilt[spoilt.Length - 65 - random.Next(3000)] = (byte)random.Next(256);
                    spoilt = Summed(spoilt);
                    break;
            }
            var (status, body) = await OpenAsync(empty, spoilt);
            // Times and hints in the directory are not part of what is in it: what comes out whole is the job.
            Assert.True(status is 400 or 201, $"{i}: {status} {body}");
            if (status == 400) Assert.True(body.TryGetProperty("errors", out _), $"{i}: {body}");
            else Assert.True(i % 4 is 1 or 3, $"{i}: a changed archive was opened");
            foreach (var job in (await empty.GetAsync("/api/jobs")).EnumerateArray().Select(row => row.GetProperty("id").GetString()))
            {
                Assert.Equal(201, status);
                Assert.Equal(await BytesAsync(server, $"{path}/file"), await BytesAsync(empty, $"/api/jobs/{job}/file"));
                Assert.Equal(200, (await empty.SendAsync(HttpMethod.Patch, $"/api/jobs/{job}", """{"onVersion":1,"archived":true}""")).Status);
                Assert.Equal(204, (int)(await empty.Http.DeleteAsync($"/api/jobs/{job}?name={Uri.EscapeDataString("Warden's short wagon")}", TestContext.Current.CancellationToken)).StatusCode);
            }
            var photos = Path.Combine(empty.Data, "burly-ridge-photos");
            if (Directory.Exists(photos)) Assert.Empty(Directory.GetFileSystemEntries(photos));
        }
    }

    public static TheoryData<string, byte[]> Refused
    {
        get
        {
            byte[] some = [1, 2, 3];
            return new()
            {
                { "leads out", Zip([("../job.json", some)]) },
                { "leads out", Zip([("a/../../job.json", some)]) },
                { "leads out", Zip([("/job.json", some)]) },
                { "no name", Zip([("a\\job.json", some)]) },
                { "no name", Zip([("c:job.json", some)]) },
                { "twice", Zip([("job.json", some), ("job.json", some)]) },
                { "twice", Zip([("job.json", some), ("JOB.json", some)]) },
                { "link", Zip([("job.json", some)], 0xA1FF << 16) },
                { "10000", Zip(Enumerable.Range(0, 10_001).Select(i => ($"{i}", Array.Empty<byte>()))) },
                { "more than 100 times", Zip([("job.json", new byte[20_000_000])]) },
                { "missing", Zip([("job.json", some)]) },
                { "cannot be read", [] },
                { "cannot be read", [0x50, 0x4B, 5, 6] },
            };
        }
    }

    [Theory]
    [MemberData(nameof(Refused), DisableDiscoveryEnumeration = true)]
    public async Task What_nobody_should_trust_is_refused_with_the_reason(string reason, byte[] archive)
    {
        await using var server = await RunningServer.EmptyAsync();
        var (status, body) = await OpenAsync(server, archive);
        Assert.Equal(400, status);
        var said = string.Join(' ', body.GetProperty("errors").EnumerateObject().SelectMany(field => field.Value.EnumerateArray()).Select(words => words.GetString()));
        Assert.Contains(reason, said, StringComparison.Ordinal);
        Assert.Contains("Nothing was stored", said, StringComparison.Ordinal);
        Assert.Empty((await server.GetAsync("/api/jobs")).EnumerateArray());
    }

    /// <summary>More than 200 MB unpacked, though no file grows by much: counted, not believed.</summary>
    [Fact]
    public async Task An_archive_that_is_too_large_unpacked_is_refused()
    {
        await using var server = await RunningServer.EmptyAsync();
        var noise = new byte[1_000_000];
        new Random(7).NextBytes(noise);
        // Each of 300 files is a megabyte, a twentieth of it noise: it packs to a twentieth.
        var file = noise.Select((value, i) => i % 20 == 0 ? value : (byte)0).ToArray();
        var (status, body) = await OpenAsync(server, Zip(Enumerable.Range(0, 210).Select(i => ($"{i}.bin", file))));
        Assert.Equal(400, status);
        Assert.Contains("200 MB", body.ToString(), StringComparison.Ordinal);
    }
}
