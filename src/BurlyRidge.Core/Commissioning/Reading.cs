using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning;

/// <summary>A reading that is taken at a line.</summary>
/// <param name="Key">Names it within its line.</param>
/// <param name="Words">Where the probes go.</param>
/// <param name="Unit">V, A or Ω.</param>
/// <param name="Value">What a sound rig shows in the middle.</param>
/// <param name="Low">95 of 100 sound rigs show no less.</param>
/// <param name="High">And no more.</param>
public sealed record ExpectedReading(string Key, string Words, Probing Probing, string Unit, double Value, double Low, double High)
{
    /// <summary>The band in words.</summary>
    public string Should => Unit == "Ω" || (Low < 0 && High < NearNothing) ? CommissioningWords.FormatAtMost(ReadingJudge.Say(High, Unit)) : CommissioningWords.FormatFromTo(ReadingJudge.Say(Low, Unit), ReadingJudge.Say(High, Unit));

    private const double NearNothing = 0.1;

    /// <summary>Half of the band's width.</summary>
    internal double Half => Math.Max((High - Low) / 2, 1e-9);

    /// <summary>Half-widths of the band from its middle.</summary>
    internal double Away(double value) => Math.Abs(value - (Low + High) / 2) / Half;
}

/// <summary>Readings that are taken while the rig stands in one way.</summary>
/// <param name="Words">How it has to stand.</param>
/// <param name="State">The same for the dash.</param>
/// <param name="Out">What is taken out or left open for it, as keys of the fault library.</param>
/// <param name="OnBench">It is done with a lamp on the bench, before it is fitted.</param>
public sealed record ReadingGroup(string Id, string Words, RigState State, IReadOnlyList<string> Out, bool OnBench, IReadOnlyList<ExpectedReading> Readings);

/// <summary>What a line should read.</summary>
/// <param name="Print">What the readings follow from, in short: two plans with the same print read the same.</param>
public sealed record LineReadings(string Line, string Name, string Print, IReadOnlyList<ReadingGroup> Groups);
