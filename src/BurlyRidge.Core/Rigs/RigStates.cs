using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Rigs;

/// <summary>States that follow from a rig.</summary>
public static class RigStates
{
    /// <summary>At cruise with every signal on, every slot pressed and every switch in its last position that joins anything, "auto" left out; of a rig whose lines are all in full wiring.</summary>
    public static RigState EverythingOn(Rig rig)
    {
        var switches = rig.Switches.ToDictionary(part => part.Id, part => (part.Positions.LastOrDefault(position => position.Name != "auto" && position.Joins.Count > 0) ?? part.Positions[0]).Name);
        var signals = VehicleSignal.All(rig.Vehicle).Select(signal => signal.Signal).ToHashSet();
        return new RigState
        {
            Key = true,
            Engine = Engine.Cruise,
            Pressed =
            [
                .. rig.Vehicle.AuxOutputs.Select(output => output.Id),
                .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => $"{box.Id}.{output.Id}")),
            ],
            Switches = switches,
        }.WithSignals(signal => signals.Contains(signal));
    }
}
