using BurlyRidge.Server.Storage;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;

namespace BurlyRidge.Server.Jobs;

/// <summary>Works out what the Yard shows of a rig.</summary>
internal static class Digests
{
    /// <summary>This build: its checks may judge otherwise than another's.</summary>
    public static readonly string Build = typeof(Assessor).Assembly.ManifestModule.ModuleVersionId.ToString("n");

    /// <summary>Of a document as stored, whatever is in it.</summary>
    public static async Task<JobDigest> OfAsync(string document)
    {
        var (rig, problems) = StoredRig.Read(document);
        if (rig is null || problems.Count > 0) return new JobDigest { Trouble = ServerWords.ThisJobCannotBeRead, Build = Build };
        return RigSize.Problems(rig).Count > 0
            ? Of(rig) with { Trouble = ServerWords.ThisJobIsTooLargeTo }
            : await OfAsync(rig);
    }

    /// <summary>Of a rig that can be worked out.</summary>
    public static async Task<JobDigest> OfAsync(Rig rig)
    {
        var tally = (await AssessmentCache.OfAsync(rig, CancellationToken.None)).Assessment.Tally;
        return Of(rig) with { Stop = tally.Stop, Watch = tally.Watch, Holds = tally.Holds };
    }

    private static JobDigest Of(Rig rig) => new() { SystemVolts = rig.Vehicle.SystemVolts, LineCount = rig.Lines.Count, Build = Build };
}
