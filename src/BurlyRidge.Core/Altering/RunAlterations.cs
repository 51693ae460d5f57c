using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>What can be put into a run, and taken out from between two.</summary>
internal static class RunAlterations
{
    private const double BesideMetres = 0.15;
    private const double TailMetres = 0.3;

    /// <summary>Put in where nobody has sized yet, A; sizing comes after.</summary>
    private const double FuseToStart = 10;

    public static IReadOnlyList<Alteration> All { get; } =
    [
        new("plug-in", OfRun(EditWords.PutAPlugIn), site => Joint(site, JointKind.Plug)),
        new("crimp-in", OfRun(EditWords.PutACrimpIn), site => Joint(site, JointKind.Crimp)),
        new("fuse-in", site => site.Station.Leg == Harness.Leg.Out ? OfRun(EditWords.PutAFuseIn)(site) : null, Fuse),
        new("run-out", OfRun(EditWords.TakeThisWireOut), site => site.Rig with { Runs = [.. site.Rig.Runs.Where(run => run.Id != site.Station.Id)] }),
        new("joint-out", site => site.Station.Kind == StripKind.Joint && Ends(site, site.Station.Part).Count == 2 ? EditWords.MakeOneWireOfIt : null,
            site => Bridge(site.Rig, site.Station.Part) with { Joints = [.. site.Rig.Joints.Where(joint => joint.Id != site.Station.Part)] }),
        new("fuse-out", site => site.Station.Kind == StripKind.Fuse && site.Rig.Protection.Any(device => device.Id == site.Station.Part) && Ends(site, site.Station.Part).Count == 2 ? EditWords.TakeTheFuseOut : null,
            site => Bridge(site.Rig, site.Station.Part) with { Protection = [.. site.Rig.Protection.Where(device => device.Id != site.Station.Part)] }),
    ];

    private static Func<AlterSite, string?> OfRun(string label) => site => site.Station.Kind == StripKind.Run ? label : null;

    private static List<Run> Ends(AlterSite site, string part) => Ends(site.Rig, part);

    private static List<Run> Ends(Rig rig, string part) =>
        [.. rig.Runs.Where(run => TerminalIndex.Split(run.From).Part == part || TerminalIndex.Split(run.To).Part == part)];

    private static Rig Joint(AlterSite site, JointKind kind)
    {
        var run = site.Rig.Runs.First(run => run.Id == site.Station.Id);
        var id = FreeName.In(site.Rig, $"{(kind == JointKind.Plug ? "plug" : "crimp")}-{site.Line.Id}"[..Math.Min(60, site.Line.Id.Length + 5)]);
        // Near the lamp, which is where one is parted from its harness.
        var toLamp = site.Rig.Fixtures.Any(fixture => fixture.Id == TerminalIndex.Split(run.To).Part);
        var fromLamp = site.Rig.Fixtures.Any(fixture => fixture.Id == TerminalIndex.Split(run.From).Part);
        var tail = Math.Min(TailMetres, run.LengthMetres / 2);
        var first = toLamp ? run.LengthMetres - tail : fromLamp ? tail : run.LengthMetres / 2;
        var rig = Split(site.Rig, run, $"{id}.a", $"{id}.b", first, near: TerminalIndex.Split(fromLamp ? run.From : run.To).Part, part: id);
        return rig with { Joints = [.. rig.Joints, new Joint(id, kind, run.Zones.Contains(Zone.Exterior) ? Zone.Exterior : run.Zones[^1])] };
    }

    private static Rig Fuse(AlterSite site)
    {
        var run = site.Rig.Runs.First(run => run.Id == site.Station.Id);
        var id = FreeName.In(site.Rig, "branch-fuse");
        var rig = Split(site.Rig, run, $"{id}.in", $"{id}.out", Math.Min(BesideMetres, run.LengthMetres / 4), near: TerminalIndex.Split(run.From).Part, part: id);
        return rig with { Protection = [.. rig.Protection, new ProtectiveDevice(id, new Fuse(FuseToStart, FuseFamily.Blade), run.Zones[0])] };
    }

    /// <summary>Cuts a run in two at so many metres from its beginning; the part that goes between is placed where <paramref name="near"/> is.</summary>
    private static Rig Split(Rig rig, Run run, string first, string second, double metres, string near, string part)
    {
        var behind = FreeName.In(rig, $"{run.Id}-2"[..Math.Min(60, run.Id.Length + 2)]);
        var lay = run.Lay is { } old ? old with { MeasuredMetres = null, Through = [] } : null;
        var place = rig.Places.FirstOrDefault(place => place.Part == near);
        return rig with
        {
            Runs = [.. rig.Runs.SelectMany(other => other.Id != run.Id ? [other] : new[]
            {
                run with { To = first, LengthMetres = metres, Lay = lay },
                run with { Id = behind, From = second, LengthMetres = run.LengthMetres - metres, Lay = lay },
            })],
            Places = place is null ? rig.Places : [.. rig.Places, new Place(part, place.At)],
        };
    }

    /// <summary>Makes one run of the two at a part.</summary>
    private static Rig Bridge(Rig rig, string part)
    {
        var (first, second) = Ends(rig, part) is [var a, var b] ? TerminalIndex.Split(a.To).Part == part ? (a, b) : (b, a) : throw new ArgumentException($"Not two runs end at {part}.", nameof(part));
        var start = TerminalIndex.Split(first.To).Part == part ? first.From : first.To;
        var end = TerminalIndex.Split(second.From).Part == part ? second.To : second.From;
        var one = first with
        {
            From = start,
            To = end,
            LengthMetres = first.LengthMetres + second.LengthMetres,
            Zones = [.. first.Zones.Union(second.Zones)],
            Lay = first.Lay is null || second.Lay is null ? null : new Lay(),
        };
        return rig with
        {
            Runs = [.. rig.Runs.Where(run => run.Id != second.Id).Select(run => run.Id == first.Id ? one : run)],
            Places = [.. rig.Places.Where(place => place.Part != part)],
        };
    }
}
