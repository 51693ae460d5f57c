namespace BurlyRidge.Core.Parts;

/// <summary>A switch. Terminals: "id.pin" for every pin that its positions and lamps name.</summary>
/// <param name="RatingAmps">What it may carry, A.</param>
/// <param name="Positions">The first is the one it is found in.</param>
public sealed record Switch(string Id, double RatingAmps, IReadOnlyList<SwitchPosition> Positions) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>Lamps in it.</summary>
    public IReadOnlyList<SwitchLamp> Lamps { get; init; } = [];

    /// <summary>A new one: on and off, 20 A.</summary>
    public static Switch Usual(NewPart part) => new(part.Id, 20, [new SwitchPosition("off", []), new SwitchPosition("on", [new PinPair("in", "out")])]) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() =>
    [
        .. Positions.Where(position => position is not null)
            .SelectMany(position => position.Joins).Where(pair => pair is not null).SelectMany(pair => new[] { pair.A, pair.B }),
        .. Lamps.Where(lamp => lamp is not null).SelectMany(lamp => new[] { lamp.Plus, lamp.Minus }),
    ];

    /// <inheritdoc/>
    public IPart WithPin(string pin, string name)
    {
        string Of(string old) => old == pin ? name : old;
        return this with
        {
            Positions = [.. Positions.Select(position => position with { Joins = [.. position.Joins.Select(pair => new PinPair(Of(pair.A), Of(pair.B)))] })],
            Lamps = [.. Lamps.Select(lamp => lamp with { Plus = Of(lamp.Plus), Minus = Of(lamp.Minus) })],
        };
    }

    /// <inheritdoc/>
    WireEnd IPart.EndAt(string pin) => WireEnd.Blade;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        var joins = Positions.SelectMany(position => position.Joins.Select(pair => (Pair: pair.Ordered(), position.Name))).GroupBy(join => join.Pair, join => join.Name);
        foreach (var join in joins)
        {
            var (a, b) = join.Key;
            string[] names = [.. join.Distinct()];
            yield return new PartElement($"{Id}.{a}-{b}", $"{Id}.{a}", $"{Id}.{b}", new Law.Contact(TypicalOhms.SwitchContact))
            {
                Needs = [new Need.Position(Id, names) { AsFound = names.Contains(Positions[0].Name) }],
            };
        }
        foreach (var lamp in Lamps)
        {
            yield return new PartElement($"{Id}.{lamp.Id}", $"{Id}.{lamp.Plus}", $"{Id}.{lamp.Minus}", lamp.Kind == LampKind.Filament
                ? new Law.Filament(lamp.Watts, around.SystemVolts) { Weak = true }
                : new Law.Load(around.SystemVolts * around.SystemVolts / lamp.Watts) { Weak = true });
        }
    }

    /// <inheritdoc/>
    public string PinName(string pin) => pin is "in" or "out" ? "" : PinWords.Of(pin);

    /// <inheritdoc/>
    public StationWord Word(string inside, string name) => new(StripKind.Switch, Id, name, inside.Split('-') is [var one, var other] ? PartWords.FormatPosition(PinWords.Of(one), PinWords.Of(other)) : inside) { Rated = PartWords.FormatSwitch(Format.RatedAmps(RatingAmps)) };

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.ratingAmps", RatingAmps, 0.1, 200, "A");
        problems.Count($"{path}.positions", Positions.Count, 1, 8, PartWords.Positions);
        problems.Each($"{path}.positions", Positions, (at, position) => problems.Each($"{at}.joins", position.Joins, (_, _) => { }));
        problems.Twice($"{path}.positions", Positions.Where(position => position is not null).Select(position => position.Name));
        problems.Each($"{path}.lamps", Lamps, (at, lamp) =>
        {
            problems.Id($"{at}.id", lamp.Id);
            problems.Above($"{at}.watts", lamp.Watts, 0, 20, "W");
            if (lamp.Kind == LampKind.RegulatedLed) problems.Add($"{at}.kind", PartWords.ALampInASwitch);
        });
    }
}

/// <summary>One position of a switch.</summary>
/// <param name="Name">"off", "on", "auto".</param>
/// <param name="Joins">Pairs of pins joined in it.</param>
public sealed record SwitchPosition(string Name, IReadOnlyList<PinPair> Joins);

/// <summary>Two pins.</summary>
public sealed record PinPair(string A, string B)
{
    /// <summary>The same pair whichever way round it is written.</summary>
    public PinPair Ordered() => string.CompareOrdinal(A, B) <= 0 ? this : new PinPair(B, A);
}

/// <summary>A lamp in a switch.</summary>
/// <param name="Kind">Filament or resistor LED.</param>
/// <param name="Watts">At system volts, W.</param>
public sealed record SwitchLamp(string Id, string Plus, string Minus, LampKind Kind = LampKind.ResistorLed, double Watts = 0.12);
