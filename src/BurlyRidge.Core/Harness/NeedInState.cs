using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>What a contact needs, held against a state.</summary>
internal static class NeedInState
{
    /// <summary>Whether the state meets it; what hangs on volts counts as met.</summary>
    public static bool IsMet(this Need need, RigState state) => need switch
    {
        Need.Position position => state.Switches.TryGetValue(position.Switch, out var name) ? position.Names.Contains(name) : position.AsFound,
        Need.Press(var slot) => state.Pressed.Contains(slot),
        Need.SignalOn(var signal) => state.Has(signal),
        Need.KeyOn => state.Key,
        _ => true,
    };
}
