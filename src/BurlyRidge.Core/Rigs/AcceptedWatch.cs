namespace BurlyRidge.Core.Rigs;

/// <summary>A Watch that somebody takes as it is; it counts again as soon as its figures are shown otherwise.</summary>
/// <param name="CheckId">The check.</param>
/// <param name="About">The part that it speaks of; empty for the whole line or rig.</param>
/// <param name="LineId">The line that it belongs to; null for the rig.</param>
/// <param name="Figure">What was, as it is printed.</param>
/// <param name="Limit">What it was held against, as it is printed.</param>
/// <param name="Reason">Why it may stay, 1 to 300 letters.</param>
/// <param name="By">Who says so, 1 to 80 letters.</param>
public sealed record AcceptedWatch(string CheckId, string About, string? LineId, string Figure, string Limit, string Reason, string By)
{
    internal const int LongestReason = 300;
    internal const int LongestName = 80;
}
