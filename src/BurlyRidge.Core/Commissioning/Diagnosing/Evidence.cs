using BurlyRidge.Core.Rigs;
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
/// <param name="LookedInto">Faults that somebody looked for where they would be, and did not find, as keys of the fault library.</param>
public sealed record Evidence(IReadOnlyList<SeenLamp> Seen, IReadOnlyList<ReadHere> Read, IReadOnlyList<string> Open, IReadOnlyList<string> LookedInto, FaultOdds Odds)
{
    /// <summary>One who looks for a fault that is there misses it so often (assumed, no source).</summary>
    internal const double Missed = 0.02;

    /// <summary>Nothing was looked at yet.</summary>
    public static Evidence Nothing { get; } = new([], [], [], [], FaultOdds.Assumed);

    /// <summary>How often one fault is what is wrong beside others of its kind and of other kinds, before anything was seen or read.</summary>
    internal double Odd(RigFault fault) => Odds.Share(fault.Kind) * (LookedInto.Contains(fault.Key) ? Missed : 1) * (Open.Contains(fault.Part) || Open.Contains(TerminalIndex.Split(fault.Part).Part) ? OpenFactor : 1);

    /// <summary>A part that the log has as open or loose is so many times as likely to be what is wrong (assumed, no source).</summary>
    private const double OpenFactor = 8;
}
