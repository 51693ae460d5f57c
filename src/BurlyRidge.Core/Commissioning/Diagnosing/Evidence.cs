using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>How a light looked while the rig stood in one way.</summary>
/// <param name="Stand">Id of the standing.</param>
/// <param name="Lamp">"fixture.function".</param>
public sealed record SeenLamp(string Stand, string Lamp, LampSeen As);

/// <summary>What a meter read while the rig stood in one way.</summary>
/// <param name="Value">V, A or Ω; of ohms that are out of range more than any resistance.</param>
public sealed record ReadHere(string Stand, Probing Probing, double Value);

/// <summary>All that is known of what is wrong.</summary>
/// <param name="Open">Parts and wires that the log of the work has as open, loose or not done.</param>
public sealed record Evidence(IReadOnlyList<SeenLamp> Seen, IReadOnlyList<ReadHere> Read, IReadOnlyList<string> Open, FaultOdds Odds)
{
    /// <summary>Nothing was looked at yet.</summary>
    public static Evidence Nothing { get; } = new([], [], [], FaultOdds.Assumed);
}
