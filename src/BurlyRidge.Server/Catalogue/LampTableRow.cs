using BurlyRidge.Core;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using CsvHelper;

namespace BurlyRidge.Server.Catalogue;

/// <summary>One row of a table of lamps: a lamp with its first light, or a further light of the lamp above.</summary>
internal sealed class LampTableRow(CsvReader csv, List<Problem> problems) : CsvCells(csv, problems)
{
    private const int MaxOfId = 40;
    private const double UsualKilograms = 0.1;

    /// <summary>The columns as they are written.</summary>
    public static IReadOnlyList<string> Columns { get; } =
    [
        "id", "name", "light", "kind", "watts", "volts", "plus", "minus", "turn_on_v", "drop_out_v", "max_volts", "dim_lead", "dim_part", "amps", "colour",
        "spare_leads", "lumens", "price", "width_mm", "height_mm", "depth_mm", "kg", "hold", "hold_from_mm", "hold_to_mm",
        "radius_mm", "tail_mm", "behind_mm", "lead_side", "tilt_deg", "segment_mm", "sealed", "cover", "harness_wire", "harness_fuse_a", .. BracketCells.Columns,
    ];

    /// <summary>The rows of a lamp, one for each of its lights.</summary>
    public static IEnumerable<IReadOnlyList<string>> Of(CatalogueLamp lamp)
    {
        var (fixture, lumens, price) = lamp;
        var (body, holds) = (fixture.Body, fixture.Body?.Holds ?? []);
        for (var i = 0; i < fixture.Functions.Count; i++)
        {
            var light = fixture.Functions[i];
            IReadOnlyList<string> ofLight =
            [
                Text(fixture.Id), Text(fixture.Name), Text(light.Id), Camel(light.Kind.ToString()), Figure(light.Watts), Figure(light.RatedVolts), Text(light.Plus), Text(light.Minus),
                Figure(light.TurnOnVolts), Figure(light.DropOutVolts), Figure(light.MaxVolts), Text(light.DimPin ?? ""), Figure(light.DimFraction), Figure(light.Amps), Camel(light.Colour.ToString()),
            ];
            yield return i > 0 ? [.. ofLight, .. Enumerable.Repeat("", Columns.Count - ofLight.Count)] :
            [
                .. ofLight, Text(string.Join(Between, fixture.SparePins)), Figure(lumens), Figure(price),
                Figure(body?.WidthMillimetres), Figure(body?.HeightMillimetres), Figure(body?.DepthMillimetres), Figure(body?.Kilograms),
                .. OfHolds(holds),
                Figure(body?.RadiusMillimetres), Figure(body?.TailMillimetres), Figure(body?.BehindMillimetres), body?.Lead is { } side ? Camel(side.ToString()) : "", Figure(body?.TiltDegrees),
                Figure(body?.SegmentMillimetres), YesNo(fixture.Sealed), YesNo(fixture.Covered), Text(fixture.HarnessWire ?? ""), Figure(fixture.HarnessFuseAmps), .. BracketCells.Of(fixture.Bracket),
            ];
        }
    }

    /// <summary>Whether it is one more light of the lamp above: the same id or name, and another name of the light.</summary>
    public bool IsFurtherLightOf(CatalogueLamp? above) =>
        above is not null && Cell("light").Length > 0 && above.Fixture.Functions.All(light => light.Id != Cell("light"))
        && (Cell("id").Length > 0 ? Cell("id") == above.Fixture.Id : Cell("name") == above.Fixture.Name);

    /// <summary>The lamp above with this light.</summary>
    public CatalogueLamp AddedTo(CatalogueLamp above) =>
        above with { Fixture = above.Fixture with { Functions = [.. above.Fixture.Functions, Light()] } };

    /// <summary>The lamp of this row; null where something of it cannot be read.</summary>
    public CatalogueLamp? Lamp()
    {
        var name = Cell("name");
        if (name.Length == 0) Refuse("name", ServerWords.MustNotBeEmpty);
        var lamp = new CatalogueLamp(
            new Fixture(Given("id") ?? FreeName.Plain(name, MaxOfId), name, [Light()])
            {
                SparePins = [.. Parts("spare_leads")],
                Body = Body(),
                Sealed = Maybe("sealed"),
                Covered = Maybe("cover") ?? false,
                HarnessWire = Given("harness_wire"),
                HarnessFuseAmps = NumberOf("harness_fuse_a"),
                Bracket = BracketCells.Read(this),
            },
            NumberOf("lumens") ?? 0, NumberOf("price") ?? 0);
        return Bad ? null : lamp;
    }

    private LampFunction Light()
    {
        var watts = NumberOf("watts") ?? 0;
        if (watts <= 0) Refuse("watts", ServerWords.MustBeAbove0W);
        var light = new LampFunction(Given("light") ?? "main", Choice("kind", LampWords.Kinds) ?? LampKind.RegulatedLed, watts);
        return light with
        {
            RatedVolts = NumberOf("volts") ?? light.RatedVolts,
            Plus = Given("plus") ?? light.Plus,
            Minus = Given("minus") ?? light.Minus,
            TurnOnVolts = NumberOf("turn_on_v"),
            DropOutVolts = NumberOf("drop_out_v"),
            MaxVolts = NumberOf("max_volts"),
            DimPin = Given("dim_lead"),
            DimFraction = NumberOf("dim_part") ?? light.DimFraction,
            Amps = NumberOf("amps"),
            Colour = Choice("colour", LampWords.Colours) ?? light.Colour,
        };
    }

    private LampDimensions? Body()
    {
        var (width, height, depth) = (NumberOf("width_mm"), NumberOf("height_mm"), NumberOf("depth_mm"));
        if (width is null && height is null && depth is null) return null;
        if (width is null || height is null || depth is null)
        {
            Refuse("width_mm", ServerWords.GiveWidthHeightAndDepth);
            return null;
        }
        var body = new LampDimensions(width.Value, height.Value, depth.Value, NumberOf("kg") ?? UsualKilograms) { Holds = [.. Holds("hold")] };
        return body with
        {
            RadiusMillimetres = NumberOf("radius_mm"),
            TailMillimetres = NumberOf("tail_mm") ?? body.TailMillimetres,
            BehindMillimetres = NumberOf("behind_mm") ?? body.BehindMillimetres,
            Lead = Choice("lead_side", LampWords.Sides),
            TiltDegrees = NumberOf("tilt_deg") ?? body.TiltDegrees,
            SegmentMillimetres = NumberOf("segment_mm"),
        };
    }

    /// <summary>Ways of holding from three columns: kind, least and most, each with its entries side by side.</summary>
    internal IEnumerable<Holder> Holds(string column)
    {
        var (kinds, from, to) = (Parts(column), Parts($"{column}_from_mm"), Parts($"{column}_to_mm"));
        for (var i = 0; i < kinds.Length; i++)
        {
            if (Choice(column, kinds[i], LampWords.Holds) is not { } kind) continue;
            var least = i < from.Length ? NumberOf($"{column}_from_mm", from[i]) ?? 0 : 0;
            yield return new Holder(kind, least, i < to.Length ? NumberOf($"{column}_to_mm", to[i]) ?? least : least);
        }
    }

    /// <summary>The three cells of ways of holding.</summary>
    internal static IEnumerable<string> OfHolds(IReadOnlyList<Holder> holds) =>
    [
        string.Join(Between, holds.Select(hold => Camel(hold.Kind.ToString()))),
        string.Join(Between, holds.Select(hold => Figure(hold.FromMillimetres))),
        string.Join(Between, holds.Select(hold => Figure(hold.ToMillimetres))),
    ];
}
