namespace BurlyRidge.Core.Network;

/// <summary>
/// Finds node voltages at which the currents into every node add up to nothing, by Newton's method with the step shortened,
/// or turned towards the steepest descent, where it does not bring the sums down.
/// </summary>
/// <remarks>Damping by Levenberg, Quarterly of Applied Mathematics 2 (1944) (from memory).</remarks>
internal sealed class Newton
{
    private const int MaxRounds = 200;
    private const int MaxHalvings = 48;

    /// <summary>
    /// No search looks at more elements than this, all its tries together: a circuit of a few hundred parts may try as often
    /// as it likes, and one of many thousands that has no solution ends within a tenth of a second.
    /// </summary>
    private const long MaxLooks = 2_000_000;

    /// <summary>So far behind a knee its law is the next one, V.</summary>
    private const double BehindKnee = 1e-6;

    /// <summary>A step that leaves less than this part of the sums is taken as it is.</summary>
    private const double GoodGain = 0.25;

    /// <summary>What is asked of an answer, in A and of the largest current, is 1e-9; the other half is for rounding.</summary>
    private const double Asked = 0.5e-9;

    /// <summary>Enough to see which way a contact or a lamp goes.</summary>
    private const double Rough = 1e-6;

    /// <summary>Every node leaks so much to the reference, S; far below anything that is asked for.</summary>
    public const double NodeLeakSiemens = 1e-15;

    private readonly Circuit circuit;
    private readonly Element[] elements;
    private readonly (int Row, int Other)[] rows;
    private readonly int[] slots;
    private readonly int[] row;
    private readonly int unknowns;
    private readonly SparseLdl matrix;
    private readonly double[] residual;
    private readonly double[] step;
    private readonly double[] trial;
    private readonly List<(ConverterInput Input, Element Output)> converters;
    private readonly List<Element> withKnees;

    // Of the sums when the search last looked: their norm and the largest, and the largest current, A.
    private double norm;
    private double worst;
    private double largest;
    private long looks;

    public Newton(Circuit circuit)
    {
        this.circuit = circuit;
        elements = [.. circuit.Elements];
        Volts = new double[circuit.NodeCount];
        trial = new double[circuit.NodeCount];
        row = new int[circuit.NodeCount];
        for (var node = 0; node < row.Length; node++) row[node] = circuit.FixedVolts.ContainsKey(node) ? -1 : unknowns++;
        residual = new double[unknowns];
        step = new double[unknowns];
        matrix = new SparseLdl(unknowns, elements.Select(Rows).Where(BothUnknown));
        for (var node = 0; node < row.Length; node++) if (row[node] >= 0) row[node] = matrix.PlaceOf(row[node]);
        rows = Array.ConvertAll(elements, Rows);
        slots = Array.ConvertAll(rows, pair => BothUnknown(pair) ? matrix.SlotOf(pair.Row, pair.Other) : -1);
        converters = [.. elements.OfType<ConverterInput>().Select(input => (input, (Element)input.Output))];
        withKnees = [.. elements.Where(element => element.Knees.Count > 0)];
    }

    private (int Row, int Other) Rows(Element element) => (row[element.From], row[element.To]);

    private static bool BothUnknown((int Row, int Other) pair) => pair.Row >= 0 && pair.Other >= 0 && pair.Row != pair.Other;

    /// <summary>Node voltages, where the search stands.</summary>
    public double[] Volts { get; }

    /// <summary>How many elements it was made for.</summary>
    public int ElementCount => elements.Length;

    /// <summary>Goes back to nothing anywhere but at nodes that are held.</summary>
    public void Begin()
    {
        Array.Clear(Volts);
        foreach (var (node, volts) in circuit.FixedVolts) Volts[node] = volts;
    }

    /// <summary>
    /// Searches on from <see cref="Volts"/>; false where it does not settle. <paramref name="roughly"/> is enough for what is
    /// looked at again.
    /// </summary>
    public bool Settle(bool roughly = false)
    {
        Balance(Volts);
        return Search(roughly) && Rest();
    }

    /// <summary>Goes on where a rough search ended, with the same law for every element.</summary>
    public bool Finish() => Search(roughly: false) && Rest();

    /// <summary>
    /// Nodes at which what is disturbed runs away: with some capacitance at every node, C dV/dt = −I(V) comes back where the
    /// slopes of the currents into the nodes are a positive definite matrix.
    /// </summary>
    public IReadOnlyList<int> RunsAway()
    {
        Balance(Volts);
        matrix.Factor();
        var places = matrix.Negative(RunawaySiemens).ToHashSet();
        return places.Count == 0 ? [] : [.. Enumerable.Range(0, row.Length).Where(node => row[node] >= 0 && places.Contains(row[node]))];
    }

