using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Does the many-pin lead of a panel reach its box, plug and all?</summary>
internal static class PanelLeadCheck
{
    /// <summary>Across a many-pin lead without its plugs, mm (typical, no source).</summary>
    private const double LeadMillimetres = 8;

    private const int InsulationCelsius = 105;

    internal static readonly CheckKind Kind = new("panel-lead", CheckWords.ThePanelSLeadReaches, CheckWords.TheLanesHolesAndLocations);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (subject.Saved.Body is not { } body) yield break;
        var locations = PartLocations.Of(subject.Saved);
        foreach (var box in subject.Saved.PowerBoxes.Where(box => box.Panel.LeadMetres is not null || box.Panel.PlugMillimetres is not null))
        {
            if (locations.Of(box.Id) is not { } from || locations.Of(PanelFace.Of(box.Id)) is not { } to) continue;
            var router = new Router(subject.Rules, body, subject.Routed.Room);
            var name = CheckWords.FormatTheLeadFromToIts(PartNames.Small(subject.Names[box.Id]));
            var bare = new Laying(LeadMillimetres, LeadMillimetres, InsulationCelsius);
            if (router.Best(from, to, bare with { PassMillimetres = box.Panel.PlugMillimetres ?? LeadMillimetres }) is not { } route)
            {
                var plug = router.Best(from, to, bare) is not null;
                yield return Kind.Result(Verdict.Stop, 0, 1, CheckKind.NoUnit,
                    plug ? CheckWords.FormatHasAPlugAcrossThat(name, Format.Millimetres(box.Panel.PlugMillimetres!.Value, subject.Rules.Units))
                        : CheckWords.FormatNoRouteLeadsThroughThe(PartNames.Small(name)), box.Id);
                continue;
            }
            if (box.Panel.LeadMetres is not { } lead) continue;
            var metres = RoutedRig.Metres(subject.Rules, route);
            var verdict = metres <= lead ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, metres, lead, "m",
                CheckWords.FormatNeedsItHas(name, Format.Metres(metres, subject.Rules.Units), Format.Metres(lead, subject.Rules.Units)) + (verdict == Verdict.Holds ? "" : " " + CheckWords.MoveBoxOrPanelNearer), box.Id);
        }
    }
}
