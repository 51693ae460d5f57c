using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>What lights and their lines are called.</summary>
internal static class LightWords
{
    /// <summary>What a line's light is for.</summary>
    public static LineUse UseOf(LightWanted light) => light switch
    {
        LightWanted.FarAhead or LightWanted.WideAhead => LineUse.Forward,
        LightWanted.Verge or LightWanted.Cornering => LineUse.Side,
        LightWanted.BackingUp => LineUse.Rear,
        LightWanted.GrilleMarker => LineUse.Marker,
        LightWanted.Inside => LineUse.Inside,
        _ => LineUse.Work,
    };

    /// <summary>What a line for it is called.</summary>
    public static string NameOf(LightWanted light) => light switch
    {
        LightWanted.FarAhead => ProposingWords.FarAhead,
        LightWanted.WideAhead => ProposingWords.WideAhead,
        LightWanted.Verge => ProposingWords.Verge,
        LightWanted.Cornering => ProposingWords.Cornering,
        LightWanted.BackingUp => ProposingWords.BackingUp,
        LightWanted.RoundTheBed => ProposingWords.RoundTheBed,
        LightWanted.AtTheHitch => ProposingWords.AtTheHitch,
        LightWanted.LoadingSide => ProposingWords.LoadingSide,
        LightWanted.GrilleMarker => ProposingWords.GrilleMarkers,
        _ => ProposingWords.Inside,
    };
}
