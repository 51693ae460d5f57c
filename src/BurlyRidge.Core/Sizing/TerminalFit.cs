using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Terminals that go with the wires: who takes another size takes the terminals for it.</summary>
public static class TerminalFit
{
    /// <summary>
    /// <paramref name="after"/> with terminals that take its wires, at joints whose wires fitted <paramref name="before"/>; one
    /// that did not fit is left for its own check.
    /// </summary>
    public static Rig After(Rig before, Rig after)
    {
        if (after.Joints.All(joint => joint.Takes is null)) return after;
        var (were, are) = (Copper(before), Copper(after));
        return after with
        {
            Joints = [.. after.Joints.Select(joint =>
            {
                if (joint.Takes is not { } takes || !Fits(takes, were[joint.Id]) || Fits(takes, are[joint.Id])) return joint;
                return joint with { Takes = CopperRange.ToBuy(are[joint.Id].Min(), are[joint.Id].Max()) };
            })],
        };
    }

    private static bool Fits(CopperRange takes, IEnumerable<double> copper) => copper.All(takes.Holds);

    /// <summary>Copper in each terminal, by joint.</summary>
    private static ILookup<string, double> Copper(Rig rig) => rig.Runs
        .SelectMany(run => new[] { (End: run.From, run.Wire), (End: run.To, run.Wire) })
        .GroupBy(end => end.End, end => WireTable.Find(end.Wire)!.CopperSquareMillimetres)
        .ToLookup(terminal => TerminalIndex.Split(terminal.Key).Part, terminal => terminal.Sum());
}
