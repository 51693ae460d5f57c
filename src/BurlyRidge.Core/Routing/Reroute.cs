using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Routing;

/// <summary>A length that would change.</summary>
/// <param name="Id">Id of the run or the line.</param>
/// <param name="Name">What it is called.</param>
/// <param name="BeforeMetres">Now, m.</param>
/// <param name="AfterMetres">Then, m.</param>
public sealed record LengthChange(string Id, string Name, double BeforeMetres, double AfterMetres);

/// <summary>The whole rig led the best way.</summary>
/// <param name="Changes">Every length that differs by a centimetre or more.</param>
/// <param name="CopperBeforeKilograms">Copper of all runs now, kg.</param>
/// <param name="CopperAfterKilograms">The same then, kg.</param>
/// <param name="Left">What stays as it is, with the reason.</param>
public sealed record Reroute(
    Rig Rig, IReadOnlyList<LengthChange> Changes, double CopperBeforeKilograms, double CopperAfterKilograms, IReadOnlyList<string> Left)
{

    private const double ShownMetres = 0.01;

    /// <summary>
    /// Leads everything whose ends are placed the best way, lanes asked for before given up; lengths by hand stay, what has no
    /// route keeps the length that it has, and a planned line that is on the vehicle already keeps its route.
    /// </summary>
    public static Reroute Of(Rig rig)
    {
        var before = RoutedRig.Of(rig).Rig;
        var whereabouts = PartLocations.Of(rig);
        var (left, names) = (new List<string>(), PartNames.Of(before));
        bool Placed(Run run)
        {
            if (whereabouts.OfTerminal(run.From) is not null && whereabouts.OfTerminal(run.To) is not null) return true;
            left.Add(VehicleWords.FormatHasNoLocation(names.Wire(run), PartNames.Small(names.Terminal(whereabouts.OfTerminal(run.From) is null ? run.From : run.To))));
            return false;
        }

        var asked = rig with
        {
            Runs = [.. before.Runs.Select(run => Placed(run) ? run with { Lay = (run.Lay ?? new Lay()) with { Through = [] } } : run)],
            Lines =
            [
                .. before.Lines.Select(line => line is { Existing: false, Plan: { Lay: { } lay } plan }
                    ? line with { Plan = plan with { Lay = lay with { Lay = lay.Lay with { Through = [] } } } }
                    : line),
            ],
        };
        var laid = RoutedRig.Of(asked);
        left.AddRange(laid.Routes.Where(route => route.Route is null).Select(route => VehicleWords.FormatNoRouteLeadsFromTo(route.NameIn(names), names.Place(route.From ?? ""), names.Place(route.To ?? ""))));
        left.AddRange(laid.Rig.Lines.Where(line => line.Plan is { Lay: null }).Select(line => VehicleWords.FormatItsLampsHaveNoLocation(line.Name)));
        return new Reroute(laid.Rig, [.. Differing(before, laid.Rig, names)], Copper(before), Copper(laid.Rig), left);
    }

    private static IEnumerable<LengthChange> Differing(Rig before, Rig after, PartNames names)
    {
        foreach (var (old, now) in before.Runs.Zip(after.Runs))
            if (Math.Abs(old.LengthMetres - now.LengthMetres) >= ShownMetres) yield return new LengthChange(now.Id, names.Wire(now), old.LengthMetres, now.LengthMetres);
        foreach (var (old, now) in before.Lines.Zip(after.Lines))
            if (old.Plan is { } was && now.Plan is { } plan && Math.Abs(was.OneWayMetres - plan.OneWayMetres) >= ShownMetres)
                yield return new LengthChange(now.Id, now.Name, was.OneWayMetres, plan.OneWayMetres);
    }

    /// <summary>Copper of all runs; a line planned in short counts once it is sized.</summary>
    public static double Copper(Rig rig) =>
        rig.Runs.Sum(run => Conductors.Copper.Kilograms(WireTable.Find(run.Wire)!, run.LengthMetres));
}
