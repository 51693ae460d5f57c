using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>The smallest part that meets what is asked of it; proposals and remedies both take it from here.</summary>
public static class SizeChoice
{
    /// <summary>The thinnest size that carries <paramref name="neededAmps"/> where the run lies; null where none does.</summary>
    public static WireSize? Wire(Rig rig, Run run, double neededAmps)
    {
        var ambient = run.Ambient(rig.HouseRules.ZoneCelsius);
        return WireTable.Of(rig.HouseRules.Gauges).FirstOrDefault(wire =>
            Ampacity.Of(wire, run.InsulationCelsius, ambient, run.Bundled) is > 0 and var amps && Limits.AtLeast(amps, neededAmps));
    }

    /// <summary>Fuses for what draws much for hours, from small to large: bolt-down from where they are made.</summary>
    public static IReadOnlyList<Fuse> ForLongHeavy { get; } =
        [.. FuseTable.All.Where(fuse => fuse.Family == FuseFamily.BoltDown || fuse.RatingAmps < Limits.BoltDownFromAmps)];

    /// <summary>Smaller ones are for electronics, A: 3, and at 24 V, where a small switch is good for half, 2 (common practice, no source).</summary>
    public static double SmallestFuseAmps(int systemVolts) => systemVolts == 24 ? 2 : 3;

    /// <summary>The smallest standard fuse that carries <paramref name="designAmps"/> in its place; null where none does.</summary>
    public static Fuse? Fuse(Rig rig, Zone place, double designAmps, bool breaker, bool longHeavy)
    {
        var (rules, least) = (rig.HouseRules, SmallestFuseAmps(rig.Vehicle.SystemVolts));
        var hot = Limits.HotFuseLoadFraction * Limits.HotFactor(rules.ZoneCelsius.Of(place), breaker);
        var fraction = Math.Min(rules.FuseLoadFraction, hot);
        return (longHeavy ? ForLongHeavy : FuseTable.Proposable)
            .FirstOrDefault(fuse => fuse.RatingAmps >= least && Limits.FuseCarries(fuse.RatingAmps, fraction, designAmps));
    }

    /// <summary>The smallest contact that carries <paramref name="designAmps"/> and what the fuse before it lets through; null where none does.</summary>
    public static double? Contact(int systemVolts, double designAmps, double fuseAmps = 0) => RelayTable.ContactAmps
        .Where(rating => Limits.ContactCarries(rating, designAmps, systemVolts) && Limits.AtLeast(RelayTable.AmpsAt(rating, systemVolts), fuseAmps))
        .Select(rating => (double?)rating)
        .FirstOrDefault();

    /// <summary>The thinnest size, no thinner than today's, on which every short is cleared in time; null where none does.</summary>
    public static WireSize? WireForShorts(Rig rig, RunFigures figures) => WireTable.Of(rig.HouseRules.Gauges)
        .Where(wire => wire.CopperSquareMillimetres >= figures.Wire.CopperSquareMillimetres)
        .FirstOrDefault(wire => WireLadder.Clears(rig, figures, wire));

    /// <summary>Whether a device feeds something that draws much for hours: a charger, a compressor.</summary>
    public static bool FeedsLongHeavy(Rig rig, Feeds feeds, Link device)
    {
        bool Touches(string terminal) => feeds.Of(terminal) is { Grounded: false } section
            && (section == feeds.Of(device.A) || section == feeds.Of(device.B));
        return rig.Converters.Any(converter => Touches($"{converter.Id}.in-plus") || Touches($"{converter.Id}.out-plus"))
            || rig.Loads.Any(load => load.Amps >= Limits.LongHeavyAmps && Touches($"{load.Id}.plus"));
    }
}
