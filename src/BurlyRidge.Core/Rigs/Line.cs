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

    /// <summary>What its light is for; checks of the trigger go by it.</summary>
    public LineUse Use { get; init; } = LineUse.Unsaid;

    /// <summary>The wishes that it answers.</summary>
    public IReadOnlyList<LightWanted> Answers { get; init; } = [];

    /// <summary>On the vehicle already: it counts in looms, outputs and supply, and sizing and assigning leave it as it is.</summary>
    public bool Existing { get; init; }

    /// <summary>What whoever works on it has to know, up to 500 letters.</summary>
    public string Note { get; init; } = "";

    /// <summary>Where its lamps sit, m behind the front of the vehicle; null where nobody said.</summary>
    public double? MetresFromFront { get; init; }

    /// <summary>Ids of the lamps that it lights, each once.</summary>
    public IReadOnlyList<string> Lamps() => [.. Lights.Select(light => TerminalIndex.Split(light).Part).Distinct()];
}

/// <summary>What the light of a line is for.</summary>
public enum LineUse
{
    /// <summary>Not said.</summary>
    Unsaid,

    /// <summary>Light ahead for driving.</summary>
    Forward,

    /// <summary>Light to the side.</summary>
    Side,

    /// <summary>Light for backing up.</summary>
    Rear,

    /// <summary>Light to work by, standing.</summary>
    Work,

    /// <summary>To be seen, as a parking light.</summary>
    Marker,

    /// <summary>Inside the cabin or tray.</summary>
    Inside,
}
