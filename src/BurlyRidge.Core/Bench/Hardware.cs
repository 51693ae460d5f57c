using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bench;

/// <summary>What holds, seals and passes: shrink, plugs, brackets, bolts, grommets with their drill sizes, sealant.</summary>
internal static class Hardware
{
    /// <summary>Heat-shrink over one terminal, m (common practice, no source).</summary>
    private const double ShrinkMetres = 0.04;

    /// <summary>A sleeve is so much wider than what is in it, mm (typical, no source).</summary>
    private const double SleeveWallMillimetres = 3;

    /// <summary>Grommets that are sold, by the wires that they pass and the hole that they sit in, mm (typical, no source).</summary>
    private static readonly (double Passes, double Hole)[] Grommets = [(5, 8), (7, 10), (10, 14), (13, 18), (16, 22), (20, 26), (25, 32)];

    public static IEnumerable<PartNeeded> Of(AssessedRig assessed, CutList cuts)
    {
        var (rig, names) = (assessed.Study.Wired, assessed.Study.Names);
        foreach (var shrink in Shrink(cuts)) yield return shrink;
        foreach (var plug in Plugs(rig, names)) yield return plug;
        foreach (var bracket in rig.Fixtures.Where(lamp => lamp.Bracket is not null).GroupBy(lamp => lamp.Bracket!.Name, StringComparer.Ordinal))
            yield return new PartNeeded(PartGroup.Hardware, bracket.Key, bracket.Sum(lamp => lamp.Bracket!.Pieces), false, [.. bracket.Select(lamp => names[lamp.Id])]);
        foreach (var bolt in Bolts(rig, names)) yield return bolt;
        foreach (var earth in Earths(rig, names)) yield return earth;
        foreach (var hole in Holes(assessed, names)) yield return hole;
        var outside = rig.Joints.Where(joint => joint is { Kind: JointKind.Plug, Place: not Zone.Cabin }).Select(joint => names[joint.Id]).ToList();
        if (outside.Count > 0) yield return new PartNeeded(PartGroup.Hardware, BenchWords.DielectricGrease, 1, false, outside);
    }

    private static IEnumerable<PartNeeded> Shrink(CutList cuts)
    {
        foreach (var words in new[] { BenchWords.ShrinkRed, BenchWords.ShrinkBlack })
        {
            var ends = cuts.Pieces.SelectMany(piece => new[] { piece.From, piece.To }).Where(end => end.SlidesOn.Contains(words)).Select(end => end.Place).ToList();
            if (ends.Count > 0) yield return new PartNeeded(PartGroup.Hardware, Format.Capital(words), ends.Count * ShrinkMetres, true, ends);
        }
    }

    /// <summary>Both halves of each housing, by its poles; contacts stand with the terminals.</summary>
    private static IEnumerable<PartNeeded> Plugs(Rig rig, PartNames names) => rig.Joints.Where(joint => joint is { Kind: JointKind.Plug, PickUp: null } && !OfKit(rig, joint.Id))
        .GroupBy(joint => joint.Housing.Length > 0 ? joint.Housing : joint.Id, StringComparer.Ordinal)
        .Select(housing => (Poles: housing.Max(joint => joint.Cavities) ?? housing.Count(), Wedge: housing.Any(joint => joint.Wedge), Name: housing.First().Housing.Length > 0 ? housing.Key : names[housing.Key]))
        .GroupBy(plug => (plug.Poles, plug.Wedge)).OrderBy(same => same.Key)
        .Select(same => new PartNeeded(PartGroup.Hardware, same.Key.Wedge ? BenchWords.FormatPlugWithWedge(same.Key.Poles) : BenchWords.FormatPlugOf(same.Key.Poles), same.Count(), false, [.. same.Select(plug => plug.Name)]));

    private static bool OfKit(Rig rig, string part) => rig.Runs.Any(run => run.Kit is not null && run.Ends().Any(end => TerminalIndex.Split(end).Part == part));

