using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Running;

/// <summary>How an output that flashes goes on and off.</summary>
/// <param name="Hertz">Times a second.</param>
/// <param name="OnShare">Part of each time that it is on, 0 to 1.</param>
public sealed record Flashing(double Hertz, double OnShare)
{
    /// <summary>Of an output's mode; null: it does not flash. One and two a second, and eight short ones (typical, no source).</summary>
    public static Flashing? Of(OutputMode mode) => mode switch
    {
        OutputMode.FlashSlow => new(1, 0.5),
        OutputMode.FlashFast => new(2, 0.5),
        OutputMode.Strobe => new(8, 0.25),
        _ => null,
    };

    /// <summary>Room for the last digits of a time, as a part of a period.</summary>
    private const double Rounding = 1e-9;

    /// <summary>Whether it is on at a moment; all outputs of a mode go together.</summary>
    public bool IsOn(double seconds) => Phase(seconds) < OnShare;

    /// <summary>The next moment at which it goes on or off, s.</summary>
    public double NextEdge(double seconds)
    {
        var (times, phase) = (Math.Floor(seconds * Hertz + Rounding), Phase(seconds));
        return (phase < OnShare ? times + OnShare : times + 1) / Hertz;
    }

    private double Phase(double seconds)
    {
        var times = seconds * Hertz + Rounding;
        return times - Math.Floor(times);
    }
}
