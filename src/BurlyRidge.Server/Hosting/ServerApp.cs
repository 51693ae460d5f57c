using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Demo;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Lines;
using BurlyRidge.Server.Panel;
using BurlyRidge.Server.Proposals;
using BurlyRidge.Server.QuickSize;
using BurlyRidge.Server.Walkaround;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Hosting;

/// <summary>Puts the server together.</summary>
public static class ServerApp
{
    private const long LargestBody = 4 * 1024 * 1024;

    /// <summary>The server, not yet started; its database is not yet there.</summary>
    public static WebApplication Build(ServeOptions options)
    {
        var web = Path.GetFullPath(options.WebDirectory);
        var builder = WebApplication.CreateBuilder(new WebApplicationOptions
        {
            ContentRootPath = AppContext.BaseDirectory,
            WebRootPath = Directory.Exists(web) ? web : null,
        });
        builder.WebHost.UseUrls($"http://127.0.0.1:{options.Port}");
        builder.WebHost.ConfigureKestrel(kestrel => kestrel.Limits.MaxRequestBodySize = LargestBody);
        builder.Logging.ClearProviders().AddJsonConsole().SetMinimumLevel(LogLevel.Warning)
            .AddFilter("Microsoft.Extensions.Hosting.Internal.Host", LogLevel.None); // Program says it in words
        builder.Configuration["AllowedHosts"] = "127.0.0.1;localhost;[::1]";

        builder.Services.ConfigureHttpJsonOptions(json => JsonRules.Apply(json.SerializerOptions));
        builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
        builder.Services.AddProblemDetails();
        builder.Services.AddExceptionHandler<BadInputHandler>();
        builder.Services.AddOpenApi("v1");
        builder.Services.AddSingleton(TimeProvider.System);
        builder.Services.AddDbContext<JobDatabase>(database =>
            database.UseSqlite($"Data Source={DatabasePath(options)};Foreign Keys=True"));
        builder.Services.AddScoped<JobStore>();
        builder.Services.AddScoped<LampCatalogue>();
        builder.Services.AddSingleton<Tallies>();
        builder.Services.AddResponseCompression(compression =>
        {
            compression.Providers.Add<GzipCompressionProvider>();
            compression.MimeTypes = ["text/javascript", "text/css", "text/html"];
        });

        var app = builder.Build();
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.UseResponseCompression();
        app.UseDefaultFiles();
        app.UseStaticFiles();
        app.MapOpenApi();
        app.MapHealth();
        app.MapQuickSize();
        app.MapAssess();
        app.MapRemedies();
        app.MapJobs();
        app.MapJobFiles();
        app.MapProposals();
        app.MapWalkaround();
        app.MapBodies();
        app.MapLines();
        app.MapStarts();
        app.MapDiagrams();
        app.MapPanel();
        app.MapCatalogue();
        app.MapWebClient();
        return app;
    }

    /// <summary>Brings the database to the newest shape and, where it is empty and wanted, puts the demo jobs in.</summary>
    public static async Task PrepareAsync(WebApplication app, ServeOptions options)
    {
        Directory.CreateDirectory(options.DataDirectory);
        await using var scope = app.Services.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<JobDatabase>();
        await DatabaseUpgrade.RunAsync(database, DatabasePath(options));
        if (options.Demo) await DemoJobs.PutIntoEmptyAsync(scope.ServiceProvider.GetRequiredService<JobStore>());
    }

    private static string DatabasePath(ServeOptions options) =>
        Path.GetFullPath(Path.Combine(options.DataDirectory, "burly-ridge.db"));
}
