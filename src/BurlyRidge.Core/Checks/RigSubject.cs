using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Checks;

/// <summary>What the checks of a whole rig read.</summary>
/// <param name="Whole">The rig as it lies, and with every line in full wiring.</param>
/// <param name="Study">That, solved.</param>
public sealed record RigSubject(WholeRig Whole, RigStudy Study)
{
    private Dictionary<string, PowerBox>? onPost;

    /// <summary>Studies <paramref name="rig"/>.</summary>
    public static RigSubject Of(Rig rig)
    {
        var whole = WholeRig.Of(rig);
        return new RigSubject(whole, whole.Study());
    }

    /// <summary>The rig as it lies, quick plans as their templates.</summary>
    public Rig Saved => Whole.Saved;

    /// <summary>How its runs lie.</summary>
    public RoutedRig Routed => Whole.Routed;

    /// <summary>The rig with every line in full wiring.</summary>
    public Rig Rig => Study.Wired;

    /// <summary>House rules.</summary>
    public HouseRules Rules => Saved.HouseRules;

    /// <summary>The vehicle.</summary>
    public Vehicle Vehicle => Saved.Vehicle;

    /// <summary>The system's volts.</summary>
    public double Volts => Saved.Vehicle.SystemVolts;

    /// <summary>How many 12 V the system has.</summary>
    public double Cells => Volts / 12;

    /// <summary>The one line that uses an element; null where none or several do.</summary>
    public string? LineOf(string element) =>
        Whole.QuickLineOf(TerminalIndex.Split(element).Part) ?? (Study.LinesOf(element) is [var only] ? only : null);

    /// <summary>The box that is to have its minus at the battery post and has it at <paramref name="earth"/>; null where none does.</summary>
    public PowerBox? MinusAt(string earth)
    {
        if (onPost is null)
        {
            onPost = new Dictionary<string, PowerBox>(StringComparer.Ordinal);
            foreach (var box in Rig.PowerBoxes.Where(box => box.MinusOnPost))
                foreach (var link in Study.Map.WiresAt($"{box.Id}.minus")) onPost.TryAdd(WiringMap.Other(link, $"{box.Id}.minus"), box);
        }
        return onPost.GetValueOrDefault(earth);
    }

    /// <summary>What people call parts and wires.</summary>
    public PartNames Names => Study.Names;

    /// <summary>A run at the beginning of a sentence.</summary>
    public string Name(Run run) => $"{Names.Wire(run)}, {run.Wire},";
}
