using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Altering;

/// <summary>Takes parts out with what names them.</summary>
internal static class PartRemoval
{
    /// <summary>The rig without the fitted parts of these ids, their places and what they take; wires and lines stay.</summary>
    public static Rig Fitted(Rig rig, IReadOnlySet<string> gone) => Unplaced(Rig.Lists.Aggregate(rig, (left, list) => list.Keep(left, id => !gone.Contains(id))), gone);

    /// <summary>The rig without one part, its own or the vehicle's, and without the wires that end at it; null where there is none that can be taken out.</summary>
    public static (Rig Rig, int Wires)? WithWires(Rig rig, string part)
    {
        if (Rig.Lists.FirstOrDefault(list => list.Of(rig).Any(other => other?.Id == part)) is not { } list || list.Without(rig, part) is not { } left) return null;
        var runs = left.Runs.Where(run => run.Ends().All(end => TerminalIndex.Split(end).Part != part)).ToList();
        return (Unplaced(left, new HashSet<string>(StringComparer.Ordinal) { part }) with
        {
            Runs = runs,
            Lines = [.. left.Lines.Select(line => line with
            {
                Lights = [.. line.Lights.Where(light => TerminalIndex.Split(light).Part != part)],
                Plan = line.Plan is { } plan ? plan with { Fixtures = [.. plan.Fixtures.Where(id => id != part)] } : null,
            })],
        }, left.Runs.Count - runs.Count);
    }

    private static Rig Unplaced(Rig rig, IReadOnlySet<string> gone)
    {
        IReadOnlyList<LampAim> Left(IReadOnlyList<LampAim> aims) => [.. aims.Where(aim => !gone.Contains(aim.Lamp))];
        return rig with
        {
            Places = [.. rig.Places.Where(place => !gone.Contains(Owner(place.Part)))],
            PartBodies = [.. rig.PartBodies.Where(body => !gone.Contains(Owner(body.Part)))],
            Beams = rig.Beams with { Aims = Left(rig.Beams.Aims), Setups = [.. rig.Beams.Setups.Select(setup => setup with { Aims = Left(setup.Aims) })] },
        };
    }

    /// <summary>The box that a panel is of; another part is its own.</summary>
    private static string Owner(string placed) => TerminalIndex.Split(placed).Part;
}
