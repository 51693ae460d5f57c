using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>Something that can be read or looked at next.</summary>
/// <param name="Stand">Place of the standing.</param>
/// <param name="At">Place of the probe, or of the lamp, in it.</param>
/// <param name="IsLook">It is a lamp that is looked at.</param>
/// <param name="Bits">Expected information, bits.</param>
internal sealed record Candidate(int Stand, int At, bool IsLook, double Bits, double Minutes)
{
    public double Rate => Bits / Minutes;
}

/// <summary>Finds what to measure next: the most information for each minute.</summary>
internal static class NextMeasurement
{
    /// <summary>What is less likely is not asked about.</summary>
    private const double Likely = 1e-3;

    /// <summary>What tells less is no help, bits.</summary>
    public const double LeastBits = 0.01;

    /// <summary>All that helps, the best first.</summary>
    /// <param name="beyond">Parts that nobody can reach.</param>
    /// <param name="off">Covers that are off.</param>
    public static IReadOnlyList<Candidate> Of(DiagnosisTables tables, Posterior posterior, Reach reach, IReadOnlySet<string> beyond, IReadOnlySet<string> off, CancellationToken cancellation = default)
    {
        var classOf = new int[tables.Hypotheses.Count];
        for (var i = 0; i < tables.Classes.Count; i++) foreach (var member in tables.Classes[i].Members) classOf[member] = i;
        var live = Enumerable.Range(0, tables.Ways.Count).Where(way => posterior.Weights[way] > Likely * tables.Ways[way].Share && posterior.Shares[tables.Ways[way].Hypothesis] > Likely).ToList();
        var taken = posterior.Evidence.Read.Select(read => tables.Find(read.Stand, read.Probing)).ToHashSet();
        var seen = posterior.Evidence.Seen.Select(one => tables.FindLamp(one.Stand, one.Lamp)).ToHashSet();
        var last = posterior.Evidence.Read.Count > 0 ? tables.Find(posterior.Evidence.Read[^1].Stand, posterior.Evidence.Read[^1].Probing)?.Stand : posterior.Evidence.Seen.Count > 0 ? tables.FindLamp(posterior.Evidence.Seen[^1].Stand, posterior.Evidence.Seen[^1].Lamp)?.Stand : null;
        var all = new List<(int Stand, int At, bool IsLook)>();
        for (var s = 0; s < tables.Stands.Count; s++)
        {
            var standing = tables.Stands[s].Standing;
            for (var i = 0; i < standing.Probes.Count; i++)
                if (!taken.Contains((s, i)) && !tables.Plan.TerminalsOf(standing.Probes[i]).Any(terminal => beyond.Contains(TerminalIndex.Split(terminal).Part))) all.Add((s, i, false));
            for (var i = 0; i < standing.Lamps.Count; i++)
                if (!seen.Contains((s, i)) && !beyond.Contains(TerminalIndex.Split(standing.Lamps[i]).Part)) all.Add((s, i, true));
        }
        return
        [
            .. all.AsParallel().AsOrdered().WithCancellation(cancellation).Select(one =>
            {
                var turned = one.Stand == last ? 0 : Reach.OfTurning(tables.Stands[one.Stand].Standing.Out.Count);
                return one.IsLook ? new Candidate(one.Stand, one.At, true, OfLook(one.Stand, one.At), Reach.OfLook(turned))
                    : new Candidate(one.Stand, one.At, false, Information.Bits(Chances(one.Stand, one.At)), reach.OfReading(tables.Plan.TerminalsOf(tables.Stands[one.Stand].Standing.Probes[one.At]), off, turned));
            }).Where(candidate => candidate.Bits >= LeastBits).AsSequential().OrderByDescending(candidate => candidate.Rate).ThenBy(candidate => candidate.Stand).ThenBy(candidate => candidate.At),
        ];

        List<Chance> Chances(int stand, int probe) => live.ConvertAll(way => ChanceOf(posterior, way, stand, probe, classOf[tables.Ways[way].Hypothesis]));

        double OfLook(int stand, int lamp)
        {
            var joint = new double[tables.Classes.Count, 3];
            foreach (var way in live)
                foreach (var look in Enum.GetValues<LampSeen>())
                    joint[classOf[tables.Ways[way].Hypothesis], (int)look] += posterior.Weights[way] * LampSight.Likelihood(tables.Stands[stand].Ways[way].Light[lamp], look);
            return Information.Of(joint);
        }
    }

    /// <summary>What one way makes of a reading.</summary>
    public static Chance ChanceOf(Posterior posterior, int way, int stand, int probe, int of)
    {
        var (value, spread) = posterior.Expected(way, stand, probe);
        return new Chance(value, spread, of, posterior.Weights[way]);
    }
}
