namespace BurlyRidge.Core.Network;

/// <summary>
/// Finds node voltages at which the currents into every node add up to nothing, by Newton's method with the step shortened,
/// or turned towards the steepest descent, where it does not bring the sums down.
/// </summary>
/// <remarks>Damping by Levenberg, Quarterly of Applied Mathematics 2 (1944) (from memory).</remarks>
internal sealed class Newton
{
    private const int MostRounds = 200;
    private const int MostHalvings = 48;

    /// <summary>Every node leaks so much to the reference, S; far below anything that is asked for.</summary>
    private const double NodeLeakSiemens = 1e-12;

    private readonly Circuit circuit;
    private readonly Element[] elements;
    private readonly int[] unknown;
    private readonly int[] slots;
    private readonly int unknowns;
    private readonly SparseLdl matrix;
    private readonly double[] residual;
    private readonly double[] step;
    private readonly double[] trial;
    private readonly List<(ConverterInput Input, Element Output)> converters;

    public Newton(Circuit circuit)
    {
        this.circuit = circuit;
        elements = [.. circuit.Elements];
        Volts = new double[circuit.NodeCount];
        trial = new double[circuit.NodeCount];
        unknown = new int[circuit.NodeCount];
        for (var node = 0; node < circuit.NodeCount; node++)
        {
            unknown[node] = circuit.FixedVolts.ContainsKey(node) ? -1 : unknowns++;
        }
        residual = new double[unknowns];
        step = new double[unknowns];
        matrix = new SparseLdl(unknowns, elements
            .Select(element => (unknown[element.From], unknown[element.To]))
            .Where(pair => pair.Item1 >= 0 && pair.Item2 >= 0 && pair.Item1 != pair.Item2));
        slots = [.. elements.Select(element =>
        {
            var (from, to) = (unknown[element.From], unknown[element.To]);
            return from >= 0 && to >= 0 && from != to ? matrix.SlotOf(from, to) : -1;
        })];
        converters = [.. elements.OfType<ConverterInput>().Select(input => (input, (Element)input.Output))];
    }

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

    /// <summary>Searches on from <see cref="Volts"/>; false where it does not settle.</summary>
    public bool Settle()
    {
        var settled = Search();
        if (converters.Count > 0) Balance(Volts);
        return settled;
    }

    private bool Search()
    {
        var damping = 0.0;
        var (norm, largest) = Balance(Volts);
        var before = double.PositiveInfinity;
        for (var round = 0; round < MostRounds; round++)
        {
            // Once what is asked for is reached, a round that no longer gains tenfold is at the last digits.
            if (Settled(largest) || (Balanced(largest) && worst > before / 10)) return true;
            before = worst;
            for (var i = 0; i < unknowns; i++)
            {
                if (damping > 0) matrix.AddDiagonal(i, damping);
                step[i] = -residual[i];
            }
            matrix.Factor();
            matrix.Solve(step);
            if (TakeStep(norm) is { } taken)
            {
                damping = damping < 1e-6 ? 0 : damping / 10;
                (norm, largest) = taken;
                continue;
            }
            // Where no step gains, the last one tried has to be forgotten first.
            (norm, largest) = Balance(Volts);
            if (norm < 1e-6) return Balanced(largest);
            damping = Math.Max(1e-3, damping * 10);
            if (damping > 1e9) return false;
        }
        return Balanced(largest);
    }

    /// <summary>Largest sum at a node, A, when the search last looked.</summary>
    private double worst;

    private bool Settled(double largest) => worst <= 1e-11 + 1e-11 * largest;

    /// <summary>What is asked of an answer: 1e-9 of the largest current and 1e-9 A.</summary>
    private bool Balanced(double largest) => worst <= 0.5e-9 + 0.5e-9 * largest;

    /// <summary>Goes along <see cref="step"/> as far as it brings the sums down, and balances there; null where it does not at all.</summary>
    private (double Norm, double LargestAmps)? TakeStep(double norm)
    {
        var share = 1.0;
        for (var halving = 0; halving <= MostHalvings; halving++, share /= 2)
        {
            for (var node = 0; node < trial.Length; node++)
                trial[node] = unknown[node] < 0 ? Volts[node] : Volts[node] + share * step[unknown[node]];
            var next = Balance(trial);
            if (double.IsNaN(next.Norm) || next.Norm >= norm) continue;
            trial.CopyTo(Volts, 0);
            return next;
        }
        return null;
    }

    /// <summary>Sums up the currents at every node, and their slopes; gives the norm of the sums and the largest current.</summary>
    private (double Norm, double LargestAmps) Balance(double[] volts)
    {
        matrix.Clear();
        foreach (var (input, output) in converters)
        {
            var across = volts[output.From] - volts[output.To];
            input.OutputWatts = Math.Max(0, -across * output.Amps(across, out _));
        }
        for (var node = 0; node < volts.Length; node++)
        {
            if (unknown[node] is not (>= 0 and var row)) continue;
            residual[row] = NodeLeakSiemens * volts[node];
            matrix.AddDiagonal(row, NodeLeakSiemens);
        }
        var largest = 0.0;
        for (var i = 0; i < slots.Length; i++)
        {
            var element = elements[i];
            var amps = element.Amps(volts[element.From] - volts[element.To], out var slope);
            largest = Math.Max(largest, Math.Abs(amps));
            var (from, to) = (unknown[element.From], unknown[element.To]);
            if (from >= 0) residual[from] += amps;
            if (to >= 0) residual[to] -= amps;
            if (from == to) continue;
            if (from >= 0) matrix.AddDiagonal(from, slope);
            if (to >= 0) matrix.AddDiagonal(to, slope);
            if (slots[i] >= 0) matrix.AddBeside(slots[i], -slope);
        }
        var norm = 0.0;
        worst = 0;
        foreach (var sum in residual)
        {
            norm += sum * sum;
            worst = Math.Max(worst, Math.Abs(sum));
        }
        return (Math.Sqrt(norm), largest);
    }
}
