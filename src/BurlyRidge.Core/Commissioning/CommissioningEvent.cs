using System.Text.Json.Serialization;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning;

/// <summary>Something that was measured, tried or passed; a job's record holds them one after the other.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(BatteryMeasured), "batteryMeasured")]
[JsonDerivedType(typeof(Measured), "measured")]
[JsonDerivedType(typeof(TakenBack), "takenBack")]
[JsonDerivedType(typeof(Turned), "turned")]
[JsonDerivedType(typeof(Passed), "passed")]
[JsonDerivedType(typeof(Looked), "looked")]
[JsonDerivedType(typeof(Probed), "probed")]
[JsonDerivedType(typeof(Forgotten), "forgotten")]
[JsonDerivedType(typeof(CannotReach), "cannotReach")]
[JsonDerivedType(typeof(LookedInto), "lookedInto")]
[JsonDerivedType(typeof(FaultFound), "faultFound")]
public abstract record CommissioningEvent
{
    private CommissioningEvent() { }

    private const int MostName = 200;
    private const int MostText = 2_000;
    private const double LeastVolts = 6;
    private const double MostVolts = 32;

    /// <summary>All that is wrong with it by itself, by field.</summary>
    public IReadOnlyList<Problem> Validate()
    {
        var problems = new Problems();
        Check(problems);
        return problems.Found;
    }

    private protected virtual void Check(Problems problems) { }

    /// <summary>The vehicle's battery at rest, at its posts.</summary>
    public sealed record BatteryMeasured(double Volts) : CommissioningEvent
    {
        private protected override void Check(Problems problems) => problems.Within("volts", Volts, LeastVolts, MostVolts, "V");
    }

    /// <summary>A reading was taken.</summary>
    public sealed record Measured(string Line, string Key, double Value) : CommissioningEvent
    {
        /// <summary>Where and what, as the plan had it then; filled in as it is stored.</summary>
        public string Words { get; init; } = "";

        /// <summary>V, A or Ω; filled in as it is stored.</summary>
        public string Unit { get; init; } = "";

        private protected override void Check(Problems problems)
        {
            problems.Text("line", Line, MostName);
            problems.Text("key", Key, MostName);
        }
    }

    /// <summary>A reading was a slip.</summary>
    public sealed record TakenBack(string Line, string Key) : CommissioningEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("line", Line, MostName);
            problems.Text("key", Key, MostName);
        }
    }

    /// <summary>Something was turned over.</summary>
    /// <param name="AsItShould">Whether just that was lit which should be.</param>
    /// <param name="Note">What else was seen.</param>
    public sealed record Turned(string Key, bool AsItShould, string Note = "") : CommissioningEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("key", Key, MostName);
            problems.Letters("note", Note, MostText);
        }
    }

    /// <summary>A line is commissioned.</summary>
    public sealed record Passed(string Line) : CommissioningEvent
    {
        /// <summary>What its readings followed from; filled in as it is stored.</summary>
        public string Print { get; init; } = "";

        /// <summary>Volts of the battery before; filled in as it is stored.</summary>
        public double? BatteryVolts { get; init; }

        /// <summary>Its readings; filled in as it is stored.</summary>
        public IReadOnlyList<TakenReading> Readings { get; init; } = [];

        private protected override void Check(Problems problems) => problems.Text("line", Line, MostName);
    }

    /// <summary>Something of the search for a fault of a line.</summary>
    public abstract record OfSearch(string Line) : CommissioningEvent
    {
        private protected override void Check(Problems problems) => problems.Text("line", Line, MostName);
    }

    /// <summary>Lamps were looked at while a fault of a line was looked for.</summary>
    /// <param name="Stand">Id of how the rig stood.</param>
    public sealed record Looked(string Line, string Stand, IReadOnlyList<LampLook> Lamps) : OfSearch(Line)
    {
        private const int MostLamps = 500;

        private protected override void Check(Problems problems)
        {
            base.Check(problems);
            problems.Text("stand", Stand, MostName);
            problems.Count("lamps", Lamps.Count, 1, MostLamps, CommissioningWords.LampsLookedAt);
            problems.Each("lamps", Lamps, (path, lamp) => problems.Text($"{path}.lamp", lamp.Lamp, MostName));
        }
    }

    /// <summary>A meter was held to it meanwhile.</summary>
    /// <param name="Value">V, A or Ω.</param>
    public sealed record Probed(string Line, string Stand, Probing Probing, double Value) : OfSearch(Line)
    {
        private protected override void Check(Problems problems)
        {
            base.Check(problems);
            problems.Text("stand", Stand, MostName);
            CheckProbing(problems, Probing);
        }
    }

    /// <summary>What was seen or read there meanwhile was a slip.</summary>
    /// <param name="Probing">Of a reading; null: it was the looks at all lamps.</param>
    public sealed record Forgotten(string Line, string Stand, Probing? Probing = null) : OfSearch(Line)
    {
        private protected override void Check(Problems problems)
        {
            base.Check(problems);
            problems.Text("stand", Stand, MostName);
            if (Probing is not null) CheckProbing(problems, Probing);
        }
    }

    /// <summary>No probe gets to a part, or one does after all.</summary>
    public sealed record CannotReach(string Line, string Part, bool Reached = false) : OfSearch(Line)
    {
        private protected override void Check(Problems problems)
        {
            base.Check(problems);
            problems.Text("part", Part, MostName);
        }
    }

    /// <summary>Somebody looked for faults where they would be, and did not find them.</summary>
    /// <param name="Faults">Keys of the fault library.</param>
    /// <param name="Slip">That they were is taken back.</param>
    public sealed record LookedInto(string Line, IReadOnlyList<string> Faults, bool Slip = false) : OfSearch(Line)
    {
        private const int MostFaults = 500;

        private protected override void Check(Problems problems)
        {
            base.Check(problems);
            problems.Count("faults", Faults.Count, 1, MostFaults, CommissioningWords.FaultsLookedInto);
            problems.Each("faults", Faults, (path, fault) => problems.Text(path, fault, MostText));
        }
    }

    /// <summary>What was wrong is found: the next search begins anew, and the shop knows of one more.</summary>
    /// <param name="Fault">Key of the fault library; empty: nothing was wrong.</param>
    public sealed record FaultFound(string Line, string Fault) : OfSearch(Line)
    {
        private protected override void Check(Problems problems)
        {
            base.Check(problems);
            problems.Letters("fault", Fault, MostText);
        }
    }

    private static void CheckProbing(Problems problems, Probing probing)
    {
        problems.Text("probing.red", probing.Red, MostName);
        problems.Letters("probing.black", probing.Black, MostName);
    }
}

