using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text.Json;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Remembers what quick plans were sized to: an edit changes one line of many. It may be asked from several sides at once.</summary>
public sealed class QuickSizes
{
    /// <summary>More than this is forgotten all at once.</summary>
    private const int Most = 4_000;

    private readonly ConcurrentDictionary<string, Lazy<QuickSizing>> known = new(StringComparer.Ordinal);

    /// <summary>As <see cref="QuickSizing.Of"/>.</summary>
    public QuickSizing Of(QuickAsk ask) => Of(ask, Key(ask.Vehicle, ask.Rules));

    /// <summary>The same with what <see cref="Key(Vehicle, HouseRules)"/> gives for the vehicle and the rules.</summary>
    internal QuickSizing Of(QuickAsk ask, string around)
    {
        var key = around + JsonSerializer.Serialize((ask.Plan with { Lay = null, Fixtures = [] }, ask.Bought), Options);
        if (known.Count >= Most) known.Clear();
        return known.GetOrAdd(key, _ => new Lazy<QuickSizing>(() => QuickSizing.Of(ask))).Value;
    }

    /// <summary>The part of a plan's key that all plans of a rig share.</summary>
    internal static string Key(Vehicle vehicle, HouseRules rules) => Convert.ToBase64String(SHA256.HashData(
        JsonSerializer.SerializeToUtf8Bytes((vehicle, rules), Options)));

    private static readonly JsonSerializerOptions Options = new() { IncludeFields = true };
}
