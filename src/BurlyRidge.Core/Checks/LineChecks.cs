using BurlyRidge.Core.Checks.Controls;
using BurlyRidge.Core.Checks.Fuses;
using BurlyRidge.Core.Checks.Lamps;
using BurlyRidge.Core.Checks.Wires;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks;

/// <summary>What one check reads.</summary>
/// <param name="Sizing">The line as sized, or as chosen by hand.</param>
/// <param name="LampCount">Lamps at its end.</param>
public sealed record LineSubject(LineSizing Sizing, int LampCount)
{
    /// <summary>What was asked.</summary>
    public Demand Demand => Sizing.Demand;

    /// <summary>The limits that sizing used.</summary>
    public Limits Limits => Sizing.Demand.Limits;
}

/// <summary>Every check of one line, in the order in which a fitter would ask.</summary>
public static class LineChecks
{
    private static readonly Func<LineSubject, Check?>[] All =
    [
        WireFoundCheck.Judge,
        WireLoadCheck.Judge,
        WireFuseCheck.Judge,
        ZoneHeatCheck.Judge,
        FuseLoadCheck.Judge,
        DropCheck.Judge,
        LampRunsCheck.Judge,
        SwitchingCheck.Judge,
    ];

    /// <summary>Judges <paramref name="subject"/>; a check that has nothing to judge is left out.</summary>
    public static IReadOnlyList<Check> Judge(LineSubject subject) =>
        [.. All.Select(judge => judge(subject)).OfType<Check>()];
}
