namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Does a power box carry the sum of its outputs?</summary>
internal static class BoxTotalCheck
{
    internal static readonly CheckKind Kind = new("box-total", CheckWords.TheBoxCarriesItsOutputs, CheckWords.TheBoxSOwnTotal);

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Rig.PowerBoxes.Select(box =>
    {
        var (amps, state) = subject.Study.Whole
            .Select(whole => (box.Outputs.Sum(output => Math.Abs(whole.Solved.Amps($"{box.Id}.{output.Id}-fuse"))), whole.Named.Name))
            .MaxBy(pair => pair.Item1);
        var verdict = amps <= box.TotalAmps ? Verdict.Holds : Verdict.Stop;
        return Kind.Result(verdict, amps, box.TotalAmps, "A",
            CheckWords.FormatTheOutputsOfGiveTogether(subject.Names[box.Id], Format.Amps(amps), state, Format.Amps(box.TotalAmps))
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.MoveALineToAnother),
            box.Id);
    });
}
