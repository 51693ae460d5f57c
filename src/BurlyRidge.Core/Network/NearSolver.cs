namespace BurlyRidge.Core.Network;

/// <summary>
/// Solves circuits that differ from a solved one in few elements. The factors of the solved one are kept; the elements whose
/// slopes are otherwise come on top as a change of low rank (Woodbury: (J + U·D·Uᵀ)⁻¹ = J⁻¹ − J⁻¹U(I + D·UᵀJ⁻¹U)⁻¹D·UᵀJ⁻¹), and
/// what the laws deviate by is made up by further rounds until no voltage moves.
/// </summary>
/// <remarks>Woodbury: Golub and Van Loan, Matrix Computations (from memory). Not to be used by two threads at a time.</remarks>
internal sealed class NearSolver
{
    /// <summary>Once no node moves by more, it is found, V.</summary>
    private const double SettledVolts = 1e-10;

    /// <summary>A slope that changes the volts at its element by less than this part needs no correction of its own.</summary>
    private const double Felt = 0.02;

    private const double LeastPivot = 1e-14;
    private const int MostRounds = 40;
    private const int MostFollowed = 12;
    private const int MostRank = 48;

    private readonly Circuit circuit;
    private readonly Element[] elements;
    private readonly int[] row;
    private readonly SparseLdl matrix;
    private readonly double[] baseVolts;
    private readonly bool[] baseOver;
    private readonly double[] baseSlopes;
    private readonly List<RegulatedLamp> lamps;
    private readonly LampMode[] baseModes;
    private readonly List<(ConverterInput Input, Element Output)> converters;
    private readonly Dictionary<(int From, int To), double[]> columns = [];
    private readonly double[] self;
    private readonly double[] residual;
    private readonly double[] slopes;

    // What is otherwise.
    private IReadOnlyList<CircuitChange.InSeries> series = [];
    private IReadOnlyList<CircuitChange.Joined> joined = [];
    private IReadOnlyList<Contact> stuck = [];

    // Of the answer that was found last.
    private readonly double[] volts;
    private List<(int From, int To, double Change)> active = [];
    private double[,] small = new double[0, 0];

    private NearSolver(Circuit circuit, OperatingState state)
    {
        this.circuit = circuit;
        elements = [.. circuit.Elements];
        (baseVolts, baseOver) = ([.. state.Volts], [.. state.Over]);
        lamps = [.. elements.OfType<RegulatedLamp>()];
        baseModes = [.. lamps.Select(lamp => lamp.Mode)];
        converters = [.. elements.OfType<ConverterInput>().Select(input => (input, (Element)input.Output))];
        row = new int[circuit.NodeCount];
        var unknowns = 0;
        for (var node = 0; node < row.Length; node++) row[node] = circuit.FixedVolts.ContainsKey(node) ? -1 : unknowns++;
        matrix = new SparseLdl(unknowns, elements.Where(element => Unknown(element.From) && Unknown(element.To) && element.From != element.To).Select(element => (row[element.From], row[element.To])));
        for (var node = 0; node < row.Length; node++) if (row[node] >= 0) row[node] = matrix.PlaceOf(row[node]);
        (baseSlopes, slopes, self) = (new double[elements.Length], new double[elements.Length], new double[elements.Length]);
        Array.Fill(self, double.NaN);
        (residual, volts) = (new double[unknowns], [.. baseVolts]);
        Factor();
    }

    /// <summary>Around a circuit as it was solved last; null where that did not settle for sure.</summary>
    public static NearSolver? Around(Circuit circuit, Solution solution) => solution is Solution.Converged or Solution.Ambiguous ? new NearSolver(circuit, solution.State) : null;

    /// <summary>Volts by node, of the answer that was found last.</summary>
    public IReadOnlyList<double> Volts => volts;

    /// <summary>
    /// Solves the circuit with some changes; false where that takes a search of its own: a lamp below its drop-out voltage, a
    /// contact that could stand either way, no rest. The circuit stands as it was found until it is solved again.
    /// </summary>
    public bool Solve(IReadOnlyList<CircuitChange> changes)
    {
        foreach (var contact in stuck) contact.Stuck = null;
        for (var i = 0; i < lamps.Count; i++) lamps[i].Mode = baseModes[i];
        (series, joined) = ([.. changes.OfType<CircuitChange.InSeries>()], [.. changes.OfType<CircuitChange.Joined>()]);
        foreach (var change in changes.OfType<CircuitChange.Stuck>()) change.Contact.Stuck = change.Closed;
        stuck = [.. changes.OfType<CircuitChange.Stuck>().Select(change => change.Contact)];
        return Follow();
    }

