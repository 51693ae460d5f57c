using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Is every joint of a kind that lasts where it lies?</summary>
internal static class JointKindCheck
{
    /// <summary>More than this is no signal, A.</summary>
    private const double PowerAmps = 1;

    internal static readonly CheckKind Kind = new("joint-kind", "Joints last where they lie",
        "Taps not outside the cabin and never in a power circuit; solder stiff where it shakes (common practice, no source); house rule");

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from joint in subject.Rig.Joints
        where joint.Kind is not JointKind.Cap
        select Find(subject, joint));

    private static Remedy To(string joint, JointKind kind) => new(kind == JointKind.Solder ? "Solder it" : "Make it a crimp with shrink")
    {
        Apply = rig => Edit.Joint(rig, joint, old => old with { Kind = kind, Milliohms = null }),
    };

    private static Finding Find(RigSubject subject, Joint joint)
    {
        var runs = subject.Study.Map.HalvesOf(joint.Id).SelectMany(subject.Study.Map.WiresAt).ToList();
        var amps = runs.Select(run => subject.Study.Design(run.Id).Amps).DefaultIfEmpty(0).Max();
        var school = subject.Rules.Joints;
        var (verdict, why) = joint.Kind switch
        {
            JointKind.Tap when amps > PowerAmps => (Verdict.Stop, $"carries {Format.Amps(amps)}: a tap heats and lets go in a power circuit."),
            JointKind.Tap when joint.Place != Zone.Cabin => (Verdict.Stop, $"lies in the {joint.Place.Word()}: water gets in and it corrodes."),
            JointKind.Tap => (school == JointSchool.TapsToo ? Verdict.Holds : Verdict.Watch, "is a tap in a signal wire of the cabin."),
            JointKind.Crimp when school == JointSchool.SolderAlone => (Verdict.Watch, "is crimped; the house rule is solder."),
            JointKind.Solder when joint.Place != Zone.Cabin && school == JointSchool.CrimpAndShrink => (Verdict.Watch, $"is soldered in the {joint.Place.Word()}: it can crack where it shakes."),
            _ => (Verdict.Holds, "lasts where it lies."),
        };
        var line = runs.Select(run => subject.LineOf(run.Id)).FirstOrDefault(found => found is not null);
        return new Finding(verdict, verdict == Verdict.Holds ? 0 : 1, line, () => Kind.Result(
            verdict, amps, PowerAmps, "A", $"{subject.Names[joint.Id]} {why}", joint.Id, line, HouseRuleWords.Joints(subject.Rules),
            () => To(joint.Id, joint.Kind == JointKind.Crimp ? JointKind.Solder : JointKind.Crimp)));
    }
}
