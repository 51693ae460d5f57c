using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Supply;

/// <summary>How many acts make the vehicle dead for the work?</summary>
internal static class IsolationCheck
{
    internal static readonly CheckKind Kind = new("isolation", "One act isolates it", "Isolate every source before working (common practice, no source); house rule");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (subject.Rules.Isolation == IsolationSchool.FuseOut)
        {
            var unfused = subject.Study.Lines.Where(line => line.Lamps.Any(lamp => subject.Study.Map.Find(lamp.Id) is { } link
                && subject.Study.Feeds.Of(link.A) is { Grounded: false } section && section.Sources.Count + section.LimitedSources.Count > 0)).ToList();
            yield return Kind.Result(unfused.Count == 0 ? Verdict.Holds : Verdict.Watch, unfused.Count, 0, "lines",
                unfused.Count == 0 ? "Every line has a fuse that can be taken out." : $"{unfused[0].Line.Name} has no fuse of its own to take out: take the battery's minus off instead.",
                "", unfused.Count == 0 ? null : unfused[0].Line.Id, HouseRuleWords.Isolation(subject.Rules));
            yield break;
        }
        var batteries = subject.Vehicle.BatteryLink == BatteryLink.Series ? 1 : subject.Vehicle.Batteries.Count;
        var panels = subject.Rig.SolarPanels.Count;
        var verdict = batteries + panels <= 1 ? Verdict.Holds : Verdict.Watch;
        yield return Kind.Result(verdict, batteries + panels, 1, "sources",
            verdict == Verdict.Holds ? "Taking the battery's minus off makes it dead."
                : $"{batteries} batteries{(panels > 0 ? $" and {panels} solar panel{(panels > 1 ? "s" : "")}" : "")} keep it live: take the minus of each off{(panels > 0 ? ", and cover or unplug the panel" : "")}.",
            "", null, HouseRuleWords.Isolation(subject.Rules));
    }
}
