using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning;

/// <summary>How a dash has to stand, in words.</summary>
internal static class StandWords
{
    /// <summary>All that is turned, and where these switches stand though nobody turned them.</summary>
    public static IEnumerable<string> Of(Rig rig, PartNames names, RigState state, IReadOnlyList<string> switches)
    {
        var first = rig.Switches.Where(own => switches.Contains(own.Id) && (state.Switches.GetValueOrDefault(own.Id) ?? own.Positions[0].Name) == own.Positions[0].Name);
        return RunWords.Turned(rig, names, new RigState(), state).Select(pair => pair.Words).Concat(first.Select(own => RunningWords.FormatSwitchTo(names[own.Id], PinWords.Of(own.Positions[0].Name)))).Select(PartNames.Small);
    }

    /// <summary>The same for all states in which everything stands alike.</summary>
    public static string KeyOf(Rig rig, RigState state)
    {
        var first = rig.Switches.Where(own => own.Positions.Count > 0).ToDictionary(own => own.Id, own => own.Positions[0].Name, StringComparer.Ordinal);
        return string.Join(' ', new[] { state.Key ? "key" : "", state.Engine.ToString() }.Concat(Enum.GetValues<Signal>().Where(state.Has).Select(signal => $"{signal}")).Concat(state.Pressed.Distinct().Order(StringComparer.Ordinal))
            .Concat(state.Switches.Where(pair => first.GetValueOrDefault(pair.Key) != pair.Value).OrderBy(pair => pair.Key, StringComparer.Ordinal).Select(pair => $"{pair.Key}={pair.Value}")));
    }

    /// <summary>All of it as one heading.</summary>
    public static string Together(IEnumerable<string> stands) => Format.Capital(string.Join("; ", stands.Select(PartNames.Small)));
}
