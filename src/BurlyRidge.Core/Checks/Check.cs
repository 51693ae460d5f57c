namespace BurlyRidge.Core.Checks;

/// <summary>How a check comes out; worse is larger.</summary>
public enum Verdict
{
    /// <summary>Within the limit.</summary>
    Holds,

    /// <summary>Works, and somebody should decide whether it is good enough.</summary>
    Watch,

    /// <summary>Must not be built so.</summary>
    Stop,
}

/// <summary>One judgement.</summary>
/// <param name="Id">Stable name of the check.</param>
/// <param name="Verdict">How it comes out.</param>
/// <param name="Title">What is judged.</param>
/// <param name="Figure">What is, in <paramref name="Unit"/>.</param>
/// <param name="Limit">What it is held against, in <paramref name="Unit"/>.</param>
/// <param name="Unit">"A", "V", "°C", "" for a fraction.</param>
/// <param name="Reason">One or two sentences: why, and what to do.</param>
/// <param name="Source">Where the limit comes from.</param>
public sealed record Check(
    string Id, Verdict Verdict, string Title, double Figure, double Limit, string Unit, string Reason, string Source);
