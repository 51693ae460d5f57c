using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>What would make a quick plan hold that no wire in the table does; each way is sized before it is offered.</summary>
public static class QuickAdvice
{
    private const int MaxLines = 8;

    /// <summary>A sentence a way, the least work first; empty where none helps.</summary>
    public static IReadOnlyList<string> Of(QuickAsk ask)
    {
        ask = ask with { Plan = ask.Plan with { ChosenWire = null } };
        var (plan, free) = (ask.Plan, ask with { Plan = ask.Plan with { ChosenFuse = null } });
        var ways = new List<string>();
        if (plan.ChosenFuse is not null && QuickSizing.Holding(free) is { } proposed)
            ways.Add(TemplateWords.FormatTakeTheProposedFuseAgain(proposed));
        if (plan.Return == ReturnPath.Body && QuickSizing.Holding(ask with { Plan = WithWireReturn(plan) }) is { } copper)
            ways.Add(TemplateWords.FormatBothWayCopperInsteadOf(copper));
        if (Shorter(ask) is { } metres)
            ways.Add(TemplateWords.FormatShorterAtMostOneWay(Format.Metres(metres, ask.Rules.Units)));
        if (Split(free) is { } split)
            ways.Add(split);
        if (ask.Vehicle.SystemVolts == 12 && QuickSizing.Holding(On24Volts(free)) is { } volts)
            ways.Add(TemplateWords.FormatOf24VWith24V(volts));
        return ways;
    }

    private static LinePlan WithWireReturn(LinePlan plan) => plan with
    {
        Return = ReturnPath.Wire,
        Bundled = plan.Bundled + LinePlan.OwnConductors(ReturnPath.Wire) - LinePlan.OwnConductors(ReturnPath.Body),
    };

    private static QuickAsk On24Volts(QuickAsk ask) => ask with { Vehicle = Vehicle.Usual(24), Bought = [], Plan = ask.Plan with { Lamps = [.. Together(ask, 1).Select(set => set with { AtVolts = 24 })] } };

    /// <summary>The greatest length in m, to the decimetre below, that a wire in the table holds at.</summary>
    private static double? Shorter(QuickAsk ask)
    {
        bool Holds(int decimetres) => QuickSizing.Holding(ask with { Plan = ask.Plan with { OneWayMetres = decimetres / 10.0 } }) is not null;
        var holds = 0;
        var fails = (int)Math.Ceiling(ask.Plan.OneWayMetres * 10);
        while (fails - holds > 1)
        {
            var middle = (holds + fails) / 2;
            if (Holds(middle)) holds = middle;
            else fails = middle;
        }
        return holds == 0 ? null : holds / 10.0;
    }

    private static string? Split(QuickAsk ask)
    {
        var lamps = ask.Plan.Lamps.Sum(set => set.Count);
        for (var lines = 2; lines <= Math.Min(lamps, MaxLines); lines++)
        {
            var largest = Math.Ceiling((double)lamps / lines) / lamps;
            var share = ask with { Bought = [], Plan = ask.Plan with { Lamps = Together(ask, largest) } };
            if (QuickSizing.Holding(share) is null) continue;
            var sizing = QuickSizing.Of(share);
            if (sizing.RelayAmps is null && QuickTemplate.NeedsRelay(share.Bare(), share.Plan)) continue;
            return TemplateWords.FormatSplitInLinesOfAnd(lines == 2 ? "two" : lines, Format.Amps(sizing.LoadAmps), sizing.Wire, sizing.Fuse);
        }
        return null;
    }

    /// <summary>The lamps of a plan as one of each kind, of that part of their power.</summary>
    private static IReadOnlyList<LampSet> Together(QuickAsk ask, double part)
    {
        var watts = QuickTemplate.Watts(ask.Bare(), ask.Bare().Lines[0].Plan!).Times(part);
        LampSet[] all = [new(LampKind.RegulatedLed, 1, watts.RegulatedLed), new(LampKind.ResistorLed, 1, watts.ResistorLed), new(LampKind.Filament, 1, watts.Filament)];
        return [.. all.Where(set => set.Watts > 0)];
    }
}
