using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Does a relay, a box, a panel or a switch go in a space, lid and spanner included?</summary>
public static class PartFit
{
    private const double Rounding = 1e-9;

    /// <summary>Judges one part, upright or turned by a quarter, whichever goes better.</summary>
    public static FitCard Of(Space space, PartDimensions part, UnitSystem units = UnitSystem.Metric)
    {
        var upright = Miss(part.WidthMillimetres, part.HeightMillimetres, space);
        var turned = Miss(part.HeightMillimetres, part.WidthMillimetres, space);
        var (width, height, how) = turned < upright - Rounding
            ? (part.HeightMillimetres, part.WidthMillimetres, VehicleWords.TurnedByAQuarter)
            : (part.WidthMillimetres, part.HeightMillimetres, "");
        var air = part.FreeAirMillimetres > 0 ? VehicleWords.FreeAirIncluded : "";
        var findings = new List<FitFinding>
        {
            Side("width", VehicleWords.Width, width + 2 * part.FreeAirMillimetres, space.WidthMillimetres, Both(how, air), units),
            Side("height", VehicleWords.Height, height + 2 * part.FreeAirMillimetres, space.HeightMillimetres, Both(how, air), units),
            Side("depth", VehicleWords.DepthLidPlugsAndTerminals, part.DepthMillimetres + Math.Max(part.OpenMillimetres, part.FreeAirMillimetres), space.DepthMillimetres, "", units),
        };
        if (space.ReachMillimetres is { } reach)
            findings.Add(Side("reach", VehicleWords.RoomForASpannerOr, part.ReachMillimetres, reach, "", units));
        if (part.HoleMillimetres is { } hole)
        {
            findings.Add(space.HoleMillimetres is not { } there
                ? new FitFinding("hole", VehicleWords.HoleInTheTrim, Verdict.Watch, hole, 0, "mm", VehicleWords.FormatItNeedsAHoleOf(Format.Millimetres(hole, units)), VehicleWords.CheckWhatIsBehindThen)
                : there > hole + 1
                    ? new FitFinding("hole", VehicleWords.HoleInTheTrim, Verdict.Stop, hole, there, "mm", VehicleWords.FormatItNeedsAHoleOfThe(Format.Millimetres(hole, units), Format.Millimetres(there, units)), VehicleWords.ALargerSwitchOrA)
                    : new FitFinding("hole", VehicleWords.HoleInTheTrim, there < hole - Rounding ? Verdict.Watch : Verdict.Holds, hole, there, "mm",
                        VehicleWords.FormatItNeedsAHoleOfThe(Format.Millimetres(hole, units), Format.Millimetres(there, units)), there < hole - Rounding ? VehicleWords.EnlargeItCheckWhatIs : ""));
        }
        return FitCard.Of(space.Id, [part.Part], null, findings, [part.Part]);
    }

    /// <summary>Judges parts that share a space: side by side or one above the other, each upright or turned, whichever goes best; a hole takes one.</summary>
    public static FitCard Together(Space space, IReadOnlyList<PartDimensions> parts, UnitSystem units)
    {
        List<(double Width, double Height, string How)> rows =
            [Row(parts, true, true), Row(parts, true, false), Row(parts, false, true), Row(parts, false, false)];
        var (width, height, how) = rows.MinBy(row => Miss(row.Width, row.Height, space));
        var findings = new List<FitFinding>
        {
            Side("width", VehicleWords.WidthOfAllThatShare, width, space.WidthMillimetres, how, units),
            Side("height", VehicleWords.HeightOfAllThatShare, height, space.HeightMillimetres, how, units),
        };
        var holes = parts.Count(part => part.HoleMillimetres is not null);
        if (holes > 1)
            findings.Add(new FitFinding("holes", VehicleWords.HolesInTheTrim, Verdict.Stop, holes, 1, "parts", VehicleWords.FormatWantAHoleHereAnd(Format.Count(holes, VehicleWords.Part, VehicleWords.Parts)), VehicleWords.AnotherPlaceOrOnePlate));
        return FitCard.Of(space.Id, [.. parts.Select(part => part.Part)], null, findings, [.. parts.Select(part => part.Part)]);
    }

    private static (double Width, double Height, string How) Row(IReadOnlyList<PartDimensions> parts, bool sideBySide, bool upright)
    {
        var sizes = parts.Select(part => upright ? (part.WidthMillimetres, part.HeightMillimetres) : (part.HeightMillimetres, part.WidthMillimetres)).ToList();
        return sideBySide
            ? (sizes.Sum(size => size.Item1), sizes.Max(size => size.Item2), VehicleWords.SideBySide)
            : (sizes.Max(size => size.Item1), sizes.Sum(size => size.Item2), VehicleWords.OneAboveTheOther);
    }

    private static double Miss(double width, double height, Space space) =>
        Math.Max(0, width - space.WidthMillimetres) + Math.Max(0, height - space.HeightMillimetres);

    private static FitFinding Side(string id, string title, double takes, double there, string how, UnitSystem units)
    {
        var fits = takes <= there + Rounding;
        return new FitFinding(id, title, fits ? Verdict.Holds : Verdict.Stop, takes, there, "mm",
            Told(Format.Millimetres(takes, units), Format.Millimetres(there, units), how, fits ? VehicleWords.FormatToSpare(Format.Millimetres(there - takes, units)) : VehicleWords.FormatTooMuch(Format.Millimetres(takes - there, units))),
            fits ? "" : VehicleWords.FormatAtMost(Format.Millimetres(there, units)));
    }

    private static string Both(string how, string air) => how.Length > 0 && air.Length > 0 ? $"{how}, {air}" : how + air;

    private static string Told(string takes, string there, string how, string left) =>
        how.Length > 0 ? VehicleWords.FormatInAsTurned(takes, there, how, left) : VehicleWords.FormatIn2(takes, there, left);
}
