using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running;

/// <summary>What was done to a dash, in words.</summary>
internal static class RunWords
{
    /// <summary>What was done, and what came of it.</summary>
    public static string Happened(IEnumerable<string> causes, IEnumerable<string> effects)
    {
        var (done, came) = (Format.And(causes.Select((cause, i) => i == 0 ? cause : PartNames.Small(cause))), effects.ToList());
        return Format.Capital($"{done}: {(came.Count > 0 ? string.Join(", ", came) : RunningWords.NothingElse)}");
    }

    /// <summary>All that stands otherwise, with the part that it is of; empty where it is the vehicle.</summary>
    public static IEnumerable<(string Words, string Part)> Turned(Rig rig, PartNames names, RigState was, RigState now)
    {
        if (was.Key != now.Key) yield return (now.Key ? RunningWords.KeyOn : RunningWords.KeyOff, "");
        if (was.Engine != now.Engine) yield return (now.Engine switch { Engine.Idle => RunningWords.EngineIdles, Engine.Cruise => RunningWords.EngineCruises, _ => RunningWords.EngineOff }, "");
        foreach (var signal in Enum.GetValues<Signal>())
            if (was.Has(signal) != now.Has(signal))
                yield return (signal == Signal.Reverse ? now.Reverse ? RunningWords.ReverseIn : RunningWords.ReverseOut
                    : now.Has(signal) ? RunningWords.FormatSignalOn(Format.Capital(signal.Word())) : RunningWords.FormatSignalOff(Format.Capital(signal.Word())), "");
        foreach (var own in rig.Switches)
        {
            string At(RigState state) => state.Switches.GetValueOrDefault(own.Id) ?? own.Positions[0].Name;
            if (At(was) != At(now)) yield return (RunningWords.FormatSwitchTo(names[own.Id], PinWords.Of(At(now))), own.Id);
        }
        foreach (var slot in now.Pressed.Except(was.Pressed)) yield return (RunningWords.FormatSlotOn(Slot(rig, names, slot)), TerminalIndex.Split(slot).Part);
        foreach (var slot in was.Pressed.Except(now.Pressed)) yield return (RunningWords.FormatSlotOff(Slot(rig, names, slot)), TerminalIndex.Split(slot).Part);
    }

    /// <summary>A slot with its legend.</summary>
    public static string Slot(Rig rig, PartNames names, string slot)
    {
        var (part, inside) = TerminalIndex.Split(slot);
        var legend = rig.PowerBoxes.FirstOrDefault(box => box.Id == part)?.Outputs.FirstOrDefault(output => output.Id == inside)?.Legend
            ?? rig.Vehicle.AuxOutputs.FirstOrDefault(output => output.Id == slot)?.Legend ?? "";
        return legend.Length > 0 ? RunningWords.FormatSlotCalled(names[slot], legend) : names[slot];
    }

    /// <summary>A fuse as one looks for it: by its own name, or by what it is of.</summary>
    public static string Fuse(PartNames names, string element, Fuse? fuse)
    {
        var (part, inside) = TerminalIndex.Split(element);
        const string suffix = "-fuse";
        return inside.Length == 0 || fuse is null ? names[part] : RunningWords.FormatFuseOf(fuse, PartNames.Small(names[inside.EndsWith(suffix, StringComparison.Ordinal) ? $"{part}.{inside[..^suffix.Length]}" : part]));
    }
}
