using System.Globalization;
using System.Text.RegularExpressions;

namespace BurlyRidge.Core.Bench;

/// <summary>What in the shop's stock does the same as an item: a stronger relay or switch, a longer tie, a wider sleeve.</summary>
internal static partial class Alternatives
{
    /// <summary>Items that one of more of does no harm; a larger fuse does.</summary>
    private static readonly string[] MoreIsFine = ["relay-", "switch-", "tie-", "push-in-tie-", "split-conduit-", "braided-sleeve-", "heat-sleeve-"];

    /// <summary>Items of <paramref name="stock"/> that do, the nearest first.</summary>
    public static IReadOnlyList<string> Of(string item, IReadOnlyDictionary<string, double> stock)
    {
        if (!MoreIsFine.Any(start => item.StartsWith(start, StringComparison.Ordinal)) || Figure(item) is not { } own) return [];
        return
        [
            .. stock.Where(other => other.Value > 0 && other.Key != item && Kind(other.Key) == Kind(item)).Select(other => (other.Key, Figure: Figure(other.Key)))
                .Where(other => other.Figure > own).OrderBy(other => other.Figure).Select(other => other.Key),
        ];
    }

    private static string Kind(string item) => Number().Replace(item, "#");

    private static double? Figure(string item) => Number().Match(item) is { Success: true } match ? double.Parse(match.Value, CultureInfo.InvariantCulture) : null;

    [GeneratedRegex(@"\d+")]
    private static partial Regex Number();
}
