using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Why a lamp stays dark: the first thing that is off on its way, from the source to it and from it to earth.</summary>
internal static class DarkLamp
{
    /// <summary>A way with fewer contacts is the one that is meant.</summary>
    private const double WireCost = 1e-3;

    /// <summary>One sentence without its beginning: what is off, and where.</summary>
    public static string Why(RigSubject subject, LineStudy line, LampStudy lamp)
    {
        var map = subject.Study.Map;
        if (map.Find(lamp.Id) is not { } link) return CheckWords.ItIsJoinedToNothing;
        var sources = map.Links.Where(source => source.Kind == LinkKind.Source).Select(source => source.A).ToList();
        var way = Ways(map, sources, terminal => !subject.Study.Feeds.Of(terminal).Grounded);
        if (!way.Reaches(link.A)) return CheckWords.FormatNoWireJoinsItsPlus(Ends(subject, link.A));
        if (FirstOff(line.Off, way.Back(link.A).Reverse(), subject.Volts) is { } off) return Words(subject, line, off, "plus");
        var grounds = map.Links.Where(source => source.Kind == LinkKind.Source).Select(source => source.B).Append(Vehicle.Body);
        var back = Ways(map, grounds, _ => true);
        if (!back.Reaches(link.B)) return CheckWords.FormatNoWireJoinsItsEarth(Ends(subject, link.B));
        return FirstOff(line.Off, back.Back(link.B).Reverse(), subject.Volts) is { } open ? Words(subject, line, open, "earth")
            : CheckWords.FormatItGetsWithEverythingOn(Format.Volts(Math.Abs(line.Off.Across(lamp.Id))));
    }

    private static OhmPaths Ways(WiringMap map, IEnumerable<string> starts, Func<int, bool> into) =>
        OhmPaths.From(map, starts.Select(start => (start, 0.0)), link => link.Kind == LinkKind.Contact ? 1 : WireCost, _ => true, into);

    /// <summary>The first thing that the volts end at.</summary>
    private static Link? FirstOff(SolvedHarness solved, IEnumerable<Link> way, double volts) =>
        way.FirstOrDefault(link => solved.Harness.Has(link.Id) && Math.Abs(solved.Across(link.Id)) > volts / 2);

    private static string Words(RigSubject subject, LineStudy line, Link off, string side)
    {
        var name = PartNames.Small(subject.Names[TerminalIndex.Split(off.Id).Part]);
        var coil = off.Needs.OfType<Need.OnInput>().Select(need => need.Input).FirstOrDefault(input => line.Off.Harness.Nodes.ContainsKey(input.Plus) && line.Off.Harness.Nodes.ContainsKey(input.Minus));
        if (coil is null) return CheckWords.FormatLetsNothingThroughOnIts(name, side);
        var (plus, minus) = (Math.Abs(line.Off.Volts(coil.Plus)), Math.Abs(line.Off.Volts(coil.Minus)));
        var half = subject.Volts / 2;
        var lacks = plus < half && minus < half ? CheckWords.FormatNothingLiveReaches(subject.Names.Terminal(coil.Plus))
            : plus >= half && minus >= half ? CheckWords.FormatDoesNotReachEarth(subject.Names.Terminal(coil.Minus))
            : CheckWords.FormatItGets(Format.Volts(Math.Abs(plus - minus)));
        return CheckWords.FormatIsNotPulledIn(name, lacks);
    }

    /// <summary>Where the wires from a terminal end that lead to no source and no earth.</summary>
    private static string Ends(RigSubject subject, string start)
    {
        var map = subject.Study.Map;
        if (!map.At(start).Any(link => link.Conducts)) return CheckWords.FormatNothingIsOn(subject.Names.Terminal(start));
        var reached = OhmPaths.From(map, [(start, 0)], _ => 1, _ => true, terminal => terminal != map.Body);
        var last = map.Terminals.Where(terminal => reached.Reaches(terminal) && terminal.Contains('.', StringComparison.Ordinal)).MaxBy(reached.Ohms);
        return last is null || last == start ? CheckWords.FormatNothingIsOn(subject.Names.Terminal(start)) : CheckWords.FormatWhatHangsOnItEnds(subject.Names.Terminal(last));
    }
}
