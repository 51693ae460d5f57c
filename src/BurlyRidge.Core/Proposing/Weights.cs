namespace BurlyRidge.Core.Proposing;

/// <summary>What a proposal is after.</summary>
public enum ProposalAim
{
    /// <summary>As little as does it.</summary>
    FewParts,

    /// <summary>As much light as goes on.</summary>
    MostLight,

    /// <summary>Room for more later.</summary>
    EasyToExtend,
}

/// <summary>What counts how much when lamps and places are chosen, in points (house rule); each is counted once for each wish.</summary>
/// <param name="Enough">For light up to what is wanted: all of them where it is reached.</param>
/// <param name="More">For each doubling beyond, up to two.</param>
/// <param name="Price">Off for each hundred of the workshop's money.</param>
/// <param name="Watts">Off for each hundred watts.</param>
/// <param name="Lamps">Off for each lamp.</param>
/// <param name="Covers">Off for each cover that comes off.</param>
/// <param name="Proud">Off for each 100 mm that it stands out.</param>
/// <param name="Watches">Off where the fit is one to look at.</param>
public sealed record Weights(double Enough, double More, double Price, double Watts, double Lamps, double Covers, double Proud, double Watches)
{
    /// <summary>The weights to begin with.</summary>
    public static Weights Of(ProposalAim aim) => aim switch
    {
        ProposalAim.FewParts => new(100, 0, 10, 5, 6, 4, 5, 10),
        ProposalAim.MostLight => new(100, 30, 1, 0, 0, 2, 5, 10),
        _ => new(100, 5, 5, 5, 2, 4, 5, 10),
    };

    /// <summary>Points of an option; <paramref name="covers"/> come off for it.</summary>
    public double Points(LightOption option, int covers) =>
        Enough * Math.Min(1, option.Share)
        + More * Math.Clamp(Math.Log2(Math.Max(1, option.Share)), 0, 2)
        - Price * option.Price / 100
        - Watts * option.Watts / 100
        - Lamps * option.Count
        - Covers * covers
        - Proud * Math.Max(0, option.Card.Stance?.MiddleProudMillimetres ?? 0) / 100
        - (option.Card.Verdict == Verdict.Watch ? Watches : 0);
}
