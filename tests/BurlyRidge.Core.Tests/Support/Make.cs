using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>Small rigs for tests.</summary>
internal static class Make
{
    public static LinePlan Line(
        double watts,
        double metres,
        LampKind kind = LampKind.RegulatedLed,
        int count = 1,
        ReturnPath path = ReturnPath.Wire,
        Zone zone = Zone.Exterior,
        Trigger trigger = Trigger.SwitchAlone) =>
        new([new LampSet(kind, count, watts)], metres, path, [zone], 105, trigger);

    public static LineAssessment Assess(LinePlan line, int volts = 12, HouseRules? rules = null) =>
        Assessor.Assess(Vehicle.Usual(volts), rules ?? new HouseRules(), line);

    public static QuickAsk Ask(LinePlan line, int volts = 12, HouseRules? rules = null) =>
        new(Vehicle.Usual(volts), rules ?? new HouseRules(), line, []);

    public static QuickSizing Size(LinePlan line, int volts = 12, HouseRules? rules = null) => QuickSizing.Of(Ask(line, volts, rules));
}
