using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>A way that was gone, held against what would have told most for its minutes at each step.</summary>
internal static class Comparison
{
    private const int MostSteps = 40;

    private const int MostNamed = 3;

    /// <summary>What tells so much more is better, as a factor of bits for each minute (assumed, no source).</summary>
    private const double Better = 1.1;

    /// <summary>One look or reading that a fault would hardly leave so speaks against it: it fits so much worse, as a logarithm (assumed, no source).</summary>
    private const double Against = 4;

    private static readonly IReadOnlySet<string> Nothing = new HashSet<string>();

    /// <summary>Each step beside the best one, in the tables with all that the learner did.</summary>
    public static IReadOnlyList<ComparedStep> Of(DiagnosisTables tables, Reach reach, Practice gone, CancellationToken cancellation)
    {
        var own = tables.With([.. gone.Moves.Select(move => move.At).OfType<Visit>()], cancellation);
        // What a part that was looked into leaves as it was is not worked out again.
        (Evidence? Of, int Off, IReadOnlyList<Candidate> All) last = (null, 0, []);
        var before = Known.Nothing;
        var steps = new List<ComparedStep>();
        string? here = null;
        foreach (var move in gone.Moves)
        {
            cancellation.ThrowIfCancellationRequested();
            var known = new Posterior(own, before.Evidence);
            if (last.Of != before.Evidence || last.Off != before.Off.Count) last = (before.Evidence, before.Off.Count, NextMeasurement.Of(own, known, reach, Nothing, before.Off, cancellation));
            // A turn is told whole; what is measured where the vehicle stands already, without it.
            steps.Add(Of(own, known, move, move.At is { Probing: null, Lamp: null } ? null : here, last.All, found: gone.Found && move == gone.Moves[^1]));
            here = move.At?.Lamp is null ? move.At?.Stand ?? here : here;
            before = move.After;
        }
        return steps;
    }

    private static ComparedStep Of(DiagnosisTables tables, Posterior known, Move move, string? here, IReadOnlyList<Candidate> all, bool found)
    {
        var before = Left(known);
        var after = found ? [] : Left(new Posterior(tables, move.After.Evidence));
        var own = all.Where(one => IsIt(tables, one, move.At)).MaxBy(one => one.Bits);
        // A test lamp is no look from the seat: where it was best held is not said.
        var best = all.FirstOrDefault(one => tables.Stands[one.Stand].Standing.Held is null);
        if (best is not null && own is not null && own.Rate * Better >= best.Rate) best = null;
        return new ComparedStep(
            move.Step, before.Count, found ? 1 : after.Count, [.. before.Except(after).Where(one => one > 0 && !found).Take(MostNamed).Select(one => tables.Hypotheses[tables.Classes[one].Members[0]].Faults[0].Name)],
            own?.Bits ?? 0, best is null ? "" : WordsOf(tables, best, here), best?.Bits ?? 0, best?.Minutes ?? 0);
    }

    private static bool IsIt(DiagnosisTables tables, Candidate candidate, Visit? at)
    {
        if (at is null || tables.Stands[candidate.Stand].Standing.Id != at.Stand) return false;
        return at.Probing is { } probing ? !candidate.IsLook && tables.Stands[candidate.Stand].Standing.Probes[candidate.At].Probing == probing : candidate.IsLook;
    }

    /// <summary>Faults that what was seen and read does not speak against, without those that were looked into; the likeliest first.</summary>
    private static IReadOnlyList<int> Left(Posterior known)
    {
        var (cleared, fits) = (known.Evidence.LookedInto.Select(known.Tables.ClassOf).ToHashSet(), known.ClassFits());
        var best = fits.Skip(1).Max();
        return [.. Enumerable.Range(1, fits.Count - 1).Where(one => fits[one] > best - Against && !cleared.Contains(one)).OrderByDescending(one => known.Classes[one]).ThenBy(one => one)];
    }

    /// <param name="here">How the vehicle stands already: that is not said again.</param>
    private static string WordsOf(DiagnosisTables tables, Candidate candidate, string? here)
    {
        var standing = tables.Stands[candidate.Stand].Standing;
        if (standing.Id == here && !candidate.IsLook) return standing.Probes[candidate.At].Words;
        return candidate.IsLook ? TrainingWords.FormatLookAtLamps(standing.Words) : $"{standing.Words}: {PartNames.Small(standing.Probes[candidate.At].Words)}";
    }

    /// <summary>The way of the advice from the start: the best reading again and again, and then the likeliest cause looked into.</summary>
    public static Practice BestWay(DiagnosisTables tables, Reach reach, string fault, int seed, CancellationToken cancellation)
    {
        var best = new Practice(tables, reach, fault, seed);
        var refused = new HashSet<(int Stand, int Probe)>();
        for (var step = 0; step < MostSteps && !best.Found; step++)
        {
            var known = new Posterior(tables, best.Known.Evidence);
            // However unlikely: what is wrong is somewhere, and is looked for until it is found.
            var left = known.Left(0).Where(one => one > 0 && !known.Evidence.LookedInto.Contains(KeyOf(one))).ToList();
            // One that is as good as found is looked into; where nothing tells more, the likeliest.
            var next = left.Count > 0 && known.Classes[left[0]] >= Diagnosis.FoundShare ? null
                : NextMeasurement.Of(tables, known, reach, Nothing, best.Known.Off, cancellation).FirstOrDefault(one => one.IsLook || !refused.Contains((one.Stand, one.At)));
            if (next is not null)
            {
                var standing = tables.Stands[next.Stand].Standing;
                if (next.IsLook || StandWords.KeyOf(tables.Plan.Study.Wired, best.Dash) != StandWords.KeyOf(tables.Plan.Study.Wired, standing.State)) best.Do(new TrainingAct.Turns(standing.State));
                if (!best.Out.ToHashSet().SetEquals(standing.Out)) best.Do(new TrainingAct.TakesOut(standing.Out));
                if (next.IsLook) continue;
                best.Do(new TrainingAct.Probes(standing.Probes[next.At].Probing));
                if (best.Reading is not { Refused: false }) refused.Add((next.Stand, next.At));
            }
            else if (left.Count > 0) best.Do(new TrainingAct.Inspects(KeyOf(left[0])));
            else break;
        }
        return best;

        string KeyOf(int one) => tables.Hypotheses[tables.Classes[one].Members[0]].Key;
    }
}