    /// <summary>Current through an element in the answer that was found last, the change in series with it included, A.</summary>
    public double Amps(int element) => Amps(element, out _);

    /// <summary>Voltage from end to end of an element in that answer, without what is in series with it, V.</summary>
    public double Across(int element) => Across(elements[element]) - (OhmsBefore(element) is > 0 and var ohms ? ohms * Amps(element) : 0);

    /// <summary>Resistance between two nodes for a little more current, in the answer that was found last, Ω.</summary>
    public double Ohms(int from, int to)
    {
        if (from == to) return 0;
        var column = Column(from, to);
        var direct = Between(column, from, to);
        if (active.Count == 0) return direct;
        // Of the change: −uᵀZ(I + DUᵀZ)⁻¹D·Uᵀz.
        var right = new double[active.Count];
        for (var i = 0; i < right.Length; i++) right[i] = active[i].Change * Between(column, active[i].From, active[i].To);
        return Gauss.Solve((double[,])small.Clone(), right, LeastPivot) ? direct - active.Select((one, i) => Between(Column(one.From, one.To), from, to) * right[i]).Sum() : double.NaN;
    }

    private double OhmsBefore(int element)
    {
        var ohms = 0.0;
        foreach (var change in series) if (change.Element == element) ohms += change.Ohms;
        return ohms;
    }

    private double Amps(int element, out double slope) => OhmsBefore(element) is > 0 and var ohms
        ? SeriesLaw.Amps(elements[element], ohms, Across(elements[element]), out slope) : elements[element].Amps(Across(elements[element]), out slope);

    private bool Unknown(int node) => row[node] >= 0;

    private bool Follow()
    {
        baseVolts.CopyTo(volts, 0);
        var over = (bool[])baseOver.Clone();
        circuit.Apply(over);
        for (var followed = 0; followed < MostFollowed; followed++)
        {
            if (!Settle()) return false;
            if (Dims()) continue;
            var flips = Enumerable.Range(0, over.Length).Where(i => Across(circuit.Controllers[i]) is var across && circuit.Controllers[i].Next(across, over[i]) != over[i]).ToList();
            if (flips.Count == 0) return IsSure();
            foreach (var i in flips) over[i] = !over[i];
            circuit.Apply(over);
        }
        return false;
    }

    private double Across(Controller controller) => volts[controller.Plus] - volts[controller.Minus];

    private double Across(Element element) => volts[element.From] - volts[element.To];

    /// <summary>Takes lamps that are fed no more by their own law; whether there were any.</summary>
    private bool Dims()
    {
        var some = false;
        foreach (var lamp in lamps.Where(lamp => lamp.Mode == LampMode.Lit && Across(lamp) < lamp.DropOutVolts - CircuitSolver.Rounding))
            (lamp.Mode, some) = (LampMode.AsItIs, true);
        return some;
    }

    /// <summary>No lamp between dark and lit, no contact that could stand either way, nothing that could run away.</summary>
    private bool IsSure() =>
        !lamps.Exists(lamp => (Across(lamp) > lamp.TurnOnVolts && Across(lamp) < lamp.DropOutVolts) || (Across(lamp) >= lamp.DropOutVolts && Math.Abs(volts[lamp.To]) > CircuitSolver.RaisedVolts))
        && !circuit.Controllers.Any(controller => controller.LeavesAsItWas(Across(controller)));

