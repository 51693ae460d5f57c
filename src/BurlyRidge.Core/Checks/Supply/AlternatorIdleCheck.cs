namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Does the alternator carry everything at idle?</summary>
internal static class AlternatorIdleCheck
{
    internal static readonly CheckKind Kind = new("alternator-idle", CheckWords.TheAlternatorCarriesItAllAt, CheckWords.AtIdleAboutHalfIts);

    public static IEnumerable<Check> Judge(RigSubject subject) => AlternatorCruiseCheck.Judge(subject, Kind, "everything-idle", subject.Vehicle.Alternator?.AtIdleAmps ?? 0,
        CheckWords.StandingWithEverythingOnThe);
}
