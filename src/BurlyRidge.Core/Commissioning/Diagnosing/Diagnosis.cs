namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>What is left after all that was seen and read, and what to measure next.</summary>
public sealed class Diagnosis
{
    /// <summary>A cause that is so likely is found (assumed, no source).</summary>
    internal const double FoundShare = 0.99;

    /// <summary>That nothing is wrong has to be likelier still: what hardly shows is found last.</summary>
    private const double SoundShare = 0.995;

    /// <summary>A cause that is less likely is not counted among those that are left (assumed, no source).</summary>
    public const double LeftShare = 0.003;

    /// <summary>One reading that went wrong makes a cause fit so much worse than the one that fits best, as a logarithm: only beyond that it is ruled out.</summary>
    private const double OneSlip = 12;

    /// <summary>Two looks or readings that contradict a cause rule it out; one may be a slip.</summary>
    private const int Contradicted = 2;

    private Diagnosis(DiagnosisTables tables, Posterior posterior, DiagnosisStage stage) => (Tables, Posterior, Stage) = (tables, posterior, stage);

    internal DiagnosisTables Tables { get; }

    internal Posterior Posterior { get; }

    /// <summary>How far it is.</summary>
    public DiagnosisStage Stage { get; }

    /// <summary>Holds what is known against the tables; pure, and the same for the same evidence.</summary>
    public static Diagnosis Of(DiagnosisTables tables, Evidence evidence, CancellationToken cancellation = default)
    {
        var single = new Posterior(tables, evidence);
        if (single.FewestMismatches(LeftShare) < Contradicted) return new Diagnosis(tables, single, StageOf(tables, single));
        var pairs = tables.WithPairs(FaultPairs.Of(tables, evidence), cancellation);
        var both = new Posterior(pairs, evidence);
        return both.FewestMismatches(LeftShare) < Contradicted ? new Diagnosis(pairs, both, DiagnosisStage.TwoFaults) : new Diagnosis(tables, single, DiagnosisStage.NothingFits);
    }

    /// <summary>Places of the classes that are left, the likeliest first.</summary>
    internal IReadOnlyList<int> Left => Posterior.Left(LeftShare);

    /// <summary>How many causes more than one reading would have to be wrong for.</summary>
    public int RuledOut => Tables.Classes.Count - Fitting().Count();

    /// <summary>Whether a fault could still be it, were one reading wrong.</summary>
    /// <param name="fault">Key of the fault library.</param>
    public bool Keeps(string fault) => Fitting().Any(one => Has(one, fault));

    /// <summary>Place of a fault among all causes, alone or with another, the likeliest first, from 1; 0: it is none of them.</summary>
    /// <param name="fault">Key of the fault library.</param>
    public int PlaceOf(string fault)
    {
        var own = Enumerable.Range(0, Tables.Classes.Count).Where(one => Has(one, fault)).Select(one => Posterior.Classes[one]).DefaultIfEmpty(double.NaN).Max();
        return double.IsNaN(own) ? 0 : 1 + Posterior.Classes.Count(share => share > own);
    }

    /// <summary>Whether a fault is of a class, alone or with another.</summary>
    private bool Has(int place, string fault) => Tables.Classes[place].Members.Any(member => Tables.Hypotheses[member].Faults.Any(own => own.Key == fault));

    private IEnumerable<int> Fitting()
    {
        var fits = Posterior.ClassFits();
        var best = fits.Max();
        return Enumerable.Range(0, fits.Count).Where(one => Posterior.Classes[one] >= LeftShare || fits[one] > best - OneSlip);
    }

    /// <summary>What to measure next, the best first.</summary>
    /// <param name="beyond">Parts that cannot be reached.</param>
    /// <param name="off">Covers that are off.</param>
    internal IReadOnlyList<Candidate> Next(Reach reach, IReadOnlySet<string> beyond, IReadOnlySet<string> off, CancellationToken cancellation = default) =>
        NextMeasurement.Of(Tables, Posterior, reach, beyond, off, cancellation);

    private static DiagnosisStage StageOf(DiagnosisTables tables, Posterior posterior)
    {
        if (posterior.Known == 0) return DiagnosisStage.Open;
        var best = Enumerable.Range(0, tables.Classes.Count).MaxBy(one => posterior.Classes[one]);
        // What was looked into and not found is not found by going on; something else is asked.
        if (posterior.IsLookedInto(best)) return DiagnosisStage.Open;
        return posterior.Classes[best] < (best == 0 ? SoundShare : FoundShare) ? DiagnosisStage.Open : best == 0 ? DiagnosisStage.Sound : DiagnosisStage.Found;
    }
}
