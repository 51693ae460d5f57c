using BurlyRidge.Server.Hosting;
using System.IO.Compression;
using System.Net;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Archives;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Beams;
using BurlyRidge.Server.Bench;
using BurlyRidge.Server.Catalogue;
using BurlyRidge.Server.Demo;
using BurlyRidge.Server.Edits;
using BurlyRidge.Server.HandOver;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Lines;
using BurlyRidge.Server.Panel;
using BurlyRidge.Server.Proposals;
using BurlyRidge.Server.QuickSize;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.Plans;
using BurlyRidge.Server.PowerUp;
using BurlyRidge.Server.RunSheets;
using BurlyRidge.Server.Shops;
using BurlyRidge.Server.Training;
using BurlyRidge.Server.Storage;
using BurlyRidge.Server.Walkaround;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server;

/// <summary>Puts the server together.</summary>
public static class ServerApp
{
    /// <summary>The server, not yet started; its database is not yet there.</summary>
    public static WebApplication Build(ServeOptions options)
    {
        var web = Path.GetFullPath(options.WebDirectory);
        var builder = WebApplication.CreateBuilder(new WebApplicationOptions
        {
            ContentRootPath = AppContext.BaseDirectory,
            WebRootPath = Directory.Exists(web) ? web : null,
            EnvironmentName = Environments.Production,
        });
        // Environment variables and settings files would open further addresses: what our options say is all there is.
        builder.Configuration.Sources.Clear();
        builder.Configuration.AddInMemoryCollection([new("AllowedHosts", "127.0.0.1;localhost;[::1]")]);
        builder.WebHost.UseSetting(WebHostDefaults.ServerUrlsKey, null).UseSetting(WebHostDefaults.HttpPortsKey, null).UseSetting(WebHostDefaults.HttpsPortsKey, null);
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(IPAddress.Loopback, options.Port);
            kestrel.Limits.MaxRequestBodySize = RequestText.LargestBody;
            kestrel.AddServerHeader = false;
        });
        builder.Logging.ClearProviders().AddJsonConsole().SetMinimumLevel(LogLevel.Warning)
            .AddFilter("Microsoft.Extensions.Hosting.Internal.Host", LogLevel.None) // Program says it in words
            .AddFilter("Microsoft.EntityFrameworkCore", LogLevel.None); // what matters of it is thrown, and said in words

        builder.Services.ConfigureHttpJsonOptions(json => JsonRules.Apply(json.SerializerOptions));
        builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
        builder.Services.AddProblemDetails(details => details.CustomizeProblemDetails = context => PlainTitles.Give(context.ProblemDetails));
        builder.Services.AddExceptionHandler<Failures>();
        builder.Services.AddOpenApi("v1", document =>
        {
            document.AddOperationTransformer(OpenApiExamples.GiveAsync);
            document.AddDocumentTransformer(OpenApiRequired.MarkAsync);
        });
        builder.Services.AddSingleton(TimeProvider.System);
        builder.Services.AddSingleton(_ => new DataFolder(options.DataDirectory));
        builder.Services.AddDbContext<JobDatabase>((services, database) => database.UseSqlite(services.GetRequiredService<DataFolder>().ConnectionString));
        builder.Services.AddScoped<JobStore>();
        builder.Services.AddScoped<LampCatalogue>();
        builder.Services.AddScoped<KitCatalogue>();
        builder.Services.AddScoped<ShopStore>();
        builder.Services.AddScoped<RecordStore>();
        builder.Services.AddScoped<BenchDesk>();
        builder.Services.AddScoped<SheetDesk>();
        builder.Services.AddScoped<CommissioningDesk>();
        builder.Services.AddScoped<DiagnosisDesk>();
        builder.Services.AddScoped<Seals>();
        builder.Services.AddScoped<ArchiveWriter>();
        builder.Services.AddScoped<ArchiveReader>();
        builder.Services.AddScoped<HandOverDesk>();
        builder.Services.AddSingleton<SheetLogs>();
        builder.Services.AddSingleton<PhotoStore>();
        // The scripts are sent once and kept; what an edit asks for is not packed at all.
        builder.Services.Configure<GzipCompressionProviderOptions>(gzip => gzip.Level = CompressionLevel.Optimal);
        builder.Services.AddResponseCompression(compression =>
        {
            compression.Providers.Add<GzipCompressionProvider>();
            compression.MimeTypes = ["text/javascript", "text/css", "text/html", "image/svg+xml", "application/json", "application/problem+json"];
        });

        var app = builder.Build();
        app.UseGuard();
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.UseResponseCompression();
        app.UseRouting();
        app.UseWebClient();
        app.UseStaticFiles();
        app.UseRequestReading();
        app.MapOpenApi();
        app.MapHealth();
        app.MapQuickSize();
        app.MapAssess();
        app.MapEditPreview();
        app.MapEdits();
        app.MapJobs();
        app.MapJobFiles();
        app.MapProposals();
        app.MapPlans();
        app.MapWalkaround();
        app.MapBodies();
        app.MapLines();
        app.MapParts();
        app.MapTemplates();
        app.MapDiagrams();
        app.MapPanel();
        app.MapBench();
        app.MapRunSheets();
        app.MapPowerUp();
        app.MapCommissioning();
        app.MapDiagnosis();
        app.MapTraining();
        app.MapBeams();
        app.MapHandOver();
        app.MapLabels();
        app.MapAgain();
        app.MapArchives();
        app.MapPhotos();
        app.MapCatalogue();
        app.MapKits();
        app.MapShop();
        return app;
    }

    /// <summary>Holds the data folder, brings the database to the newest shape and, where it is empty and wanted, puts the demo jobs in.</summary>
    /// <exception cref="CannotStartException">The data cannot be had; the message says why and what to do.</exception>
    public static async Task PrepareAsync(WebApplication app, ServeOptions options)
    {
        var folder = app.Services.GetRequiredService<DataFolder>();
        folder.Claim();
        try
        {
            await using var scope = app.Services.CreateAsyncScope();
            await DatabaseUpgrade.RunAsync(scope.ServiceProvider.GetRequiredService<JobDatabase>(), folder);
            if (options.Demo) await DemoJobs.PutIntoEmptyAsync(scope.ServiceProvider.GetRequiredService<JobStore>(), scope.ServiceProvider.GetRequiredService<RecordStore>(), scope.ServiceProvider.GetRequiredService<ShopStore>(), scope.ServiceProvider.GetRequiredService<PhotoStore>(), scope.ServiceProvider.GetRequiredService<HandOverDesk>(), scope.ServiceProvider.GetRequiredService<Seals>(), app.Services.GetRequiredService<TimeProvider>().GetLocalNow());
        }
        catch (Exception error) when (StorageTrouble.Of(error) is { } trouble)
        {
            throw new CannotStartException($"The database {folder.Database} cannot be used. {trouble.Title} {trouble.Remedy}", error);
        }
    }
}
