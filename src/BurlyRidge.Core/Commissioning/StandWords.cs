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

    /// <summary>All of it as one heading.</summary>
    public static string Together(IEnumerable<string> stands) => Format.Capital(string.Join("; ", stands.Select(PartNames.Small)));
}
