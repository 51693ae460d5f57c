using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does the wire fit the plug or splice that it ends in?</summary>
internal static class JointRangeCheck
{
    internal static readonly CheckKind Kind = new("joint-range", "The wire fits its terminal", "The range printed for the terminal: see its maker's sheet");

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from joint in subject.Rig.Joints
        where joint.Takes is not null
        from end in subject.Rig.Runs.SelectMany(run => run.Ends()).Distinct()
        where TerminalIndex.Split(end).Part == joint.Id
        select Find(subject, joint, end));

    private static Finding Find(RigSubject subject, Joint joint, string end)
    {
        var runs = subject.Study.Map.RunsAt(end).ToList();
        var copper = runs.Sum(run => WireTable.Find(run.Wire)!.CopperSquareMillimetres);
        var takes = joint.Takes!;
        var fits = takes.Holds(copper);
        var line = subject.LineOf(runs[0].Id);
        return new Finding(fits ? Verdict.Holds : Verdict.Stop, copper / Math.Max(takes.ToSquareMillimetres, 1e-9), line, () => Kind.Result(
            fits ? Verdict.Holds : Verdict.Stop, copper, copper > takes.ToSquareMillimetres ? takes.ToSquareMillimetres : takes.FromSquareMillimetres, "mm²",
            $"{subject.Names.Terminal(end)} holds {Format.Copper(copper)} of copper and takes {Format.Copper(takes.FromSquareMillimetres)} to {Format.Copper(takes.ToSquareMillimetres)}"
                + (fits ? "." : copper > takes.ToSquareMillimetres ? ": strands are left out. Take terminals one range up." : ": the crimp does not close on it. Take terminals one range down."),
            end, line, null, () => new Remedy($"Take terminals for {Range(copper)}") { Apply = rig => Edit.Joint(rig, joint.Id, old => old with { Takes = CopperRange.ToBuy(copper, copper) }) }));
    }

    private static string Range(double copper) => CopperRange.ToBuy(copper, copper) is var range
        ? $"{Format.Copper(range.FromSquareMillimetres)} to {Format.Copper(range.ToSquareMillimetres)}" : "";
}
