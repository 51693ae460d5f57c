using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Server.RunSheets;

/// <summary>Names what came from a file by its content.</summary>
internal static class FileKey
{
    public static string Of(SheetEvent what) => $"file-{Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(JsonSerializer.Serialize(what, JsonRules.Stored))))[..40]}";
}
