namespace BurlyRidge.Server.Tests;

/// <summary>How far a long proof goes: a part of it in ./test, the whole of it in ./bench faults.</summary>
internal static class Proof
{
    /// <summary>The number of rounds that are asked for.</summary>
    public static int Rounds(int part, int whole) => Environment.GetEnvironmentVariable("BURLY_RIDGE_WHOLE_PROOF") == "1" ? whole : part;
}
