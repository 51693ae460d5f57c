using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What a reading tells.</summary>
public enum ReadingVerdict
{
    /// <summary>A sound rig reads so.</summary>
    AsExpected,

    /// <summary>Hardly one sound rig reads so.</summary>
    MeasureAgain,

    /// <summary>Something is wrong.</summary>
    NotPassed,
}

/// <summary>A fault that would read so.</summary>
/// <param name="Key">Of the fault library.</param>
/// <param name="Reads">What it would read, in words.</param>
public sealed record Suspect(string Key, string Name, string Reads);

/// <summary>A reading, judged.</summary>
/// <param name="By">How far it is out of its band, in words; empty: it is inside.</param>
/// <param name="Suspects">What would read so, the likeliest first.</param>
public sealed record JudgedReading(ReadingVerdict Verdict, string By, IReadOnlyList<Suspect> Suspects);

/// <summary>Holds readings against what they should be.</summary>
public static class ReadingJudge
{
    /// <summary>Up to so many half-widths from the middle of a band a reading is taken again.</summary>
    public const double AgainWithin = 1.7;

    private const int MostSuspects = 5;

    /// <summary>A fault's own ohms are not known: so far off it may be, as a part of what it changes.</summary>
    private const double FaultSpread = 0.3;

    /// <summary>What one place further down among the frequent ones counts, beside the square of how far off it is (assumed, no source).</summary>
    private const double OrderWeight = 0.03;

    /// <summary>Volts above those of the system that an alternator, a charger and a meter can make of it (typical, no source).</summary>
    private const double MostVoltsFactor = 1.35;

    private const double MostOhms = 40e6;

    /// <summary>Why a reading cannot be; empty: it can.</summary>
    public static string Refuse(Rig rig, ExpectedReading reading, double value) => Refuse(rig, reading.Unit, value);

    /// <summary>The same of a meter that is held anywhere.</summary>
    public static string Refuse(Rig rig, Probing probing, double value) => Refuse(rig, ReadingBands.UnitOf(probing.Setting), value);

    private static string Refuse(Rig rig, string unit, double value)
    {
        if (!double.IsFinite(value)) return CommissioningWords.NotANumber;
        var volts = rig.Vehicle.SystemVolts * MostVoltsFactor;
        return unit switch
        {
            "V" when Math.Abs(value) > volts => CommissioningWords.FormatTooHighVolts(Format.Volts(value), Format.Volts(volts)),
            "A" when Math.Abs(value) > MostAmps(rig) => CommissioningWords.FormatTooManyAmps(Format.Amps(value), Format.RatedAmps(MostAmps(rig))),
            "Ω" when value < 0 => CommissioningWords.OhmsBelowNothing,
            "Ω" when value > MostOhms => CommissioningWords.FormatTooManyOhms("40 MΩ"),
            _ => "",
        };
    }

    /// <summary>Inside its band, near it, or beyond.</summary>
    public static ReadingVerdict Verdict(ExpectedReading reading, double value) =>
        reading.Away(value) is <= 1 ? ReadingVerdict.AsExpected : reading.Away(value) <= AgainWithin ? ReadingVerdict.MeasureAgain : ReadingVerdict.NotPassed;

    /// <summary>Judges a reading of a line; null where there is no such reading.</summary>
    public static JudgedReading? Judge(CommissioningPlan plan, LineReadings line, string key, double value)
    {
        var group = line.Groups.FirstOrDefault(group => group.Readings.Any(reading => reading.Key == key));
        if (group?.Readings.First(reading => reading.Key == key) is not { } reading) return null;
        var verdict = Verdict(reading, value);
        var by = verdict == ReadingVerdict.AsExpected ? ""
            : value < reading.Low ? CommissioningWords.FormatBelow(Say(reading.Low - value, reading.Unit)) : CommissioningWords.FormatAbove(Say(value - reading.High, reading.Unit));
        return new JudgedReading(verdict, by, verdict == ReadingVerdict.NotPassed && !group.OnBench ? Suspects(plan, line.Line, group.Id, reading, value) : []);
    }

    /// <summary>From here up no tenths are said, Ω.</summary>
    private const double WholeOhms = 100;

    /// <summary>A value with its unit.</summary>
    public static string Say(double value, string unit) => unit switch { "V" => Format.Volts(value), "A" => Format.Amps(value), _ => value < WholeOhms ? FormattableString.Invariant($"{value:0.0} {unit}") : FormattableString.Invariant($"{value:0} {unit}") };

    /// <summary>How far a value is from what a fault reads, up to 1 near enough. Rust and paint have as many ohms as they like: they may change it by less or by more.</summary>
    private static double AwayOf(RigFault fault, double reads, double sound, double value, double half)
    {
        var near = Math.Abs(reads - value) / (half + FaultSpread * Math.Abs(reads - sound));
        var share = (value - sound) / (reads - sound);
        return fault.Faults.OfType<Fault.AddedResistance>().Any() && share > 0 ? Math.Min(near, Math.Abs(Math.Log(share)) / Math.Log(OhmsSpread)) : near;
    }

    /// <summary>Ohms of a bad joint are within so many times what the library has, either way (assumed, no source).</summary>
    private const double OhmsSpread = 5;

    private static double MostAmps(Rig rig) => rig.Protection.Select(device => device.Fuse.RatingAmps).Concat(rig.InlineBreakers.Select(breaker => breaker.RatingAmps)).Append(LeastFuseAmps).Max() * 2;

    private const double LeastFuseAmps = 30;

    private static List<Suspect> Suspects(CommissioningPlan plan, string line, string id, ExpectedReading reading, double value)
    {
        var group = plan.Of(line).First(group => group.Id == id);
        var place = group.Readings.Select(planned => LineCard.KeyOf(group.Id, planned.Key)).ToList().IndexOf(reading.Key);
        var sound = new Stand(group, null).Read()[place];
        return [.. FaultLibrary.Of(group.Rig, plan.Study.Names).Where(fault => !group.Out.Contains(fault.Key)).AsParallel().AsOrdered()
            .Select(fault => (Fault: fault, Reads: new Stand(group, null, fault.Key).Read()[place]))
            .Where(pair => double.IsFinite(pair.Reads) && Math.Abs(pair.Reads - sound) > reading.Half / 2)
            .Select(pair => (pair.Fault, pair.Reads, Away: AwayOf(pair.Fault, pair.Reads, sound, value, reading.Half)))
            .Where(pair => pair.Away <= 1)
            .OrderBy(pair => pair.Away * pair.Away + OrderWeight * FaultOdds.Order(pair.Fault.Kind))
            .Take(MostSuspects)
            .Select(pair => new Suspect(pair.Fault.Key, pair.Fault.Name, Say(pair.Reads, reading.Unit)))];
    }
}
