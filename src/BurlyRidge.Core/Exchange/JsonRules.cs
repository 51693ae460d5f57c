using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace BurlyRidge.Core.Exchange;

/// <summary>How documents are read and written: strictly, so that a slip of the pen is refused and not guessed at.</summary>
public static class JsonRules
{
    /// <summary>How deep a document may be nested.</summary>
    public const int DeepestNesting = 32;

    /// <summary>Options for documents that are stored; the same rules as over HTTP.</summary>
    public static JsonSerializerOptions Stored { get; } = Apply(new JsonSerializerOptions(JsonSerializerDefaults.Web) { TypeInfoResolver = new DefaultJsonTypeInfoResolver() });

    /// <summary>The same for files that people may read.</summary>
    public static JsonSerializerOptions Indented { get; } = new(Stored) { WriteIndented = true, TypeInfoResolver = new DefaultJsonTypeInfoResolver() };

    /// <summary>Sets the rules on <paramref name="options"/>.</summary>
    public static JsonSerializerOptions Apply(JsonSerializerOptions options)
    {
        options.NumberHandling = JsonNumberHandling.Strict;
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.AllowDuplicateProperties = false;
        options.AllowOutOfOrderMetadataProperties = true;
        options.PropertyNameCaseInsensitive = false;
        options.MaxDepth = DeepestNesting;
        options.Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping; // "mm²" stays readable; nothing is put into HTML
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        return options;
    }
}
