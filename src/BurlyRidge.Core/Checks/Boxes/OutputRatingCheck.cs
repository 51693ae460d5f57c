using BurlyRidge.Core.Templates;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Boxes;

/// <summary>Does every output, of a box or of the vehicle, carry what hangs on it?</summary>
internal static class OutputRatingCheck
{
    internal static readonly CheckKind Kind = new("output-rating", CheckWords.OutputsCarryWhatHangsOn,
        CheckWords.ContinuousLoadAtMost80);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var outputs = subject.Rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => (Id: $"{box.Id}.{output.Id}", Fuse: $"{box.Id}.{output.Id}-fuse", output.RatingAmps)))
            .Concat(subject.Vehicle.AuxOutputs.Select(output => (output.Id, Fuse: $"{output.Id}.fuse", output.RatingAmps)));
        return Finding.Report(
            from output in outputs
            where subject.Study.Design(output.Fuse).Amps > 0.01
            select Find(subject, output.Id, output.Fuse, output.RatingAmps));
    }

    private static Finding Find(RigSubject subject, string id, string fuse, double rating)
    {
        var design = subject.Study.Design(fuse);
        var most = subject.Rules.FuseLoadFraction * rating;
        var verdict = Limits.AtLeast(most, design.Amps) ? Verdict.Holds : rating > design.Amps ? Verdict.Watch : Verdict.Stop;
        var line = subject.LineOf(fuse);
        return new Finding(verdict, design.Amps / most, line, () => Kind.Result(
            verdict, design.Amps, most, "A",
            CheckWords.FormatIsGoodForAAnd(subject.Names[id], rating, Format.Amps(design.Amps), design.State)
                + (verdict == Verdict.Holds ? "" : " " + CheckWords.GiveTheLoadALarger),
            id, line, HouseRuleWords.FuseLoad(subject.Rules), () => Assign(subject)));
    }

    private static Remedy? Assign(RigSubject subject)
    {
        var proposal = SlotProposal.Of(subject.Saved, subject.Study);
        return proposal.Moves.Count == 0 || proposal.Left.Count > 0 ? null
            : new Remedy(CheckWords.ReassignOutputs) { Apply = rig => WholeRig.Of(rig).AssignOutputs().Rig };
    }
}
