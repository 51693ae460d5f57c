using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using BurlyRidge.Server.Storage;
using Microsoft.Data.Sqlite;

namespace BurlyRidge.Server.Tests;

/// <summary>It always starts, or says in a sentence why not.</summary>
public sealed class StartTests : IDisposable
{
    private readonly string data = Directory.CreateTempSubdirectory("burly-ridge-").FullName;

    private string Database => Path.Combine(data, "burly-ridge.db");

    public void Dispose() => Directory.Delete(data, recursive: true);

    [Fact]
    public async Task Stopped_while_it_migrates_it_starts_again()
    {
        await FilledAsync();
        Sql("INSERT INTO __EFMigrationsLock (Id, Timestamp) VALUES (1, '2026-01-01 00:00:00')");
        await FilledAsync();
        Sql("DELETE FROM __EFMigrationsHistory WHERE MigrationId LIKE '%OwnLamps'; DROP TABLE Lamps; INSERT INTO __EFMigrationsLock (Id, Timestamp) VALUES (1, '2026-01-01 00:00:00')");
        var upgraded = await RunningServer.StartAsync(demo: false, data);
        Assert.Single(Directory.GetFiles(data, "*.before-*"));
        Assert.Equal(2, (await upgraded.GetAsync("/api/jobs")).GetArrayLength());
        Assert.NotEmpty((await upgraded.GetAsync("/api/catalogue")).EnumerateArray());
        await upgraded.StopAsync();
    }

    [Fact]
    public async Task A_second_server_on_the_same_folder_is_refused_with_a_sentence()
    {
        var first = await RunningServer.StartAsync(demo: false, data);
        using var second = ServerProcess.Begin(data);
        var (code, said) = await second.EndAsync();
        Assert.Equal(1, code);
        Assert.Contains("is running on the folder", said, StringComparison.Ordinal);
        Assert.DoesNotContain("   at ", said, StringComparison.Ordinal);
        Assert.Equal(201, (await first.PostAsync("/api/jobs", Job)).Status);
        await first.StopAsync();
    }

    public static TheoryData<string, string> Unfit => new()
    {
        { "damaged", "damaged" },
        { "no database", "no database of Burly Ridge" },
        { "of another program", "no database of Burly Ridge" },
        { "newer", "newer version" },
        { "a folder in its place", "cannot be opened" },
    };

    [Theory]
    [MemberData(nameof(Unfit))]
    public async Task What_cannot_be_used_is_said_and_left_as_it_was(string what, string words)
    {
        await MakeAsync(what);
        var before = File.Exists(Database) ? await File.ReadAllBytesAsync(Database, TestContext.Current.CancellationToken) : [];
        Assert.Contains(words, (await RefusalAsync()).Message, StringComparison.Ordinal);
        if (before.Length > 0) Assert.Equal(before, await File.ReadAllBytesAsync(Database, TestContext.Current.CancellationToken));
    }

    private async Task MakeAsync(string what)
    {
        switch (what)
        {
            case "no database":
                await File.WriteAllTextAsync(Database, new string('x', 5000));
                break;
            case "a folder in its place":
                Directory.CreateDirectory(Database);
                break;
            case "of another program":
                using (File.Create(Database)) { }
                Sql("CREATE TABLE Songs (Id INTEGER PRIMARY KEY)");
                break;
            case "newer":
                await FilledAsync();
                Sql("INSERT INTO __EFMigrationsHistory VALUES ('20990101000000_Later', '99.0')");
                break;
            default:
                await FilledAsync();
                Sql("PRAGMA wal_checkpoint(TRUNCATE); PRAGMA journal_mode = DELETE");
                await using (var file = File.OpenWrite(Database))
                {
                    // Behind the header: tables point to pages that are none any more.
                    file.Position = 4096;
                    await file.WriteAsync(new byte[file.Length - 4096], TestContext.Current.CancellationToken);
                }
                break;
        }
    }

    private const string Job = """{"name":"One","systemVolts":12,"units":"metric"}""";

    /// <summary>Starts on the folder, stores a job and stops.</summary>
    private async Task FilledAsync()
    {
        var server = await RunningServer.StartAsync(demo: false, data);
        Assert.Equal(201, (await server.PostAsync("/api/jobs", Job)).Status);
        await server.StopAsync();
    }

