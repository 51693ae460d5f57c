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

    /// <summary>Low beam.</summary>
    LowBeam,

    /// <summary>Brake lamps.</summary>
    BrakeLamp,

    /// <summary>Indicators on the left.</summary>
    IndicatorLeft,

    /// <summary>Indicators on the right.</summary>
    IndicatorRight,
}

/// <summary>Where a factory output is fed from.</summary>
public enum Feed
{
    /// <summary>Live always.</summary>
    Battery,

    /// <summary>Live with the key on.</summary>
    Ignition,
}

internal static class SignalWords
{
    /// <summary>As it stands in a sentence, after "the".</summary>
    public static string Word(this Signal signal) => signal switch
    {
        Signal.HighBeam => PartWords.HighBeam,
        Signal.Reverse => PartWords.ReversingLamp,
        Signal.SideLight => PartWords.SideLight,
        Signal.LowBeam => PartWords.LowBeam,
        Signal.BrakeLamp => PartWords.BrakeLamp,
        Signal.IndicatorLeft => PartWords.LeftIndicator,
        Signal.IndicatorRight => PartWords.RightIndicator,
        _ => throw new ArgumentOutOfRangeException(nameof(signal), signal, "unknown signal"),
    };
}