    /// <summary>A slope nearer to nothing than this is rounding, S.</summary>
    private const double RunawaySiemens = 1e-7;

    private bool Rest()
    {
        if (converters.Count > 0) Balance(Volts);
        return true;
    }

    private bool Search(bool roughly)
    {
        var damping = 0.0;
        var before = double.PositiveInfinity;
        looks = 0;
        for (var round = 0; round < MaxRounds && looks < MaxLooks; round++)
        {
            // Once what is asked for is reached, a round that no longer gains tenfold is at the last digits.
            if (Within(1e-11) || (Within(Asked) && worst > before / 10) || (roughly && Within(Rough))) return true;
            before = worst;
            for (var i = 0; i < unknowns; i++)
            {
                if (damping > 0) matrix.AddDiagonal(i, damping);
                step[i] = -residual[i];
            }
            matrix.Factor();
            matrix.Solve(step);
            if (TakeStep())
            {
                damping = damping < 1e-6 ? 0 : damping / 10;
                continue;
            }
            // Where no step gains, the last one tried has to be forgotten first.
            Balance(Volts);
            if (norm < 1e-6) return Within(Asked);
            damping = Math.Max(1e-3, damping * 10);
            if (damping > 1e9) return false;
        }
        return Within(Asked);
    }

    /// <summary>Whether no sum is larger than so much of the largest current, and of 1 A.</summary>
    private bool Within(double part) => worst <= part + part * largest;

    /// <summary>
    /// Goes along <see cref="step"/> as far as it brings the sums down, and balances there; null where it does not at all. A
    /// whole step that hardly gains has mostly gone past a knee in a part's law: then it stops right behind the first, where
    /// the law goes on otherwise.
    /// </summary>
    private bool TakeStep()
    {
        var before = norm;
        var whole = Try(1);
        if (whole < GoodGain * before) return Take();
        if (ShareToKnee() is { } share && Try(share) < before && !(norm > whole)) return Take();
        var part = 1.0;
        for (var halving = 0; halving <= MaxHalvings && looks < MaxLooks; halving++, part /= 2)
            if (Try(part) < before) return Take();
        return false;
    }

    /// <summary>Part of <see cref="step"/> that leads right behind the first knee on the way; null where there is none.</summary>
    private double? ShareToKnee()
    {
        var first = 1.0;
        foreach (var element in withKnees)
        {
            var across = Volts[element.From] - Volts[element.To];
            var change = Step(element.From) - Step(element.To);
            foreach (var knee in element.Knees)
                if ((knee - across) / change > 0) first = Math.Min(first, (knee - across + Math.CopySign(BehindKnee, change)) / change);
        }
        return first < 1 ? first : null;
    }

    private double Step(int node) => row[node] < 0 ? 0 : step[row[node]];

    /// <summary>Balances so much of <see cref="step"/> on; gives the norm.</summary>
    private double Try(double share)
    {
        for (var node = 0; node < trial.Length; node++) trial[node] = Volts[node] + share * Step(node);
        Balance(trial);
        return norm;
    }

    private bool Take()
    {
        trial.CopyTo(Volts, 0);
        return true;
    }

    /// <summary>Sums up the currents at every node, and their slopes.</summary>
    private void Balance(double[] volts)
    {
        matrix.Clear();
        looks += elements.Length;
        foreach (var (input, output) in converters)
        {
            var across = volts[output.From] - volts[output.To];
            input.OutputWatts = Math.Max(0, -across * output.Amps(across, out _));
        }
        for (var node = 0; node < volts.Length; node++)
        {
            if (row[node] is not (>= 0 and var own)) continue;
            residual[own] = NodeLeakSiemens * volts[node];
            matrix.AddDiagonal(own, NodeLeakSiemens);
        }
        largest = 0;
        for (var i = 0; i < elements.Length; i++)
        {
            var element = elements[i];
            var amps = element.Amps(volts[element.From] - volts[element.To], out var slope);
            largest = Math.Max(largest, Math.Abs(amps));
            var (from, to) = rows[i];
            if (from >= 0) residual[from] += amps;
            if (to >= 0) residual[to] -= amps;
            if (from == to) continue;
            if (from >= 0) matrix.AddDiagonal(from, slope);
            if (to >= 0) matrix.AddDiagonal(to, slope);
            if (slots[i] >= 0) matrix.AddBeside(slots[i], -slope);
        }
        var squares = 0.0;
        worst = 0;
        foreach (var sum in residual)
        {
            squares += sum * sum;
            worst = Math.Max(worst, Math.Abs(sum));
        }
        norm = Math.Sqrt(squares);
    }
}
