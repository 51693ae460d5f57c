using BurlyRidge.Core;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Jobs;

/// <summary>A rig as it lies in the database: read as a rig from a file or a request is, size apart.</summary>
internal static class StoredRig
{
    /// <summary>The rig, or what is wrong with it; one that is too large to be worked out is read all the same.</summary>
    public static (Rig? Rig, IReadOnlyList<Problem> Problems) Read(string document)
    {
        var (rig, problems) = RigDocument.Read(document);
        if (rig is null || RigSize.Problems(rig).Count > 0) return (rig, problems);
        problems = RigValidation.Validate(rig);
        return problems.Count > 0 ? (null, problems) : (rig, []);
    }
}
