namespace BurlyRidge.Core.Parts;

/// <summary>A state of the vehicle that lights or triggers something.</summary>
public enum Signal
{
    /// <summary>High beam.</summary>
    HighBeam,

    /// <summary>Reversing lamps.</summary>
    Reverse,

    /// <summary>Side lights.</summary>
    SideLight,
}

/// <summary>Where a factory output is fed from.</summary>
public enum Feed
{
    /// <summary>Live always.</summary>
    Battery,

    /// <summary>Live with the key on.</summary>
    Ignition,
}
