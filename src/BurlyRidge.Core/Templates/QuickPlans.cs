using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>What quick plans stand for before they are sized.</summary>
public static class QuickPlans
{
    /// <summary>
    /// The state with the switch of a quick plan under its own id, where it is named "line/switch" as interfaces up to version 5
    /// of the document had it.
    /// </summary>
    public static RigState Named(Rig rig, RigState state)
    {
        if (!state.Switches.Keys.Any(name => name.EndsWith(OldSwitch, StringComparison.Ordinal))) return state;
        var names = Switches(rig).ToDictionary(pair => pair.Line.Id + OldSwitch, pair => pair.Switch.Id, StringComparer.Ordinal);
        return state with { Switches = state.Switches.ToDictionary(pair => names.GetValueOrDefault(pair.Key, pair.Key), pair => pair.Value) };
    }

    private const string OldSwitch = "/switch";

    /// <summary>A valid rig with the switches of its quick plans: all that a state may name.</summary>
    public static Rig Structure(Rig rig) => rig with { Switches = [.. rig.Switches, .. Switches(rig).Select(pair => pair.Switch)] };

    private static List<(Line Line, Switch Switch)> Switches(Rig rig)
    {
        if (rig.Lines.All(line => line.Plan is null)) return [];
        var taken = FreeName.Taken(rig);
        return [.. rig.Lines.Where(line => line.Plan is not null).Select(line => (line, QuickTemplate.Build(rig, line, taken).Rig.Switches[0]))];
    }
}