    /// <summary>What the program says, and ends with 1, where it cannot start on the folder.</summary>
    private Task<CannotStartException> RefusalAsync() => Assert.ThrowsAsync<CannotStartException>(() => RunningServer.StartAsync(demo: false, data));

    [Fact]
    public async Task A_file_that_another_program_has_locked_is_said_when_it_starts_and_when_it_is_edited()
    {
        await FilledAsync();
        await using (var other = new SqliteConnection($"Data Source={Database};Pooling=False"))
        {
            await other.OpenAsync(TestContext.Current.CancellationToken);
            await Run(other, "PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE");
            Assert.Contains("locked by another program", (await RefusalAsync()).Message, StringComparison.Ordinal);
        }
        var again = await RunningServer.StartAsync(demo: false, data);
        await using (var other = new SqliteConnection($"Data Source={Database};Pooling=False"))
        {
            await other.OpenAsync(TestContext.Current.CancellationToken);
            await Run(other, "BEGIN IMMEDIATE");
            Assert.Equal(503, (await again.PostAsync("/api/jobs", Job)).Status);
        }
        Assert.Equal(201, (await again.PostAsync("/api/jobs", Job)).Status);
        await again.StopAsync();

        static async Task Run(SqliteConnection connection, string sql)
        {
            await using var command = connection.CreateCommand();
#pragma warning disable CA2100 // The statements of this test alone.
            command.CommandText = sql;
#pragma warning restore CA2100
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }
    }

    [Fact]
    public async Task A_folder_that_cannot_be_made_is_said()
    {
        using var server = ServerProcess.Begin("/proc/burly-ridge");
        var (code, said) = await server.EndAsync();
        Assert.Equal(1, code);
        Assert.Contains("The data folder /proc/burly-ridge cannot be used.", said, StringComparison.Ordinal);
        Assert.DoesNotContain("   at ", said, StringComparison.Ordinal);
    }

    /// <summary>As the messages of SQLite's own result codes come (sqlite.org/rescode.html).</summary>
    [Theory]
    [InlineData(13, 507, "disk is full")]
    [InlineData(5, 503, "locked")]
    [InlineData(8, 503, "may not be written")]
    [InlineData(10, 503, "disk cannot be read")]
    [InlineData(11, 503, "damaged")]
    [InlineData(14, 503, "cannot be opened")]
    [InlineData(26, 503, "no database")]
    public void Trouble_with_the_disk_has_words_and_a_remedy(int code, int status, string words)
    {
        var trouble = StorageTrouble.Of(new InvalidOperationException("outer", new SqliteException("inner", code)))!;
        Assert.Equal(status, trouble.Status);
        Assert.Contains(words, trouble.Title, StringComparison.Ordinal);
        Assert.NotEmpty(trouble.Remedy);
    }

    [Fact]
    public async Task A_database_taken_away_refuses_edits_and_takes_them_again_once_it_is_back()
    {
        await using var server = await RunningServer.EmptyAsync();
        var job = (await server.PostAsync("/api/jobs", """{"name":"Here","systemVolts":12,"units":"metric"}""")).Body;
        var file = Path.Combine(server.Data, "burly-ridge.db");
        File.Move(file, $"{file}.away");
        var (status, problem) = await server.PostAsync("/api/jobs", """{"name":"Lost","systemVolts":12,"units":"metric"}""");
        Assert.Equal(503, status);
        Assert.Contains("not where it was", problem.GetProperty("title").GetString(), StringComparison.Ordinal);
        File.Move($"{file}.away", file);
        Assert.Equal(["Here"], (await server.GetAsync("/api/jobs")).EnumerateArray().Select(found => found.GetProperty("name").GetString()!));
        Assert.Equal(201, (await server.PostAsync("/api/jobs", """{"name":"Back","systemVolts":12,"units":"metric"}""")).Status);
        Assert.Equal("Here", job.GetProperty("name").GetString());
    }

