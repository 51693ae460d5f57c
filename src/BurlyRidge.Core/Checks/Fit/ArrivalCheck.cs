using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Checks.Fit;

/// <summary>Is what arrived as large as what was ordered?</summary>
internal static class ArrivalCheck
{
    internal static readonly CheckKind Kind = new("arrival", "The lamp is as large as it was sold", "The tape, before anything is taken apart");

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from fixture in subject.Saved.Fixtures
        where fixture.Body is not null && fixture.Measured is not null
        let differs = Arrival.Differences(fixture.Body!, fixture.Measured!)
        let largest = differs.Select(size => Math.Abs(size.SoldMillimetres - size.MeasuredMillimetres)).DefaultIfEmpty(0).Max()
        select Kind.Result(differs.Count == 0 ? Verdict.Holds : Verdict.Watch, largest, Arrival.TapeMillimetres, "mm",
            differs.Count == 0 ? $"{fixture.Name} measures as it was sold."
                : $"{fixture.Name} is {string.Join(", ", differs.Select(size => $"{Format.Millimetres(size.MeasuredMillimetres, subject.Rules.Units)} {size.Size} instead of {Format.Millimetres(size.SoldMillimetres, subject.Rules.Units)}"))}: the fit goes by the tape.", fixture.Id);
}
