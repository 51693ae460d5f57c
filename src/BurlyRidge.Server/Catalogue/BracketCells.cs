using BurlyRidge.Core.Parts;

namespace BurlyRidge.Server.Catalogue;

/// <summary>The columns of a lamp's bracket; empty where it has none.</summary>
internal static class BracketCells
{
    public static IReadOnlyList<string> Columns { get; } =
    [
        "bracket", "bracket_kind", "bracket_on", "bracket_on_from_mm", "bracket_on_to_mm", "bracket_takes", "bracket_takes_from_mm", "bracket_takes_to_mm", "bracket_hole",
        "bracket_out_mm", "bracket_up_mm", "bracket_turned", "bracket_shim_mm", "bracket_kg", "bracket_pieces", "bracket_row", "bracket_extra_hole", "bracket_factory_bolt",
    ];

    public static IEnumerable<string> Of(Bracket? bracket) => bracket is null ? Enumerable.Repeat("", Columns.Count) :
    [
        LampTableRow.Text(bracket.Name), LampTableRow.Camel(bracket.Kind.ToString()), .. LampTableRow.OfHolds(bracket.GoesOn), .. LampTableRow.OfHolds(bracket.Takes), LampTableRow.Text(bracket.Hole),
        LampTableRow.Figure(bracket.OffsetMillimetres), LampTableRow.Figure(bracket.RiseMillimetres), LampTableRow.YesNo(bracket.TurnedOver), LampTableRow.Figure(bracket.ShimMillimetres),
        LampTableRow.Figure(bracket.Kilograms), LampTableRow.Figure(bracket.Pieces), LampTableRow.YesNo(bracket.HoldsRow), LampTableRow.YesNo(bracket.ExtraHole), LampTableRow.YesNo(bracket.UnderFactoryBolt),
    ];

    public static Bracket? Read(LampTableRow row) => row.Given("bracket") is not { } name ? null : new Bracket(name, row.Choice("bracket_kind", LampWords.Brackets) ?? BracketKind.Bracket)
    {
        GoesOn = [.. row.Holds("bracket_on")],
        Takes = [.. row.Holds("bracket_takes")],
        Hole = row.Given("bracket_hole") ?? "",
        OffsetMillimetres = row.NumberOf("bracket_out_mm") ?? 0,
        RiseMillimetres = row.NumberOf("bracket_up_mm") ?? 0,
        TurnedOver = row.Maybe("bracket_turned") ?? false,
        ShimMillimetres = row.NumberOf("bracket_shim_mm") ?? 0,
        Kilograms = row.NumberOf("bracket_kg") ?? 0,
        Pieces = (int)(row.NumberOf("bracket_pieces") ?? 1),
        HoldsRow = row.Maybe("bracket_row") ?? false,
        ExtraHole = row.Maybe("bracket_extra_hole") ?? false,
        UnderFactoryBolt = row.Maybe("bracket_factory_bolt") ?? false,
    };
}
