using BurlyRidge.Core.Wording;
using BurlyRidge.Core;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.QuickSize;

/// <summary>One line with no job.</summary>
/// <param name="SystemVolts">12 or 24.</param>
/// <param name="Lamps">1 to 100 entries.</param>
/// <param name="OneWayMetres">Source to lamps, above 0 to 100 m.</param>
/// <param name="Return">By wire or by the body.</param>
/// <param name="Zone">The hottest zone that it runs through.</param>
/// <param name="Gauges">How the wire is sold.</param>
/// <param name="Bundled">All loaded conductors in the loom, its own among them; 1 to 100; its own alone if left out.</param>
/// <param name="InsulationCelsius">75 or 105; 105 if left out.</param>
/// <param name="Margin">Ampacity above the design current, 0 to 2; 0.25 if left out.</param>
/// <param name="DropLimit">Above 0 to 0.2; by kind of lamp if left out.</param>
/// <param name="Units">How lengths are said in sentences; metric if left out.</param>
public sealed record QuickSizeRequest(
    int SystemVolts,
    IReadOnlyList<LampSet> Lamps,
    double OneWayMetres,
    ReturnPath Return,
    Zone Zone,
    GaugeSystem Gauges,
    int? Bundled = null,
    int? InsulationCelsius = null,
    double? Margin = null,
    double? DropLimit = null,
    UnitSystem Units = UnitSystem.Metric)
{
    private const int UsualInsulationCelsius = 105;
    private const string PlanPath = "lines[0].plan.";

    private static readonly Dictionary<string, string> OwnNames = new()
    {
        ["vehicle.systemVolts"] = "systemVolts",
        ["houseRules.marginFraction"] = "margin",
        ["houseRules.dropLimitRegulatedLed"] = "dropLimit",
        ["houseRules.dropLimitOther"] = "dropLimit",
    };

    /// <summary>The same as a rig with one line, triggered by its switch alone: the current decides on the relay.</summary>
    public Rig ToRig()
    {
        var usual = new HouseRules();
        var rules = usual with
        {
            Gauges = Gauges,
            Units = Units,
            MarginFraction = Margin ?? usual.MarginFraction,
            DropLimitRegulatedLed = DropLimit ?? usual.DropLimitRegulatedLed,
            DropLimitOther = DropLimit ?? usual.DropLimitOther,
        };
        var plan = new LinePlan(Lamps, OneWayMetres, Return, [Zone],
            InsulationCelsius ?? UsualInsulationCelsius, Trigger.SwitchAlone, Bundled);
        return Rig.Empty(SystemVolts, Units) with { HouseRules = rules, Lines = [new Line("quick", ServerWords.QuickSize, plan)] };
    }

    /// <summary>A problem of that rig under the path of this request's field.</summary>
    public Problem InOwnWords(Problem problem) => problem with
    {
        Path = OwnNames.TryGetValue(problem.Path, out var own) ? own
            : problem.Path.StartsWith(PlanPath, StringComparison.Ordinal) ? problem.Path[PlanPath.Length..]
            : problem.Path,
    };
}
