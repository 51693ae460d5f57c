namespace BurlyRidge.Core.Rigs;

/// <summary>Names for parts that are to come.</summary>
public static class FreeName
{
    /// <summary>The most letters of an id.</summary>
    internal const int Longest = 64;

    /// <summary>The name wanted as a part may be called, or it with the first number from 2 up that no part, run or line of <paramref name="rig"/> has.</summary>
    /// <param name="also">Names that are to come as well.</param>
    public static string In(Rig rig, string wanted, params IEnumerable<string> also)
    {
        var taken = Taken(rig);
        taken.UnionWith(also);
        return Among(taken, Problems.IsName(wanted) ? wanted : Plain(wanted, Longest), Longest);
    }

    /// <summary>Ids that parts, runs and lines of <paramref name="rig"/> have, and those that are the vehicle's own.</summary>
    public static HashSet<string> Taken(Rig rig) =>
        [.. TerminalIndex.Of(rig).Ids.Select(part => part.Id), .. rig.Runs.Select(run => run.Id), .. rig.Lines.Select(line => line.Id), .. TerminalIndex.Reserved];

    /// <summary>What a person called it as a part may be called: small letters, digits and single hyphens, up to so many; empty where none is left.</summary>
    public static string Plain(string name, int most)
    {
        var plain = string.Concat(name.Select(letter => char.IsAsciiLetterOrDigit(letter) ? char.ToLowerInvariant(letter) : '-'));
        while (plain.Contains("--", StringComparison.Ordinal)) plain = plain.Replace("--", "-", StringComparison.Ordinal);
        plain = plain.Trim('-');
        return plain.Length > most ? plain[..most].Trim('-') : plain;
    }

    /// <summary>The same as an id may begin, with a letter; <paramref name="otherwise"/> where none is left that does.</summary>
    public static string PlainOr(string otherwise, string name) => Plain(name, Longest) is { Length: > 0 } plain && char.IsAsciiLetter(plain[0]) ? plain : otherwise;

    /// <summary>The id wanted for a line that a person calls <paramref name="name"/>.</summary>
    public static string OfLine(string name) => PlainOr("", name) is { Length: > 0 } plain ? $"{plain}-line" : "line";

    /// <summary>The name wanted, or it with the first number from 2 up that is not <paramref name="taken"/>, in no more than so many letters.</summary>
    public static string Among(IReadOnlySet<string> taken, string wanted, int most = int.MaxValue)
    {
        var name = wanted;
        for (var i = 2; taken.Contains(name); i++)
        {
            var number = $"-{i}";
            name = (wanted.Length + number.Length > most ? wanted[..(most - number.Length)] : wanted) + number;
        }
        return name;
    }
}
