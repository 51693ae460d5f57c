using BurlyRidge.Core.Bench;
using BurlyRidge.Server.Catalogue;

namespace BurlyRidge.Server.Shops;

/// <summary>The made-up price list that ships with it: an item costs what the longest beginning of its name in the list does.</summary>
internal static class ShippedPrices
{
    private static readonly (string Start, decimal Price)[] List =
    [
        ("relay-", 8.90m), ("switch-", 7.40m), ("power-box", 289m), ("holder-for-a-fuse-", 4.20m), ("fuse-", 0.45m), ("breaker-", 18.50m),
        ("ring-terminal", 0.35m), ("blade-receptacle", 0.22m), ("sealed-butt-joint", 0.48m), ("plug-pin", 0.30m), ("plug-socket", 0.30m), ("plug-contact", 0.30m), ("sealed-cap", 0.60m), ("soldered-joint", 0.15m), ("insulation-displacement-tap", 0.40m),
        ("split-conduit", 1.10m), ("heat-sleeve", 6.80m), ("braided-sleeve", 2.20m), ("tie-", 0.06m), ("push-in-tie", 0.28m),
        ("red-heat-shrink", 2.40m), ("black-heat-shrink", 2.40m), ("sealed-plug", 3.80m), ("lock-nut", 0.50m), ("bolt-with-nut", 0.90m), ("rivet-nut", 0.75m), ("bolt-and-nut", 0.60m),
        ("star-washer", 0.12m), ("grommet", 0.80m), ("sealant", 6.50m), ("dielectric-grease", 7.90m),
    ];

    private static readonly Dictionary<string, decimal> Lamps = ShippedCatalogue.Lamps.GroupBy(lamp => PartNeeded.ItemOf(PartsNeeded.Sort(lamp.Fixture)), StringComparer.Ordinal).ToDictionary(same => same.Key, same => (decimal)same.Min(lamp => lamp.Price), StringComparer.Ordinal);

    private static readonly Dictionary<string, decimal> Kits = ShippedKits.All.Where(kit => kit.Price is not null).ToDictionary(kit => PartNeeded.ItemOf(kit.Name), kit => kit.Price!.Value, StringComparer.Ordinal);

    /// <summary>What an item costs without tax; null: not in the list.</summary>
    public static decimal? Of(string item) =>
        Lamps.TryGetValue(item, out var lamp) ? lamp : Kits.TryGetValue(item, out var kit) ? kit
        : List.Where(row => item.StartsWith(row.Start, StringComparison.Ordinal)).OrderByDescending(row => row.Start.Length).Select(row => (decimal?)row.Price).FirstOrDefault();
}
