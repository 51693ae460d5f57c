using System.Collections;
using System.Collections.Concurrent;
using System.Collections.Frozen;
using System.Globalization;
using System.Resources;

namespace BurlyRidge.Core.Wording;

/// <summary>The sentences of one resource file, by key; a place for a figure stands in braces with its name.</summary>
public sealed class Phrases
{
    private readonly Lazy<FrozenDictionary<string, string>> texts;

    private readonly ConcurrentDictionary<string, string> formats = new(StringComparer.Ordinal);

    /// <summary>Reads them when the first one is asked for.</summary>
    public Phrases(Func<ResourceManager> resources) => texts = new(() => Read(resources()));

    /// <summary>A sentence without places.</summary>
    public string Of(string key) => texts.Value[key];

    /// <summary>The same; null where there is none of that key.</summary>
    public string? Find(string key) => texts.Value.GetValueOrDefault(key);

    /// <summary>A sentence whose places are numbered in the order of <paramref name="names"/>, as <see cref="string.Format(string, object?[])"/> reads it.</summary>
    public string Of(string key, IReadOnlyList<string> names) => formats.GetOrAdd(key, static (key, call) =>
        call.names.Select((name, i) => (name, i)).Aggregate(call.phrases.Of(key), (text, place) =>
            text.Replace($"{{{place.name}}}", $"{{{place.i}}}", StringComparison.Ordinal)), (phrases: this, names));

    private static FrozenDictionary<string, string> Read(ResourceManager resources) =>
        resources.GetResourceSet(CultureInfo.InvariantCulture, createIfNotExists: true, tryParents: false)!
            .Cast<DictionaryEntry>().ToFrozenDictionary(entry => (string)entry.Key, entry => Pseudo.On ? Pseudo.Of((string)entry.Value!) : (string)entry.Value!, StringComparer.Ordinal);
}
