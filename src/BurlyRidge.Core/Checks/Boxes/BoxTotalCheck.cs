namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Does a power box carry the sum of its outputs?</summary>
internal static class BoxTotalCheck
{
    internal static readonly CheckKind Kind = new("box-total", "The box carries its outputs together", "The box's own total rating: see its maker's sheet");

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Rig.PowerBoxes.Select(box =>
    {
        var (amps, state) = subject.Study.Whole
            .Select(whole => (box.Outputs.Sum(output => Math.Abs(whole.Solved.Amps($"{box.Id}.{output.Id}-fuse"))), whole.Named.Name))
            .MaxBy(pair => pair.Item1);
        var verdict = amps <= box.TotalAmps ? Verdict.Holds : Verdict.Stop;
        return Kind.Result(verdict, amps, box.TotalAmps, "A",
            $"The outputs of {subject.Names[box.Id]} give {Format.Amps(amps)} together ({state}); it is made for {Format.Amps(box.TotalAmps)}"
                + (verdict == Verdict.Holds ? "." : ". Move a line to another source."),
            box.Id);
    });
}
