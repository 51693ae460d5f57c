namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>LLᵀ of a small covariance with noise on its diagonal.</summary>
internal readonly struct Cholesky
{
    private readonly double[,] lower;

    private Cholesky(double[,] lower) => this.lower = lower;

    /// <summary>Of B + N; N above 0.</summary>
    public static Cholesky Of(double[,] shared, double[] noise)
    {
        var lower = new double[noise.Length, noise.Length];
        for (var i = 0; i < noise.Length; i++)
            for (var j = 0; j <= i; j++)
            {
                var sum = shared[i, j] + (i == j ? noise[i] : 0);
                for (var k = 0; k < j; k++) sum -= lower[i, k] * lower[j, k];
                lower[i, j] = i == j ? Math.Sqrt(Math.Max(sum, noise[i] * 1e-6)) : sum / lower[j, j];
            }
        return new Cholesky(lower);
    }

    /// <summary>(B + N)⁻¹ of a vector.</summary>
    public double[] Solve(double[] right)
    {
        var found = Forward(right);
        for (var i = found.Length - 1; i >= 0; i--)
        {
            for (var k = i + 1; k < found.Length; k++) found[i] -= lower[k, i] * found[k];
            found[i] /= lower[i, i];
        }
        return found;
    }

    /// <summary>vᵀ(B + N)⁻¹v.</summary>
    public double Square(double[] vector)
    {
        var sum = 0.0;
        foreach (var one in Forward(vector)) sum += one * one;
        return sum;
    }

    /// <summary>Logarithm of the determinant of B + N.</summary>
    public double LogDeterminant()
    {
        var sum = 0.0;
        for (var i = 0; i < lower.GetLength(0); i++) sum += 2 * Math.Log(lower[i, i]);
        return sum;
    }

    private double[] Forward(double[] right)
    {
        var found = (double[])right.Clone();
        for (var i = 0; i < found.Length; i++)
        {
            for (var k = 0; k < i; k++) found[i] -= lower[i, k] * found[k];
            found[i] /= lower[i, i];
        }
        return found;
    }
}
