namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>Hypotheses that no reading and no look at a lamp tells apart.</summary>
/// <param name="Members">Their places, the first of which stands for all.</param>
internal sealed record FaultClass(IReadOnlyList<int> Members)
{
    /// <summary>Readings that are nearer than so many of their standard deviations look alike.</summary>
    private const double Alike = 2;

    /// <summary>All of them, nothing wrong first.</summary>
    public static IReadOnlyList<FaultClass> Of(DiagnosisTables tables)
    {
        // Of each hypothesis the way that the library has: the first.
        var first = new int[tables.Hypotheses.Count];
        for (var way = tables.Ways.Count - 1; way >= 0; way--) first[tables.Ways[way].Hypothesis] = way;
        var sound = tables.Stands.Select((stand, s) => stand.Standing.Probes.Select((_, i) => tables.Covariance(s, i, s, i)).ToArray()).ToList();
        // Most ways leave most standings as they are: what is worked out of an outcome is kept by it.
        var spreads = tables.Stands.Select((stand, s) =>
        {
            var known = new Dictionary<Outcome, double[]>(ReferenceEqualityComparer.Instance);
            return stand.Ways.Select(outcome => known.TryGetValue(outcome, out var there) ? there : known[outcome] = Spreads(stand, outcome, sound[s])).ToList();
        }).ToList();
        var classes = new List<List<int>>();
        for (var hypothesis = 0; hypothesis < first.Length; hypothesis++)
        {
            if (classes.Find(members => AreAlike(first[members[0]], first[hypothesis])) is { } members) members.Add(hypothesis);
            else classes.Add([hypothesis]);
        }
        return [.. classes.Select(members => new FaultClass(members))];

        bool AreAlike(int one, int other)
        {
            for (var s = 0; s < tables.Stands.Count; s++)
            {
                var (stand, a, b) = (tables.Stands[s], tables.Stands[s].Ways[one], tables.Stands[s].Ways[other]);
                if (ReferenceEquals(a, b)) continue;
                for (var i = 0; i < a.Light.Length; i++) if (LampSight.Of(a.Light[i]) != LampSight.Of(b.Light[i])) return false;
                for (var i = 0; i < a.Values.Length; i++)
                {
                    var setting = stand.Standing.Probes[i].Probing.Setting;
                    var (x, y) = (spreads[s][one][i], spreads[s][other][i]);
                    if (Math.Abs(MeterScale.Of(setting, a.Values[i]) - MeterScale.Of(setting, b.Values[i])) > Alike * Math.Sqrt(x * x + y * y)) return false;
                }
            }
            return true;
        }
    }

    private static double[] Spreads(StandTable stand, Outcome outcome, double[] sound) =>
        [.. outcome.Values.Select((value, i) => MeterScale.Spread(stand.Standing.Probes[i].Probing.Setting, value, outcome.Held[i]) is var own ? Math.Sqrt(own * own + sound[i]) : 0)];
}
