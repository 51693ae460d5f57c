using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Is there a way for everything that is to be laid along the lanes?</summary>
internal static class RouteFoundCheck
{
    internal static readonly CheckKind Kind = new("way-found", "A route leads there", "The lanes, holes and places of this vehicle");

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Routed.Routes.Select(laid => Find(subject, laid)));

    private static Finding Find(RigSubject subject, Routed laid)
    {
        var verdict = laid.Route is not null ? Verdict.Holds : laid.MeasuredMetres is null || laid.PlugTooBig ? Verdict.Stop : Verdict.Watch;
        var line = laid.IsLine ? laid.Id : subject.LineOf(laid.Id);
        return new Finding(verdict, laid.Metres ?? 0, line, () => Kind.Result(verdict, laid.Metres ?? 0, 0, "m", Words(subject, laid), laid.Id, line));
    }

    private static string Words(RigSubject subject, Routed laid)
    {
        if (laid.Route is { } route) return $"{laid.NameIn(subject.Names)} lies over {Format.Count(route.Lanes.Count, "lane", "lanes")}, {Format.Metres(laid.Metres!.Value, subject.Rules.Units)} of wire.";
        if (laid.From is null || laid.To is null) return $"The {(laid.From is null ? "first" : "other")} end of {laid.NameIn(subject.Names)} has no location: place its part, or enter its length.";
        if (laid.PlugTooBig)
            return $"The plug of {laid.NameIn(subject.Names)}, {Format.Millimetres(laid.Laying.PassMillimetres, subject.Rules.Units)} across, passes no hole from {subject.Names.Place(laid.From)} to {subject.Names.Place(laid.To)}; the lead would. Crimp it on after it is through, or take its pins out.";
        return $"No route leads {laid.NameIn(subject.Names)} from {subject.Names.Place(laid.From)} to {subject.Names.Place(laid.To)}: no hole has room for what passes, or every lane is full or too hot. "
            + (laid.MeasuredMetres is null ? "Put it on without its plug, open another lane, or measure a way of your own." : "The length by hand counts; look where it is to pass.");
    }
}
