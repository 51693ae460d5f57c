using BurlyRidge.Core.Rigs;
using System.Collections.Concurrent;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What is to be measured and tried on the vehicle of a plan. It follows from the plan alone, and is worked out once, when it is asked for.</summary>
public sealed class CommissioningPlan
{
    private readonly ReadingPlan readings;
    private readonly ConcurrentDictionary<string, IReadOnlyList<PlannedGroup>> known = new(StringComparer.Ordinal);
    private readonly Lazy<IReadOnlyList<TurnCheck>> turns;

    public CommissioningPlan(RigStudy study)
    {
        Ways = new LineWays(study);
        (Study, readings) = (study, new ReadingPlan(study, Ways));
        turns = new(() => TurnOver.Of(study, Ways));
    }

    public RigStudy Study { get; }

    /// <summary>What is turned over before the rig is handed over, in the order in which it is done.</summary>
    public IReadOnlyList<TurnCheck> Turns => turns.Value;

    /// <summary>What each line hangs on.</summary>
    internal LineWays Ways { get; }

    /// <summary>The terminals that a reading touches.</summary>
    internal IEnumerable<string> TerminalsOf(PlannedReading reading) => readings.Touched(reading);

    /// <summary>Where its meter is held, in words.</summary>
    internal PlannedReading Between(string red, string black, TesterSetting setting = TesterSetting.Volts) => setting == TesterSetting.Ohms ? readings.Ohms(red, black) : readings.Volts(red, black);

    /// <summary>The same of any tester; null: there is no such wire.</summary>
    internal PlannedReading? At(Probing probing) => readings.At(probing);

    /// <summary>How the vehicle stands, in words.</summary>
    /// <param name="without">Keys of the faults that stand for what is taken out.</param>
    internal string How(RigState state, IReadOnlyList<string> without) => readings.How(state, without, []);

    /// <summary>The readings of a line, or of the vehicle, in the order in which they are taken; none where nothing lights it.</summary>
    internal IReadOnlyList<PlannedGroup> Of(string line) => known.GetOrAdd(line, readings.Of);
}
