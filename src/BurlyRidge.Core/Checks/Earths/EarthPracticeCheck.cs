using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Earths;

/// <summary>Do returns follow the house rule?</summary>
internal static class EarthPracticeCheck
{
    internal static readonly CheckKind Kind = new("earth-practice", CheckWords.ReturnsFollowTheHouseRule, CheckWords.HouseRule);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        subject.Rig.Earths.Where(earth => subject.Study.Map.RunsAt(earth.Id).Any()).Select(earth => Find(subject, earth)));

    private static Finding Find(RigSubject subject, Earth earth)
    {
        var required = subject.MinusAt(earth.Id) is not null;
        var school = subject.Rules.Earths;
        var against = !required && ((school == EarthSchool.Body && earth.Kind == EarthKind.Post) || (school == EarthSchool.Post && earth.Kind == EarthKind.Stud));
        var line = subject.Whole.QuickLineOf(earth.Id);
        var other = earth.Kind == EarthKind.Post ? EarthKind.Stud : EarthKind.Post;
        return new Finding(against ? Verdict.Watch : Verdict.Holds, against ? 1 : 0, line, () => Kind.Result(
            against ? Verdict.Watch : Verdict.Holds, against ? 1 : 0, 0, CheckKind.NoUnit,
            (earth.Kind == EarthKind.Post ? CheckWords.FormatEarthOnThePost(subject.Names[earth.Id]) : CheckWords.FormatEarthOnTheBody(subject.Names[earth.Id])) + (required ? " " + CheckWords.ItsMakerWantsItSo : ""),
            earth.Id, line, HouseRuleWords.Earths(subject.Rules), () => new Remedy(other == EarthKind.Post ? CheckWords.ReturnToThePost : CheckWords.TakeAStudOnTheBody)
            {
                Apply = rig => Edit.Earth(rig, earth.Id, old => old with { Kind = other, On = null }),
            }));
    }
}
