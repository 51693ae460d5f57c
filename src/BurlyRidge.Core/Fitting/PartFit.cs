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
        var findings = new List<FitFinding>
        {
            Side("width", "Width", width, space.WidthMillimetres, how, units),
            Side("height", "Height", height, space.HeightMillimetres, how, units),
            Side("depth", "Depth, lid, plugs and terminals included", part.DepthMillimetres + part.OpenMillimetres, space.DepthMillimetres, "", units),
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
