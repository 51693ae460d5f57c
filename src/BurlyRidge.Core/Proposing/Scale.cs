using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

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

    /// <summary>Another way, where one plan is the best for everything else.</summary>
    AnotherWay,
}

/// <summary>What a plan is weighed by, in points (house rule); the customer's weights multiply them.</summary>
/// <param name="Enough">For each wish whose light is reached; of less light, its share squared.</param>
/// <param name="More">For each doubling beyond, up to two.</param>
/// <param name="Price">Off for each hundred of the workshop's money.</param>
/// <param name="Parts">Off for each part.</param>
/// <param name="Lamps">Off for each lamp, before anybody knows what parts it brings with it.</param>
/// <param name="Watts">Off for each hundred watts.</param>
/// <param name="Holes">Off for each hole that is drilled.</param>
/// <param name="Covers">Off for each cover that comes off.</param>
/// <param name="FreeOutputs">For each output that is left free, up to <see cref="MostFree"/>.</param>
/// <param name="StandingOut">Off for each 100 mm that a lamp stands out.</param>
/// <param name="Watches">Off for each check that has to be looked at.</param>
public sealed record Scale(
    double Enough, double More, double Price, double Parts, double Lamps, double Watts, double Holes, double Covers, double FreeOutputs, double StandingOut, double Watches)
{
    /// <summary>More outputs than that are of no use.</summary>
    public const int MostFree = 8;

    /// <summary>A battery alone is taken for so little, A (house rule).</summary>
    private const double NoAlternatorAmps = 30;

    private const double UsualVolts = 12;

    /// <summary>Points off for each lamp that may come later and has no output.</summary>
    private const double NoRoomLater = 20;

    /// <summary>The scale of an aim; watts count against what the vehicle's alternator gives, as they do of a usual one at 12 V.</summary>
    public static Scale Of(ProposalAim aim, WishWeights weights, Vehicle vehicle)
    {
        var supply = (vehicle.Alternator?.RatedAmps ?? NoAlternatorAmps) * vehicle.SystemVolts / (Alternator.UsualAmps * UsualVolts);
        var plain = aim switch
        {
            ProposalAim.FewParts => new Scale(100, 0, 6, 8, 6, 3, 4, 3, 0, 5, 4),
            ProposalAim.MostLight => new Scale(100, 30, 0.5, 0.1, 0, 0, 2, 1, 0, 5, 4),
            _ => new Scale(100, 5, 2, 0.1, 2, 3, 4, 3, 8, 5, 4),
        };
        return plain with
        {
            Enough = plain.Enough * weights.Light,
            More = plain.More * weights.Light,
            Price = plain.Price * weights.Price,
            Parts = plain.Parts * weights.Parts,
            Lamps = plain.Lamps * weights.Parts,
            Watts = plain.Watts * weights.Watts / supply,
            Holes = plain.Holes * weights.Holes,
            Covers = plain.Covers * weights.Covers,
            FreeOutputs = plain.FreeOutputs * weights.FreeOutputs,
            StandingOut = plain.StandingOut * weights.StandingOut,
        };
    }

    /// <summary>Points of lamps on a mount, before anybody knows how they are fed.</summary>
    public double Points(LightOption option) =>
        Light(option.Share)
        - Price * option.Price / 100
        - Lamps * option.Count
        - Watts * option.Watts / 100
        - Holes * option.Holes
        - Covers * option.Covers.Count
        - StandingOut * option.ProudMillimetres / 100
        - (option.Card.Verdict == Verdict.Watch ? Watches : 0);

    /// <summary>Points of a whole plan; <paramref name="later"/> lamps may come later.</summary>
    internal double Points(Draft draft, int later) =>
        draft.Lines.Sum(line => Light(line.Option.Share) - StandingOut * line.Option.ProudMillimetres / 100)
        - Price * draft.Cost.Price / 100
        - Parts * draft.Cost.Parts
        - Watts * draft.Lines.Sum(line => line.Option.Watts) / 100
        - Holes * draft.Lines.Sum(line => line.Option.Holes)
        - Covers * draft.CoversOff.Count
        + FreeOutputs * Math.Min(MostFree, draft.FreeOutputs)
        - NoRoomLater * Math.Max(0, later - draft.FreeOutputs)
        - Watches * draft.MoreWatches;

    private double Light(double share) => Enough * Math.Pow(Math.Min(1, share), 2) + More * Math.Clamp(Math.Log2(Math.Max(1, share)), 0, 2);
}
