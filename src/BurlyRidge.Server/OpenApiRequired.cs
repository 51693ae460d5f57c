using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace BurlyRidge.Server;

/// <summary>Says of what is only ever answered that all of it is there: nothing is left out of an answer.</summary>
internal static class OpenApiRequired
{
    public static Task MarkAsync(OpenApiDocument document, OpenApiDocumentTransformerContext context, CancellationToken cancellation)
    {
        var schemas = document.Components?.Schemas ?? new Dictionary<string, IOpenApiSchema>();
        var asked = new HashSet<string>(StringComparer.Ordinal);
        foreach (var operation in document.Paths.Values.SelectMany(path => path.Operations ?? []).Select(pair => pair.Value))
            foreach (var content in operation.RequestBody?.Content ?? new Dictionary<string, OpenApiMediaType>()) Reach(content.Value.Schema, schemas, asked);
        foreach (var (name, schema) in schemas)
            if (!asked.Contains(name) && schema is OpenApiSchema { Properties.Count: > 0 } answered) answered.Required = answered.Properties.Keys.ToHashSet(StringComparer.Ordinal);
        return Task.CompletedTask;
    }

    /// <summary>Names of the schemas that one leads to.</summary>
    private static void Reach(IOpenApiSchema? schema, IDictionary<string, IOpenApiSchema> schemas, HashSet<string> met)
    {
        if (schema is null) return;
        if (schema is OpenApiSchemaReference { Reference.Id: { } id })
        {
            if (met.Add(id) && schemas.TryGetValue(id, out var found)) Reach(found, schemas, met);
            return;
        }
        List<IOpenApiSchema?> within = [schema.Items, schema.AdditionalProperties];
        if (schema.Properties is { } properties) within.AddRange(properties.Values);
        foreach (var several in new[] { schema.AllOf, schema.OneOf, schema.AnyOf })
            if (several is not null) within.AddRange(several);
        foreach (var one in within) Reach(one, schemas, met);
    }
}
