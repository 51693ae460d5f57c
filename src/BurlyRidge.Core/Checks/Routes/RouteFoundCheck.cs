using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Is there a way for everything that is to be laid along the lanes?</summary>
internal static class RouteFoundCheck
{
    internal static readonly CheckKind Kind = new("way-found", CheckWords.ARouteLeadsThere, CheckWords.TheLanesHolesAndPlaces);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Routed.Routes.Select(laid => Find(subject, laid)));

    private static Finding Find(RigSubject subject, Routed laid)
    {
        var verdict = laid.Route is not null ? Verdict.Holds : laid.MeasuredMetres is null || laid.PlugTooBig ? Verdict.Stop : Verdict.Watch;
        var line = laid.IsLine ? laid.Id : subject.LineOf(laid.Id);
        return new Finding(verdict, laid.Metres ?? 0, line, () => Kind.Result(verdict, laid.Metres ?? 0, 0, "m", Words(subject, laid), laid.Id, line));
    }

    private static string Words(RigSubject subject, Routed laid)
    {
        if (laid.Route is { } route) return CheckWords.FormatLiesOverOfWire(laid.NameIn(subject.Names), Format.Count(route.Lanes.Count, CheckWords.Lane, CheckWords.Lanes), Format.Metres(laid.Metres!.Value, subject.Rules.Units));
        if (laid.From is null || laid.To is null) return laid.From is null ? CheckWords.FormatTheFirstEndHasNoLocation(laid.NameIn(subject.Names)) : CheckWords.FormatTheOtherEndHasNoLocation(laid.NameIn(subject.Names));
        if (laid.PlugTooBig)
            return CheckWords.FormatThePlugOfAcrossPasses(laid.NameIn(subject.Names), Format.Millimetres(laid.Laying.PassMillimetres, subject.Rules.Units), subject.Names.Place(laid.From), subject.Names.Place(laid.To));
        return CheckWords.FormatNoRouteLeadsFromTo(laid.NameIn(subject.Names), subject.Names.Place(laid.From), subject.Names.Place(laid.To)) + " "
            + (laid.MeasuredMetres is null ? CheckWords.PutItOnWithoutIts : CheckWords.TheLengthByHandCounts);
    }
}
