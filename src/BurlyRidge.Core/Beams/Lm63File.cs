namespace BurlyRidge.Core.Beams;

/// <summary>Which of its planes turn about which axis.</summary>
public enum PhotometricType
{
    /// <summary>Half planes about the axis of the beam, angles away from it.</summary>
    C = 1,

    /// <summary>Planes about the axis from left to right.</summary>
    B = 2,

    /// <summary>Planes about the upright axis.</summary>
    A = 3,
}

/// <summary>How a lamp's light changes as it is tilted.</summary>
/// <param name="Geometry">How its source lies, 1 to 3, as the file has it.</param>
public sealed record Lm63Tilt(int Geometry, IReadOnlyList<double> Angles, IReadOnlyList<double> Factors);

/// <summary>A photometric file of ANSI/IES LM-63 with all of its figures (shape from memory).</summary>
/// <param name="Header">Its first line, which names the standard's year; empty: as of 1986, which had none.</param>
/// <param name="Labels">Lines between it and the tilt.</param>
/// <param name="LumensPerLamp">Below nothing: its candela are absolute.</param>
/// <param name="InFeet">Of the opening's sizes; otherwise metres.</param>
/// <param name="Ballast">Factor of the ballast.</param>
/// <param name="Future">Factor of ballast and lamp together in older files, a code of how the file was made in newer ones.</param>
/// <param name="Vertical">Angles away from the axis (type C) or up and down, degrees, rising.</param>
/// <param name="Horizontal">Angles about the axis (type C) or to the sides, degrees, rising.</param>
/// <param name="Candela">By horizontal angle, then by vertical, before its factors.</param>
public sealed record Lm63File(
    string Header, IReadOnlyList<string> Labels, Lm63Tilt? Tilt, int Lamps, double LumensPerLamp, double Multiplier, PhotometricType Type, bool InFeet,
    double Width, double Length, double Height, double Ballast, double Future, double Watts,
    IReadOnlyList<double> Vertical, IReadOnlyList<double> Horizontal, IReadOnlyList<IReadOnlyList<double>> Candela)
{
    internal const string TiltLabel = "TILT=", NoTilt = "NONE", TiltHere = "INCLUDE";

    /// <summary>Headers that are known, the oldest first; before them there was none.</summary>
    public static IReadOnlyList<string> Headers { get; } = ["IESNA91", "IESNA:LM-63-1995", "IESNA:LM-63-2002", "IES:LM-63-2019"];

    /// <summary>Files before 2019 multiply by it as well.</summary>
    private bool FutureCounts => Header != Headers[^1] && Future > 0;

    /// <summary>What every figure of candela is multiplied by.</summary>
    public double Factor => Multiplier * Ballast * (FutureCounts ? Future : 1);

    /// <summary>Light of its bare lamps, lm; null: it is an absolute file.</summary>
    public double? LampLumens => LumensPerLamp < 0 ? null : Lamps * LumensPerLamp;
}
