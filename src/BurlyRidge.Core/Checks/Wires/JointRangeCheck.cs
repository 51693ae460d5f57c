using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does the wire fit the plug or splice that it ends in?</summary>
internal static class JointRangeCheck
{
    internal static readonly CheckKind Kind = new("joint-range", CheckWords.TheWireFitsItsTerminal, CheckWords.TheRangePrintedForThe);

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
            CheckWords.FormatHoldsOfCopperAndTakes(subject.Names.Terminal(end), Format.Copper(copper), Format.Copper(takes.FromSquareMillimetres), Format.Copper(takes.ToSquareMillimetres))
                + (fits ? "" : " " + (copper > takes.ToSquareMillimetres ? CheckWords.StrandsAreLeftOutTake : CheckWords.TheCrimpDoesNotClose)),
            end, line, null, () => new Remedy(CheckWords.FormatTakeTerminalsFor(Range(copper))) { Apply = rig => Edit.Joint(rig, joint.Id, old => old with { Takes = CopperRange.ToBuy(copper, copper) }) }));
    }

    private static string Range(double copper) => CopperRange.ToBuy(copper, copper) is var range
        ? CheckWords.FormatTo2(Format.Copper(range.FromSquareMillimetres), Format.Copper(range.ToSquareMillimetres)) : "";
}
