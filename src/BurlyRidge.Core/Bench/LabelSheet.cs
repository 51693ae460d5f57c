namespace BurlyRidge.Core.Bench;

/// <summary>A sheet of labels as it is bought, mm.</summary>
/// <param name="LeftMillimetres">From the edge of the paper to the first label.</param>
/// <param name="TopMillimetres">The same from above.</param>
/// <param name="WidthMillimetres">Of one label.</param>
/// <param name="HeightMillimetres">Of one label.</param>
public sealed record LabelSheet(
    PaperSize Paper = PaperSize.A4, int Columns = 3, int Rows = 24, double LeftMillimetres = 12, double TopMillimetres = 10, double WidthMillimetres = 60, double HeightMillimetres = 11)
{
    /// <summary>Between two labels side by side.</summary>
    public double AcrossMillimetres { get; init; }

    /// <summary>Between two labels one below the other.</summary>
    public double DownMillimetres { get; init; }

    /// <summary>So many labels of the first sheet are used up.</summary>
    public int Used { get; init; }

    /// <summary>Labels on one sheet.</summary>
    internal int Count => Columns * Rows;

    /// <summary>Notes what cannot be taken.</summary>
    public void Check(Problems problems, string path)
    {
        var (wide, high) = Paper.Millimetres();
        problems.Within($"{path}.columns", Columns, 1, 20);
        problems.Within($"{path}.rows", Rows, 1, 60);
        problems.Within($"{path}.leftMillimetres", LeftMillimetres, 0, 100, "mm");
        problems.Within($"{path}.topMillimetres", TopMillimetres, 0, 100, "mm");
        problems.Within($"{path}.widthMillimetres", WidthMillimetres, 10, 300, "mm");
        problems.Within($"{path}.heightMillimetres", HeightMillimetres, 5, 300, "mm");
        problems.Within($"{path}.acrossMillimetres", AcrossMillimetres, 0, 50, "mm");
        problems.Within($"{path}.downMillimetres", DownMillimetres, 0, 50, "mm");
        problems.Within($"{path}.used", Used, 0, Math.Max(0, Count - 1));
        if (LeftMillimetres + Columns * WidthMillimetres + (Columns - 1) * AcrossMillimetres > wide) problems.Add($"{path}.columns", BenchWords.LabelsTooWide);
        if (TopMillimetres + Rows * HeightMillimetres + (Rows - 1) * DownMillimetres > high) problems.Add($"{path}.rows", BenchWords.LabelsTooHigh);
    }
}
