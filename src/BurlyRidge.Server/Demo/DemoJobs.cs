using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Demo;

/// <summary>A job that a fresh database starts with; vehicle, lamps and figures are made up.</summary>
internal sealed record DemoJob(string Name, string Note, Rig Rig);

/// <summary>The demo jobs.</summary>
internal static class DemoJobs
{
    public static IReadOnlyList<DemoJob> All { get; } = [RescueWagon.Job(), OrchardPickup.Job(), ChipperTruck.Job()];

    /// <summary>Stores the demo jobs where there is no job at all.</summary>
    public static async Task PutIntoEmptyAsync(JobStore store)
    {
        if (!await store.IsEmptyAsync()) return;
        foreach (var job in All.Reverse()) await store.CreateAsync(job.Name, job.Note, job.Rig);
    }
}
