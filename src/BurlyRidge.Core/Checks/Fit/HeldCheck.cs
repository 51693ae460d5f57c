using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Does what holds parts and earths last?</summary>
internal static class HeldCheck
{
    internal static readonly CheckKind Kind = new("held", CheckWords.PartsAreHeldByWhat,
        CheckWords.ABoltThatWasThere);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
    [
        .. from place in subject.Saved.Places
           where place.HeldBy is not null
           select Find(subject, place.Part, Against(place.HeldBy!.Value)),
        .. from earth in subject.Saved.Earths
           where earth.Fixing is not null
           select Find(subject, earth.Id, earth.Fixing == EarthFixing.SheetScrew ? CheckWords.FormatIsScrewedIntoSheetMetal : null),
    ]);

    private static Finding Find(RigSubject subject, string part, Func<object, string>? against)
    {
        var verdict = against is null ? Verdict.Holds : Verdict.Watch;
        var box = part.EndsWith(PanelFace.Suffix, StringComparison.Ordinal) ? part[..^PanelFace.Suffix.Length] : part;
        var name = box == part ? subject.Names[part] : CheckWords.FormatThePanelOf(PartNames.Small(subject.Names[box]));
        var line = subject.LineOf(box);
        return new Finding(verdict, against is null ? 0 : 1, line, () => Kind.Result(
            verdict, against is null ? 0 : 1, 0, CheckKind.NoUnit, against is null ? CheckWords.FormatIsHeldByWhatLasts(name) : against(name), box, line));
    }

    private static Func<object, string>? Against(Fastening held) => held switch
    {
        Fastening.EarthBolt => CheckWords.FormatSharesItsBoltWithAn,
        Fastening.TiedToHarness => CheckWords.FormatIsTiedToAHarness,
        Fastening.AdhesivePad => CheckWords.FormatIsHeldByAnAdhesive,
        Fastening.TappingScrew => CheckWords.FormatIsHeldByATapping,
        Fastening.Nothing => CheckWords.FormatIsHeldByNothingYet,
        _ => null,
    };
}
