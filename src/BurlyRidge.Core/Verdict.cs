namespace BurlyRidge.Core;

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
