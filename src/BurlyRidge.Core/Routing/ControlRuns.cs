using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>Which runs carry so little that they do not warm a loom: to coils, sense and dim leads, and from signal lamps.</summary>
public sealed class ControlRuns
{
    private readonly HashSet<string> terminals;

    private ControlRuns(HashSet<string> terminals) => this.terminals = terminals;

    /// <summary>Gathers the terminals of <paramref name="rig"/> that such runs end at.</summary>
    public static ControlRuns Of(Rig rig) => new(
    [
        .. VehicleSignal.All(rig.Vehicle).SelectMany(signal => new[] { signal.Plus, signal.Minus }),
        .. rig.Relays.SelectMany(relay => new[] { $"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}" }),
        .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => $"{box.Id}.in-{output.Id}").Append($"{box.Id}.sense")),
        .. rig.Fixtures.SelectMany(fixture => fixture.Functions.Where(function => function.DimPin is not null).Select(function => $"{fixture.Id}.{function.DimPin}")),
    ]);

    /// <summary>Whether <paramref name="run"/> is one.</summary>
    public bool Has(Run run) => terminals.Contains(run.From) || terminals.Contains(run.To);
}
