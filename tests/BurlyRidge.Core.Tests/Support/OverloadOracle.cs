using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>
/// Knows nothing of the checks: lets a fault at every joint of a rig draw more and more, solves the network, and looks for a
/// wire that carries more than it may while every fuse carries no more than its rating, and so never opens.
/// </summary>
internal static class OverloadOracle
{
    private const double Known = 1.02;

    /// <summary>7 inches (ABYC E-11, from memory).</summary>
    private const double ShortMetres = 0.178;

    private static readonly double[] FaultAmps = [2, 4, 6, 8, 11, 15, 19, 24, 29, 36, 45, 58];

    /// <summary>A wire that is overloaded for good, and how; null where none is.</summary>
    public static string? Unsafe(Rig rig)
    {
        var on = RigStates.EverythingOn(rig);
        var fuses = WiringMap.Of(rig).Links.Where(link => link.Kind == LinkKind.Device).Select(link => (link.Id, Most: (link.Fuse!.Family == FuseFamily.BoltDown ? 1.04 : 1) * link.Fuse.RatingAmps)).ToList();
        var wires = rig.Runs.Select(run => (run.Id, Most: Ampacity.Of(WireTable.Find(run.Wire)!, run.InsulationCelsius, run.Ambient(rig.HouseRules.ZoneCelsius), run.Bundled))).ToList();
        var sound = HarnessCompiler.Solve(rig, on);
        if (sound.Solution is not Solution.Converged) return null;
        if (Overloaded(sound) is { } already) return $"{already} with everything on";
        // A lead as short as may be with no fuse is told by its length, also where one is before it.
        var device = fuses.Select(fuse => fuse.Id).ToHashSet(StringComparer.Ordinal);
        var beside = rig.Runs.Where(run => run.LengthMetres <= ShortMetres).SelectMany(run => run.Ends()).Where(end => device.Contains(TerminalIndex.Split(end).Part)).ToHashSet(StringComparer.Ordinal);
        foreach (var node in rig.Runs.SelectMany(run => run.Ends()).Distinct(StringComparer.Ordinal).Where(node => !beside.Contains(node)).Order(StringComparer.Ordinal))
        {
            foreach (var amps in FaultAmps)
            {
                var solved = HarnessCompiler.Solve(With(rig, node, amps), on);
                if (solved.Solution is not Solution.Converged || fuses.Any(fuse => Math.Abs(solved.Amps(fuse.Id)) > fuse.Most)) break;
                // A fault that no fuse feeds is told by the length of its lead, and by nothing that it draws.
                var drawn = Math.Abs(solved.Amps("oracle"));
                if (drawn > 1 && fuses.Sum(fuse => Math.Abs(solved.Amps(fuse.Id)) - Math.Abs(sound.Amps(fuse.Id))) < drawn / 2) break;
                if (Overloaded(solved) is { } overloaded) return $"{overloaded} with {drawn:0.#} A drawn at {node}";
            }
        }
        return null;

        string? Overloaded(SolvedHarness solved) => wires.Where(wire => Math.Abs(solved.Amps(wire.Id)) > Known * wire.Most)
            .Select(wire => $"{wire.Id} carries {Math.Abs(solved.Amps(wire.Id)):0.#} A of {wire.Most:0.#}").FirstOrDefault();
    }

    private static Rig With(Rig rig, string node, double amps) => rig with
    {
        Loads = [.. rig.Loads, new Load("oracle", "Fault", amps)],
        Runs = [.. rig.Runs, new Run("oracle-out", node, "oracle.plus", "2 AWG", 0.01, [Zone.Cabin]), new Run("oracle-back", "oracle.minus", Vehicle.Body, "2 AWG", 0.01, [Zone.Cabin])],
    };
}
