using System.Globalization;

namespace BurlyRidge.Core.Wording;

internal static partial class BeamWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class BenchWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class CheckWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class CommissioningWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class DiagnosingWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class EditWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class FaultWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class FileWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class HandOverWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class KitWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class LineWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class PackWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class PartWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class RunningWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class ProposingWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class RunSheetWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class SizingWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class TemplateWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class TrainingWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}

internal static partial class VehicleWords
{
    private static readonly Phrases Phrases = new(() => ResourceManager);

    private static CultureInfo Culture => CultureInfo.InvariantCulture;

    private static string GetResourceString(string key) => Phrases.Of(key);

    private static string GetResourceString(string key, string[] names) => Phrases.Of(key, names);
}
