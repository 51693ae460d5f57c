namespace BurlyRidge.Core.Rigs;

/// <summary>A light that is wanted, before anybody speaks of lamps.</summary>
/// <param name="Light">Which.</param>
/// <param name="Amount">How much of it.</param>
public sealed record Wish(LightWanted Light, HowMuchLight Amount = HowMuchLight.Usual)
{
    /// <summary>How it is to be worked; null: as such light usually is.</summary>
    public WorkedHow? Worked { get; init; }
}

/// <summary>What light is wanted for.</summary>
public enum LightWanted
{
    /// <summary>Far down the road.</summary>
    FarAhead,

    /// <summary>Over the width of the road and beside it.</summary>
    WideAhead,

    /// <summary>Ditch and verge, obliquely ahead.</summary>
    Verge,

    /// <summary>Into bends, further to the sides.</summary>
    Cornering,

    /// <summary>To back up by.</summary>
    BackingUp,

    /// <summary>Round the bed or tray, to work by.</summary>
    RoundTheBed,

    /// <summary>At the hitch, to couple up by.</summary>
    AtTheHitch,

    /// <summary>On the side or end that is loaded.</summary>
    LoadingSide,

    /// <summary>Markers in the grille, to be seen.</summary>
    GrilleMarker,

    /// <summary>In the load room.</summary>
    Inside,
}

/// <summary>How much light, in three steps.</summary>
public enum HowMuchLight
{
    /// <summary>Enough to find one's way.</summary>
    Little,

    /// <summary>What is usually fitted.</summary>
    Usual,

    /// <summary>As much as makes sense.</summary>
    Much,
}

/// <summary>How a light is to be worked.</summary>
public enum WorkedHow
{
    /// <summary>With the high beam.</summary>
    WithTheBeam,

    /// <summary>With the high beam, armed by a switch.</summary>
    Armed,

    /// <summary>By a switch of its own.</summary>
    BySwitch,

    /// <summary>By a slot of a panel.</summary>
    ByPanel,

    /// <summary>With the reversing lamp.</summary>
    WithReverse,

    /// <summary>With the side lights.</summary>
    WithSideLights,
}
