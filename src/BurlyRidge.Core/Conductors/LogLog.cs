namespace BurlyRidge.Core.Conductors;

/// <summary>Interpolation along a straight line on paper with two logarithmic scales.</summary>
public static class LogLog
{
    /// <summary>The value at <paramref name="x"/> of the line through two points; every argument above zero.</summary>
    public static double Between(double x0, double y0, double x1, double y1, double x) =>
        y0 * Math.Pow(y1 / y0, Math.Log(x / x0) / Math.Log(x1 / x0));
}
