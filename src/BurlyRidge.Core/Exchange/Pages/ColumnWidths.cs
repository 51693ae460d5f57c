namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>How wide the columns of a table are: each as its cells want it, where there is not room for that each at least as its longest word.</summary>
internal static class ColumnWidths
{
    /// <summary>No word claims more of the page than that share; a longer one is broken.</summary>
    private const double MostOfWord = 0.3;

    /// <param name="measure">Width of a text in a cell, with the room beside it.</param>
    public static IReadOnlyList<double> Of(Block.Table table, double wide, Func<string, bool, double> measure)
    {
        var columns = Enumerable.Range(0, table.Heads.Count).Select(i => table.Rows.Select(row => (Text: row[i], Bold: false)).Append((Text: table.Heads[i], Bold: true)).ToList()).ToList();
        var least = columns.Select(cells => Math.Min(wide * MostOfWord, cells.SelectMany(cell => cell.Text.Split(' ', '\n').Select(word => measure(word, cell.Bold))).Max())).ToList();
        var wanted = columns.Select((cells, i) => Math.Max(least[i], cells.SelectMany(cell => cell.Text.Split('\n').Select(line => measure(line, cell.Bold))).Max())).ToList();
        if (wanted.Sum() <= wide)
        {
            wanted[^1] += wide - wanted.Sum();
            return wanted;
        }
        if (least.Sum() >= wide) return [.. least.Select(width => width * wide / least.Sum())];
        // A column that wants much more than the others gets more of what is over, but not as much more.
        var shares = wanted.Select((width, i) => Math.Sqrt(Math.Max(0, width - least[i]))).ToList();
        var over = wide - least.Sum();
        return [.. least.Select((width, i) => width + over * shares[i] / shares.Sum())];
    }
}
