namespace BurlyRidge.Core.Wording;

/// <summary>How lengths are said.</summary>
public enum UnitSystem
{
    /// <summary>Metres.</summary>
    Metric,

    /// <summary>Feet.</summary>
    Imperial,
}
