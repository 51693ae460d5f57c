using BurlyRidge.Core.Commissioning.Diagnosing;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What is known of the fault of a line that is looked for.</summary>
/// <param name="Beyond">Parts that no probe gets to.</param>
/// <param name="LookedInto">Faults that were looked for where they would be, and not found.</param>
public sealed record LineSearch(IReadOnlyList<SeenLamp> Seen, IReadOnlyList<ReadHere> Read, IReadOnlyList<string> Beyond, IReadOnlyList<string> LookedInto)
{
    /// <summary>Nothing yet.</summary>
    public static LineSearch Nothing { get; } = new([], [], [], []);

    /// <summary>After one more event; of any that is of no search the same.</summary>
    public LineSearch After(CommissioningEvent what) => what switch
    {
        CommissioningEvent.Looked look => this with { Seen = [.. Seen.Where(other => other.Stand != look.Stand || look.Lamps.All(lamp => lamp.Lamp != other.Lamp)), .. look.Lamps.Select(lamp => new SeenLamp(look.Stand, lamp.Lamp, lamp.As))] },
        CommissioningEvent.Probed probed => this with { Read = [.. Read.Where(other => other.Stand != probed.Stand || other.Probing != probed.Probing), new ReadHere(probed.Stand, probed.Probing, probed.Value)] },
        CommissioningEvent.Forgotten { Probing: { } probing } slip => this with { Read = [.. Read.Where(other => other.Stand != slip.Stand || other.Probing != probing)] },
        CommissioningEvent.Forgotten slip => this with { Seen = [.. Seen.Where(other => other.Stand != slip.Stand)] },
        CommissioningEvent.CannotReach part => this with { Beyond = [.. Beyond.Where(other => other != part.Part), .. part.Reached ? Array.Empty<string>() : [part.Part]] },
        CommissioningEvent.LookedInto into => this with { LookedInto = [.. LookedInto.Except(into.Faults), .. into.Slip ? [] : into.Faults.Distinct()] },
        CommissioningEvent.FaultFound => Nothing,
        _ => this,
    };
}
