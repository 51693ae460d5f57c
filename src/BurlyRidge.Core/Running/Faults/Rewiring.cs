using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Running.Faults;

/// <summary>Wires on terminals where they do not belong.</summary>
internal static class Rewiring
{
    /// <summary>All wires of two terminals changed over.</summary>
    public static Rig Swap(Rig rig, string one, string other)
    {
        string Of(string end) => end == one ? other : end == other ? one : end;
        return rig with { Runs = [.. rig.Runs.Select(run => run with { From = Of(run.From), To = Of(run.To) })] };
    }

    /// <summary>All wires of a terminal on another.</summary>
    public static Rig Move(Rig rig, string from, string to)
    {
        string Of(string end) => end == from ? to : end;
        return rig with { Runs = [.. rig.Runs.Select(run => run with { From = Of(run.From), To = Of(run.To) })] };
    }

    /// <summary>Whether any wire ends at a terminal.</summary>
    public static bool Wired(Rig rig, string terminal) => rig.Runs.Any(run => run.From == terminal || run.To == terminal);
}
