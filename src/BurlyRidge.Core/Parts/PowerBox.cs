using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Parts;

/// <summary>
/// Relays and fuses in one enclosure. Terminals: "id.plus", "id.minus", "id.sense", "id.output" for every output, and
/// "id.in-output" for outputs worked by an input.
/// </summary>
/// <param name="TotalAmps">What it may carry in all, A.</param>
public sealed record PowerBox(string Id, double TotalAmps, IReadOnlyList<BoxOutput> Outputs) : IPart
{
    /// <inheritdoc/>
    public string Name { get; init; } = "";

    /// <summary>Whether its minus must be on the battery post itself.</summary>
    public bool MinusOnPost { get; init; }

    /// <summary>Closed against water; null: not specified.</summary>
    public bool? Sealed { get; init; }

    /// <summary>What it draws asleep, A.</summary>
    public double SleepAmps { get; init; } = 0.005;

    /// <summary>Its panel; a box whose outputs are worked by inputs alone has none.</summary>
    public PanelFace Panel { get; init; } = new();

    private const double SenseOhms = 1_200;
    private const int MaxLegend = 40;

    /// <inheritdoc/>
    int IPart.Size => 1 + Outputs.Count;

    /// <summary>A new one: 60 A in all, six outputs on six slots.</summary>
    public static PowerBox Usual(NewPart part) => new(part.Id, 60, [.. Enumerable.Range(1, 6).Select(i => new BoxOutput($"o{i}", i <= 2 ? 30 : 15, Slot: i))]) { Name = part.Name };

    /// <inheritdoc/>
    public IReadOnlyCollection<string> Pins() =>
    [
        "plus", "minus", "sense",
        .. Outputs.Where(output => output is not null).SelectMany(output => output.WorkedBy == WorkedBy.Input ? [output.Id, $"in-{output.Id}"] : new[] { output.Id }),
    ];

    /// <summary>Studs for plus and minus (common practice, no source); of the others its maker says what they are.</summary>
    WireEnd? IPart.EndAt(string pin) => pin is "plus" or "minus" ? WireEnd.Ring : null;

    /// <inheritdoc/>
    public IEnumerable<PartElement> Elements(Surroundings around)
    {
        yield return new PartElement(Pin("electronics"), Pin("plus"), Pin("minus"), new Law.Load(around.SystemVolts / SleepAmps) { Weak = true });
        yield return new PartElement(Pin("sense-input"), Pin("sense"), Pin("minus"), new Law.Load(SenseOhms) { Weak = true });
        foreach (var output in Outputs)
        {
            yield return new PartElement(Pin($"{output.Id}-fuse"), Pin("plus"), Pin($"{output.Id}-fused"), Law.Fuse.InHolder(FuseTable.AtLeast(output.RatingAmps)));
            var needs = new List<Need> { new Need.Fed(Awake(around)) };
            if (output.Follows == Feed.Ignition) needs.Add(new Need.Live(Sense(around)));
            if (output.WorkedBy == WorkedBy.Input)
            {
                var input = Input(output, around);
                yield return new PartElement(Pin($"coil-{output.Id}"), input.Plus, Pin("minus"), new Law.Load(TypicalCoil.Ohms(around.Cells > 1)) { Weak = true });
                needs.Add(new Need.Live(input));
            }
            else
            {
                needs.Add(new Need.Press(Pin(output.Id)));
            }
            yield return new PartElement(Pin($"{output.Id}-contact"), Pin($"{output.Id}-fused"), Pin(output.Id), new Law.Contact(TypicalOhms.RelayContact)) { Needs = needs };
        }
    }

    /// <inheritdoc/>
    public IEnumerable<ControlInput> Inputs(Surroundings around) =>
        [Awake(around), Sense(around), .. Outputs.Where(output => output.WorkedBy == WorkedBy.Input).Select(output => Input(output, around))];

    private ControlInput Awake(Surroundings around) => new(Id, ControlKind.Supply, Pin("plus"), Pin("minus"), 6 * around.Cells, 5 * around.Cells, EitherWay: false);

    private ControlInput Sense(Surroundings around) => new(Pin("sense"), ControlKind.Lead, Pin("sense"), Pin("minus"), 7 * around.Cells, 3 * around.Cells, EitherWay: false);

    private ControlInput Input(BoxOutput output, Surroundings around) => new(
        Pin($"in-{output.Id}"), ControlKind.Lead, Pin($"in-{output.Id}"), Pin("minus"), 8 * around.Cells, TypicalCoil.DropOutVolts(around.Cells > 1), EitherWay: true);

    /// <inheritdoc/>
    public string PinName(string pin)
    {
        var works = pin.StartsWith("in-", StringComparison.Ordinal);
        return Outputs.FirstOrDefault(output => output.Id == (works ? pin[3..] : pin)) is { } output ? works ? PartWords.FormatInputOf(OutputName(output)) : OutputName(output) : PinWords.Of(pin);
    }

    /// <summary>What an output is called: by its slot, or by its place among the outputs.</summary>
    public string OutputName(BoxOutput output) => output.Slot is { } slot ? PartWords.FormatSlot(slot) : PartWords.FormatOutput(Outputs.TakeWhile(other => other != output).Count() + 1);

    private string Pin(string pin) => $"{Id}.{pin}";

