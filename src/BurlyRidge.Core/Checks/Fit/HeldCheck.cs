using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Does what holds parts and earths last?</summary>
internal static class HeldCheck
{
    internal static readonly CheckKind Kind = new("held", "Parts are held by what lasts",
        "A bolt that was there, or a bolt and nut; a tapping screw works loose (common practice, no source)");

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
    [
        .. from place in subject.Saved.Places
           where place.HeldBy is not null
           select Find(subject, place.Part, Against(place.HeldBy!.Value)),
        .. from earth in subject.Saved.Earths
           where earth.Fixing is not null
           select Find(subject, earth.Id, earth.Fixing == EarthFixing.SheetScrew ? "is screwed into sheet metal: the screw works loose and the joint with it. Use a bolt in the structure, or a bolt and nut." : null),
    ]);

    private static Finding Find(RigSubject subject, string part, string? against)
    {
        var verdict = against is null ? Verdict.Holds : Verdict.Watch;
        var box = part.EndsWith(PanelFace.Suffix, StringComparison.Ordinal) ? part[..^PanelFace.Suffix.Length] : part;
        var name = box == part ? subject.Names[part] : $"The panel of {PartNames.Small(subject.Names[box])}";
        var line = subject.LineOf(box);
        return new Finding(verdict, against is null ? 0 : 1, line, () => Kind.Result(
            verdict, against is null ? 0 : 1, 0, CheckKind.NoUnit, against is null ? $"{name} is held by what lasts." : $"{name} {against}", box, line));
    }

    private static string? Against(Fastening held) => held switch
    {
        Fastening.EarthBolt => "shares its bolt with an earth: when one is undone the other is. Use a bolt of its own.",
        Fastening.TiedToHarness => "is tied to a harness: it shakes, and wears the wires. Use a bolt.",
        Fastening.AdhesivePad => "is held by an adhesive pad: heat and water loosen it. Use a bolt.",
        Fastening.TappingScrew => "is held by a tapping screw: it works loose. Use a bolt and nut, or a rivet nut.",
        Fastening.Nothing => "is held by nothing yet.",
        _ => null,
    };
}
