using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is every joint of a kind that lasts where it lies?</summary>
internal static class JointKindCheck
{
    /// <summary>More than this is no signal, A.</summary>
    private const double PowerAmps = 1;

    internal static readonly CheckKind Kind = new("joint-kind", CheckWords.JointsLastWhereTheyLie,
        CheckWords.TapsNotOutsideTheCabin);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from joint in subject.Rig.Joints
        where joint.Kind is not JointKind.Cap
        select Find(subject, joint));

    private static Remedy To(string joint, JointKind kind) => new(kind == JointKind.Solder ? CheckWords.SolderIt : CheckWords.MakeItACrimpWith)
    {
        Apply = rig => Edit.Joint(rig, joint, old => old with { Kind = kind, Milliohms = null }),
    };

    private static Finding Find(RigSubject subject, Joint joint)
    {
        var runs = subject.Study.Map.HalvesOf(joint.Id).SelectMany(subject.Study.Map.WiresAt).ToList();
        var amps = runs.Select(run => subject.Study.Design(run.Id).Amps).DefaultIfEmpty(0).Max();
        var (school, name) = (subject.Rules.Joints, subject.Names[joint.Id]);
        var (verdict, why) = joint.Kind switch
        {
            JointKind.Tap when amps > PowerAmps => (Verdict.Stop, CheckWords.FormatCarriesATapHeatsAnd(name, Format.Amps(amps))),
            JointKind.Tap when joint.Place != Zone.Cabin => (Verdict.Stop, CheckWords.FormatLiesInTheWaterGets(name, joint.Place.Word())),
            JointKind.Tap => (school == JointSchool.TapsToo ? Verdict.Holds : Verdict.Watch, CheckWords.FormatIsATapInA(name)),
            JointKind.Crimp when school == JointSchool.SolderAlone => (Verdict.Watch, CheckWords.FormatIsCrimpedTheHouseRule(name)),
            JointKind.Solder when joint.Place != Zone.Cabin && school == JointSchool.CrimpAndShrink => (Verdict.Watch, CheckWords.FormatIsSolderedInTheIt(name, joint.Place.Word())),
            _ => (Verdict.Holds, CheckWords.FormatLastsWhereItLies(name)),
        };
        var line = runs.Select(run => subject.LineOf(run.Id)).FirstOrDefault(found => found is not null);
        return new Finding(verdict, verdict == Verdict.Holds ? 0 : 1, line, () => Kind.Result(
            verdict, amps, PowerAmps, "A", why, joint.Id, line, HouseRuleWords.Joints(subject.Rules),
            () => To(joint.Id, joint.Kind == JointKind.Crimp ? JointKind.Solder : JointKind.Crimp)));
    }
}