    private bool Settle()
    {
        var before = double.PositiveInfinity;
        for (var round = 0; round < MostRounds; round++)
        {
            Balance();
            if (!Weigh()) return false;
            for (var i = 0; i < residual.Length; i++) residual[i] = -residual[i];
            matrix.Solve(residual);
            if (active.Count > 0)
            {
                var right = new double[active.Count];
                for (var i = 0; i < right.Length; i++) right[i] = active[i].Change * Between(residual, active[i].From, active[i].To);
                if (!Gauss.Solve((double[,])small.Clone(), right, LeastPivot)) return false;
                for (var i = 0; i < right.Length; i++)
                {
                    var column = Column(active[i].From, active[i].To);
                    for (var at = 0; at < residual.Length; at++) residual[at] -= column[at] * right[i];
                }
            }
            var most = 0.0;
            for (var node = 0; node < row.Length; node++)
            {
                if (row[node] < 0) continue;
                var step = residual[row[node]];
                if (!double.IsFinite(step)) return false;
                volts[node] += step;
                most = Math.Max(most, Math.Abs(step));
            }
            if (most <= SettledVolts || (most <= SettledVolts * 100 && most >= before / 4)) return true;
            before = most;
        }
        return false;
    }

    /// <summary>Sums of the currents at every node of the changed circuit, and the slopes of its elements.</summary>
    private void Balance()
    {
        Array.Clear(residual);
        foreach (var (input, output) in converters) input.OutputWatts = Math.Max(0, -Across(output) * output.Amps(Across(output), out _));
        for (var node = 0; node < row.Length; node++) if (row[node] >= 0) residual[row[node]] = Newton.NodeLeakSiemens * volts[node];
        for (var i = 0; i < elements.Length; i++)
        {
            Flow(elements[i].From, elements[i].To, Amps(i, out slopes[i]));
        }
        // In the whole circuit there is a node between both, which leaks as any other.
        foreach (var change in series) if (row[elements[change.Element].To] is >= 0 and var end) residual[end] += Newton.NodeLeakSiemens * volts[elements[change.Element].To];
        foreach (var join in joined) Flow(join.From, join.To, (volts[join.From] - volts[join.To]) / join.Ohms);

        void Flow(int from, int to, double amps)
        {
            if (row[from] >= 0) residual[row[from]] += amps;
            if (row[to] >= 0) residual[row[to]] -= amps;
        }
    }

    /// <summary>What has to be corrected for, and the small matrix of it; false where that is too much.</summary>
    private bool Weigh()
    {
        var changed = joined.Select(join => (join.From, join.To, Change: 1 / join.Ohms)).ToList();
        for (var i = 0; i < elements.Length; i++)
        {
            var change = slopes[i] - baseSlopes[i];
            if (change == 0 || elements[i].From == elements[i].To) continue;
            if (double.IsNaN(self[i])) self[i] = Between(Column(elements[i].From, elements[i].To), elements[i].From, elements[i].To);
            if (Math.Abs(change * self[i]) > Felt) changed.Add((elements[i].From, elements[i].To, change));
        }
        active = changed;
        if (changed.Count > MostRank) return false;
        small = new double[changed.Count, changed.Count];
        for (var i = 0; i < changed.Count; i++)
            for (var j = 0; j < changed.Count; j++)
                small[i, j] = (i == j ? 1 : 0) + changed[i].Change * Between(Column(changed[j].From, changed[j].To), changed[i].From, changed[i].To);
        return true;
    }

    /// <summary>Volts that one ampere from a node to another makes, by row; kept.</summary>
    private double[] Column(int from, int to)
    {
        if (columns.TryGetValue((from, to), out var known)) return known;
        var column = new double[residual.Length];
        if (row[from] >= 0) column[row[from]] += 1;
        if (row[to] >= 0) column[row[to]] -= 1;
        matrix.Solve(column);
        return columns[(from, to)] = column;
    }

    private double Between(double[] of, int from, int to) => (row[from] < 0 ? 0 : of[row[from]]) - (row[to] < 0 ? 0 : of[row[to]]);

    private void Factor()
    {
        Balance();
        slopes.CopyTo(baseSlopes, 0);
        for (var node = 0; node < row.Length; node++) if (row[node] >= 0) matrix.AddDiagonal(row[node], Newton.NodeLeakSiemens);
        for (var i = 0; i < elements.Length; i++)
        {
            var (from, to) = (row[elements[i].From], row[elements[i].To]);
            if (from == to) continue;
            if (from >= 0) matrix.AddDiagonal(from, slopes[i]);
            if (to >= 0) matrix.AddDiagonal(to, slopes[i]);
            if (from >= 0 && to >= 0) matrix.AddBeside(matrix.SlotOf(from, to), -slopes[i]);
        }
        matrix.Factor();
    }
}
