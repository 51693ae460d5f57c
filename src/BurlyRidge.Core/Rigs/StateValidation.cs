namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses a state that names what the rig does not have.</summary>
public static class StateValidation
{
    /// <summary>All that is wrong with <paramref name="state"/> of a valid rig whose lines are all in full wiring, under <paramref name="path"/>.</summary>
    public static IEnumerable<Problem> Validate(string path, RigState? state, Rig rig)
    {
        if (state is null) return [new Problem(path, PartWords.MustNotBeEmpty)];
        var slots = rig.Vehicle.AuxOutputs.Select(output => output?.Id)
            .Concat(rig.PowerBoxes.SelectMany(box => box?.Outputs.Select(output => $"{box.Id}.{output?.Id}") ?? []))
            .ToHashSet();
        var switches = new Dictionary<string, HashSet<string>>(StringComparer.Ordinal);
        foreach (var part in rig.Switches.Where(part => part is not null))
            switches[part.Id] = [.. part.Positions.Where(position => position is not null).Select(position => position.Name)];
        return state.Pressed.Select((slot, i) => (slot, i)).Where(pair => !slots.Contains(pair.slot))
            .Select(pair => new Problem($"{path}.pressed[{pair.i}]", PartWords.FormatThereIsNoOutputCalled(pair.slot)))
            .Concat(state.Switches.Where(pair => !switches.TryGetValue(pair.Key, out var positions) || !positions.Contains(pair.Value))
                .Select(pair => new Problem($"{path}.switches.{pair.Key}", PartWords.FormatThereIsNoSwitchWith(pair.Key, pair.Value))));
    }
}
