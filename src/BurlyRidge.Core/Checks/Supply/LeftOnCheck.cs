using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>What happens when everything is left on with the key off?</summary>
internal static class LeftOnCheck
{
    internal static readonly CheckKind Kind = new("left-on", CheckWords.WhatIsLeftOnDoes,
        CheckWords.PeukertSLawExponent1);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var left = SupplyFigures.Of(subject.Rig, subject.Study.State("left"));
        var hours = left.HoursToHalf ?? double.PositiveInfinity;
        var verdict = hours >= subject.Rules.LeftOnHours ? Verdict.Holds : Verdict.Watch;
        var solved = subject.Study.State("left").Solved;
        var lit = subject.Study.Lines.Where(line => line.Lamps.Any(lamp => Math.Abs(solved.Amps(lamp.Id)) > 0.05)).Select(line => line.Line.Name).ToList();
        yield return Kind.Result(verdict, hours, subject.Rules.LeftOnHours, "h",
            lit.Count == 0 ? CheckWords.NothingStaysOnWithThe
                : lit.Count == 1 ? CheckWords.FormatLineStaysOn(lit[0], Format.Amps(left.BatteryAmps), Format.Hours(hours))
                : CheckWords.FormatLinesStayOn(lit.Count > 4 ? CheckWords.FormatAndMoreLines(string.Join(", ", lit.Take(4)), lit.Count - 4) : string.Join(", ", lit), Format.Amps(left.BatteryAmps), Format.Hours(hours)),
            "", null, HouseRuleWords.LeftOn(subject.Rules), () => Follow(subject));
    }

    /// <summary>Outputs of boxes with a sense lead can follow the key.</summary>
    private static Remedy? Follow(RigSubject subject)
    {
        var boxes = subject.Rig.PowerBoxes.Where(box => subject.Study.Map.RunsAt($"{box.Id}.sense").Any()
            && box.Outputs.Any(output => output.Follows == Feed.Battery)).Select(box => box.Id).ToHashSet(StringComparer.Ordinal);
        return boxes.Count == 0 ? null : new Remedy(CheckWords.LetTheBoxSOutputs)
        {
            Apply = rig => rig with
            {
                PowerBoxes = [.. rig.PowerBoxes.Select(box => boxes.Contains(box.Id)
                    ? box with { Outputs = [.. box.Outputs.Select(output => output with { Follows = Feed.Ignition })] }
                    : box)],
            },
        };
    }
}
