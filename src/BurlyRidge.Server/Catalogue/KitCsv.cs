using BurlyRidge.Core;
using BurlyRidge.Core.Kits;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using CsvHelper;

namespace BurlyRidge.Server.Catalogue;

/// <summary>
/// Kits as a table with a heading line (RFC 4180): rows of one kit stand below each other under its id, a row a part, a core or what lies in the box.
/// Cores of one leg have its name, size and length. What goes out comes back the same.
/// </summary>
internal static class KitCsv
{
    private const int MaxRows = 5_000;

    /// <summary>The columns as they are written.</summary>
    private static readonly string[] Columns =
        ["kit", "row", "name", "from", "to", "colour", "wire", "length_m", "jacket", "amps", "family", "pins", "diode", "columns", "rows", "signal", "back", "volts", "price"];

    private static readonly string[] Needed = ["kit", "row", "name"];

    private static readonly Dictionary<string, Action<KitDraft, KitRow>> Rows = new(StringComparer.OrdinalIgnoreCase)
    {
        ["kit"] = (draft, row) => draft.Head(row),
        ["fuse"] = (draft, row) => draft.Fuse(row),
        ["relay"] = (draft, row) => draft.Relay(row),
        ["switch"] = (draft, row) => draft.Switch(row),
        ["splice"] = (draft, row) => draft.Splice(row),
        ["adaptor"] = (draft, row) => draft.Adaptor(row),
        ["core"] = (draft, row) => draft.Core(row),
        ["spare"] = (draft, row) => draft.Spare(row),
    };

    /// <summary>Reads kits; what is wrong names row and column, and then nothing is taken.</summary>
    public static (IReadOnlyList<Kit> Kits, IReadOnlyList<Problem> Problems) Read(ReadOnlySpan<byte> bytes)
    {
        var text = CsvText.Of(bytes);
        using var lines = new StringReader(text);
        using var csv = CsvText.Open(lines, text);
        var problems = CsvText.Heading(csv, Needed, Columns);
        if (problems.Count > 0) return ([], problems);
        var drafts = new List<KitDraft>();
        for (var count = 0; csv.Read(); count++)
        {
            if (count >= MaxRows) return ([], [new Problem("file", ServerWords.FormatUpToRowsInA(MaxRows))]);
            var row = new KitRow(csv, problems);
            if (row.Given("kit") is not { } id)
            {
                row.Refuse("kit", ServerWords.MustNotBeEmpty);
                continue;
            }
            if (drafts.FirstOrDefault(draft => draft.Id == id) is not { } kit) drafts.Add(kit = new KitDraft(id));
            if (!Rows.TryGetValue(row.Given("row") ?? "", out var take)) row.Refuse("row", ServerWords.FormatIsNoneOf(row.Given("row") ?? "", string.Join(", ", Rows.Keys)));
            else if (row.Given("name") is null) row.Refuse("name", ServerWords.MustNotBeEmpty);
            else take(kit, row);
        }
        if (problems.Count == 0) problems.AddRange(drafts.SelectMany(draft => KitValidation.Validate(draft.Kit()).Select(problem => problem with { Path = draft.RowOf(problem.Path) })));
        if (drafts.Count == 0 && problems.Count == 0) problems.Add(new Problem("file", ServerWords.NoKitInIt));
        return problems.Count > 0 ? ([], problems) : ([.. drafts.Select(draft => draft.Kit())], []);
    }

    /// <summary>The same kits as such a file.</summary>
    public static string Write(IEnumerable<Kit> kits) => CsvText.Write(Columns, kits.SelectMany(Of));

    private static IEnumerable<IReadOnlyList<string>> Of(Kit kit)
    {
        IReadOnlyList<string> Row(string row, string name, params (string Column, string Cell)[] cells) =>
            [.. Columns.Select(column => column switch { "kit" => CsvCells.Text(kit.Id), "row" => row, "name" => CsvCells.Text(name), _ => cells.FirstOrDefault(cell => cell.Column == column).Cell ?? "" })];
        yield return Row("kit", kit.Name, ("volts", CsvCells.Figure(kit.SystemVolts)), ("price", kit.Price?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? ""));
        foreach (var fuse in kit.Fuses) yield return Row("fuse", fuse.Id, ("amps", CsvCells.Figure(fuse.Amps)), ("family", CsvCells.Camel(fuse.Family.ToString())));
        foreach (var relay in kit.Relays)
            yield return Row("relay", relay.Id, ("amps", CsvCells.Figure(relay.Amps)), ("diode", CsvCells.YesNo(relay.CoilDiode)),
                ("pins", KitRow.Joined(relay.Pinout.CoilPlus, relay.Pinout.CoilMinus, relay.Pinout.Common, relay.Pinout.Open, relay.Pinout.Rest)));
        foreach (var part in kit.Switches) yield return Row("switch", part.Id, ("amps", CsvCells.Figure(part.Amps)), ("pins", KitRow.Joined(part.Live, part.Out, part.LampPlus, part.LampMinus)));
        foreach (var splice in kit.Splices) yield return Row("splice", splice);
        if (kit.Adaptor is { } adaptor)
            yield return Row("adaptor", adaptor.Plug, ("columns", $"{adaptor.Columns}"), ("rows", $"{adaptor.Rows}"), ("signal", $"{adaptor.Signal}"), ("back", $"{adaptor.Back}"));
        foreach (var leg in kit.Legs)
            foreach (var core in leg.Cores)
                yield return Row("core", leg.Name, ("from", core.From), ("to", core.To), ("colour", CsvCells.Text(core.Colour)), ("wire", CsvCells.Text(leg.Wire)), ("length_m", CsvCells.Figure(leg.Metres)), ("jacket", CsvCells.YesNo(leg.Sheathed)));
        foreach (var spare in kit.Spares) yield return Row("spare", spare);
    }
}

