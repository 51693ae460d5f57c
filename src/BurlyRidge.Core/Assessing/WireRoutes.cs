using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Assessing;

/// <summary>The way of every wire on the vehicle; of a quick plan the wires between different stations follow its route.</summary>
public sealed class WireRoutes(WholeRig whole, PartLocations where)
{
    private readonly Dictionary<string, Routed> routes = whole.Routed.Routes.ToDictionary(route => route.Id, StringComparer.Ordinal);

    /// <summary>Null: it has none.</summary>
    public Routed? Of(Run run) => routes.GetValueOrDefault(run.Id) ?? (whole.QuickLineOf(run.Id) is { } line && Long(run) ? routes.GetValueOrDefault(line) : null);

    private bool Long(Run run) => where.OfTerminal(run.From) is not { } from || from != where.OfTerminal(run.To);
}
