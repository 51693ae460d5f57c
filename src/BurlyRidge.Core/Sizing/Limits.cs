using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Every limit that a rig is sized by and judged by; proposals and checks both read it here.</summary>
public static class Limits
{
    /// <summary>A small dash switch is good for about 5 A (common practice, no source).</summary>
    public const double SwitchAmps = 5;

    /// <summary>A relay contact is loaded to 80 % (common practice, no source).</summary>
    public const double RelayLoadFraction = 0.8;

    /// <summary>A bolt-down fuse may carry half as much again for an hour: the wire is good for 1.04 times its rating.</summary>
    public const double BoltDownWireFactor = 1.04;

    /// <summary>ABYC E-11 (from memory) allows 10 % on circuits that are not critical; beyond it is no lighting circuit.</summary>
    public const double WorstDropFraction = 0.10;

    /// <summary>The thinnest wire that is proposed, for its strength, mm² (house rule).</summary>
    public const double ThinnestSquareMillimetres = 0.5;

    /// <summary>Copper that a wire to a coil or a switch usually has, mm² (common practice, no source).</summary>
    public const double ControlSquareMillimetres = 0.8;

    /// <summary>Unfused lead from a battery post, m: 7 inches (ABYC E-11, from memory), longer only in a sheath.</summary>
    public const double UnfusedMetres = 0.178;

    /// <summary>Blade fuses break about 1 kA, bolt-down ones 2 kA (typical, no source).</summary>
    public static double BreakingAmps(FuseFamily family) => family == FuseFamily.Blade ? 1000 : 2000;

    /// <summary>In its own heat a fuse is loaded to 90 % of what it is then good for (typical, no source).</summary>
    public const double HotFuseLoadFraction = 0.9;

    /// <summary>From here up a fuse that feeds a charger or another long heavy load is bolt-down, A: it is made from 30 A (common practice, no source).</summary>
    public const double BoltDownFromAmps = 30;

    /// <summary>A load that draws as much for hours is long and heavy, A (common practice, no source).</summary>
    public const double LongHeavyAmps = 20;

    /// <summary>What a control module's signal may be asked for: coils, and no more, A (typical, no source).</summary>
    public const double SignalAmps = 0.5;

    /// <summary>Hottest conductor at a terminal or a holder, °C (typical, no source): the plastic around it ages faster above.</summary>
    public const double TerminalCelsius = 95;

    /// <summary>Copper that one blade terminal of 6.3 mm takes, mm² (typical, no source).</summary>
    public const double TerminalSquareMillimetres = 6.5;

    /// <summary>Far lamp of a chain below the first, of the system's volts (common practice, no source).</summary>
    public const double ChainSpreadFraction = 0.03;

    /// <summary>What the whole vehicle may draw with the key off, A (common practice, no source).</summary>
    public const double KeyOffAmps = 0.05;

    /// <summary>How far above what its load asks a main fuse is looked for that lets its branches open first.</summary>
    public const double MaxAboveLoad = 2.5;

    /// <summary>
    /// Rating that is left where it is hot, straight from 25 °C: of a fuse about 10 % less at 70 °C, of a breaker, which opens
    /// by its heat, about 20 % (typical, no source).
    /// </summary>
    public static double HotFactor(double celsius, bool breaker) => Math.Clamp(1 - (breaker ? 0.20 : 0.10) * (celsius - 25) / 45, 0.5, 1);

    /// <summary>A filament draws ten times its current as it lights up, and wears contacts: it counts half as much again on them (house rule).</summary>
    public const double FilamentOnContacts = 1.5;

    /// <summary>Longest lead with no fuse in a sheath of its own, straight from a battery post, m: 72 inches (ABYC E-11, from memory).</summary>
    public const double SheathedMetres = 1.83;

    /// <summary>A length of wire as a lead with no fuse counts it, m: in a sheath as much less as it may then be longer.</summary>
    public static double UnfusedLength(Rigs.Run run) => run.Sheathed ? run.LengthMetres * UnfusedMetres / SheathedMetres : run.LengthMetres;

    /// <summary>Short-time limit of an insulation, °C: PVC 160, cross-linked 250 (IEC 60364-5-54, from memory).</summary>
    public static double ShortTimeCelsius(InsulationMaterial insulation) => insulation == InsulationMaterial.Pvc ? 160 : 250;

    /// <summary>
    /// Whether a fuse loaded to <paramref name="fraction"/> of <paramref name="goodAmps"/> carries the load. What flows is no
    /// better known than to 2.5 %: contacts, wire and the coil behind it are typical values (house rule).
    /// </summary>
    public static bool FuseCarries(double goodAmps, double fraction, double amps) => goodAmps * fraction * (1 + FuseLoadTolerance) >= amps;

    private const double FuseLoadTolerance = 0.025;

    /// <summary>Where the last digit of a sum stands against a limit that it meets exactly.</summary>
    private const double Rounding = 1e-9;

    /// <summary>Ampacity in A that the fuse asks of the wire.</summary>
    public static double WireAmpsForFuse(Fuse fuse) =>
        fuse.Family == FuseFamily.BoltDown ? BoltDownWireFactor * fuse.RatingAmps : fuse.RatingAmps;

    /// <summary>Whether a relay contact of <paramref name="ratingAmps"/> carries the load.</summary>
    public static bool ContactCarries(double ratingAmps, double designAmps, int systemVolts) =>
        AtLeast(RelayLoadFraction * RelayTable.AmpsAt(ratingAmps, systemVolts), designAmps);

    /// <summary>Whether <paramref name="value"/> meets <paramref name="need"/>, to the rounding of the sum.</summary>
    public static bool AtLeast(double value, double need) => value >= need * (1 - Rounding);
}
