using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Do enough volts arrive at the lamp of a line that loses most of what it may?</summary>
internal static class DropCheck
{
    internal static readonly CheckKind Kind = new("drop", "Voltage drop within its limit",
        "ABYC E-11: 3 % critical, 10 % other circuits (from memory); 5 % for lamps that are not regulated by house rule; light goes with V^3.4 (IES Lighting Handbook, from memory)");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines)
        {
            if (line.Worst is not { } lamp || line.Source is null) continue;
            var over = !lamp.DropHolds;
            var remedy = over ? ResizedLine.Remedy(subject, line, sized => sized.Lamps.All(other => other.Id != lamp.Id || other.DropHolds)) : null;
            var verdict = !over ? Verdict.Holds
                : lamp.DropFraction > Worst(lamp) ? Verdict.Stop
                : remedy is not null || Named(subject, lamp) ? Verdict.Watch
                : Verdict.Holds;
            yield return Kind.Result(verdict, lamp.DropFraction, lamp.DropLimit, "",
                $"{subject.Names[lamp.Id]} loses {Format.Volts(lamp.DropVolts)} on the way from {subject.Names.Terminal(line.Source.A)} and back with the engine off: {Format.Percent(lamp.DropFraction)} of {Format.Percent(lamp.DropLimit)}.{Light(lamp)}"
                    + (over && remedy is null ? Parts(line, lamp) : ""),
                lamp.Id, line.Line.Id, HouseRuleWords.Drop(lamp.DropLimit), () => remedy);
        }
    }

    /// <summary>A regulated lamp draws more and keeps its light until it drops out, which is judged by itself; another one goes dim.</summary>
    private static double Worst(LampStudy lamp) => lamp.Function.Kind == LampKind.RegulatedLed ? 0.5 : Math.Max(lamp.DropLimit, Limits.WorstDropFraction);

    private static bool Named(RigSubject subject, LampStudy lamp) => subject.Rules.NamedDropLimit(lamp.Function.Kind) is not null;

    private static string Light(LampStudy lamp) => lamp.Function.Kind == LampKind.RegulatedLed || lamp.DropFraction is <= 0 or >= 1 ? ""
        : $" It gives {Format.Percent(LampSet.LightLost(1 - lamp.DropFraction))} less light.";

    /// <summary>What of the drop is no wire.</summary>
    private static string Parts(LineStudy line, LampStudy lamp)
    {
        var losses = Losses.Of(line.Slice, line.Off, lamp.Id);
        var rest = losses.Where(loss => !loss.InWire).Sum(loss => loss.Volts) / Math.Max(losses.Sum(loss => loss.Volts), 1e-9) * lamp.DropFraction;
        return $" {Format.Percent(rest)} is fuse, contacts, plugs and body; more copper hardly helps. A relay nearer the lamps, two lines, a wire back or 24 V would.";
    }
}
