using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>The lamp in a switch, and leads of lamps that are not used.</summary>
internal static class SwitchAlterations
{
    private const double EarthMetres = 0.5;

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("switch-lamp-earth", site => LampPin(site) is { } pin && !site.RunsAt(pin).Any() ? "Earth the switch's own lamp" : null, Earth),
        new("switch-lamp-off", site => LampPin(site) is { } pin && site.RunsAt(pin).Any() ? "Leave the earth of the switch's lamp off" : null,
            site => site.Rig with { Runs = [.. site.Rig.Runs.Except(site.RunsAt(LampPin(site)!))] }),
        new("cap-leads", site => Bare(site).Count > 0 ? "Cap its unused leads" : null, Cap),
    ];

    private static string? LampPin(AlterSite site) => site.Station.Kind != StripKind.Switch ? null
        : site.Rig.Switches.FirstOrDefault(part => part.Id == site.Station.Part) is { Lamps: [var lamp, ..] } part ? $"{part.Id}.{lamp.Minus}" : null;

    private static Rig Earth(AlterSite site)
    {
        var earth = FreeName.In(site.Rig, "switch-earth");
        var like = site.RunsAt(site.Station.From).Concat(site.RunsAt(site.Station.To)).First();
        return site.Rig with
        {
            Earths = [.. site.Rig.Earths, new Earth(earth, EarthKind.Stud, Place: Zone.Cabin)],
            Runs = [.. site.Rig.Runs, like with { Id = FreeName.In(site.Rig, "switch-lamp"), From = LampPin(site)!, To = earth, LengthMetres = EarthMetres, Zones = [Zone.Cabin], Lay = null, Fixed = false }],
        };
    }

    /// <summary>Leads of a lamp that nothing is joined to: dim leads, spare ones, second functions.</summary>
    private static List<string> Bare(AlterSite site)
    {
        if (site.Station.Kind != StripKind.Lamp || site.Rig.Fixtures.FirstOrDefault(fixture => fixture.Id == site.Station.Part) is not { } lamp) return [];
        return [.. lamp.Functions.SelectMany(function => new[] { function.Plus, function.DimPin }).OfType<string>().Concat(lamp.SparePins).Distinct()
            .Select(pin => $"{lamp.Id}.{pin}").Where(pin => !site.RunsAt(pin).Any())];
    }

    private static Rig Cap(AlterSite site)
    {
        var rig = site.Rig;
        var like = site.RunsAt(site.Station.From).FirstOrDefault() ?? rig.Runs[0];
        foreach (var pin in Bare(site))
        {
            var cap = FreeName.In(rig, "cap");
            rig = rig with
            {
                Joints = [.. rig.Joints, new Joint(cap, JointKind.Cap, like.Zones[^1])],
                Runs = [.. rig.Runs, like with { Id = FreeName.In(rig, $"lead-{cap}"), From = pin, To = $"{cap}.a", LengthMetres = 0.1, Lay = null, Fixed = false }],
            };
        }
        return rig;
    }
}
