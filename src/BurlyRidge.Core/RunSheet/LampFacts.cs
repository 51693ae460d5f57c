using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.RunSheet;

/// <summary>What of a lamp its steps go by.</summary>
internal static class LampFacts
{
    public static IReadOnlyList<Fact> Of(Draft draft, IEnumerable<Fixture> lamps) => [.. lamps.Select(lamp => new Fact(lamp.Id, draft.Names[lamp.Id], Of(draft, lamp)))];

    private static string Of(Draft draft, Fixture lamp) => string.Join(", ", new[]
    {
        Format.Watts(lamp.Functions.Sum(function => function.Power)),
        lamp.Body is { } body ? Format.Millimetres(body.WidthMillimetres, draft.Units) : "",
        lamp.Bracket?.Name ?? "",
        draft.Station(lamp.Id),
    }.Where(word => word.Length > 0));
}