    [Fact]
    public async Task Folder_and_files_are_this_users_alone()
    {
        if (OperatingSystem.IsWindows())
        {
            Assert.Skip("Windows has no such modes.");
            return;
        }
        var folder = Path.Combine(data, "new");
        var server = await RunningServer.StartAsync(demo: false, folder);
        Assert.Equal(201, (await server.PostAsync("/api/jobs", Job)).Status);
        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(folder));
        foreach (var file in Directory.GetFiles(folder)) Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(file));
        await server.StopAsync();
    }

    public static TheoryData<string, string> Elsewhere => new()
    {
        { "ASPNETCORE_URLS", "http://0.0.0.0:{0}" },
        { "DOTNET_URLS", "http://0.0.0.0:{0}" },
        { "URLS", "http://0.0.0.0:{0}" },
        { "ASPNETCORE_HTTP_PORTS", "{0}" },
        { "Kestrel__Endpoints__Other__Url", "http://0.0.0.0:{0}" },
        { "Kestrel__EndpointDefaults__Protocols", "Http1" },
    };

    [Fact]
    public async Task Its_address_comes_from_its_own_options_alone()
    {
        var ports = Elsewhere.Select(_ => FreePort()).ToList();
        var environment = Elsewhere.Zip(ports).ToDictionary(pair => pair.First.Data.Item1, pair => string.Format(System.Globalization.CultureInfo.InvariantCulture, pair.First.Data.Item2, pair.Second));
        // What goes through a proxy would fail there; the server asks nobody.
        environment["HTTP_PROXY"] = environment["http_proxy"] = environment["ALL_PROXY"] = "http://127.0.0.1:9";
        using var server = await ServerProcess.StartAsync(data, environment);
        foreach (var address in Addresses())
        {
            foreach (var port in ports) Assert.False(await AnswersAsync(address, port), $"{address}:{port} answers");
            if (!IPAddress.IsLoopback(address)) Assert.False(await AnswersAsync(address, server.Http.BaseAddress!.Port), $"{address} answers");
        }
        var (code, said) = await server.StopAsync();
        Assert.Equal(0, code);
        Assert.DoesNotContain("Error", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Options_of_the_framework_are_refused()
    {
        using var server = ServerProcess.Begin(data, ["--urls", "http://0.0.0.0:5999"]);
        var (code, said) = await server.EndAsync();
        Assert.Equal(2, code);
        Assert.Contains("--urls", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task One_job_that_cannot_be_read_is_shown_as_that_and_the_others_open()
    {
        await FilledAsync();
        await FilledAsync();
        Sql("UPDATE Revisions SET Document = '{\"schemaVersion\":5,\"vehicle\":3}' WHERE JobId = (SELECT min(Id) FROM Jobs)");
        Sql("UPDATE Jobs SET Digest_Build = 'another build'");
        var again = await RunningServer.StartAsync(demo: false, data);
        var jobs = (await again.GetAsync("/api/jobs")).EnumerateArray().ToList();
        Assert.Equal(["", "This job cannot be read."], jobs.Select(job => job.GetProperty("trouble").GetString()!).Order(StringComparer.Ordinal));
        foreach (var job in jobs)
        {
            using var opened = await again.Http.GetAsync($"/api/jobs/{job.GetProperty("id").GetString()}", TestContext.Current.CancellationToken);
            var isBad = job.GetProperty("trouble").GetString()!.Length > 0;
            Assert.Equal(isBad ? 422 : 200, (int)opened.StatusCode);
            if (isBad) Assert.Contains("vehicle", await opened.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
        }
        await again.StopAsync();
    }

    private void Sql(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={Database};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
#pragma warning disable CA2100 // The statements of these tests alone.
        command.CommandText = sql;
#pragma warning restore CA2100
        command.ExecuteNonQuery();
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    private static IEnumerable<IPAddress> Addresses() => NetworkInterface.GetAllNetworkInterfaces()
        .SelectMany(network => network.GetIPProperties().UnicastAddresses).Select(unicast => unicast.Address).Where(address => address.AddressFamily == AddressFamily.InterNetwork).Append(IPAddress.Loopback).Distinct();

    private static async Task<bool> AnswersAsync(IPAddress address, int port)
    {
        using var client = new TcpClient();
        try
        {
            await client.ConnectAsync(address, port, TestContext.Current.CancellationToken);
            return true;
        }
        catch (SocketException)
        {
            return false;
        }
    }
}
