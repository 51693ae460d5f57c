using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is the harness made for the way the vehicle switches its lamps: in the wire from the battery, or in the one to earth?</summary>
internal static class HarnessStyleCheck
{
    internal static readonly CheckKind Kind = new("harness-style", CheckWords.TheHarnessSuitsTheWay, CheckWords.PositiveAndNegativeSwitchedLamps);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var signal in VehicleSignal.All(subject.Vehicle).Where(signal => subject.Study.Map.RunsAt(signal.Plus).Concat(subject.Study.Map.RunsAt(signal.Minus)).Any()))
        {
            var wrong = Wrong(subject, signal).ToList();
            if (wrong.Count == 0)
            {
                yield return Kind.Result(Verdict.Holds, 1, 1, CheckKind.NoUnit, CheckWords.FormatWhatHangsOnTheWires(signal.Signal.Word()), signal.Name);
                continue;
            }
            foreach (var part in wrong.DistinctBy(load => TerminalIndex.Split(load.A).Part))
                yield return Kind.Result(Verdict.Stop, 0, 1, CheckKind.NoUnit, Words(subject, signal, part), TerminalIndex.Split(part.A).Part, subject.LineOf(TerminalIndex.Split(part.A).Part) ?? subject.LineOf(part.Id));
        }
    }

    /// <summary>
    /// Coils, inputs and lamps that hang between one wire of the signal and a terminal that is not the other, where that wire
    /// never turns: it is always live, or always at earth.
    /// </summary>
    private static IEnumerable<Link> Wrong(RigSubject subject, VehicleSignal signal)
    {
        var (map, feeds) = (subject.Study.Map, subject.Study.Feeds);
        var (plus, minus) = (Reached(map, signal.Plus), Reached(map, signal.Minus));
        var negative = signal.Lamp.ToEarth;
        var switches = subject.Rig.Switches.Select(part => part.Id).ToHashSet(StringComparer.Ordinal);
        foreach (var load in map.Links.Where(link => link.Kind == LinkKind.Load && link.Id != signal.Name && !switches.Contains(TerminalIndex.Split(link.Id).Part)))
        {
            foreach (var (one, other) in new[] { (load.A, load.B), (load.B, load.A) })
            {
                if (negative ? plus.Reaches(one) && !minus.Reaches(other) && !plus.Reaches(other) && feeds.Of(other).Grounded
                        : minus.Reaches(one) && !plus.Reaches(other) && !minus.Reaches(other) && feeds.Of(other).AllFeeders.Count > 0)
                    yield return load;
            }
        }
    }

    /// <summary>What wires, joints and contacts lead to from there, not over the body and through no fuse.</summary>
    private static OhmPaths Reached(WiringMap map, string start) => OhmPaths.From(map, [(start, 0)], _ => 1, link => link.Kind != LinkKind.Device, terminal => terminal != map.Body);

    private static string Words(RigSubject subject, VehicleSignal signal, Link load)
    {
        var name = subject.Names[TerminalIndex.Split(load.A).Part];
        return signal.Lamp.ToEarth
            ? CheckWords.FormatIsWiredForAPositive(name, signal.Signal.Word())
            : CheckWords.FormatIsWiredForANegative(name, signal.Signal.Word());
    }
}
