using System.Text.Json.Serialization;

namespace BurlyRidge.Core.Parts;

/// <summary>A lamp as bought. Terminals: "id.pin" for every pin that its functions and its dim lead name.</summary>
public sealed record Fixture(string Id, string Name, IReadOnlyList<LampFunction> Functions) : IPart
{
    /// <summary>Pins that come out of it and are joined to nothing inside that matters, such as a lead to be capped.</summary>
    public IReadOnlyList<string> SparePins { get; init; } = [];

    /// <summary>What it is like to the hand, as sold; null where nobody said.</summary>
    public LampDimensions? Body { get; init; }

    /// <summary>The same as measured when it arrived; null: not yet.</summary>
    public LampDimensions? Measured { get; init; }

    /// <summary>Size of the wire in its maker's harness, by name; null where nobody said.</summary>
    public string? HarnessWire { get; init; }

    /// <summary>The fuse in its maker's harness, A; null where nobody said.</summary>
    public double? HarnessFuseAmps { get; init; }

    /// <summary>What stands between it and its mount; null: it is held directly.</summary>
    public Bracket? Bracket { get; init; }

    /// <summary>Closed against water; null: not specified.</summary>
    public bool? Sealed { get; init; }

    /// <summary>Comes with a cover for the road.</summary>
    public bool Covered { get; init; }

    private const double DimPullUpOhms = 10_000;
    private const double DimPullInVolts = 4;
    private const double DimDropOutVolts = 2;

    /// <inheritdoc/>
    int IPart.Size => Math.Max(1, Functions.Count);

    /// <summary>A new one: a regulated LED lamp of 20 W.</summary>
    public static Fixture Usual(NewPart part) => new(part.Id, part.Called(PartWords.Lamp), [new LampFunction("main", LampKind.RegulatedLed, 20, part.SystemVolts)]);

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() =>
    [
        .. Functions.Where(function => function is not null)
            .SelectMany(function => function.DimPin is null ? [function.Plus, function.Minus] : new[] { function.Plus, function.Minus, function.DimPin }),
        .. SparePins,
    ];

    /// <inheritdoc/>
    public IPart WithPin(string pin, string name)
    {
        string Of(string old) => old == pin ? name : old;
        return this with
        {
            Functions = [.. Functions.Select(light => light with { Plus = Of(light.Plus), Minus = Of(light.Minus), DimPin = light.DimPin is { } dim ? Of(dim) : null })],
            SparePins = [.. SparePins.Select(Of)],
        };
    }

    /// <summary>Lamps come with a lead of their own (common practice, no source).</summary>
    WireEnd IPart.EndAt(string pin) => WireEnd.OntoLead;

    /// <summary>Each light; a dim lead is held up inside the lamp, and drawn down to earth it dims.</summary>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        foreach (var function in Functions)
        {
            var id = $"{Id}.{function.Id}";
            yield return new PartElement(id, $"{Id}.{function.Plus}", $"{Id}.{function.Minus}", function.Kind switch
            {
                LampKind.RegulatedLed => new Law.RegulatedLamp(function.Power, function.TurnsOnAt(), function.DropsOutAt())
                {
                    DimmedBy = Dimmer(function),
                    DimFraction = function.DimFraction,
                },
                LampKind.ResistorLed => new Law.Load(function.RatedVolts * function.RatedVolts / function.Power) { OneWay = true },
                _ => new Law.Filament(function.Power, function.RatedVolts),
            });
            if (Dimmer(function) is { } dimmer)
                yield return new PartElement($"{id}.pull-up", $"{Id}.{function.Plus}", dimmer.Plus, new Law.Load(DimPullUpOhms) { Weak = true });
        }
    }

    /// <inheritdoc/>
    public IEnumerable<ControlInput> Inputs(Surroundings around) => Functions.Select(Dimmer).OfType<ControlInput>();

    private ControlInput? Dimmer(LampFunction function) => function is not { Kind: LampKind.RegulatedLed, DimPin: { } pin } ? null
        : new ControlInput($"{Id}.{function.Id}.dim", ControlKind.Lead, $"{Id}.{pin}", $"{Id}.{function.Minus}", DimPullInVolts, DimDropOutVolts, EitherWay: false);

    /// <inheritdoc/>
    public string PinName(string pin) => PinWords.Of(pin);

    /// <summary>What one of several lights is called; empty where it has one.</summary>
    public string FunctionName(LampFunction function) => Functions.Count == 1 ? ""
        : SpokenId.Of(function.Id) ?? PartWords.FormatLight(Functions.TakeWhile(other => other != function).Count() + 1);

    /// <inheritdoc/>
    public StationWord Word(string inside, string name)
    {
        var function = Functions.FirstOrDefault(function => function.Id == inside);
        return new(StripKind.Lamp, Id, name, function is null ? "" : Functions.Count > 1 ? FunctionName(function) : $"{Format.Watts(function.Power)}");
    }

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Text($"{path}.name", Name, 80);
        Bracket?.Check(problems, $"{path}.bracket");
        if (HarnessWire is { } wire) problems.Wire($"{path}.harnessWire", wire);
        if (HarnessFuseAmps is { } amps) problems.Within($"{path}.harnessFuseAmps", amps, 1, 200, "A");
        problems.Count($"{path}.functions", Functions.Count, 1, 8, PartWords.Functions);
        problems.Each($"{path}.functions", Functions, (at, function) => function.Check(problems, at));
        problems.Twice($"{path}.functions", Functions.Where(function => function is not null).Select(function => function.Id));
    }
}

