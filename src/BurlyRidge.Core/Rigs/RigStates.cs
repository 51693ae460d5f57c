namespace BurlyRidge.Core.Rigs;

/// <summary>States that follow from a rig.</summary>
public static class RigStates
{
    /// <summary>Between a planned line's id and the name of a part of it; no part of the rig's own has it in its name.</summary>
    public const char OfPlan = '/';

    /// <summary>Whether a part is of a line planned in short, and not the rig's own.</summary>
    public static bool IsPlanned(string part) => part.Contains(OfPlan, StringComparison.Ordinal);

    /// <summary>Id of the line that a planned part is of.</summary>
    public static string LineOfPlanned(string part) => part[..part.IndexOf(OfPlan, StringComparison.Ordinal)];

    /// <summary>The switch of a line planned in short.</summary>
    public static string SwitchOf(Line line) => $"{line.Id}{OfPlan}switch";

    /// <summary>At cruise with every signal on, every slot pressed and every switch in its last position that joins anything, "auto" left out.</summary>
    public static RigState EverythingOn(Rig rig)
    {
        var switches = rig.Switches.ToDictionary(part => part.Id, part => (part.Positions.LastOrDefault(position => position.Name != "auto" && position.Joins.Count > 0) ?? part.Positions[0]).Name);
        foreach (var line in rig.Lines.Where(line => line.Plan is not null)) switches[SwitchOf(line)] = "on";
        return new RigState
        {
            Key = true,
            Engine = Engine.Cruise,
            HighBeam = true,
            Reverse = true,
            SideLight = true,
            Pressed =
            [
                .. rig.Vehicle.AuxOutputs.Select(output => output.Id),
                .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => $"{box.Id}.{output.Id}")),
            ],
            Switches = switches,
        };
    }
}
