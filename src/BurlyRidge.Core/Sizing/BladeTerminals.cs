using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Parts whose wires end in blade terminals of 6.3 mm: blade fuses, relays, switches.</summary>
internal static class BladeTerminals
{
    /// <summary>Their ids.</summary>
    public static HashSet<string> PartsOf(Rig rig) =>
        rig.Protection.Where(part => part.Fuse.Family == FuseFamily.Blade).Select(part => part.Id)
            .Concat(rig.Relays.Select(part => part.Id)).Concat(rig.Switches.Select(part => part.Id)).ToHashSet(StringComparer.Ordinal);
}
