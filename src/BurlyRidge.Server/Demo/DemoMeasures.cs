using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Server.Demo;

/// <summary>A demo vehicle of which some lines were measured and tried.</summary>
/// <param name="Passed">Lines that were passed, by id.</param>
/// <param name="Begun">The one that was being measured; empty: none.</param>
/// <param name="Wrong">The end of the key of the reading of it that is not as it should be.</param>
/// <param name="Turned">So much of the turn-over was done.</param>
internal sealed record DemoMeasures(IReadOnlyList<string> Passed, string Begun, string Wrong, int Turned)
{
    /// <summary>Readings that are of the vehicle and of no line.</summary>
    public const string Vehicle = "vehicle";

    private const double BatteryVolts = 12.58;

    /// <summary>What a way back on paint adds, V.</summary>
    private const double TooMuch = 0.6;

    /// <summary>All of it, in its order.</summary>
    public IEnumerable<CommissioningEvent> Events(RigStudy study, DateTimeOffset now)
    {
        var plan = new CommissioningPlan(study);
        yield return new CommissioningEvent.BatteryMeasured(BatteryVolts);
        foreach (var line in Passed)
        {
            var (print, readings) = ReadingBands.AsPlanned(plan, line);
            foreach (var reading in readings) yield return reading;
            yield return new CommissioningEvent.Passed(line) { Print = print, BatteryVolts = BatteryVolts, Readings = [.. readings.Select(reading => new TakenReading(reading.Key, reading.Words, reading.Value, reading.Unit, now, ""))] };
        }
        foreach (var reading in Begun.Length == 0 ? [] : ReadingBands.AsPlanned(plan, Begun).Readings)
        {
            var wrong = reading.Key.EndsWith(Wrong, StringComparison.Ordinal);
            yield return wrong ? reading with { Value = Math.Round(reading.Value + TooMuch, 2) } : reading;
            if (wrong) break;
        }
        foreach (var check in plan.Turns.Take(Turned)) yield return new CommissioningEvent.Turned(check.Key, AsItShould: true);
    }
}
