namespace BurlyRidge.Core.Rigs;

/// <summary>Names for parts that are to come.</summary>
public static class FreeName
{
    /// <summary>The name wanted, or it with the first number from 2 up that no part, run or line of <paramref name="rig"/> has.</summary>
    public static string In(Rig rig, string wanted) =>
        In(wanted, PartBook.Of(rig).Ids.Select(part => part.Id).Concat(rig.Runs.Select(run => run.Id)).Concat(rig.Lines.Select(line => line.Id)).Concat(PartBook.Reserved).ToHashSet(StringComparer.Ordinal));

    /// <summary>What a person called it as a part may be called: small letters, digits and single hyphens, up to so many; empty where none is left.</summary>
    public static string Plain(string name, int most)
    {
        var plain = string.Concat(name.Select(letter => char.IsAsciiLetterOrDigit(letter) ? char.ToLowerInvariant(letter) : '-'));
        while (plain.Contains("--", StringComparison.Ordinal)) plain = plain.Replace("--", "-", StringComparison.Ordinal);
        plain = plain.Trim('-');
        return plain.Length > most ? plain[..most].Trim('-') : plain;
    }

    private static string In(string wanted, HashSet<string> taken)
    {
        var name = wanted;
        for (var i = 2; taken.Contains(name); i++) name = $"{wanted}-{i}";
        return name;
    }
}
