using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>How far a diagnosis is.</summary>
public enum DiagnosisStage
{
    /// <summary>Several causes are left.</summary>
    Open,

    /// <summary>One is left.</summary>
    Found,

    /// <summary>Nothing that shows is wrong.</summary>
    Sound,

    /// <summary>It takes two faults at once.</summary>
    TwoFaults,

    /// <summary>No fault and no two faults explain it.</summary>
    NothingFits,
}

/// <summary>What may be wrong, and what cannot be told from it.</summary>
/// <param name="Key">Of its first fault, or of both; empty: nothing is wrong.</param>
/// <param name="Share">How likely it is, 0 to 1.</param>
/// <param name="Names">All faults that read alike, the likeliest first.</param>
/// <param name="Keys">The same as keys of the fault library.</param>
/// <param name="LookAt">What to look at.</param>
public sealed record LeftCause(string Key, double Share, IReadOnlyList<string> Names, IReadOnlyList<string> Keys, IReadOnlyList<string> LookAt);

/// <summary>What a reading may come to.</summary>
/// <param name="Reads">In words.</param>
/// <param name="Share">How likely that is, 0 to 1.</param>
/// <param name="Leaves">What is left then, the likeliest first.</param>
public sealed record ReadingOutcome(string Reads, double Share, IReadOnlyList<string> Leaves);

/// <summary>Something to measure or to look at.</summary>
/// <param name="Stand">Id of how the rig has to stand.</param>
/// <param name="Stands">The same in words.</param>
/// <param name="Probing">Where the meter is held; null: a lamp is looked at.</param>
/// <param name="Lamp">The lamp that is looked at; empty: a meter is held.</param>
/// <param name="Unit">V, A or Ω; empty: a look.</param>
/// <param name="Covers">What has to come off for it.</param>
/// <param name="Bits">Expected information, bits.</param>
/// <param name="Parts">Parts that have to be reached.</param>
public sealed record NextReading(
    string Stand, string Stands, RigState State, Probing? Probing, string Lamp, string Words, string Unit, double Minutes, IReadOnlyList<string> Covers, double Bits, IReadOnlyList<ReadingOutcome> Outcomes, IReadOnlyList<string> Parts);

/// <summary>A lamp in one way of standing.</summary>
/// <param name="Should">How it looks on a sound rig.</param>
/// <param name="Seen">How it looked; null: not yet.</param>
public sealed record LampHere(string Lamp, string Name, LampSeen Should, LampSeen? Seen);

/// <summary>A way for the rig to stand.</summary>
/// <param name="Words">What is turned and pressed.</param>
/// <param name="Out">What is taken out for it, as keys of the fault library.</param>
public sealed record StandHere(string Id, string Words, RigState State, IReadOnlyList<string> Out, IReadOnlyList<LampHere> Lamps);

/// <summary>A reading that was taken.</summary>
/// <param name="Fits">It agrees with what is likeliest.</param>
public sealed record TakenHere(string Stand, string Stands, Probing Probing, string Words, double Value, string Reads, bool Fits);

/// <summary>A fault that was looked for where it would be, and not found; or a part that no probe gets to.</summary>
/// <param name="Key">Of the fault library; or the part's id.</param>
public sealed record SetAside(string Key, string Name);

/// <summary>What is wrong with a line, as far as it is known.</summary>
/// <param name="Words">The same in words.</param>
/// <param name="Left">The likeliest causes.</param>
/// <param name="LeftCount">How many are left that are not next to impossible.</param>
/// <param name="RuledOut">How many are not, even were one reading wrong.</param>
/// <param name="Silent">Faults that nothing shows: left to inspection.</param>
/// <param name="Next">What to do next, the best first; empty: nothing tells more.</param>
/// <param name="LookedInto">Faults that were looked for and not found.</param>
/// <param name="NotReached">Parts that no probe gets to.</param>
/// <param name="Odds">What the order of likelihood is from.</param>
/// <param name="Faults">How many single faults were tried.</param>
/// <param name="Solved">How often the rig was solved for it.</param>
public sealed record DiagnosisView(
    string Line, DiagnosisStage Stage, string Words, IReadOnlyList<LeftCause> Left, int LeftCount, int RuledOut, IReadOnlyList<string> Silent, IReadOnlyList<NextReading> Next,
    IReadOnlyList<StandHere> Stands, IReadOnlyList<TakenHere> Taken, IReadOnlyList<SetAside> LookedInto, IReadOnlyList<SetAside> NotReached, string Odds, int Faults, int Solved);
