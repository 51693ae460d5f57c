using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bench;

/// <summary>One terminal, plug contact or joint that wires of the rig are made off with.</summary>
/// <param name="At">The terminal of the rig that it sits on: "part.pin"; of a joint in the middle of wires, the joint.</param>
/// <param name="Place">What that is called.</param>
/// <param name="Wires">Ids of the wires in it.</param>
/// <param name="Kind">Null: not specified what goes there.</param>
/// <param name="BladeMillimetres">Width of the blade that a receptacle goes on, mm.</param>
/// <param name="FromSquareMillimetres">The least copper in one of its barrels, mm².</param>
/// <param name="ToSquareMillimetres">The most copper in one of its barrels, mm².</param>
/// <param name="Terminal">What is bought for it; null: not specified.</param>
/// <param name="Half">Of a plug contact: its half; null: not specified, or no plug.</param>
/// <param name="NotSpecified">What is missing for it to be bought; empty where nothing is.</param>
public sealed record MakingOff(
    string At, string Place, IReadOnlyList<string> Wires, EndKind? Kind, double? BladeMillimetres,
    double FromSquareMillimetres, double ToSquareMillimetres, Terminal? Terminal, PlugHalf? Half, string NotSpecified)
{
    /// <summary>Every one of a rig in full wiring, in the order of its wires.</summary>
    public static IReadOnlyList<MakingOff> Of(Rig wired, PartNames names)
    {
        var parts = wired.AllParts().ToDictionary(part => part.Id, StringComparer.Ordinal);
        var lamps = wired.Fixtures.Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal);
        var ends = wired.Runs.SelectMany(run => run.Ends().Where(end => Made(run, end, parts.GetValueOrDefault(TerminalIndex.Split(end).Part))).Select(end => End.Of(parts, end, run)));
        var lampSides = wired.Runs.Where(run => run.Ends().Any(end => lamps.Contains(TerminalIndex.Split(end).Part))).SelectMany(run => run.Ends()).ToHashSet(StringComparer.Ordinal);
        return
        [
            // Rings lie on one another under a nut, each on its own wire; anything else takes all wires there in one barrel.
            .. ends.GroupBy(end => (end.Place, Wire: end.Made?.Kind == EndKind.Ring ? end.Run.Id : ""))
                .Select(group => Make(names, [.. group], lampSides.Contains(group.Key.Place))),
        ];
    }

    /// <summary>A wire that came with a lamp is made off at the lamp already, one of a bought harness where it was not cut, and a wire of the vehicle's own where it begins.</summary>
    private static bool Made(Run run, string end, IPart? part) => part is not VehicleSignal && (run.Kit is { } kit ? end == run.From ? kit.CutFrom : kit.CutTo : !(run.Given && part is Fixture));

    /// <summary>An end of a wire.</summary>
    /// <param name="Place">Where it meets others in one barrel: its terminal, or a joint in the middle of wires; a plug has a contact for each half.</param>
    /// <param name="Made">What it is made off with; null: not specified.</param>
    private sealed record End(string At, Run Run, string Place, IPart? Part, WireEnd? Made)
    {
        public static End Of(Dictionary<string, IPart> parts, string at, Run run)
        {
            var (id, pin) = TerminalIndex.Split(at);
            var part = parts.GetValueOrDefault(id);
            return new End(at, run, part is Joint { Kind: not JointKind.Plug } ? id : at, part, at == Vehicle.Body ? WireEnd.Ring : part?.EndAt(pin));
        }
    }

    private static MakingOff Make(PartNames names, IReadOnlyList<End> ends, bool lampSide)
    {
        var (at, part, end) = (ends[0].Place, ends[0].Part, ends[0].Made);
        var place = names.Terminal(at);
        string[] wires = [.. ends.Select(one => one.Run.Id).Distinct()];
        var barrels = ends.GroupBy(one => one.At, StringComparer.Ordinal).Select(barrel => barrel.Sum(one => WireTable.Find(one.Run.Wire)!.CopperSquareMillimetres)).ToList();
        var (from, to) = (barrels.Min(), barrels.Max());
        if (end is null) return new MakingOff(at, place, wires, null, null, from, to, null, null, BenchWords.SeeWhatItsMakerFits);
        // A joint of more than two wires has them all in one barrel.
        if (part is Joint { Kind: JointKind.Crimp } && barrels.Count > 2) (from, to) = (barrels.Sum(), barrels.Sum());
        var joint = part as Joint;
        var terminal = TerminalTable.Find(end.Kind, from, to);
        if (terminal is not null && joint?.Takes is { } own && own.Holds(from) && own.Holds(to)) terminal = terminal with { Takes = own };
        PlugHalf? half = joint?.LampHalf is { } ofLamp ? lampSide == (ofLamp == PlugHalf.Pins) ? PlugHalf.Pins : PlugHalf.Sockets : null;
        var missing = terminal is null ? BenchWords.FormatNoneIsSoldFor(EndWords.Of(end.Kind), Format.Copper(from), Format.Copper(to))
            : end.Kind == EndKind.Ring ? BenchWords.StudSize
            : end.Kind == EndKind.PlugContact && half is null ? BenchWords.PinOrSocket
            : "";
        return new MakingOff(at, place, wires, end.Kind, end.BladeMillimetres, from, to, terminal, half, missing);
    }
}

/// <summary>What ends of wires are called.</summary>
internal static class EndWords
{
    public static string Of(EndKind kind) => kind switch
    {
        EndKind.Ring => BenchWords.RingTerminal,
        EndKind.Receptacle => BenchWords.BladeReceptacle,
        EndKind.ButtJoint => BenchWords.ButtJoint,
        EndKind.PlugContact => BenchWords.PlugContact,
        EndKind.Cap => BenchWords.SealedCap,
        EndKind.Solder => BenchWords.SolderedJoint,
        _ => BenchWords.Tap,
    };

    /// <summary>Of one half, or of a blade so wide.</summary>
    public static string Of(MakingOff end) => end.Kind switch
    {
        null => BenchWords.NotSpecified,
        EndKind.PlugContact when end.Half == PlugHalf.Pins => BenchWords.PlugPin,
        EndKind.PlugContact when end.Half == PlugHalf.Sockets => BenchWords.PlugSocket,
        EndKind.Receptacle when end.BladeMillimetres is { } blade => BenchWords.FormatReceptacle(blade),
        { } kind => Of(kind),
    };
}
