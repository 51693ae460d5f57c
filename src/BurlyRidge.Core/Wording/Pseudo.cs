using System.Text;

namespace BurlyRidge.Core.Wording;

/// <summary>A language that nobody speaks: every sentence from the resources can be read and is told apart from what stands elsewhere.</summary>
public static class Pseudo
{
    private const string Plain = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";

    private const string Accented = "áƀçđéƒǧĥíĵķĺɱñóþǫŕšŧúṽŵẋýžÅƁÇĐÉƑǦĤÍĴĶĹṀÑÓÞǪŔŠŦÚṼŴẊÝŽ";

    /// <summary>Whether sentences are read so; set before the first one is.</summary>
    public static bool On { get; set; }

    /// <summary>The same text with other letters; names in braces stay.</summary>
    public static string Of(string text)
    {
        var said = new StringBuilder(text.Length);
        var depth = 0;
        foreach (var letter in text)
        {
            depth += letter == '{' ? 1 : letter == '}' ? -1 : 0;
            var at = depth == 0 ? Plain.IndexOf(letter, StringComparison.Ordinal) : -1;
            said.Append(at < 0 ? letter : Accented[at]);
        }
        return said.ToString();
    }
}
