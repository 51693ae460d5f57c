using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Does a way pass something that hurts a wire, or that a wire must not hinder?</summary>
internal static class HazardCheck
{
    internal static readonly CheckKind Kind = new("hazard", CheckWords.TheRouteKeepsClearOf, CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Routed.Routes.Where(laid => laid.Route is not null).Select(laid => Find(subject, laid)));

    private static Finding Find(RigSubject subject, Routed laid)
    {
        var met = laid.Route!.Lanes.Where(lane => Hurting(lane).Any()).ToList();
        var verdict = met.Count == 0 ? Verdict.Holds : Verdict.Watch;
        var line = laid.IsLine ? laid.Id : subject.LineOf(laid.Id);
        return new Finding(verdict, met.Count, line, () => Kind.Result(verdict, met.Count, 0, "lanes",
            met.Count == 0 ? CheckWords.FormatPassesNeitherExhaustSteeringAirbag(laid.NameIn(subject.Names))
                : CheckWords.FormatPasses(laid.NameIn(subject.Names), string.Join("; ", met.Select(lane => CheckWords.FormatFromTo(Format.And(Hurting(lane).Select(HazardWords.Word)), subject.Names.Place(lane.From), subject.Names.Place(lane.To)))), Care(met)),
            laid.Id, line));
    }

    /// <summary>Beside the vehicle's own harness a wire is kept from the steering as that is.</summary>
    private static IEnumerable<Hazard> Hurting(Lane lane) => lane.Hazards.Where(hazard => Hurts(hazard) && !(lane.FactoryHarness && hazard == Hazard.Steering));

    /// <summary>A hinge, an edge and a fuel line are met with a sleeve and a tie; the others ask for a decision.</summary>
    private static bool Hurts(Hazard hazard) => hazard is Hazard.Exhaust or Hazard.Steering or Hazard.Moving or Hazard.Airbag;

    private static string Care(List<Lane> met) => met.Any(lane => lane.Hazards.Contains(Hazard.Airbag))
        ? CheckWords.FollowTheMakerSProcedure
        : CheckWords.KeepAHandSBreadth;
}
