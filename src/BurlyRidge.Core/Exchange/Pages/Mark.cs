namespace BurlyRidge.Core.Exchange.Pages;

/// <summary>Something on a page; mm from its upper left corner.</summary>
public abstract record Mark
{
    private Mark() { }

    /// <summary>A line of text; <paramref name="Y"/> is its foot.</summary>
    /// <param name="Size">Of its letters.</param>
    public sealed record Text(double X, double Y, string Words, double Size) : Mark
    {
        public bool Bold { get; init; }

        /// <summary>As "#rrggbb".</summary>
        public string Colour { get; init; } = "#000000";

        /// <summary>It ends at its spot instead of beginning there.</summary>
        public bool Ends { get; init; }

        /// <summary>Number of the page that it leads to; null: to none.</summary>
        public int? LeadsTo { get; init; }
    }

    /// <summary>A straight line.</summary>
    public sealed record Rule(double X1, double Y1, double X2, double Y2, double Width, string Colour) : Mark;

    /// <summary>A filled box.</summary>
    public sealed record Box(double X, double Y, double Width, double Height, string Fill) : Mark;

    /// <summary>A drawing, brought to that size.</summary>
    public sealed record Drawing(double X, double Y, double Width, double Height, string Svg) : Mark;

    /// <summary>A photograph within that frame, whole.</summary>
    public sealed record Photo(double X, double Y, double Width, double Height, string Name) : Mark;
}

/// <summary>A page as it prints.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Chapter">The chapter that it belongs to; empty: the list of chapters.</param>
public sealed record LaidPage(int Number, string Chapter, double Width, double Height, IReadOnlyList<Mark> Marks);

/// <summary>A book as it prints.</summary>
/// <param name="Starts">The page that each chapter begins on, by its id.</param>
public sealed record LaidBook(IReadOnlyList<LaidPage> Pages, IReadOnlyDictionary<string, int> Starts);

/// <summary>How wide letters are, as they are printed.</summary>
public interface ILetters
{
    /// <summary>Width of a line of text of size 1.</summary>
    double Width(string text, bool bold);
}
