using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>What to look at where a fault is suspected.</summary>
internal static class LookAt
{
    private static readonly (string[] Kinds, Func<string, string> Words)[] ByKind =
    [
        (["fuse-out", "fuse-blown", "fuse-too-small", "fuse-too-large", "fuses-of-tap-swapped", "breaker-open"], part => DiagnosingWords.FormatLookAtFuse(part)),
        (["plug-open", "plug-crossed", "joint-loose", "tap-let-go"], part => DiagnosingWords.FormatLookAtPlug(part)),
        (["wire-open", "wire-pinched", "wire-chafed", "wires-touch"], part => DiagnosingWords.FormatLookAtWire(part)),
        (["earth-on-paint", "earth-off", "factory-earth-off", "box-minus-on-body"], part => DiagnosingWords.FormatLookAtEarth(part)),
        (["other-switching-style", "beam-wires-crossed", "wrong-wire", "wrong-side", "old-tap-left"], part => DiagnosingWords.FormatLookAtSignal(part)),
        (["switch-dead", "switch-pins-swapped", "switch-lamp-earthed"], part => DiagnosingWords.FormatLookAtSwitch(part)),
        (["relay-dead-coil", "relay-stuck-open", "relay-welded", "coil-turned", "relay-throws-swapped"], part => DiagnosingWords.FormatLookAtRelay(part)),
        (["lamp-dead", "lamp-half-dead", "lamp-turned-round", "dim-wire-earthed", "wrong-lead-joined"], part => DiagnosingWords.FormatLookAtLamp(part)),
        (["sense-missing", "output-dead", "output-follows-wrong", "output-mode-wrong"], part => DiagnosingWords.FormatLookAtBox(part)),
        (["post-loose", "battery-off", "battery-flat", "alternator-dead", "converter-dead"], part => DiagnosingWords.FormatLookAtSupply(part)),
    ];

    /// <summary>What to look at, in words.</summary>
    public static string Of(RigFault fault, PartNames names)
    {
        var called = PartNames.Small(VehicleSignal.Names.Contains(fault.Part) ? names[fault.Part] : names[TerminalIndex.Split(fault.Part).Part]);
        foreach (var (kinds, words) in ByKind) if (kinds.Contains(fault.Kind)) return words(called);
        return DiagnosingWords.FormatLookAtPart(called);
    }
}
