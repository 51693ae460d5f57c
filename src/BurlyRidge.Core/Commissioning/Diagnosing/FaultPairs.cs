using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>Two things wrong at once, where no single one fits what was seen.</summary>
internal static class FaultPairs
{
    /// <summary>No more are tried.</summary>
    private const int Most = 200;

    /// <summary>The likeliest pairs of one line: each look and reading is taken to follow the one of both that explains it better.</summary>
    public static IReadOnlyList<Hypothesis> Of(DiagnosisTables tables, Evidence evidence)
    {
        var fits = new List<(RigFault Fault, double Prior, double[] Fit)>();
        for (var way = 0; way < tables.Ways.Count; way++)
        {
            var faults = tables.Hypotheses[tables.Ways[way].Hypothesis].Faults;
            if (faults.Count != 1) continue;
            var each = Posterior.EachFit(tables, evidence, way);
            if (fits.Count > 0 && fits[^1].Fault.Key == faults[0].Key)
            {
                // Of several sizes the one that fits best.
                if (each.Sum() > fits[^1].Fit.Sum()) fits[^1] = fits[^1] with { Fit = each };
            }
            else fits.Add((faults[0], Math.Log(evidence.Odd(faults[0])), each));
        }
        var best = new PriorityQueue<(int One, int Other), double>();
        for (var i = 0; i < fits.Count; i++)
            for (var j = i + 1; j < fits.Count; j++)
            {
                if (fits[i].Fault.Part == fits[j].Fault.Part) continue;
                var score = fits[i].Prior + fits[j].Prior;
                for (var k = 0; k < fits[i].Fit.Length; k++) score += Math.Max(fits[i].Fit[k], fits[j].Fit[k]);
                if (best.Count < Most) best.Enqueue((i, j), score);
                else if (best.TryPeek(out _, out var least) && score > least) best.EnqueueDequeue((i, j), score);
            }
        return [.. best.UnorderedItems.OrderByDescending(pair => pair.Priority).Select(pair => new Hypothesis([fits[pair.Element.One].Fault, fits[pair.Element.Other].Fault]))];
    }
}
