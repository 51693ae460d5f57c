using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Is what arrived as large as what was ordered?</summary>
internal static class ArrivalCheck
{
    internal static readonly CheckKind Kind = new("arrival", CheckWords.TheLampIsAsLarge, CheckWords.TheTapeBeforeAnythingIs);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from fixture in subject.Saved.Fixtures
        where fixture.Body is not null && fixture.Measured is not null
        let differs = Arrival.Differences(fixture.Body!, fixture.Measured!)
        let largest = differs.Select(size => Math.Abs(size.SoldMillimetres - size.MeasuredMillimetres)).DefaultIfEmpty(0).Max()
        select Kind.Result(differs.Count == 0 ? Verdict.Holds : Verdict.Watch, largest, Arrival.TapeMillimetres, "mm",
            differs.Count == 0 ? CheckWords.FormatMeasuresAsItWasSold(fixture.Name)
                : CheckWords.FormatIsTheFitGoesBy(fixture.Name, string.Join(", ", differs.Select(size => CheckWords.FormatInsteadOf(Format.Millimetres(size.MeasuredMillimetres, subject.Rules.Units), size.Size, Format.Millimetres(size.SoldMillimetres, subject.Rules.Units))))), fixture.Id);
}
