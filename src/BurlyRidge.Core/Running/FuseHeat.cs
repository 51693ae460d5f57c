using BurlyRidge.Core.Network;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Running;

/// <summary>
/// A fuse that comes nearer to opening with what it carries: each moment adds its part of the time that the fuse takes at that current in the
/// middle of its band (the sum of parts of a life, as Miner has it; from memory).
/// </summary>
internal sealed class FuseHeat(Fusible element, Fuse fuse)
{
    /// <summary>What it carries for good: below this share of its rating it cools.</summary>
    private const double Holds = 1.1;

    /// <summary>After so long it has cooled to 37 %, s (assumed, no source).</summary>
    private const double CoolingSeconds = 20;

    public Fusible Element => element;

    public Fuse Fuse => fuse;

    /// <summary>How far it is to opening: 0 cold, 1 open.</summary>
    public double Share { get; set; }

    /// <summary>What a second at a current brings it nearer; below what it holds for good it cools.</summary>
    public double Rate(double amps)
    {
        var load = Math.Abs(amps);
        return load <= Holds * fuse.RatingAmps ? -Share / CoolingSeconds : 1 / FuseTime.MiddleSeconds(fuse, load);
    }
}
