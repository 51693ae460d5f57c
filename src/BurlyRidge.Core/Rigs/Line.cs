namespace BurlyRidge.Core.Rigs;

/// <summary>
/// One switched lighting circuit, from source to earth, with what controls it. It is either planned in short, or wired part
/// by part and then names the lamps that it lights.
/// </summary>
/// <param name="Id">Stable name within the rig.</param>
/// <param name="Name">What the fitter calls it.</param>
/// <param name="Plan">The line in short; null where it is wired part by part.</param>
public sealed record Line(string Id, string Name, LinePlan? Plan = null)
{
    /// <summary>The lamps that it lights, as "fixture.function"; empty where it is planned in short.</summary>
    public IReadOnlyList<string> Lights { get; init; } = [];
}
