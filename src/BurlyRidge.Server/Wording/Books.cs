using System.Globalization;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Server.Wording;

internal static partial class ServerWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}
