using BurlyRidge.Core;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Catalogue;

namespace BurlyRidge.Server.RunSheets;

/// <summary>Findings as a table with a heading line (RFC 4180); what goes out comes back the same.</summary>
internal static class FindingCsv
{
    private const int MaxRows = 2_000;

    private static readonly string[] Columns = ["kind", "what", "place", "colour", "pin", "size", "no_good", "vehicle", "year", "trim", "options", "found_on"];

    private static readonly string[] Needed = ["kind", "what"];

    public static string Write(IEnumerable<Finding> findings, VehicleKind? vehicle) => CsvText.Write(Columns, findings.Select(finding =>
    {
        var on = finding.Vehicle ?? vehicle;
        return (IReadOnlyList<string>)
        [
            CsvCells.Camel(finding.Kind.ToString()), CsvCells.Text(finding.What), CsvCells.Text(finding.Place), CsvCells.Text(finding.Colour), CsvCells.Text(finding.Pin), CsvCells.Text(finding.Size), CsvCells.YesNo(finding.NoGood),
            CsvCells.Text(on?.Name ?? ""), CsvCells.Text(on?.Year ?? ""), CsvCells.Text(on?.Trim ?? ""), CsvCells.Text(on?.Options ?? ""), finding.FoundOn,
        ];
    }));

    /// <summary>Reads findings; what is wrong names row and column, and then nothing is taken.</summary>
    public static (IReadOnlyList<SheetEvent> Events, IReadOnlyList<Problem> Problems) Read(ReadOnlySpan<byte> bytes) => CsvText.Rows<SheetEvent>(bytes, Needed, Columns, MaxRows, row =>
    {
        if (!Enum.TryParse<FindingKind>(row.Given("kind"), ignoreCase: true, out var kind) || !Enum.IsDefined(kind))
        {
            row.Refuse("kind", ServerWords.FormatIsNoneOf(row.Given("kind") ?? "", string.Join(", ", Enum.GetNames<FindingKind>().Select(CsvCells.Camel))));
            return null;
        }
        var finding = new Finding(kind, (row.Given("what") ?? ""))
        {
            Place = (row.Given("place") ?? ""),
            Colour = (row.Given("colour") ?? ""),
            Pin = (row.Given("pin") ?? ""),
            Size = (row.Given("size") ?? ""),
            NoGood = (row.Given("no_good") ?? "") is "yes" or "true",
            Vehicle = row.Given("vehicle") is { } vehicle ? new VehicleKind((row.Given("vehicle") ?? ""), (row.Given("year") ?? ""), (row.Given("trim") ?? ""), (row.Given("options") ?? "")) : null,
            FoundOn = (row.Given("found_on") ?? ""),
        };
        foreach (var problem in finding.Validate("what")) row.Refuse(problem.Path.Split('.')[^1] switch { "what" => "what", "foundOn" => "found_on", "name" => "vehicle", var other => other }, problem.Message);
        return new SheetEvent.Found(finding);
    });
}

/// <summary>The wire register as such a table.</summary>
internal static class RegisterCsv
{
    private const int MaxRows = 2_000;

    private static readonly string[] Columns = ["at", "colour", "wire", "note"];

    private static readonly string[] Needed = ["at", "colour"];

    public static string Write(IEnumerable<SheetEvent.Registered> register) => CsvText.Write(Columns, register.Select(wire =>
        (IReadOnlyList<string>)[CsvCells.Text(wire.At), CsvCells.Text(wire.Colour), CsvCells.Text(wire.Wire), CsvCells.Text(wire.Note)]));

    /// <summary>Reads a register; what is wrong names row and column, and then nothing is taken.</summary>
    public static (IReadOnlyList<SheetEvent> Events, IReadOnlyList<Problem> Problems) Read(ReadOnlySpan<byte> bytes) => CsvText.Rows<SheetEvent>(bytes, Needed, Columns, MaxRows, row =>
    {
        var wire = new SheetEvent.Registered((row.Given("at") ?? ""), (row.Given("colour") ?? "")) { Wire = (row.Given("wire") ?? ""), Note = (row.Given("note") ?? "") };
        foreach (var problem in wire.Validate()) row.Refuse(problem.Path, problem.Message);
        return wire;
    });
}
