namespace BurlyRidge.Core.Templates;

/// <summary>How long the pieces of a line are, m.</summary>
/// <param name="Beside">From a post to the fuse beside it, and to a small fuse beside that.</param>
/// <param name="Near">From the fuse to what it feeds near it.</param>
/// <param name="Tail">The first lamp's tails.</param>
/// <param name="MoreTail">What the tails of each further lamp are longer by.</param>
/// <param name="Back">Home by wire.</param>
/// <param name="BodyBack">To a stud near the lamps.</param>
internal sealed record LineLengths(double Beside, double Near, double Tail, double MoreTail, double Back, double BodyBack)
{
    private const double MaxTail = 0.1;

    /// <summary>As they usually are on a line of so many metres one way.</summary>
    public static LineLengths Usual(double metres) => new(LineBuilder.BesideMetres, LineBuilder.NearMetres, LineBuilder.NearMetres, 0.5, metres, LineBuilder.NearMetres);

    /// <summary>So that they come to that many metres from the post to the lamps, and to as many back by wire.</summary>
    public static LineLengths Within(double metres)
    {
        var (beside, tail) = (Math.Min(LineBuilder.BesideMetres, metres / 8), Math.Min(MaxTail, metres / 8));
        return new(beside, beside, tail, 0, metres - tail, tail);
    }

    /// <summary>What is left of a line of that many metres for the long wire to the lamps.</summary>
    public double Out(double metres) => metres - Beside - Near - Tail;
}
