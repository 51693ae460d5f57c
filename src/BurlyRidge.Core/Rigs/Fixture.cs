namespace BurlyRidge.Core.Rigs;

/// <summary>A lamp as bought. Terminals: "id.pin" for every pin that its functions and its dim lead name.</summary>
public sealed record Fixture(string Id, string Name, IReadOnlyList<LampFunction> Functions)
{
    /// <summary>Pins that come out of it and are joined to nothing inside that matters, such as a lead to be capped.</summary>
    public IReadOnlyList<string> SparePins { get; init; } = [];

    /// <summary>What it is like to the hand, as sold; null where nobody said.</summary>
    public LampBody? Body { get; init; }

    /// <summary>The same as measured when it arrived; null: not yet.</summary>
    public LampBody? Measured { get; init; }
}

/// <summary>One light of a fixture: main beam, backlight, marker.</summary>
/// <param name="Id">Stable name within the fixture.</param>
/// <param name="Kind">What its current does as voltage changes.</param>
/// <param name="Watts">Power at <paramref name="RatedVolts"/>, W.</param>
/// <param name="RatedVolts">12 or 24.</param>
/// <param name="Plus">Pin.</param>
/// <param name="Minus">Pin.</param>
/// <param name="TurnOnVolts">Regulated LED: below this it is dark, V; null: half of the rated volts.</param>
/// <param name="DropOutVolts">Regulated LED: from this up it keeps its power, V; null: three quarters of the rated volts.</param>
/// <param name="DimPin">A pin that dims it when earthed; null where it has none.</param>
/// <param name="DimFraction">What is left of its power then.</param>
public sealed record LampFunction(
    string Id,
    LampKind Kind,
    double Watts,
    double RatedVolts = 12,
    string Plus = "plus",
    string Minus = "minus",
    double? TurnOnVolts = null,
    double? DropOutVolts = null,
    string? DimPin = null,
    double DimFraction = 0.5)
{
    /// <summary>Turn-on voltage of a usual regulated LED lamp over its rated volts: 6 of 12 (typical).</summary>
    public const double UsualTurnOn = 0.5;

    /// <summary>Drop-out voltage of a usual regulated LED lamp over its rated volts: 9 of 12 (typical).</summary>
    public const double UsualDropOut = 0.75;

    /// <summary>The most that it may get for good, V; null: 1.3 times its rated volts, which is 15.6 of 12 (typical).</summary>
    public double? MaxVolts { get; init; }

    /// <summary>The most volts over the rated ones that a lamp without a wider range stands (typical, no source).</summary>
    public const double UsualMax = 1.3;

    /// <summary>The voltage that it may get for good, V.</summary>
    public double StandsUpTo() => MaxVolts ?? UsualMax * RatedVolts;

    /// <summary>The turn-on voltage that holds, V.</summary>
    public double TurnsOnAt() => TurnOnVolts ?? UsualTurnOn * RatedVolts;

    /// <summary>The drop-out voltage that holds, V.</summary>
    public double DropsOutAt() => DropOutVolts ?? UsualDropOut * RatedVolts;
}
