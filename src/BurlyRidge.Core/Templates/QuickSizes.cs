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
    public QuickSizing Of(QuickAsk ask) => Of(Asked(ask, Key(ask.Vehicle, ask.Rules)));

    /// <summary>What is asked with the name that it is remembered by, of what <see cref="Key(Vehicle, HouseRules)"/> gives for vehicle and rules.</summary>
    internal static NamedAsk Asked(QuickAsk ask, string around) =>
        new(ask, around + JsonSerializer.Serialize((ask.Plan with { Lay = null, Fixtures = [] }, ask.Bought), Options));

    /// <summary>Whether it is remembered, or being worked out.</summary>
    internal bool Has(NamedAsk ask) => known.ContainsKey(ask.Name);

    /// <summary>As <see cref="QuickSizing.Of"/>.</summary>
    internal QuickSizing Of(NamedAsk ask)
    {
        if (known.Count >= Most) known.Clear();
        return known.GetOrAdd(ask.Name, _ => new Lazy<QuickSizing>(() => QuickSizing.Of(ask.Ask))).Value;
    }

    /// <summary>A plan to be sized, and its name in the memory.</summary>
    internal readonly record struct NamedAsk(QuickAsk Ask, string Name);

    /// <summary>The part of a plan's key that all plans of a rig share.</summary>
    internal static string Key(Vehicle vehicle, HouseRules rules) => Convert.ToBase64String(SHA256.HashData(
        JsonSerializer.SerializeToUtf8Bytes((vehicle, rules), Options)));

    private static readonly JsonSerializerOptions Options = new() { IncludeFields = true };
}
