using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>A lamp that can be bought.</summary>
/// <param name="Fixture">The lamp as a part; its body is known.</param>
/// <param name="Lumens">Light of all its functions, lm.</param>
/// <param name="Price">In the workshop's money.</param>
public sealed record CatalogueLamp(Fixture Fixture, double Lumens, double Price);

/// <summary>What a catalogue's lamps are put in order by; those that go come first.</summary>
public enum RankBy
{
    /// <summary>Most light first.</summary>
    Light,

    /// <summary>Least current first.</summary>
    Current,

    /// <summary>Cheapest first.</summary>
    Price,
}

/// <summary>A lamp of the catalogue as it would stand on a mount.</summary>
/// <param name="Amps">What it draws at system volts, A.</param>
/// <param name="Why">Why it does not go; empty where it goes.</param>
public sealed record Candidate(CatalogueLamp Lamp, double Amps, FitCard Card, string Why);

/// <summary>Before you order: what of a catalogue goes on a mount.</summary>
public static class Candidates
{
    /// <summary>Every lamp, those that go first, in the order asked for; the others with the reason.</summary>
    public static IReadOnlyList<Candidate> For(Mount mount, IEnumerable<CatalogueLamp> catalogue, Vehicle vehicle, UnitSystem units, RankBy by) =>
    [
        .. catalogue.Where(lamp => lamp.Fixture.Body is not null).Select(lamp => Judge(mount, lamp, vehicle, units))
            .OrderBy(candidate => candidate.Card.Verdict == Verdict.Stop)
            .ThenBy(candidate => by switch
            {
                RankBy.Light => -candidate.Lamp.Lumens,
                RankBy.Current => candidate.Amps,
                _ => candidate.Lamp.Price,
            })
            .ThenBy(candidate => candidate.Lamp.Fixture.Id, StringComparer.Ordinal),
    ];

    private static Candidate Judge(Mount mount, CatalogueLamp lamp, Vehicle vehicle, UnitSystem units)
    {
        var card = LampFit.Of(mount, new MountedLamp(lamp.Fixture.Id, lamp.Fixture.Body!, lamp.Fixture.Bracket), units);
        var volts = lamp.Fixture.Functions.Where(function => function.StandsUpTo() < vehicle.SystemVolts).Select(function => (double?)function.StandsUpTo()).FirstOrDefault();
        var why = volts is { } most ? VehicleWords.FormatMadeForUpToThe(Format.RatedVolts(most), vehicle.SystemVolts)
            : string.Join(" ", card.Findings.Where(finding => finding.Verdict == Verdict.Stop).Select(finding => $"{finding.Reason} {finding.Remedy}"));
        return new Candidate(lamp, lamp.Fixture.Functions.Sum(function => function.Power) / vehicle.SystemVolts,
            volts is null ? card : card with { Verdict = Verdict.Stop }, why);
    }
}
