namespace BurlyRidge.Core.Network;

/// <summary>Voltages and currents in one state of the contacts.</summary>
/// <param name="Volts">By node, V against the reference.</param>
/// <param name="Amps">By element, A.</param>
/// <param name="Over">By controller, whether it has gone over.</param>
public sealed record OperatingState(IReadOnlyList<double> Volts, IReadOnlyList<double> Amps, IReadOnlyList<bool> Over)
{
    /// <summary>Voltage from end to end of <paramref name="element"/>.</summary>
    public double Across(Element element) => Volts[element.From] - Volts[element.To];

    /// <summary>Voltage at <paramref name="controller"/>.</summary>
    public double Across(Controller controller) => Volts[controller.Plus] - Volts[controller.Minus];
}

/// <summary>What came of solving a circuit. Only <see cref="Converged"/> can lead to anything that holds.</summary>
/// <param name="State">Where it stands, or where it was left.</param>
public abstract record Solution(OperatingState State)
{
    /// <summary>Every lamp that is fed is at its drop-out voltage or above, every controller sure of itself, and what is disturbed comes back.</summary>
    public sealed record Converged(OperatingState State) : Solution(State);

    /// <summary>There is no state with every fed lamp at its drop-out voltage or above.</summary>
    /// <param name="Lamps">Ids of those that fall below it.</param>
    public sealed record BrownOut(OperatingState State, IReadOnlyList<string> Lamps) : Solution(State);

    /// <summary>No state of the contacts agrees with the voltages that it makes.</summary>
    /// <param name="Controllers">Ids of those that go to and fro.</param>
    public sealed record Chatter(OperatingState State, IReadOnlyList<string> Controllers) : Solution(State);

    /// <summary>
    /// The currents add up and nothing keeps them so: lamps of constant power one after the other, where the one that gets a
    /// little less draws more and takes what is left of the other's.
    /// </summary>
    /// <param name="Lamps">Ids of the lamps at it.</param>
    public sealed record Unstable(OperatingState State, IReadOnlyList<string> Lamps) : Solution(State);

    /// <summary>A controller is left between its limits and stays as it was: what it does next time is not certain.</summary>
    /// <param name="Controllers">Ids of those left between.</param>
    public sealed record Ambiguous(OperatingState State, IReadOnlyList<string> Controllers) : Solution(State);
}
