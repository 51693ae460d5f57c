using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Is there something to tie a wire to all along its route?</summary>
internal static class TiedCheck
{
    internal static readonly CheckKind Kind = new("tied", CheckWords.WiresCanBeTiedAll, CheckWords.ATieAtLeastEvery);

    public static IEnumerable<Check> Judge(RigSubject subject) => subject.Saved.Body is not { } body ? [] : Finding.Report(
        from laid in subject.Routed.Routes
        where laid.Route is not null && laid.Route.Lanes.Any(lane => lane.TieTo == TieTo.Nothing)
        let free = laid.Route!.Lanes.Where(lane => lane.TieTo == TieTo.Nothing).Select(lane => LaneCost.Metres(body, lane)).Max()
        select Find(subject, laid, free));

    private static Finding Find(RigSubject subject, Routed laid, double free)
    {
        var verdict = free <= RouteView.Tie ? Verdict.Holds : Verdict.Watch;
        var line = laid.IsLine ? laid.Id : subject.LineOf(laid.Id);
        return new Finding(verdict, free, line, () => Kind.Result(verdict, free, RouteView.Tie, "m",
            CheckWords.FormatRunsWithNothingToTie(laid.NameIn(subject.Names), Format.Metres(free, subject.Rules.Units)) + (verdict == Verdict.Holds ? "" : " " + CheckWords.FixClipsThereFirstOr), laid.Id, line));
    }
}
