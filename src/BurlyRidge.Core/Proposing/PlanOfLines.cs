using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>A rig with decided lines put in.</summary>
/// <param name="Rig">Null where one of them suits it no more.</param>
/// <param name="Name">The light of that one; of a rig, of the first line.</param>
/// <param name="LineId">The line of the first; empty where there is no rig.</param>
public sealed record PlanOfLines(Rig? Rig, string Name, string LineId, IReadOnlyList<string> Notes)
{
    /// <summary>Puts them in as the proposal did: what it showed is what comes of it where all of its lines are taken.</summary>
    /// <param name="rig">A valid rig.</param>
    /// <param name="lines">At least one, each without problems.</param>
    /// <exception cref="OperationCanceledException"/>
    public static PlanOfLines Of(Rig rig, IReadOnlyList<PlannedLight> lines, IReadOnlyList<CatalogueLamp> lamps, IReadOnlyList<Kit> kits, QuickSizes? sizes, CancellationToken cancellation)
    {
        var trade = new Trade(lamps, _ => new PlanCost(0, 0)) { Kits = kits, Sizes = sizes };
        var (now, notes, first) = (Building.On(rig, trade, cancellation), new List<string>(), "");
        foreach (var line in lines.OrderBy(line => Building.Order(rig, line.Mount)))
        {
            if (now.With(line, trade, cancellation) is not { } next) return new PlanOfLines(null, LightWords.NameOf(line.Light), "", []);
            now = next.Building;
            if (line == lines[0]) first = next.Line.LineId;
            notes.AddRange(next.Line.Notes);
        }
        return new PlanOfLines(now.Finished(rig, trade, cancellation).Rig, LightWords.NameOf(lines[0].Light), first, [.. notes.Distinct()]);
    }
}
