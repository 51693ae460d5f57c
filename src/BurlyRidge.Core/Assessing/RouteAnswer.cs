using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Assessing;

/// <summary>How one run, or a line planned in short, lies.</summary>
/// <param name="Id">Id of the run or line.</param>
/// <param name="IsLine">Whether it is a line planned in short.</param>
/// <param name="Metres">The length that counts, m; null where there is none yet.</param>
/// <param name="RoutedMetres">Along the lanes, slack and loops included, m; null where no way leads there.</param>
/// <param name="MeasuredMetres">By hand, m.</param>
/// <param name="Stations">Where it starts, passes and ends.</param>
/// <param name="Lanes">In order.</param>
public sealed record RouteAnswer(
    string Id, bool IsLine, double? Metres, double? RoutedMetres, double? MeasuredMetres, IReadOnlyList<string> Stations, IReadOnlyList<string> Lanes)
{
    /// <summary>Reads how something lies.</summary>
    public static RouteAnswer Of(Routed laid) => new(
        laid.Id, laid.IsLine, laid.Metres, laid.RoutedMetres, laid.MeasuredMetres, laid.Route?.Stations ?? [], [.. (laid.Route?.Lanes ?? []).Select(lane => lane.Id)]);
}
