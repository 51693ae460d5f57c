using BurlyRidge.Core.Bench;
using BurlyRidge.Server.Bench;
using BurlyRidge.Server.HandOver;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Server.PowerUp;
using BurlyRidge.Server.RunSheets;
using BurlyRidge.Server.Shops;

namespace BurlyRidge.Server.Demo;

/// <summary>The demo jobs.</summary>
internal static class DemoJobs
{
    public static IReadOnlyList<DemoJob> All { get; } = [RescueWagon.Job(), OrchardPickup.Job(), ChipperTruck.Job(), WardenWagon.Job()];

    /// <summary>What the made-up workshop has on its shelf.</summary>
    private static readonly Dictionary<string, double> Stock = new()
    {
        ["tie-100-mm"] = 200,
        ["tie-150-mm"] = 80,
        ["star-washer"] = 40,
        ["fuse-15-a-blade"] = 6,
        ["sealed-butt-joint-1-mm2-to-2-5-mm2"] = 25,
        ["switch-5-a"] = 2,
    };

    private static readonly Offcut[] Offcuts = [new("16 AWG", "black", 4.2), new("14 AWG", "red", 1.8), new("1.5 mm²", "black", 6.5)];

    private const string Fitter = "Fitter";
    private const string Client = "Bench tablet";
    private const string Tablet = "Workshop tablet";

    /// <summary>Stores the demo jobs where there is no job at all.</summary>
    public static async Task PutIntoEmptyAsync(JobStore store, RecordStore records, ShopStore shops, PhotoStore photos, HandOverDesk desk, Seals seals, DateTimeOffset now)
    {
        if (!await store.IsEmptyAsync()) return;
        if (await shops.ReadAsync() is (var shop, 0)) await shops.WriteAsync(shop with { Name = "Spindle Yard light and wiring", Contact = "2 Quarry Row, open from seven", Stock = Stock, Offcuts = Offcuts }, 0);
        var jobs = All.Reverse().ToList();
        var stored = await store.CreateAllAsync(jobs.Select(job => new JobDraft(job.Name, job.Note, job.Rig, job.Particulars)));
        foreach (var (job, row) in jobs.Zip(stored))
        {
            await records.AddAllAsync(row.Row.Id, BenchDesk.Log, job.AtTheBench.Select((what, i) => (new NewEntry(Fitter, Client, 1, $"demo-{i}"), what)));
            if (job.Measures is null && job.AtTheVehicle is null) continue;
            var assessed = AssessedRig.Of(job.Rig);
            if (job.Measures is { } measures) await records.AddAllAsync(row.Row.Id, CommissioningDesk.Log, measures.Events(assessed.Study, now).Select((what, i) => (new NewEntry(Fitter, Tablet, 1, $"demo-reading-{i}"), what)));
            if (job.AtTheVehicle is { } work) await records.AddAllAsync(row.Row.Id, SheetDesk.Log, work.Events(assessed, now).Select((what, i) => (new NewEntry(Fitter, Tablet, 1, $"demo-sheet-{i}"), what)));
            if (job.HandedOver is { } handed) await handed.WriteAsync(row, desk, seals, records, photos, Tablet);
        }
    }
}
