using BurlyRidge.Core.Templates;

namespace BurlyRidge.Server.Assess;

/// <summary>What quick plans were sized to, of all jobs: an edit changes one line of many.</summary>
internal static class QuickSizeCache
{
    /// <summary>Handed to whatever expands them.</summary>
    public static QuickSizes Sizes { get; } = new();
}
