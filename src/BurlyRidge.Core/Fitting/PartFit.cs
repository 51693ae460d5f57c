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
            ? (part.HeightMillimetres, part.WidthMillimetres, ", turned by a quarter")
            : (part.WidthMillimetres, part.HeightMillimetres, "");
        var air = part.FreeAirMillimetres > 0 ? ", free air included" : "";
        var findings = new List<FitFinding>
        {
            Side("width", "Width", width + 2 * part.FreeAirMillimetres, space.WidthMillimetres, how + air, units),
            Side("height", "Height", height + 2 * part.FreeAirMillimetres, space.HeightMillimetres, how + air, units),
            Side("depth", "Depth, lid, plugs and terminals included", part.DepthMillimetres + Math.Max(part.OpenMillimetres, part.FreeAirMillimetres), space.DepthMillimetres, "", units),
        };
        if (space.ReachMillimetres is { } reach)
            findings.Add(Side("reach", "Room for a spanner or a hand", part.ReachMillimetres, reach, "", units));
        if (part.HoleMillimetres is { } hole)
        {
            findings.Add(space.HoleMillimetres is not { } there
                ? new FitFinding("hole", "Hole in the trim", Verdict.Watch, hole, 0, "mm", $"It needs a hole of {Format.Millimetres(hole, units)}, and there is none.", "Check what is behind, then drill.")
                : there > hole + 1
                    ? new FitFinding("hole", "Hole in the trim", Verdict.Stop, hole, there, "mm", $"It needs a hole of {Format.Millimetres(hole, units)}; the one there is {Format.Millimetres(there, units)}.", "A larger switch, or a plate behind it.")
                    : new FitFinding("hole", "Hole in the trim", there < hole - Rounding ? Verdict.Watch : Verdict.Holds, hole, there, "mm",
                        $"It needs a hole of {Format.Millimetres(hole, units)}; the one there is {Format.Millimetres(there, units)}.", there < hole - Rounding ? "Enlarge it; check what is behind first." : ""));
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
            Side("width", "Width of all that share it", width, space.WidthMillimetres, how, units),
            Side("height", "Height of all that share it", height, space.HeightMillimetres, how, units),
        };
        var holes = parts.Count(part => part.HoleMillimetres is not null);
        if (holes > 1)
            findings.Add(new FitFinding("holes", "Holes in the trim", Verdict.Stop, holes, 1, "parts", $"{Format.Count(holes, "part", "parts")} want a hole here, and there is room for one.", "Another place, or one plate with both."));
        return FitCard.Of(space.Id, [.. parts.Select(part => part.Part)], null, findings, [.. parts.Select(part => part.Part)]);
    }

    private static (double Width, double Height, string How) Row(IReadOnlyList<PartDimensions> parts, bool sideBySide, bool upright)
    {
        var sizes = parts.Select(part => upright ? (part.WidthMillimetres, part.HeightMillimetres) : (part.HeightMillimetres, part.WidthMillimetres)).ToList();
        return sideBySide
            ? (sizes.Sum(size => size.Item1), sizes.Max(size => size.Item2), ", side by side")
            : (sizes.Max(size => size.Item1), sizes.Sum(size => size.Item2), ", one above the other");
    }

    private static double Miss(double width, double height, Space space) =>
        Math.Max(0, width - space.WidthMillimetres) + Math.Max(0, height - space.HeightMillimetres);

    private static FitFinding Side(string id, string title, double takes, double there, string how, UnitSystem units)
    {
        var fits = takes <= there + Rounding;
        return new FitFinding(id, title, fits ? Verdict.Holds : Verdict.Stop, takes, there, "mm",
            $"{Format.Millimetres(takes, units)} in {Format.Millimetres(there, units)}{how}: {(fits ? $"{Format.Millimetres(there - takes, units)} to spare" : $"{Format.Millimetres(takes - there, units)} too much")}.",
            fits ? "" : $"At most {Format.Millimetres(there, units)}.");
    }
}
