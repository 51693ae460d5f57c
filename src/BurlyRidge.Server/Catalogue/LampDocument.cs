using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Catalogue;

/// <summary>A lamp of the workshop's own as stored text. Its fixture keeps the shape that rigs had when it was saved, and is brought to today's as theirs are.</summary>
internal static class LampDocument
{
    private const string FixtureField = "fixture";

    /// <summary>The lamp as text, in today's shape.</summary>
    public static string Write(CatalogueLamp lamp) => JsonSerializer.Serialize(lamp, JsonRules.Stored);

    /// <summary>The lamp in a text of that version; null where it cannot be read.</summary>
    public static CatalogueLamp? Read(string document, int schemaVersion)
    {
        try
        {
            if (JsonNode.Parse(document) is not JsonObject lamp || lamp[FixtureField] is not JsonObject fixture) return null;
            if (schemaVersion < Rig.CurrentSchema)
            {
                lamp.Remove(FixtureField);
                lamp[FixtureField] = RigDocument.RaisedFixture(fixture, schemaVersion);
            }
            var (read, problems) = JsonReading.Read<CatalogueLamp>(JsonSerializer.SerializeToUtf8Bytes(lamp, JsonRules.Stored));
            return problems.Count == 0 && CatalogueValidation.Validate(read).Count == 0 ? read : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
