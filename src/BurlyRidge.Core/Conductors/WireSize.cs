namespace BurlyRidge.Core.Conductors;

/// <summary>The ways in which wire is sold.</summary>
public enum GaugeSystem
{
    /// <summary>American wire gauge, by its full area.</summary>
    Awg,

    /// <summary>Primary wire of SAE sizes, by the least copper that the size may hold.</summary>
    Sae,

    /// <summary>Metric automotive wire, by its greatest resistance.</summary>
    Metric,

    /// <summary>Cable sold by outside diameter, by the copper in it.</summary>
    Diameter,
}

/// <summary>One size of wire as sold.</summary>
/// <param name="Name">What the fitter asks for at the counter; unique over all systems.</param>
/// <param name="System">The system that it is sold under.</param>
/// <param name="AreaSquareMillimetres">AWG area, SAE minimum, nominal metric size or the copper area, mm².</param>
/// <param name="CopperSquareMillimetres">Copper that is really there, mm²; ampacity is entered with it.</param>
/// <param name="OhmsPerMetreAt20">Conductor resistance at 20 °C, Ω/m, stranding included.</param>
public sealed record WireSize(
    string Name,
    GaugeSystem System,
    double AreaSquareMillimetres,
    double CopperSquareMillimetres,
    double OhmsPerMetreAt20)
{
    /// <summary>The trade name with the copper that it stands for: "6 mm cable (4.59 mm² copper)".</summary>
    public override string ToString() => SizingWords.FormatCopper(Name, Format.Copper(CopperSquareMillimetres));

    /// <summary>Resistance in Ω of <paramref name="metres"/> of this wire at <paramref name="celsius"/>.</summary>
    public double Ohms(double metres, double celsius) =>
        OhmsPerMetreAt20 * metres * Copper.ResistanceFactor(celsius);
}
