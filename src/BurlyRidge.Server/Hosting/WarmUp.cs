using BurlyRidge.Core.Assessing;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Server.Hosting;

/// <summary>Runs the computation once before the first request, so that the first key press is as quick as the next.</summary>
internal static class WarmUp
{
    public static void Run()
    {
        foreach (var job in DemoJobs.All) Assessor.Assess(job.Rig);
    }
}
