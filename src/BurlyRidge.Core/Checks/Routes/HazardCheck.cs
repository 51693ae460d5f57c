using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Checks.Routes;

/// <summary>Does a way pass something that hurts a wire, or that a wire must not hinder?</summary>
internal static class HazardCheck
{
    internal static readonly CheckKind Kind = new("hazard", "The route keeps clear of what hurts it", CheckKind.Practice);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Routed.Routes.Where(laid => laid.Route is not null).Select(laid => Find(subject, laid)));

    private static Finding Find(RigSubject subject, Routed laid)
    {
        var met = laid.Route!.Lanes.Where(lane => Hurting(lane).Any()).ToList();
        var verdict = met.Count == 0 ? Verdict.Holds : Verdict.Watch;
        var line = laid.IsLine ? laid.Id : subject.LineOf(laid.Id);
        return new Finding(verdict, met.Count, line, () => Kind.Result(verdict, met.Count, 0, "lanes",
            met.Count == 0 ? $"{laid.NameIn(subject.Names)} passes neither exhaust, steering, airbag nor anything that moves."
                : $"{laid.NameIn(subject.Names)} passes {string.Join("; ", met.Select(lane => $"{string.Join(" and ", Hurting(lane).Select(HazardWords.Word))} from {subject.Names.Place(lane.From)} to {subject.Names.Place(lane.To)}"))}: {Care(met)}",
            laid.Id, line));
    }

    /// <summary>Beside the vehicle's own harness a wire is kept from the steering as that is.</summary>
    private static IEnumerable<Hazard> Hurting(Lane lane) => lane.Hazards.Where(hazard => Hurts(hazard) && !(lane.FactoryHarness && hazard == Hazard.Steering));

    /// <summary>A hinge, an edge and a fuel line are met with a sleeve and a tie; the others ask for a decision.</summary>
    private static bool Hurts(Hazard hazard) => hazard is Hazard.Exhaust or Hazard.Steering or Hazard.Moving or Hazard.Airbag;

    private static string Care(List<Lane> met) => met.Any(lane => lane.Hazards.Contains(Hazard.Airbag))
        ? "follow the maker's procedure for the airbag, and tie nothing across it."
        : "keep a hand's breadth off, tie it so that it cannot get there, or choose another way.";
}
