using System.Resources;

namespace BurlyRidge.Core.Wording;

/// <summary>Fields and choices of the document in words, by their names in it; a unit at the end of a name left out.</summary>
internal static class FieldWords
{
    private static readonly Phrases Phrases = new(() => new ResourceManager(typeof(FieldWords)));

    /// <summary>"engineBay" is an engine bay; a name that is none of the document's stays as it is.</summary>
    public static string Of(string name) => Phrases.Find(name) ?? name;
}