    /// <inheritdoc/>
    public StationWord Word(string inside, string name)
    {
        foreach (var output in Outputs)
        {
            var slot = output.Slot is { } at ? PartWords.FormatSlot2(at, output.Legend.Length > 0 ? $", {output.Legend}" : "") : "";
            if (inside == $"{output.Id}-fuse") return new(StripKind.Fuse, Id, PartWords.FormatAFuse(output.RatingAmps), PartWords.FormatOf2(name, OutputName(output)));
            if (inside == $"{output.Id}-contact") return new(StripKind.Output, Id, $"{name}, {OutputName(output)}", output.WorkedBy == WorkedBy.Input ? PartWords.WorkedByItsInput : slot);
            if (inside == $"coil-{output.Id}") return new(StripKind.Coil, Id, PartWords.FormatInputOf(OutputName(output)), PartWords.InputToMinus);
        }
        return new(StripKind.Coil, Id, inside == "sense-input" ? PartWords.FormatSenseOf(name) : PartWords.FormatInside(name), inside == "sense-input" ? PartWords.KeyOn : PartWords.ItsOwnSupply);
    }

    /// <inheritdoc/>
    void IPart.Check(Problems problems, string path, Surroundings around)
    {
        problems.Within($"{path}.totalAmps", TotalAmps, 1, 1000, "A");
        problems.Within($"{path}.sleepAmps", SleepAmps, 0.0001, 1, "A");
        problems.Count($"{path}.outputs", Outputs.Count, 1, 32, PartWords.Outputs);
        problems.Within($"{path}.panel.legendWidthMillimetres", Panel.LegendWidthMillimetres, 5, 60, "mm");
        problems.Within($"{path}.panel.legendHeightMillimetres", Panel.LegendHeightMillimetres, 4, 40, "mm");
        if (Panel.LeadMetres is { } lead) problems.Within($"{path}.panel.leadMetres", lead, 0.1, 20, "m");
        if (Panel.PlugMillimetres is { } plug) problems.Within($"{path}.panel.plugMillimetres", plug, 1, 200, "mm");
        problems.Each($"{path}.outputs", Outputs, (at, output) =>
        {
            problems.Id($"{at}.id", output.Id);
            problems.Within($"{at}.ratingAmps", output.RatingAmps, 1, 200, "A");
            if (output.Slot is { } slot) problems.Within($"{at}.slot", slot, 1, 64, PartWords.AsASlot);
            if (output.TimeOutMinutes is { } minutes) problems.Within($"{at}.timeOutMinutes", minutes, 0.1, 1440, "min");
            if (output.Legend.Length > MaxLegend) problems.Add($"{at}.legend", PartWords.FormatGiveUpToLettersMore(MaxLegend));
        });
        foreach (var twice in Outputs.Where(output => output?.Slot is not null).GroupBy(output => output.Slot).Where(group => group.Count() > 1))
            problems.Add($"{path}.outputs", PartWords.FormatSlotStandsTwice(twice.Key));
        problems.Twice($"{path}.outputs", Outputs.Where(output => output is not null).Select(output => output.Id));
    }
}

/// <summary>What a panel looks like.</summary>
/// <param name="Backlight">Colour that its legends are lit in.</param>
/// <param name="LegendWidthMillimetres">Of one legend, mm: 5 to 60.</param>
/// <param name="LegendHeightMillimetres">Of one legend, mm: 4 to 40.</param>
public sealed record PanelFace(Backlight Backlight = Backlight.White, double LegendWidthMillimetres = 24, double LegendHeightMillimetres = 9)
{
    /// <summary>Id under which the panel of a box is placed and sized: "box.panel".</summary>
    public static string Of(string box) => box + Suffix;

    internal const string Suffix = ".panel";

    /// <summary>Length of its many-pin lead to the box, m; null: not specified.</summary>
    public double? LeadMetres { get; init; }

    /// <summary>The widest plug on that lead, mm across; null: not specified.</summary>
    public double? PlugMillimetres { get; init; }
}

/// <summary>Colours of backlight; what is bright at night is read less well beside the road.</summary>
public enum Backlight
{
    /// <summary>None.</summary>
    Off,

    /// <summary>White.</summary>
    White,

    /// <summary>Amber.</summary>
    Amber,

    /// <summary>Red.</summary>
    Red,

    /// <summary>Green.</summary>
    Green,

    /// <summary>Blue.</summary>
    Blue,
}

/// <summary>One way of a power box.</summary>
/// <param name="RatingAmps">Of its fuse, A.</param>
/// <param name="Follows">Whether it drops when the sense lead goes dead.</param>
/// <param name="WorkedBy">By a slot of the panel, or by an input pin.</param>
/// <param name="Slot">Position on the panel, from the front; null where none is assigned.</param>
/// <param name="Legend">What is printed on the slot.</param>
public sealed record BoxOutput(
    string Id,
    double RatingAmps,
    Feed Follows = Feed.Battery,
    WorkedBy WorkedBy = WorkedBy.Slot,
    int? Slot = null,
    string Legend = "",
    OutputMode Mode = OutputMode.Latching)
{
    /// <summary>It goes off by itself so long after it was pressed, min; null: it stays.</summary>
    public double? TimeOutMinutes { get; init; }
}

/// <summary>What works an output.</summary>
public enum WorkedBy
{
    /// <summary>A slot of the panel.</summary>
    Slot,

    /// <summary>An input of its own.</summary>
    Input,
}

/// <summary>How an output answers its slot.</summary>
public enum OutputMode
{
    /// <summary>On until pressed again.</summary>
    Latching,

    /// <summary>On while pressed.</summary>
    Momentary,

    /// <summary>Slow flash.</summary>
    FlashSlow,

    /// <summary>Fast flash.</summary>
    FlashFast,

    /// <summary>Strobe.</summary>
    Strobe,

    /// <summary>On until the battery is low.</summary>
    LowVoltageCutOff,
}
