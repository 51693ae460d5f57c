using System.Text.Json.Serialization;

namespace BurlyRidge.Core.Parts;

/// <summary>One battery of 12 V.</summary>
/// <param name="Id">Stable name within the rig.</param>
/// <param name="CapacityAmpHours">Rated at 20 h, Ah; null: not specified, <see cref="UsualAmpHours"/> are taken.</param>
/// <param name="StateOfCharge">0 to 1; null: not specified, <see cref="UsualCharge"/> is taken.</param>
/// <param name="InternalMilliohms">Resistance when it gives, mΩ (70 to 100 Ah: 4 to 8, typical); null: not specified, <see cref="UsualMilliohms"/> are taken.</param>
/// <param name="Place">Where it stands.</param>
public sealed record Battery(
    string Id, double? CapacityAmpHours = null, double? StateOfCharge = null, double? InternalMilliohms = null, Zone Place = Zone.EngineBay) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>How it is built; null: not specified.</summary>
    public BatteryKind? Kind { get; init; }

    /// <summary>On which side of the vehicle it stands; null: not specified.</summary>
    public Side? Side { get; init; }

    /// <summary>Peukert exponent: 1.1 (AGM) to 1.3 (flooded) (common practice, no source); null: as its kind has it.</summary>
    public double? PeukertExponent { get; init; }

    /// <summary>Capacity that is taken where nobody said, Ah (typical, no source).</summary>
    public const double UsualAmpHours = 80;

    /// <summary>Charge that is taken where nobody said (typical, no source).</summary>
    public const double UsualCharge = 0.9;

    /// <summary>Resistance that is taken where nobody said, mΩ: 4 to 8 for 70 to 100 Ah (typical).</summary>
    public const double UsualMilliohms = 6;

    private const double UsualExponent = 1.2;

    /// <summary>The capacity that it is judged by, Ah.</summary>
    [JsonIgnore]
    public double AmpHours => CapacityAmpHours ?? UsualAmpHours;

    /// <summary>The charge that it is judged by, 0 to 1.</summary>
    [JsonIgnore]
    public double Charge => StateOfCharge ?? UsualCharge;

    /// <summary>The resistance that it is judged by, mΩ.</summary>
    [JsonIgnore]
    public double Milliohms => InternalMilliohms ?? UsualMilliohms;

    /// <summary>The Peukert exponent that it is judged by: flooded 1.3, gel 1.15, AGM 1.1 (common practice, no source), 1.2 where nobody said.</summary>
    [JsonIgnore]
    public double Exponent => PeukertExponent ?? Kind switch
    {
        BatteryKind.Flooded => 1.3,
        BatteryKind.Gel => 1.15,
        BatteryKind.Agm => 1.1,
        _ => UsualExponent,
    };

    /// <summary>Whether a current sensor sits on its minus post; what is returned to the post itself passes it by.</summary>
    public bool CurrentSensor { get; init; }

    private const double ChargingVolts = 14.4;
    private const double AcceptedHours = 5;

    /// <summary>Below this charge it gives less and less (assumed, no source).</summary>
    internal const double AlmostEmpty = 0.05;

    /// <summary>So many times its resistance is added when it is empty (assumed, no source).</summary>
    private const double Exhausted = 200;

    /// <summary>
    /// Open-circuit voltage at rest, 25 °C, of a 12 V lead-acid battery (common practice, no source): 11.8 V flat, 12.0, 12.2
    /// and 12.4 V by quarters, 12.7 V full; straight between.
    /// </summary>
    public static double OpenVolts(double stateOfCharge)
    {
        double[] volts = [11.8, 12.0, 12.2, 12.4, 12.7];
        var quarter = Math.Clamp(stateOfCharge, 0, 1) * 4;
        var below = Math.Min(3, (int)quarter);
        return volts[below] + (quarter - below) * (volts[below + 1] - volts[below]);
    }

    /// <summary>A new one, of which nobody said anything.</summary>
    public static Battery Usual(NewPart part) => new(part.Id) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() => ["plus", "minus"];

    /// <inheritdoc/>
    WireEnd IPart.EndAt(string pin) => WireEnd.Ring;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var vehicle = around.Vehicle;
        var (plus, minus) = ($"{Id}.plus", $"{Id}.minus");
        var place = Enumerable.Range(0, vehicle.Batteries.Count).First(i => vehicle.Batteries[i].Id == Id);
        yield return new PartElement(Id, plus, minus, At(Charge));
        var below = vehicle.BatteryLink == BatteryLink.Series && place > 0 ? $"{vehicle.Batteries[place - 1].Id}.plus" : Vehicle.Body;
        yield return new PartElement($"{Id}.strap", minus, below, new Law.Joint(TypicalOhms.BatteryCable));
        if (vehicle.BatteryLink == BatteryLink.Parallel && place > 0)
            yield return new PartElement($"{Id}.link", $"{vehicle.Batteries[0].Id}.plus", plus, new Law.Joint(TypicalOhms.BatteryCable));
    }

    /// <summary>What it is to the current at a state of charge, 0 to 1.</summary>
    public Law.Battery At(double charge)
    {
        var open = OpenVolts(charge);
        var ohms = Milliohms / 1000 * (1 + Exhausted * Math.Max(0, 1 - Math.Max(0, charge) / AlmostEmpty));
        return new Law.Battery(open, ohms, Math.Max(ohms, (ChargingVolts - open) / (AmpHours / AcceptedHours)));
    }

    /// <inheritdoc/>
    public string PinName(string pin) => PinWords.Of(pin);

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => inside is "plus" or "minus"
        ? new StationWord(StripKind.Source, Id, name, PartWords.FormatPost(inside))
        : new StationWord(StripKind.Lead, Id, PartWords.BatteryCable, "");

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        if (CapacityAmpHours is { } capacity) problems.Within($"{path}.capacityAmpHours", capacity, 1, 2000, PartWords.Ah);
        if (StateOfCharge is { } charge) problems.Within($"{path}.stateOfCharge", charge, 0, 1);
        if (InternalMilliohms is { } milliohms) problems.Within($"{path}.internalMilliohms", milliohms, 0.1, 1000, "mΩ");
        if (PeukertExponent is { } exponent) problems.Within($"{path}.peukertExponent", exponent, 1, 1.6);
    }
}

/// <summary>How a lead-acid battery is built.</summary>
public enum BatteryKind
{
    /// <summary>Free acid.</summary>
    Flooded,

    /// <summary>Acid held in glass mat.</summary>
    Agm,

    /// <summary>Acid held in gel.</summary>
    Gel,
}

/// <summary>How several batteries are joined.</summary>
public enum BatteryLink
{
    /// <summary>Plus to plus; the minus ends on the body.</summary>
    Parallel,

    /// <summary>Plus to the minus of the next; the first minus on the body.</summary>
    Series,

    /// <summary>Not joined at plus, as a second battery behind its charger; the minus ends on the body.</summary>
    Separate,
}
