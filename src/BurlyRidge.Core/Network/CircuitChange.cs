namespace BurlyRidge.Core.Network;

/// <summary>Something that is otherwise in a circuit than when it was solved.</summary>
internal abstract record CircuitChange
{
    private CircuitChange() { }

    /// <summary>So much more resistance before an element, Ω.</summary>
    /// <param name="Element">Its place in the circuit.</param>
    public sealed record InSeries(int Element, double Ohms) : CircuitChange;

    /// <summary>Two nodes are joined, Ω.</summary>
    public sealed record Joined(int From, int To, double Ohms) : CircuitChange;

    /// <summary>A contact stays as it is whatever works it.</summary>
    public sealed record Stuck(Contact Contact, bool Closed) : CircuitChange;
}

/// <summary>An element with resistance before it.</summary>
internal static class SeriesLaw
{
    /// <summary>Before so much a lamp is dark, whatever is there, Ω.</summary>
    private const double Dark = 1e6;

    /// <summary>No element of a vehicle has more across it, V.</summary>
    private const double MostVolts = 100;

    private const int MostRounds = 200;

    /// <summary>Current in A at <paramref name="volts"/> from end to end of both, and its slope in S.</summary>
    public static double Amps(Element element, double ohms, double volts, out double slope)
    {
        if (element is RegulatedLamp && ohms >= Dark)
        {
            slope = 1 / (ohms + 1 / RegulatedLamp.LeakSiemens);
            return volts * slope;
        }
        // What is left across the element: w + R·I(w) = V, by Newton between two bounds.
        var (low, high, across) = (-MostVolts, MostVolts, 0.0);
        var amps = element.Amps(across, out var own);
        for (var round = 0; round < MostRounds; round++)
        {
            var over = across + ohms * amps - volts;
            if (over > 0) high = across;
            else low = across;
            var next = across - over / (1 + ohms * own);
            if (!(next > low && next < high)) next = (low + high) / 2;
            var done = Math.Abs(next - across) <= 1e-15 + 1e-15 * Math.Abs(next);
            across = next;
            amps = element.Amps(across, out own);
            if (done) break;
        }
        slope = own / (1 + ohms * own);
        return ohms >= Dark ? (volts - across) / ohms : amps;
    }
}
