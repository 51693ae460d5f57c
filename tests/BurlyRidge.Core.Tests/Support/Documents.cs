using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Documents that a test knows to be good.</summary>
internal static class Documents
{
    /// <summary>The rig in a stored text; the test fails where it has problems.</summary>
    public static Rig Rig(string text)
    {
        var (rig, problems) = RigDocument.Read(text);
        Assert.Empty(problems);
        return rig!;
    }
}
