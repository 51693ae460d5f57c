using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>A rig that stands in one way, with all that could be read and seen there.</summary>
/// <param name="Out">What is taken out for it, as keys of the fault library.</param>
/// <param name="Probes">Where a meter could be held.</param>
/// <param name="Lamps">Lights that can be looked at, as "fixture.function".</param>
public sealed record Standing(string Id, string Words, RigState State, IReadOnlyList<string> Out, IReadOnlyList<PlannedReading> Probes, IReadOnlyList<string> Lamps)
{
    /// <summary>A test lamp that is held to it, and looked at as <see cref="TestLamp"/>; null: none.</summary>
    public Probing? Held { get; init; }

    /// <summary>Ids of other ways that turned out to be the same.</summary>
    internal IReadOnlyList<string> AlsoIds { get; init; } = [];

    /// <summary>All that it is called.</summary>
    internal IEnumerable<string> Ids => AlsoIds.Prepend(Id);

    /// <summary>The same for all in which everything stands alike.</summary>
    internal static string KeyOf(Rig rig, RigState state, IEnumerable<string> without) => $"{StandWords.KeyOf(rig, state)} {string.Join(' ', without.Order(StringComparer.Ordinal))}";

    /// <summary>What a test lamp is called among the lights.</summary>
    internal const string TestLamp = "tester.lamp";
}

/// <summary>What one way of one hypothesis comes to in one standing.</summary>
/// <param name="Values">By probe, V, A or Ω.</param>
/// <param name="Held">By probe: how well what is read is held.</param>
/// <param name="Light">By lamp, as part of its light.</param>
internal sealed record Outcome(double[] Values, ReadingHold[] Held, double[] Light);

/// <summary>What holds what a meter reads.</summary>
internal enum ReadingHold
{
    /// <summary>Wires and contacts.</summary>
    Firm,

    /// <summary>Nothing but the electronics of a lamp: it may be much less.</summary>
    ByElectronics,

    /// <summary>Nothing but leaks: it may be anything near nothing.</summary>
    Floats,
}

/// <summary>What all hypotheses come to in one standing.</summary>
/// <param name="Ways">By way, in the order of the tables.</param>
/// <param name="Drawn">What sound rigs read otherwise than their mean, by rig and probe.</param>
internal sealed record StandTable(Standing Standing, IReadOnlyList<Outcome> Ways, IReadOnlyList<double[]> Drawn, int Solved, int InFull);
