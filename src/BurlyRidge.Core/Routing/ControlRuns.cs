using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>Which runs carry so little that they do not warm a loom: to coils, sense and dim leads, and from signal lamps.</summary>
public static class ControlRuns
{
    /// <summary>Whether <paramref name="run"/> is one.</summary>
    public static bool Is(Rig rig, Run run) => Ends(rig, run.From) || Ends(rig, run.To);

    private static bool Ends(Rig rig, string terminal)
    {
        var (part, pin) = PartBook.Split(terminal);
        return VehicleSignal.Names.Contains(part)
            || rig.Relays.Any(relay => relay.Id == part && (pin == relay.Pinout.CoilPlus || pin == relay.Pinout.CoilMinus))
            || rig.PowerBoxes.Any(box => box.Id == part && (pin == "sense" || pin.StartsWith("in-", StringComparison.Ordinal)))
            || rig.Fixtures.Any(fixture => fixture.Id == part && fixture.Functions.Any(function => function.DimPin == pin));
    }
}