    /// <summary>A lamp's own feet, studs and ears take these (typical, no source).</summary>
    private static IEnumerable<PartNeeded> Bolts(Rig rig, PartNames names)
    {
        var held = rig.Fixtures.Where(lamp => lamp.Body is { Holds.Count: > 0 }).Select(lamp => (Lamp: lamp, Hold: lamp.Body!.Holds[0])).ToList();
        foreach (var size in held.Where(one => one.Hold.Kind == HolderKind.Stud).GroupBy(one => one.Hold.FromMillimetres))
            yield return new PartNeeded(PartGroup.Hardware, BenchWords.FormatLockNut(size.Key), size.Count(), false, [.. size.Select(one => names[one.Lamp.Id])]);
        var footed = held.Where(one => one.Hold.Kind is HolderKind.Feet or HolderKind.Ears).ToList();
        if (footed.Count > 0) yield return new PartNeeded(PartGroup.Hardware, BenchWords.BoltForFeet, 2 * footed.Count, false, [.. footed.Select(one => names[one.Lamp.Id])]);
        foreach (var (fastening, words) in new[] { (Fastening.RivetNut, BenchWords.RivetNut), (Fastening.BoltAndNut, BenchWords.BoltAndNut) })
        {
            var there = rig.Places.Where(place => place.HeldBy == fastening).Select(place => names[place.Part]).ToList();
            if (there.Count > 0) yield return new PartNeeded(PartGroup.Hardware, words, there.Count, false, there);
        }
    }

    private static IEnumerable<PartNeeded> Earths(Rig rig, PartNames names)
    {
        var studs = rig.Earths.Where(earth => earth.Kind == EarthKind.Stud).ToList();
        if (studs.Count > 0) yield return new PartNeeded(PartGroup.Hardware, BenchWords.StarWasher, studs.Count, false, [.. studs.Select(earth => names[earth.Id])]);
        var drilled = studs.Where(earth => earth.Fixing == EarthFixing.BoltAndNut).ToList();
        if (drilled.Count > 0) yield return new PartNeeded(PartGroup.Hardware, BenchWords.EarthBolt, drilled.Count, false, [.. drilled.Select(earth => names[earth.Id])]);
        var open = studs.Where(earth => earth.Fixing is null).ToList();
        if (open.Count > 0) yield return new PartNeeded(PartGroup.Hardware, BenchWords.EarthFixing, open.Count, false, [.. open.Select(earth => names[earth.Id])], BenchWords.EarthFixingNotSpecified);
    }

    /// <summary>Where wires pass sheet metal: the seal of a grommet that is there, or a hole and grommet of the right size.</summary>
    private static IEnumerable<PartNeeded> Holes(AssessedRig assessed, PartNames names)
    {
        if (assessed.Whole.Saved.Body is not { } body) return [];
        var passed = assessed.Whole.Routed.Routes.SelectMany(route => route.Route?.Passed ?? []).ToHashSet(StringComparer.Ordinal);
        var grommets = body.Stations.Where(station => station.Kind == StationKind.Grommet && passed.Contains(station.Id)).ToList();
        var seal = grommets.Where(station => station.Sealed != true).Select(station => names.Place(station.Id)).ToList();
        IEnumerable<PartNeeded> needed = seal.Count == 0 ? [] : [new PartNeeded(PartGroup.Hardware, BenchWords.Sealant, 1, false, seal)];
        return needed.Concat(grommets.Where(station => station.Edge == HoleEdge.Bare).Select(station =>
        {
            var across = assessed.Whole.Routed.Room.HoleMillimetres(station.Id);
            return Grommet(across) is { } bare && Grommet(across + SleeveWallMillimetres) is { } sleeved
                ? new PartNeeded(PartGroup.Hardware, BenchWords.FormatGrommet(bare.Passes, bare.Hole, sleeved.Hole), 1, false, [names.Place(station.Id)])
                : new PartNeeded(PartGroup.Hardware, BenchWords.GrommetOfNoSize, 1, false, [names.Place(station.Id)], BenchWords.WiderThanAnyGrommet);
        }));
    }

    private static (double Passes, double Hole)? Grommet(double across) => Grommets.Where(grommet => grommet.Passes >= across).Select(grommet => ((double, double)?)grommet).FirstOrDefault();
}
