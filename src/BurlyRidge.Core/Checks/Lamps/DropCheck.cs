using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Do enough volts arrive at the lamp of a line that loses most of what it may?</summary>
internal static class DropCheck
{
    internal static readonly CheckKind Kind = new("drop", CheckWords.VoltageDropWithinItsLimit,
        CheckWords.AbycE113Critical);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines)
        {
            if (line.Source is null || line.Lamps.MaxBy(lamp => lamp.MostFraction / lamp.DropLimit) is not { } lamp) continue;
            var together = lamp.Together is { } all && all.DropFraction > lamp.DropFraction * (1 + Alike) ? all : null;
            var lost = together is null ? lamp.DropFraction : together.DropFraction;
            var over = !Limits.AtLeast(lamp.DropLimit, lost);
            var remedy = over ? ResizedLine.Remedy(subject, line, together is not null, sized => sized.Lamps.All(other => other.Id != lamp.Id || other.DropHolds)) : null;
            var verdict = !over ? Verdict.Holds
                : lost > Worst(lamp) ? Verdict.Stop
                : remedy is not null || Named(subject, lamp) ? Verdict.Watch
                : Verdict.Holds;
            yield return Kind.Result(verdict, lost, lamp.DropLimit, "",
                (together is null
                    ? CheckWords.FormatLampLoses(subject.Names[lamp.Id], Format.Volts(lamp.DropVolts), subject.Names.Terminal(line.Source.A), Format.Percent(lost), Format.Percent(lamp.DropLimit))
                    : CheckWords.FormatLampLosesWithEverythingOn(subject.Names[lamp.Id], Format.Volts(together.DropVolts), subject.Names.Terminal(line.Source.A), Format.Percent(lost), Format.Percent(lamp.DropLimit)))
                    + Light(lamp, lost)
                    + (over && remedy is null ? together is null ? Parts(line, lamp) : " " + CheckWords.ItSharesItsFeedMore : ""),
                lamp.Id, line.Line.Id, HouseRuleWords.Drop(lamp.DropLimit), () => remedy);
        }
    }

    /// <summary>What is lost with everything on differs from what is lost alone by more than the house load's share.</summary>
    private const double Alike = 0.02;

    /// <summary>A regulated lamp draws more and keeps its light until it drops out, which is judged by itself; another one goes dim.</summary>
    private static double Worst(LampStudy lamp) => lamp.Function.Kind == LampKind.RegulatedLed ? 0.5 : Math.Max(lamp.DropLimit, Limits.WorstDropFraction);

    private static bool Named(RigSubject subject, LampStudy lamp) => subject.Rules.NamedDropLimit(lamp.Function.Kind) is not null;

    private static string Light(LampStudy lamp, double lost) => lamp.Function.Kind == LampKind.RegulatedLed || lost is <= 0 or >= 1 ? ""
        : " " + CheckWords.FormatItGivesLessLight(Format.Percent(LampSet.LightLost(1 - lost)));

    /// <summary>What of the drop is no wire.</summary>
    private static string Parts(LineStudy line, LampStudy lamp)
    {
        var losses = Losses.Of(line.Slice, line.Off, lamp.Id);
        var rest = losses.Where(loss => !loss.InWire).Sum(loss => loss.Volts) / Math.Max(losses.Sum(loss => loss.Volts), 1e-9) * lamp.DropFraction;
        return " " + CheckWords.FormatIsFuseContactsPlugsAnd(Format.Percent(rest));
    }
}
