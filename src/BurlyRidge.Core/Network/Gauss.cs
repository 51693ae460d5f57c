namespace BurlyRidge.Core.Network;

/// <summary>Solves a few equations.</summary>
internal static class Gauss
{
    /// <summary>Replaces <paramref name="right"/> by the solution, by elimination with the largest pivot of each column; false where one is not above <paramref name="least"/>.</summary>
    public static bool Solve(double[,] matrix, double[] right, double least)
    {
        var size = right.Length;
        for (var k = 0; k < size; k++)
        {
            var best = k;
            for (var i = k + 1; i < size; i++) if (Math.Abs(matrix[i, k]) > Math.Abs(matrix[best, k])) best = i;
            if (!(Math.Abs(matrix[best, k]) > least)) return false;
            if (best != k)
            {
                for (var j = k; j < size; j++) (matrix[k, j], matrix[best, j]) = (matrix[best, j], matrix[k, j]);
                (right[k], right[best]) = (right[best], right[k]);
            }
            for (var i = k + 1; i < size; i++)
            {
                var factor = matrix[i, k] / matrix[k, k];
                if (factor == 0) continue;
                for (var j = k; j < size; j++) matrix[i, j] -= factor * matrix[k, j];
                right[i] -= factor * right[k];
            }
        }
        for (var k = size - 1; k >= 0; k--)
        {
            for (var j = k + 1; j < size; j++) right[k] -= matrix[k, j] * right[j];
            right[k] /= matrix[k, k];
        }
        return true;
    }
}
