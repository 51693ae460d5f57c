using System.Runtime.CompilerServices;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Server.Hosting;

/// <summary>The valid rigs that were asked about last: several things are asked about each one, and it is read once.</summary>
internal static class KnownRigs
{
    private const int Most = 4;

    private static readonly Lock Gate = new();
    private static readonly LinkedList<(string Digest, Rig Rig)> Known = new();
    private static readonly ConditionalWeakTable<Rig, string> Digests = new();

    /// <summary>The rig that came with the same text; null where it is not known.</summary>
    public static Rig? Find(string digest)
    {
        lock (Gate) return Known.FirstOrDefault(known => known.Digest == digest).Rig;
    }

    /// <summary>Remembers a valid rig, and forgets the one that was remembered first.</summary>
    public static void Keep(string digest, Rig rig)
    {
        Digests.AddOrUpdate(rig, digest);
        lock (Gate)
        {
            if (Known.Any(known => known.Digest == digest)) return;
            if (Known.Count >= Most) Known.RemoveLast();
            Known.AddFirst((digest, rig));
        }
    }

    /// <summary>What tells a rig from any other: the digest of the text that it came in, or would be written as.</summary>
    public static string DigestOf(Rig rig) => Digests.GetValue(rig, static rig => DigestOf(JsonSerializer.SerializeToUtf8Bytes(rig, JsonRules.Stored)));

    /// <summary>The same of a text.</summary>
    public static string DigestOf(ReadOnlySpan<byte> text) => Convert.ToBase64String(SHA256.HashData(text));
}

/// <summary>The rig in the body of a request, as text.</summary>
/// <param name="Start">Its first byte.</param>
/// <param name="End">The byte after it.</param>
internal sealed record RigText(ReadOnlyMemory<byte> Body, int Start, int End)
{
    private static readonly byte[] Nothing = Encoding.UTF8.GetBytes(RigDocument.Write(Rig.Empty(12, UnitSystem.Metric)));

    /// <summary>What tells its text from any other.</summary>
    public string Digest { get; } = KnownRigs.DigestOf(Body.Span[Start..End]);

    /// <summary>The rig itself, read while its text is held against its shape; null where the text is none of today's.</summary>
    public Task<Rig?> ReadAsync() => Task.Run(() =>
    {
        try
        {
            var rig = JsonSerializer.Deserialize<Rig>(Body.Span[Start..End], JsonRules.Stored);
            return rig?.SchemaVersion == Rig.CurrentSchema ? rig : null;
        }
        catch (Exception error) when (error is JsonException or InvalidOperationException)
        {
            return null;
        }
    });

    /// <summary>The same body with an empty rig in its place.</summary>
    public byte[] Without() => [.. Body.Span[..Start], .. Nothing, .. Body.Span[End..]];

    /// <summary>Finds it; null where the body is no JSON object with one field "rig" that is an object.</summary>
    public static RigText? In(ReadOnlyMemory<byte> body)
    {
        var reader = new Utf8JsonReader(body.Span, new JsonReaderOptions { MaxDepth = JsonRules.DeepestNesting });
        RigText? found = null;
        try
        {
            if (!reader.Read() || reader.TokenType != JsonTokenType.StartObject) return null;
            while (reader.Read() && reader.TokenType == JsonTokenType.PropertyName)
            {
                var rig = reader.ValueTextEquals("rig"u8);
                reader.Read();
                var start = (int)reader.TokenStartIndex;
                if (rig && (found is not null || reader.TokenType != JsonTokenType.StartObject)) return null;
                reader.Skip();
                if (rig) found = new RigText(body, start, (int)reader.BytesConsumed);
            }
            return found;
        }
        catch (JsonException)
        {
            return null;
        }
    }
}

/// <summary>What a request says of its rig.</summary>
/// <param name="Digest">What tells its text from any other.</param>
/// <param name="Rig">The rig as read; the one in the bound request is an empty one.</param>
/// <param name="Known">Whether the same text came before, and was found valid.</param>
internal sealed record RigAsked(string Digest, Rig Rig, bool Known);