/// <summary>One row of a table of kits.</summary>
internal sealed class KitRow(CsvReader csv, List<Problem> problems) : CsvCells(csv, problems)
{
    private static readonly Dictionary<string, FuseFamily> Families = Enum.GetValues<FuseFamily>().ToDictionary(family => Camel(family.ToString()), StringComparer.OrdinalIgnoreCase);

    public string Name => Given("name")!;

    public FuseFamily Family => Choice("family", Families) ?? FuseFamily.Blade;

    /// <summary>So many entries of a cell at least; the row is refused where there are fewer.</summary>
    public string[] Entries(string column, int from, int to)
    {
        var parts = Parts(column);
        if (parts.Length < from || parts.Length > to) Refuse(column, ServerWords.FormatGivePins(from, to));
        return parts;
    }

    /// <summary>A number that has to be there.</summary>
    public double Needed(string column)
    {
        if (NumberOf(column) is { } number) return number;
        if (!Bad) Refuse(column, ServerWords.MustNotBeEmpty);
        return 0;
    }

    /// <summary>A whole number that has to be there.</summary>
    public int Whole(string column) => (int)Math.Clamp(Needed(column), 0, 1000);

    public static string Joined(params string?[] pins) => string.Join(Between, pins.OfType<string>());
}

/// <summary>A kit being read, with the rows that its parts stood in.</summary>
internal sealed class KitDraft(string id)
{
    private readonly Dictionary<string, int> rows = new(StringComparer.Ordinal);
    private readonly List<(KitLeg Leg, List<KitCore> Cores)> legs = [];
    private readonly List<KitFuse> fuses = [];
    private readonly List<KitRelay> relays = [];
    private readonly List<KitSwitch> switches = [];
    private readonly List<string> splices = [];
    private readonly List<string> spares = [];
    private KitAdaptor? adaptor;
    private Kit head = new(id, id, 12, []);

    public string Id => id;

    public Kit Kit() => head with { Fuses = fuses, Relays = relays, Switches = switches, Splices = splices, Adaptor = adaptor, Spares = spares, Legs = [.. legs.Select(leg => leg.Leg with { Cores = leg.Cores })] };

    /// <summary>A field of the kit as its row and field.</summary>
    public string RowOf(string path)
    {
        var row = rows.Where(pair => path.StartsWith(pair.Key, StringComparison.Ordinal)).OrderByDescending(pair => pair.Key.Length).Select(pair => (int?)pair.Value).FirstOrDefault() ?? rows.Values.DefaultIfEmpty(1).First();
        return ServerWords.FormatRow(row, path.Contains('.', StringComparison.Ordinal) ? path[(path.LastIndexOf('.') + 1)..] : path);
    }

    public void Head(KitRow row)
    {
        rows["name"] = rows["systemVolts"] = rows["price"] = rows["id"] = row.Number;
        head = head with { Name = row.Name, SystemVolts = row.NumberOf("volts") is { } volts ? (int)volts : 12, Price = row.MoneyOf("price") };
    }

    public void Fuse(KitRow row)
    {
        rows[$"fuses[{fuses.Count}]"] = row.Number;
        fuses.Add(new KitFuse(row.Name, row.Needed("amps"), row.Family));
    }

    public void Relay(KitRow row)
    {
        if (row.Entries("pins", 4, 5) is not [var plus, var minus, var common, var open, .. var rest]) return;
        rows[$"relays[{relays.Count}]"] = row.Number;
        relays.Add(new KitRelay(row.Name, row.Needed("amps"), new RelayPinout(plus, minus, common, open, rest.FirstOrDefault()), row.Maybe("diode") ?? false));
    }

    public void Switch(KitRow row)
    {
        if (row.Entries("pins", 2, 4) is not [var live, var on, .. var lamp]) return;
        rows[$"switches[{switches.Count}]"] = row.Number;
        switches.Add(new KitSwitch(row.Name, row.Needed("amps"), live, on, lamp.ElementAtOrDefault(0), lamp.ElementAtOrDefault(1)));
    }

    public void Splice(KitRow row)
    {
        splices.Add(row.Name);
    }

    public void Adaptor(KitRow row)
    {
        rows["adaptor"] = row.Number;
        adaptor = new KitAdaptor(row.Name, row.Whole("columns"), row.NumberOf("rows") is { } count ? (int)Math.Clamp(count, 0, 100) : 1, row.Whole("signal"), row.NumberOf("back") is { } back ? (int)Math.Clamp(back, 0, 1000) : null);
    }

    public void Core(KitRow row)
    {
        var leg = new KitLeg(row.Name, row.Given("wire") ?? "", row.Needed("length_m"), []) { Sheathed = row.Maybe("jacket") ?? false };
        var at = legs.FindIndex(other => other.Leg.Name == leg.Name);
        if (at < 0)
        {
            at = legs.Count;
            rows[$"legs[{at}]"] = row.Number;
            legs.Add((leg, []));
        }
        else if (legs[at].Leg.Wire != leg.Wire || legs[at].Leg.Metres != leg.Metres)
        {
            row.Refuse(legs[at].Leg.Wire != leg.Wire ? "wire" : "length_m", ServerWords.CoresOfALegAreAlike);
            return;
        }
        rows[$"legs[{at}].cores[{legs[at].Cores.Count}]"] = row.Number;
        legs[at].Cores.Add(new KitCore(row.Given("from") ?? "", row.Given("to") ?? "", row.Given("colour") ?? ""));
    }

    public void Spare(KitRow row)
    {
        spares.Add(row.Name);
    }
}
