namespace BurlyRidge.Core.Checks.Supply;

/// <summary>Does the alternator carry everything at idle?</summary>
internal static class AlternatorIdleCheck
{
    internal static readonly CheckKind Kind = new("alternator-idle", "The alternator carries it all at idle", "At idle about half its rating (common practice, no source)");

    public static IEnumerable<Check> Judge(RigSubject subject) => AlternatorCruiseCheck.Judge(subject, Kind, "everything-idle", subject.Vehicle.Alternator?.AtIdleAmps ?? 0,
        "Standing with everything on, the battery gives the rest: raise the idle, or turn something off.");
}
