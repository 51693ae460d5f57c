using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core;

/// <summary>Figures as they stand in a sentence.</summary>
internal static class Format
{
    public static string Amps(double amps) => $"{amps.ToString(amps < 10 ? "0.0#" : amps < 100 ? "0.0" : "0")} A";

    public static string Volts(double volts) => $"{volts:0.00} V";

    public static string Percent(double fraction) => $"{fraction * 100:0.#} %";

    public static string Celsius(double celsius) => $"{celsius:0} °C";

    public static string Metres(double metres, UnitSystem units) =>
        units == UnitSystem.Metric ? $"{metres:0.0#} m" : $"{metres / MetresPerFoot:0.0} ft";

    public static string Seconds(double seconds) =>
        seconds < 0.1 ? $"{seconds * 1000:0.#} ms" : seconds < 90 ? $"{seconds:0.##} s" : seconds < 5400 ? $"{seconds / 60:0} min" : $"{seconds / 3600:0.#} h";

    public static string Hours(double hours) => hours < 48 ? $"{hours:0.#} h" : hours < 17_520 ? $"{hours / 24:0} days" : "more than two years";

    /// <summary>As a sentence begins.</summary>
    public static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>So many of something.</summary>
    public static string Count(int count, string one, string many) => $"{count} {(count == 1 ? one : many)}";

    public static string Word(Zone zone) => zone switch
    {
        Zone.EngineBay => "engine bay",
        Zone.Cabin => "cabin",
        Zone.Exterior => "exterior",
        _ => "underbody",
    };

    public static string Word(Signal signal) => signal switch
    {
        Signal.HighBeam => "high beam",
        Signal.Reverse => "reversing lamp",
        _ => "side light",
    };

    public static string Word(Hazard hazard) => hazard switch
    {
        Hazard.Exhaust => "the exhaust",
        Hazard.Steering => "the steering",
        Hazard.Moving => "moving parts",
        Hazard.SharpEdge => "a sharp edge",
        Hazard.Hinge => "a hinge",
        Hazard.Airbag => "an airbag",
        _ => "a fuel line",
    };

    /// <summary>International foot, m (exact).</summary>
    private const double MetresPerFoot = 0.3048;
}
