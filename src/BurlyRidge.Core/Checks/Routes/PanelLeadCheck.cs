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

    internal static readonly CheckKind Kind = new("panel-lead", "The panel's lead reaches its box", "The lanes, holes and locations of this vehicle; the lead as it is sold");

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        if (subject.Saved.Body is not { } body) yield break;
        var locations = PartLocations.Of(subject.Saved);
        foreach (var box in subject.Saved.PowerBoxes.Where(box => box.Panel.LeadMetres is not null || box.Panel.PlugMillimetres is not null))
        {
            if (locations.Of(box.Id) is not { } from || locations.Of(PanelFace.Of(box.Id)) is not { } to) continue;
            var router = new Router(subject.Rules, body, subject.Routed.Room);
            var name = $"The lead from {PartNames.Small(subject.Names[box.Id])} to its panel";
            var bare = new Laying(LeadMillimetres, LeadMillimetres, InsulationCelsius);
            if (router.Best(from, to, bare with { PassMillimetres = box.Panel.PlugMillimetres ?? LeadMillimetres }) is not { } route)
            {
                var plug = router.Best(from, to, bare) is not null;
                yield return Kind.Result(Verdict.Stop, 0, 1, CheckKind.NoUnit,
                    plug ? $"{name} has a plug {Format.Millimetres(box.Panel.PlugMillimetres!.Value, subject.Rules.Units)} across that passes no hole on the way. Take its pins out, or enlarge a grommet."
                        : $"No route leads {PartNames.Small(name)} through the bulkhead: open a grommet, or choose another location.", box.Id);
                continue;
            }
            if (box.Panel.LeadMetres is not { } lead) continue;
            var metres = RoutedRig.Metres(subject.Rules, route);
            var verdict = metres <= lead ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, metres, lead, "m",
                $"{name} needs {Format.Metres(metres, subject.Rules.Units)}; it has {Format.Metres(lead, subject.Rules.Units)}." + (verdict == Verdict.Holds ? "" : " Move box or panel nearer, or extend the lead core by core."), box.Id);
        }
    }
}
