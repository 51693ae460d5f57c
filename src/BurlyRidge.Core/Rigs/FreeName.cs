namespace BurlyRidge.Core.Rigs;

/// <summary>Names for parts that are to come.</summary>
public static class FreeName
{
    /// <summary>The name wanted, or it with the first number from 2 up that no part, run or line of <paramref name="rig"/> has.</summary>
    public static string In(Rig rig, string wanted) =>
        In(wanted, PartBook.Of(rig).Ids.Select(part => part.Id).Concat(rig.Runs.Select(run => run.Id)).Concat(rig.Lines.Select(line => line.Id)).Concat(PartBook.Reserved).ToHashSet(StringComparer.Ordinal));

    private static string In(string wanted, HashSet<string> taken)
    {
        var name = wanted;
        for (var i = 2; taken.Contains(name); i++) name = $"{wanted}-{i}";
        return name;
    }
}
