using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Lengths that a tape measures, as they stand in a sentence.</summary>
internal sealed record SayLength(UnitSystem Units)
{
    /// <summary>International inch, mm (exact).</summary>
    private const double MillimetresPerInch = 25.4;

    public string Of(double millimetres) => !double.IsFinite(millimetres) ? "more than the face is wide"
        : Units == UnitSystem.Metric ? $"{millimetres:0.#} mm" : $"{millimetres / MillimetresPerInch:0.0#} in";
}
