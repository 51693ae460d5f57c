using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>The lamp in a switch, and leads of lamps that are not used.</summary>
internal static class SwitchAlterations
{
    private const double EarthMetres = 0.5;

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("switch-lamp-earth", site => LampPin(site) is { } pin && !site.RunsAt(pin).Any() ? EditWords.EarthTheSwitchSOwn : null, Earth),
        new("switch-lamp-off", site => LampPin(site) is { } pin && site.RunsAt(pin).Any() ? EditWords.LeaveTheEarthOfThe : null,
            site => site.Rig with { Runs = [.. site.Rig.Runs.Except(site.RunsAt(LampPin(site)!))] }),
        new("switch-left-on", site => LeftOn(site) is { } name ? EditWords.FormatKeepItForGoodTied(name) : null, LeaveOn),
        new("switch-out", site => InLine(site) is not null ? EditWords.LeaveTheSwitchOutIts : null, LeaveOut),
        new("cap-leads", site => Bare(site).Count > 0 ? EditWords.CapItsUnusedLeads : null, Cap),
    ];

    private static string? LampPin(AlterSite site) => site.Station.Kind != StripKind.Switch ? null
        : site.Rig.Switches.FirstOrDefault(part => part.Id == site.Station.Part) is { Lamps: [var lamp, ..] } part ? $"{part.Id}.{lamp.Minus}" : null;

    private static Switch? SwitchOf(AlterSite site) => site.Station.Kind == StripKind.Switch ? site.Rig.Switches.FirstOrDefault(part => part.Id == site.Station.Part) : null;

    /// <summary>The position that a switch of two positions could be left in; null where it is found in one that joins something.</summary>
    private static string? LeftOn(AlterSite site) => SwitchOf(site) is { Positions: [{ Joins.Count: 0 }, { Joins.Count: > 0 } on] } ? on.Name : null;

    private static Rig LeaveOn(AlterSite site) => site.Rig with
    {
        Switches = [.. site.Rig.Switches.Select(part => part.Id == site.Station.Part ? part with { Positions = [part.Positions[1], part.Positions[0]] } : part)],
    };

    /// <summary>The two wires on either side of a switch that joins two pins; null where it is not that simple.</summary>
    private static (Run In, Run Out)? InLine(AlterSite site)
    {
        if (SwitchOf(site) is not { } part || part.Positions.SelectMany(position => position.Joins).Select(pair => pair.Ordered()).Distinct().ToList() is not [var pair]) return null;
        return site.RunsAt($"{part.Id}.{pair.A}").ToList() is [var one] && site.RunsAt($"{part.Id}.{pair.B}").ToList() is [var other] && one.Id != other.Id
            ? TerminalIndex.Split(one.To).Part == part.Id ? (one, other) : (other, one) : null;
    }

    private static Rig LeaveOut(AlterSite site)
    {
        var (one, other) = InLine(site)!.Value;
        var part = site.Station.Part;
        string Beyond(Run run) => TerminalIndex.Split(run.From).Part == part ? run.To : run.From;
        var joined = one with { From = Beyond(one), To = Beyond(other), LengthMetres = Math.Min(100, one.LengthMetres + other.LengthMetres), Zones = [.. one.Zones.Union(other.Zones)], Lay = one.Lay is null ? null : new Lay() };
        var lamp = site.Rig.Runs.Where(run => run.Ends().Any(end => TerminalIndex.Split(end).Part == part)).Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        return PartRemoval.Fitted(
            site.Rig with { Runs = [.. site.Rig.Runs.Where(run => run.Id == one.Id || !lamp.Contains(run.Id)).Select(run => run.Id == one.Id ? joined : run)] },
            new HashSet<string>(StringComparer.Ordinal) { part });
    }

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
