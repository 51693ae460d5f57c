using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>From the body to a wire back, and the other way round.</summary>
internal static class EarthAlterations
{
    private const double StudTailMetres = 0.5;

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("back-by-wire", site => Kind(site) == EarthKind.Stud && Mine(site).Count > 0 ? EditWords.LeadItBackToThe : null, ByWire),
        new("back-by-body", site => Kind(site) == EarthKind.Post && Mine(site).Count > 0 ? EditWords.EarthItOnTheBody : null, ByBody),
    ];

    private static EarthKind? Kind(AlterSite site) => site.Station.Kind is StripKind.Earth or StripKind.Body && !site.Control
        ? site.Rig.Earths.FirstOrDefault(earth => earth.Id == site.Station.Part)?.Kind
        : null;

    /// <summary>Runs of this line that end at the earth.</summary>
    private static List<Run> Mine(AlterSite site)
    {
        var used = site.Power.Select(station => station.Id).ToHashSet(StringComparer.Ordinal);
        return [.. site.RunsAt(site.Station.Part).Where(run => used.Contains(run.Id))];
    }

    private static double OutMetres(AlterSite site) => site.Power.Where(station => station.Leg == Leg.Out).Select(station => station.Metres).DefaultIfEmpty(0).Max();

    private static Rig ByWire(AlterSite site)
    {
        var runs = Mine(site);
        var post = site.Rig.Earths.FirstOrDefault(earth => earth is { Kind: EarthKind.Post, On: null }) ?? new Earth(FreeName.In(site.Rig, "minus-post"), EarthKind.Post);
        var rig = site.Rig with { Earths = site.Rig.Earths.Contains(post) ? site.Rig.Earths : [.. site.Rig.Earths, post] };
        var metres = OutMetres(site);
        if (runs is [var only]) return Gone(Ends(rig, runs, post.Id, run => run.LengthMetres + metres), site.Station.Part);
        var joint = FreeName.In(rig, "return-joint");
        rig = Gone(Ends(rig, runs, $"{joint}.a", run => run.LengthMetres), site.Station.Part);
        var thickest = runs.MaxBy(run => Conductors.WireTable.Find(run.Wire)!.CopperSquareMillimetres)!;
        var place = rig.Places.FirstOrDefault(place => place.Part == site.Station.Part);
        return rig with
        {
            Joints = [.. rig.Joints, new Joint(joint, JointKind.Crimp, runs[0].Zones[^1])],
            Runs = [.. rig.Runs, thickest with { Id = FreeName.In(rig, "return"), From = $"{joint}.b", To = post.Id, LengthMetres = metres, Zones = [.. OutZones(site)] }],
            Places = place is null ? rig.Places : [.. rig.Places.Where(other => other != place), place with { Part = joint }],
        };
    }

    private static IEnumerable<Zone> OutZones(AlterSite site)
    {
        var outward = site.Power.Where(station => station.Leg == Leg.Out).Select(station => station.Id).ToHashSet(StringComparer.Ordinal);
        return site.Rig.Runs.Where(run => outward.Contains(run.Id)).SelectMany(run => run.Zones).Distinct();
    }

    private static Rig ByBody(AlterSite site)
    {
        var lamp = site.Power.First(station => station.Kind == StripKind.Lamp).Part;
        var stud = new Earth(FreeName.In(site.Rig, "stud"), EarthKind.Stud, BodyMilliohms: TypicalOhms.Body(OutMetres(site)) * 1000);
        var place = site.Rig.Places.FirstOrDefault(place => place.Part == lamp);
        var rig = site.Rig with
        {
            Earths = [.. site.Rig.Earths, stud],
            Places = place is null ? site.Rig.Places : [.. site.Rig.Places, new Place(stud.Id, place.At)],
        };
        return Gone(Ends(rig, Mine(site), stud.Id, run => Math.Min(run.LengthMetres, StudTailMetres)), site.Station.Part);
    }

    private static Rig Ends(Rig rig, List<Run> runs, string end, Func<Run, double> metres)
    {
        var earths = rig.Earths.Select(earth => earth.Id).ToHashSet(StringComparer.Ordinal);
        return rig with
        {
            Runs = [.. rig.Runs.Select(run => !runs.Contains(run) ? run
                : (earths.Contains(run.From) ? run with { From = end } : run with { To = end }) with { LengthMetres = Math.Min(metres(run), 100) })],
        };
    }

    /// <summary>An earth that nothing ends at any more goes.</summary>
    private static Rig Gone(Rig rig, string earth) => rig.Runs.Any(run => run.From == earth || run.To == earth)
        ? rig
        : rig with { Earths = [.. rig.Earths.Where(other => other.Id != earth)], Places = [.. rig.Places.Where(place => place.Part != earth)] };
}