/// <summary>How a lamp looked.</summary>
/// <param name="Lamp">"fixture.function".</param>
public sealed record LampLook(string Lamp, LampSeen As);

/// <summary>A reading as it was taken.</summary>
public sealed record TakenReading(string Key, string Words, double Value, string Unit, DateTimeOffset At, string Who);

/// <summary>A line that was commissioned.</summary>
public sealed record PassedLine(DateTimeOffset At, string Who, CommissioningEvent.Passed What);

/// <summary>Something that was turned over.</summary>
public sealed record TurnedSo(DateTimeOffset At, string Who, bool AsItShould, string Note);

/// <summary>What came of all that was measured and tried on a vehicle.</summary>
/// <param name="BatteryVolts">At rest; null: not measured.</param>
/// <param name="Readings">The last of each, by line and key.</param>
/// <param name="Turned">The last of each, by key.</param>
/// <param name="Passed">Lines that were commissioned, by line.</param>
public sealed record CommissioningRecord(double? BatteryVolts, IReadOnlyDictionary<(string Line, string Key), TakenReading> Readings, IReadOnlyDictionary<string, TurnedSo> Turned, IReadOnlyDictionary<string, PassedLine> Passed)
{
    /// <summary>Faults that are looked for, by line.</summary>
    public IReadOnlyDictionary<string, LineSearch> Searches { get; init; } = new Dictionary<string, LineSearch>();

    /// <summary>Nothing was measured yet.</summary>
    public static CommissioningRecord Nothing { get; } = Of([]);

    /// <summary>Folds what happened, in the order of the log.</summary>
    public static CommissioningRecord Of(IEnumerable<(DateTimeOffset At, string Who, CommissioningEvent What)> log)
    {
        double? volts = null;
        var readings = new Dictionary<(string, string), TakenReading>();
        var turned = new Dictionary<string, TurnedSo>(StringComparer.Ordinal);
        var passed = new Dictionary<string, PassedLine>(StringComparer.Ordinal);
        var searches = new Dictionary<string, LineSearch>(StringComparer.Ordinal);
        foreach (var (at, who, what) in log)
        {
            if (what is CommissioningEvent.OfSearch { Line: var of }) searches[of] = searches.GetValueOrDefault(of, LineSearch.Nothing).After(what);
            switch (what)
            {
                case CommissioningEvent.BatteryMeasured battery:
                    volts = battery.Volts;
                    break;
                case CommissioningEvent.Measured measured:
                    readings[(measured.Line, measured.Key)] = new TakenReading(measured.Key, measured.Words, measured.Value, measured.Unit, at, who);
                    break;
                case CommissioningEvent.TakenBack back:
                    readings.Remove((back.Line, back.Key));
                    break;
                case CommissioningEvent.Turned one:
                    turned[one.Key] = new TurnedSo(at, who, one.AsItShould, one.Note);
                    break;
                case CommissioningEvent.Passed line:
                    passed[line.Line] = new PassedLine(at, who, line);
                    break;
            }
        }
        return new CommissioningRecord(volts, readings, turned, passed) { Searches = searches };
    }

    /// <summary>The same with readings of a trial for those of a line.</summary>
    public CommissioningRecord InTrial(string line, IEnumerable<(string Key, double Value)> trial) =>
        this with { Readings = trial.DistinctBy(reading => reading.Key).ToDictionary(reading => (line, reading.Key), reading => new TakenReading(reading.Key, "", reading.Value, "", DateTimeOffset.UnixEpoch, "")) };
}
