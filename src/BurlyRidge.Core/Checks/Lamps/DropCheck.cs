using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Do enough volts arrive at the worst lamp of a wired line?</summary>
internal static class DropCheck
{
    internal static readonly CheckKind Kind = new("drop", "Volts arrive at the lamp",
        "ABYC E-11 limits of 3 and 10 % (from memory); 5 % for regulated LED by house rule");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines)
        {
            if (line.Worst is not { } lamp || line.Source is null) continue;
            var limit = line.Limits.DropFraction;
            var verdict = line.Limits.DropHolds(lamp.DropFraction) ? Verdict.Holds
                : lamp.DropFraction <= Math.Max(limit, Limits.WorstDropFraction) ? Verdict.Watch
                : Verdict.Stop;
            yield return Kind.Result(verdict, lamp.DropFraction, limit, "",
                $"{Format.Volts(lamp.DropVolts)} are lost between {subject.Names.Terminal(line.Source.A)} and {subject.Names[lamp.Id]} and back, engine off; {Format.Volts(lamp.OffVolts)} arrive.",
                lamp.Id, line.Line.Id, HouseRuleWords.Drop(limit), () => Edit.Size(subject, line.Line));
        }
    }
}
