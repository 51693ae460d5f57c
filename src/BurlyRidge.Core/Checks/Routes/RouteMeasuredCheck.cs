using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Does a length by hand agree with the lanes?</summary>
internal static class RouteMeasuredCheck
{
    private const double Apart = 0.3;

    internal static readonly CheckKind Kind = new("way-measured", CheckWords.TapeAndLanesAgreeOn, CheckWords.CommonPracticeNoSourceThree);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(
        from laid in subject.Routed.Routes
        where laid.RoutedMetres is not null && laid.MeasuredMetres is not null && !(laid.MeasuredMetres >= laid.RoutedMetres && IsOfKit(subject, laid))
        select Find(subject, laid));

    /// <summary>A leg of a bought harness is as long as it is: what is over is coiled.</summary>
    private static bool IsOfKit(RigSubject subject, Routed laid) => subject.Routed.Rig.Runs.FirstOrDefault(run => run.Id == laid.Id)?.Kit is not null;

    private static Finding Find(RigSubject subject, Routed laid)
    {
        var (measured, routed) = (laid.MeasuredMetres!.Value, laid.RoutedMetres!.Value);
        var apart = Math.Abs(measured - routed) / routed;
        var verdict = apart <= Apart ? Verdict.Holds : Verdict.Watch;
        var line = laid.IsLine ? laid.Id : subject.LineOf(laid.Id);
        return new Finding(verdict, apart, line, () => Kind.Result(verdict, measured, routed, "m",
            CheckWords.FormatWasMeasuredAtAlongThe(laid.NameIn(subject.Names), Format.Metres(measured, subject.Rules.Units), Format.Metres(routed, subject.Rules.Units)), laid.Id, line));
    }
}
