using System.Globalization;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using CsvHelper;
using CsvHelper.Configuration;

namespace BurlyRidge.Server.Catalogue;

/// <summary>
/// Lamps as comma-separated values with a heading line (RFC 4180). Needed: name, kind (regulatedLed, resistorLed, filament),
/// watts. May be left out: id, volts (12), max_volts, lumens, price, width_mm, height_mm, depth_mm, kg, hold (ears, feet,
/// stud, clamp, receiver), hold_from_mm, hold_to_mm, tail_mm. A decimal point, no thousands mark.
/// </summary>
internal static class LampCsv
{
    private const int MostRows = 2_000;
    private const int MostOfId = 40;

    private static readonly string[] Columns =
        ["id", "name", "kind", "watts", "volts", "max_volts", "lumens", "price", "width_mm", "height_mm", "depth_mm", "kg", "hold", "hold_from_mm", "hold_to_mm", "tail_mm"];

    private static readonly string[] Needed = ["name", "kind", "watts"];

    /// <summary>Reads lamps; what is wrong names row and column, and then nothing is taken.</summary>
    public static (IReadOnlyList<CatalogueLamp> Lamps, IReadOnlyList<Problem> Problems) Read(TextReader text)
    {
        var lamps = new List<CatalogueLamp>();
        var problems = new List<Problem>();
        using var csv = new CsvReader(text, new CsvConfiguration(CultureInfo.InvariantCulture) { PrepareHeaderForMatch = args => args.Header.Trim().ToLowerInvariant(), MissingFieldFound = null, BadDataFound = null });
        if (!csv.Read() || !csv.ReadHeader()) return ([], [new Problem("file", "The file is empty: a heading line and one lamp a row.")]);
        var header = csv.HeaderRecord!.Select(name => name.Trim().ToLowerInvariant()).ToList();
        problems.AddRange(Needed.Except(header).Select(name => new Problem("file", $"There is no column called {name}.")));
        problems.AddRange(header.Except(Columns).Select(name => new Problem("file", $"There is a column called {name}, which is not known.")));
        if (problems.Count > 0) return ([], problems);
        while (csv.Read())
        {
            if (lamps.Count >= MostRows) return ([], [new Problem("file", $"Up to {MostRows} lamps in a file.")]);
            var row = new Row(csv, problems);
            var lamp = row.Lamp();
            if (lamp is null) continue;
            foreach (var problem in CatalogueValidation.Validate(lamp)) problems.Add(problem with { Path = $"row {row.Number}, {problem.Path}" });
            if (lamps.Any(other => other.Fixture.Id == lamp.Fixture.Id)) problems.Add(new Problem($"row {row.Number}, id", $"The id {lamp.Fixture.Id} stands twice."));
            lamps.Add(lamp);
        }
        if (lamps.Count == 0 && problems.Count == 0) problems.Add(new Problem("file", "There is no lamp in it."));
        return problems.Count > 0 ? ([], problems) : (lamps, []);
    }

    /// <summary>The same lamps as such a file.</summary>
    public static string Write(IEnumerable<CatalogueLamp> lamps)
    {
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, CultureInfo.InvariantCulture))
        {
            foreach (var column in Columns) csv.WriteField(column);
            csv.NextRecord();
            foreach (var (fixture, lumens, price) in lamps)
            {
                var (function, body) = (fixture.Functions[0], fixture.Body);
                var hold = body is { Holds: [var first, ..] } ? first : null;
                object?[] fields =
                [
                    fixture.Id, fixture.Name, Camel(function.Kind.ToString()), function.Watts, function.RatedVolts, function.MaxVolts, lumens, price,
                    body?.WidthMillimetres, body?.HeightMillimetres, body?.DepthMillimetres, body?.Kilograms, hold is null ? null : Camel(hold.Kind.ToString()),
                    hold?.FromMillimetres, hold?.ToMillimetres, body?.TailMillimetres,
                ];
                foreach (var field in fields) csv.WriteField(field);
                csv.NextRecord();
            }
        }
        return text.ToString();
    }

    private static string Camel(string name) => char.ToLowerInvariant(name[0]) + name[1..];

    private sealed class Row(CsvReader csv, List<Problem> problems)
    {
        private bool bad;

        public int Number { get; } = csv.Parser.Row;

        public CatalogueLamp? Lamp()
        {
            var name = Text("name");
            if (name.Length == 0) Refuse("name", "Must not be empty.");
            var kind = Choice<LampKind>("kind") ?? LampKind.RegulatedLed;
            var watts = Figure("watts") ?? 0;
            if (watts <= 0) Refuse("watts", "Must be above 0 W.");
            var lamp = new CatalogueLamp(
                new Fixture(Text("id") is { Length: > 0 } id ? id : FreeName.Plain(name, MostOfId), name, [new LampFunction("main", kind, watts, Figure("volts") ?? 12) { MaxVolts = Figure("max_volts") }]) { Body = Body() },
                Figure("lumens") ?? 0, Figure("price") ?? 0);
            return bad ? null : lamp;
        }

        private LampBody? Body()
        {
            var (width, height, depth) = (Figure("width_mm"), Figure("height_mm"), Figure("depth_mm"));
            if (width is null && height is null && depth is null) return null;
            if (width is null || height is null || depth is null)
            {
                Refuse("width_mm", "Give width, height and depth, or none of them.");
                return null;
            }
            var body = new LampBody(width.Value, height.Value, depth.Value, Figure("kg") ?? 0.1) { TailMillimetres = Figure("tail_mm") ?? 150 };
            if (Choice<HolderKind>("hold") is not { } kind) return body;
            var from = Figure("hold_from_mm") ?? 0;
            return body with { Holds = [new Holder(kind, from, Figure("hold_to_mm") ?? from)] };
        }

        private string Text(string column) => csv.TryGetField<string>(column, out var text) ? text?.Trim() ?? "" : "";

        private double? Figure(string column)
        {
            var text = Text(column);
            if (text.Length == 0) return null;
            if (double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var figure) && double.IsFinite(figure)) return figure;
            Refuse(column, $"\"{text}\" is no number.");
            return null;
        }

        private T? Choice<T>(string column) where T : struct, Enum
        {
            var text = Text(column);
            if (text.Length == 0) return null;
            if (!text.All(char.IsAsciiDigit) && Enum.TryParse<T>(text, ignoreCase: true, out var choice)) return choice;
            Refuse(column, $"\"{text}\" is none of {string.Join(", ", Enum.GetNames<T>().Select(Camel))}.");
            return null;
        }

        private void Refuse(string column, string message)
        {
            bad = true;
            problems.Add(new Problem($"row {Number}, {column}", message));
        }
    }
}
