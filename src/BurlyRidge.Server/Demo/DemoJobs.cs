using BurlyRidge.Server.Jobs;

namespace BurlyRidge.Server.Demo;

/// <summary>The demo jobs.</summary>
internal static class DemoJobs
{
    public static IReadOnlyList<DemoJob> All { get; } = [RescueWagon.Job(), OrchardPickup.Job(), ChipperTruck.Job()];

    /// <summary>Stores the demo jobs where there is no job at all.</summary>
    public static async Task PutIntoEmptyAsync(JobStore store)
    {
        if (!await store.IsEmptyAsync()) return;
        await store.CreateAllAsync(All.Reverse().Select(job => new JobDraft(job.Name, job.Note, job.Rig, job.Particulars)));
    }
}