/// <summary>One light of a fixture: main beam, backlight, marker.</summary>
/// <param name="Id">Stable name within the fixture.</param>
/// <param name="Kind">What its current does as voltage changes.</param>
/// <param name="Watts">Power at <paramref name="RatedVolts"/>, W.</param>
/// <param name="RatedVolts">12 or 24.</param>
/// <param name="Plus">Pin.</param>
/// <param name="Minus">Pin.</param>
/// <param name="TurnOnVolts">Regulated LED: below this it is dark, V; null: half of the rated volts.</param>
/// <param name="DropOutVolts">Regulated LED: from this up it keeps its power, V; null: three quarters of the rated volts.</param>
/// <param name="DimPin">A pin that dims it when earthed; null where it has none.</param>
/// <param name="DimFraction">What is left of its power then.</param>
public sealed record LampFunction(
    string Id,
    LampKind Kind,
    double Watts,
    double RatedVolts = 12,
    string Plus = "plus",
    string Minus = "minus",
    double? TurnOnVolts = null,
    double? DropOutVolts = null,
    string? DimPin = null,
    double DimFraction = 0.5)
{
    /// <summary>Turn-on voltage of a usual regulated LED lamp over its rated volts: 6 of 12 (typical).</summary>
    public const double UsualTurnOn = 0.5;

    /// <summary>Drop-out voltage of a usual regulated LED lamp over its rated volts: 9 of 12 (typical).</summary>
    public const double UsualDropOut = 0.75;

    /// <summary>The most that it may get for good, V; null: 1.3 times its rated volts, which is 15.6 of 12 (typical).</summary>
    public double? MaxVolts { get; init; }

    /// <summary>Current at its rated volts, as printed or measured, A; null: as its watts have it. It counts before the watts.</summary>
    public double? Amps { get; init; }

    /// <summary>The power that it is judged by, W at its rated volts.</summary>
    [JsonIgnore]
    public double Power => Amps is { } amps ? amps * RatedVolts : Watts;

    /// <summary>What comes out of it; null: nobody said.</summary>
    public LightOutput? Output { get; init; }

    /// <summary>The colour of its light.</summary>
    public LightColour Colour { get; init; } = LightColour.White;

    /// <summary>The most volts over the rated ones that a lamp without a wider range stands (typical, no source).</summary>
    public const double UsualMax = 1.3;

    /// <summary>The voltage that it may get for good, V.</summary>
    public double StandsUpTo() => MaxVolts ?? UsualMax * RatedVolts;

    /// <summary>The turn-on voltage that holds, V.</summary>
    public double TurnsOnAt() => TurnOnVolts ?? UsualTurnOn * RatedVolts;

    /// <summary>The drop-out voltage that holds, V.</summary>
    public double DropsOutAt() => DropOutVolts ?? UsualDropOut * RatedVolts;

    /// <summary>
    /// Its light at so many volts and amps, as a share of that at its rated volts: of a filament with V^3.4 (IES Lighting Handbook, from
    /// memory), of LEDs by their current, which a regulated lamp turns into the same light as long as it keeps its power.
    /// </summary>
    public double LightFraction(double volts, double amps) => Kind switch
    {
        LampKind.Filament => FilamentLight.Of(volts / RatedVolts),
        LampKind.ResistorLed => Math.Max(0, amps) * RatedVolts / Power,
        _ => Math.Max(0, volts) * Math.Max(0, amps) / Power,
    };

    /// <summary>Notes what cannot be taken.</summary>
    internal void Check(Problems problems, string path)
    {
        problems.Id($"{path}.id", Id);
        problems.Above($"{path}.watts", Watts, 0, 5000, "W");
        if (Amps is { } amps) problems.Above($"{path}.amps", amps, 0, 500, "A");
        problems.Within($"{path}.ratedVolts", RatedVolts, 6, 60, "V");
        if (TurnOnVolts is { } on) problems.Within($"{path}.turnOnVolts", on, 0, 60, "V");
        if (DropOutVolts is { } dropOut) problems.Within($"{path}.dropOutVolts", dropOut, 1, 60, "V");
        if (MaxVolts is { } most) problems.Within($"{path}.maxVolts", most, 6, 100, "V");
        if (TurnsOnAt() >= DropsOutAt()) problems.Add($"{path}.turnOnVolts", PartWords.MustBeBelowTheDrop);
        problems.Within($"{path}.dimFraction", DimFraction, 0, 1);
        Output?.Check(problems, $"{path}.output");
    }
}
