namespace BurlyRidge.Core.Network;

/// <summary>
/// LDLᵀ factors of a symmetric matrix, without pivoting, the order chosen by least degree once for all values. A harness is
/// nearly a tree, so that its factors are about as large as the matrix itself.
/// </summary>
/// <remarks>Least-degree ordering: Tinney and Walker, Proc. IEEE 55 (1967) (from memory).</remarks>
internal sealed class SparseLdl
{
    /// <summary>A pivot nearer to zero than this is moved away from it.</summary>
    private const double MinPivot = 1e-13;

    private readonly int size;
    private readonly int[] place;

    // Pivot k has its later neighbours at start[k]..start[k + 1]: neighbour[] and value[].
    private readonly int[] start;
    private readonly int[] neighbour;
    private readonly double[] value;
    private readonly double[] diagonal;

    // For pivot k and each pair of its neighbours, where the product goes: target[] from targetStart[k] on.
    private readonly int[] targetStart;
    private readonly int[] target;

    /// <summary>Orders and lays out the factors of a matrix with those off-diagonal pairs.</summary>
    public SparseLdl(int size, IEnumerable<(int Row, int Column)> pairs)
    {
        this.size = size;
        place = new int[size];
        var later = Eliminate(pairs);

        start = new int[size + 1];
        for (var k = 0; k < size; k++) start[k + 1] = start[k] + later[k].Length;
        neighbour = new int[start[size]];
        for (var k = 0; k < size; k++)
        {
            var row = later[k];
            for (var n = 0; n < row.Length; n++) row[n] = place[row[n]];
            Array.Sort(row);
            row.CopyTo(neighbour, start[k]);
        }
        value = new double[neighbour.Length];
        diagonal = new double[size];

        targetStart = new int[size + 1];
        for (var k = 0; k < size; k++)
        {
            var degree = start[k + 1] - start[k];
            targetStart[k + 1] = targetStart[k] + degree * (degree - 1) / 2;
        }
        target = new int[targetStart[size]];
        for (var k = 0; k < size; k++)
        {
            var next = targetStart[k];
            for (var i = start[k]; i < start[k + 1]; i++)
                for (var j = i + 1; j < start[k + 1]; j++)
                    target[next++] = Slot(neighbour[i], neighbour[j]);
        }
    }

    /// <summary>Sets every value to zero.</summary>
    public void Clear()
    {
        Array.Clear(diagonal);
        Array.Clear(value);
    }

    /// <summary>Place of a row among the pivots; every other call names rows by it.</summary>
    public int PlaceOf(int row) => place[row];

    /// <summary>Where the value at two places is kept; to be asked once for each element.</summary>
    public int SlotOf(int a, int b) => a < b ? Slot(a, b) : Slot(b, a);

    /// <summary>Adds to the diagonal of a place.</summary>
    public void AddDiagonal(int at, double amount) => diagonal[at] += amount;

    /// <summary>Adds beside the diagonal, at a <see cref="SlotOf"/>.</summary>
    public void AddBeside(int slot, double amount) => value[slot] += amount;

    /// <summary>Factors the values in place.</summary>
    public void Factor()
    {
        for (var k = 0; k < size; k++)
        {
            var pivot = diagonal[k];
            if (Math.Abs(pivot) < MinPivot) diagonal[k] = pivot = pivot < 0 ? -MinPivot : MinPivot;
            var next = targetStart[k];
            var end = start[k + 1];
            for (var i = start[k]; i < end; i++)
            {
                var factor = value[i] / pivot;
                diagonal[neighbour[i]] -= factor * value[i];
                for (var j = i + 1; j < end; j++) value[target[next++]] -= factor * value[j];
                value[i] = factor;
            }
        }
    }

    /// <summary>Places whose pivots came out below zero by more than <paramref name="rounding"/>; as many as the matrix has negative eigenvalues (Sylvester's law of inertia).</summary>
    public IEnumerable<int> Negative(double rounding) => Enumerable.Range(0, size).Where(at => diagonal[at] < -rounding);

    /// <summary>Solves for <paramref name="right"/>, which is replaced by the solution.</summary>
    public void Solve(double[] right)
    {
        for (var k = 0; k < size; k++)
        {
            var known = right[k];
            if (known == 0) continue;
            for (var i = start[k]; i < start[k + 1]; i++) right[neighbour[i]] -= value[i] * known;
        }
        for (var k = size - 1; k >= 0; k--)
        {
            var sum = right[k] / diagonal[k];
            for (var i = start[k]; i < start[k + 1]; i++) sum -= value[i] * right[neighbour[i]];
            right[k] = sum;
        }
    }

    private int Slot(int row, int column) => Array.BinarySearch(neighbour, start[row], start[row + 1] - start[row], column);

    /// <summary>Takes out the row of least degree again and again; gives each pivot's neighbours that are still there.</summary>
    private int[][] Eliminate(IEnumerable<(int Row, int Column)> pairs)
    {
        var around = new List<int>[size];
        for (var i = 0; i < size; i++) around[i] = new List<int>(4);
        foreach (var (row, column) in pairs)
        {
            if (row == column || Beside(row, column)) continue;
            around[row].Add(column);
            around[column].Add(row);
        }

        var degree = new int[size];
        var queue = new PriorityQueue<int, int>(size);
        for (var i = 0; i < size; i++) queue.Enqueue(i, degree[i] = around[i].Count);

        var gone = new bool[size];
        var later = new int[size][];
        for (var k = 0; k < size;)
        {
            queue.TryDequeue(out var pivot, out var queued);
            if (gone[pivot]) continue;
            if (queued != degree[pivot])
            {
                queue.Enqueue(pivot, degree[pivot]);
                continue;
            }
            gone[pivot] = true;
            place[pivot] = k;
            around[pivot].RemoveAll(other => gone[other]);
            var left = around[pivot].ToArray();
            later[k++] = left;
            foreach (var other in left) degree[other]--;
            for (var i = 0; i < left.Length; i++)
            {
                for (var j = i + 1; j < left.Length; j++)
                {
                    var (a, b) = (left[i], left[j]);
                    if (Beside(a, b)) continue;
                    around[a].Add(b);
                    around[b].Add(a);
                    degree[a]++;
                    degree[b]++;
                }
            }
            foreach (var other in left) queue.Enqueue(other, degree[other]);
        }
        return later;

        bool Beside(int a, int b) => around[a].Count <= around[b].Count ? around[a].Contains(b) : around[b].Contains(a);
    }
}
