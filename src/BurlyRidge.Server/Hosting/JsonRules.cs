using System.Text.Json;
using System.Text.Json.Serialization;

namespace BurlyRidge.Server.Hosting;

/// <summary>How documents are read and written: strictly, so that a slip of the pen is refused and not guessed at.</summary>
public static class JsonRules
{
    private const int DeepestNesting = 32;

    /// <summary>Options for documents that are stored; the same rules as over HTTP.</summary>
    public static JsonSerializerOptions Stored { get; } = Apply(new JsonSerializerOptions(JsonSerializerDefaults.Web));

    /// <summary>Sets the rules on <paramref name="options"/>.</summary>
    public static JsonSerializerOptions Apply(JsonSerializerOptions options)
    {
        options.NumberHandling = JsonNumberHandling.Strict;
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.AllowDuplicateProperties = false;
        options.PropertyNameCaseInsensitive = false;
        options.MaxDepth = DeepestNesting;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        return options;
    }
}
