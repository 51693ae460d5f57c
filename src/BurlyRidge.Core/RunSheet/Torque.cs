namespace BurlyRidge.Core.RunSheet;

/// <summary>Torque of plain steel bolts with coarse thread, N·m; the maker's manual goes before it.</summary>
/// <param name="Size">Nominal size.</param>
/// <param name="Of88">Property class 8.8 (ISO 898-1).</param>
/// <param name="Of109">Property class 10.9.</param>
public sealed record Torque(string Size, double Of88, double Of109)
{
    /// <summary>Friction of thread and head, as oiled or zinc-plated bolts have it.</summary>
    private const double Friction = 0.12;

    /// <summary>Share of the yield strength that bolt and thread together are loaded to.</summary>
    private const double Utilisation = 0.9;

    /// <summary>Nominal diameter and pitch, mm (ISO 261); clearance hole, medium series, mm (ISO 273); least washer face of the head, mm (ISO 4014; all from memory).</summary>
    private static readonly (double Diameter, double Pitch, double Hole, double Face)[] Threads = [(5, 0.8, 5.5, 6.88), (6, 1, 6.6, 8.88), (8, 1.25, 9, 11.63), (10, 1.5, 11, 14.63), (12, 1.75, 13.5, 16.63)];

    /// <summary>Sizes that brackets and lamps are bolted with.</summary>
    public static IReadOnlyList<Torque> Usual { get; } = [.. Threads.Select(thread => new Torque($"M{thread.Diameter}", Of(thread, 640), Of(thread, 940)))];

    /// <summary>
    /// Tightening torque, N·m: VDI 2230 part 1, equations for the assembly preload at 90 % of the yield strength (N/mm²; ISO 898-1: 640 for
    /// class 8.8 up to M16, 940 for 10.9) and the torque for it at one friction for thread and head (from memory).
    /// </summary>
    private static double Of((double Diameter, double Pitch, double Hole, double Face) thread, double yield)
    {
        var (d, p, hole, face) = thread;
        var d2 = d - 0.64952 * p;
        var d3 = d - 1.22687 * p;
        var stress = (d2 + d3) / 2;
        var area = Math.PI / 4 * stress * stress;
        var twist = 1.5 * d2 / stress * (p / (Math.PI * d2) + 1.155 * Friction);
        var preload = Utilisation * yield * area / Math.Sqrt(1 + 3 * twist * twist);
        var bearing = (hole + face) / 2;
        return preload * (0.16 * p + 0.58 * d2 * Friction + bearing / 2 * Friction) / 1000;
    }

    /// <summary>As a fitter sets it on the wrench: no more than two digits, N·m.</summary>
    public static double OnTheWrench(double torque)
    {
        var step = torque < 10 ? 0.5 : 1;
        return Math.Round(torque / step) * step;
    }
}
