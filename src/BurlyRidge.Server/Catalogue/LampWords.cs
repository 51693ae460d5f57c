using BurlyRidge.Core.Parts;

namespace BurlyRidge.Server.Catalogue;

/// <summary>What stands in a table of lamps for kinds and sides: the names of the document, or the words on screen.</summary>
internal static class LampWords
{
    /// <summary>Kinds of lamp.</summary>
    public static IReadOnlyDictionary<string, LampKind> Kinds { get; } = Words(
        (ServerWords.RegulatedLed, LampKind.RegulatedLed), (ServerWords.ResistorLedStrip, LampKind.ResistorLed), (ServerWords.ResistorLed, LampKind.ResistorLed), (ServerWords.Filament, LampKind.Filament));

    /// <summary>How a lamp is held.</summary>
    public static IReadOnlyDictionary<string, HolderKind> Holds { get; } = Words(
        (ServerWords.EarsGap, HolderKind.Ears), (ServerWords.FeetHoles, HolderKind.Feet), (ServerWords.Stud, HolderKind.Stud), (ServerWords.ClampsBar, HolderKind.Clamp), (ServerWords.Receiver, HolderKind.Receiver));

    /// <summary>Sides.</summary>
    public static IReadOnlyDictionary<string, Side> Sides { get; } = Words((ServerWords.Left, Side.Left), (ServerWords.Right, Side.Right));

    /// <summary>Colours of light.</summary>
    public static IReadOnlyDictionary<string, LightColour> Colours { get; } = Words<LightColour>();

    /// <summary>Kinds of bracket.</summary>
    public static IReadOnlyDictionary<string, BracketKind> Brackets { get; } = Words((ServerWords.MadeInTheShop, BracketKind.HomeMade));

    /// <summary>What is so or not so.</summary>
    public static IReadOnlyDictionary<string, YesNo> YesNo { get; } = Words(("true", Catalogue.YesNo.Yes), ("false", Catalogue.YesNo.No));

    private static Dictionary<string, T> Words<T>(params (string Shown, T Value)[] shown) where T : struct, Enum
    {
        var words = Enum.GetValues<T>().ToDictionary(value => value.ToString(), value => value, StringComparer.OrdinalIgnoreCase);
        foreach (var (word, value) in shown) words[word] = value;
        return words;
    }
}

/// <summary>What is so or not so, in a table.</summary>
internal enum YesNo
{
    /// <summary>Yes.</summary>
    Yes,

    /// <summary>No.</summary>
    No,
}
