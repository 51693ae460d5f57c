using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>How many acts make the vehicle dead for the work?</summary>
internal static class IsolationCheck
{
    internal static readonly CheckKind Kind = new("isolation", CheckWords.OneActIsolatesIt, CheckWords.IsolateEverySourceBeforeWorking);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (subject.Rules.Isolation == IsolationSchool.FuseOut)
        {
            var unfused = subject.Study.Lines.Where(line => line.Lamps.Any(lamp => subject.Study.Map.Find(lamp.Id) is { } link
                && subject.Study.Feeds.Of(link.A) is { Grounded: false } section && section.Sources.Count + section.LimitedSources.Count > 0)).ToList();
            yield return Kind.Result(unfused.Count == 0 ? Verdict.Holds : Verdict.Watch, unfused.Count, 0, "lines",
                unfused.Count == 0 ? CheckWords.EveryLineHasAFuse : CheckWords.FormatHasNoFuseOfIts(unfused[0].Line.Name),
                "", unfused.Count == 0 ? null : unfused[0].Line.Id, HouseRuleWords.Isolation(subject.Rules));
            yield break;
        }
        var batteries = subject.Vehicle.BatteryLink == BatteryLink.Series ? 1 : subject.Vehicle.Batteries.Count;
        var panels = subject.Rig.SolarPanels.Count;
        var verdict = batteries + panels <= 1 ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Result(verdict, batteries + panels, 1, "sources",
            verdict == Verdict.Holds ? CheckWords.TakingTheBatterySMinus
                : panels > 0 ? CheckWords.FormatSolarKeepsItLive(batteries, panels)
                : CheckWords.FormatBatteriesKeepItLive(batteries),
            "", null, HouseRuleWords.Isolation(subject.Rules));
    }
}
