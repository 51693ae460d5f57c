using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>How lamps stand to the openings and slats of a grille.</summary>
internal static class Grille
{
    /// <summary>Out of line by more than this share of an opening is seen (common practice, no source).</summary>
    private const double SeenShare = 0.15;

    private const double Rounding = 1e-9;

    public static void Judge(List<FitFinding> findings, Mount mount, IReadOnlyList<MountedLamp> lamps, Row row, UnitSystem units)
    {
        if (mount.Openings is { } openings)
        {
            Count(findings, openings, lamps);
            Height(findings, openings, lamps, units);
            Lines(findings, openings, lamps, row, units);
        }
        if (mount.SlatsFraction > 0)
            findings.Add(new FitFinding("slats", "Light that gets past the slats", mount.SlatsFraction > MostLost ? Verdict.Watch : Verdict.Holds, mount.SlatsFraction, MostLost, "",
                $"The slats take {Format.Percent(mount.SlatsFraction)} of its light.", mount.SlatsFraction > MostLost ? "A mount before the grille, or a lamp whose segments stand in its openings." : ""));
    }

    /// <summary>Losing more of it than this is worth another place (common practice, no source).</summary>
    private const double MostLost = 0.3;

    private static void Count(List<FitFinding> findings, Openings openings, IReadOnlyList<MountedLamp> lamps)
    {
        var taken = lamps.Sum(lamp => (int)Math.Ceiling(lamp.Body.WidthMillimetres / openings.PitchMillimetres - Rounding));
        var fits = taken <= openings.Count;
        findings.Add(new FitFinding("openings", "Openings of the grille", fits ? Verdict.Holds : Verdict.Stop, taken, openings.Count, "openings",
            $"It takes {Format.Count(taken, "opening", "openings")} of {openings.Count}.", fits ? "" : $"At most {Format.Count(openings.Count, "opening", "openings")} wide here."));
    }

    private static void Height(List<FitFinding> findings, Openings openings, IReadOnlyList<MountedLamp> lamps, UnitSystem units)
    {
        var tallest = lamps.Max(lamp => lamp.Body.HeightMillimetres);
        if (tallest <= openings.HeightMillimetres + Rounding) return;
        findings.Add(new FitFinding("opening-height", "Height of the openings", Verdict.Watch, tallest, openings.HeightMillimetres, "mm",
            $"{Format.Millimetres(tallest, units)} high behind openings of {Format.Millimetres(openings.HeightMillimetres, units)}: the grille covers the rest.", "A flatter lamp, or one before the grille."));
    }

    /// <summary>Segments of a lamp, and lamps of a row, stand in line with the openings where their spacing is a whole number of them.</summary>
    private static void Lines(List<FitFinding> findings, Openings openings, IReadOnlyList<MountedLamp> lamps, Row row, UnitSystem units)
    {
        var pitch = openings.PitchMillimetres;
        var spacings = lamps.Select(lamp => lamp.Body.SegmentMillimetres).OfType<double>().Select(segment => ("segments", segment))
            .Concat(row.CentresMillimetres.Zip(row.CentresMillimetres.Skip(1), (one, other) => ("lamps", other - one))).Distinct();
        foreach (var (what, spacing) in spacings)
        {
            var off = Math.Abs(spacing / pitch - Math.Max(1, Math.Round(spacing / pitch)));
            if (off <= SeenShare) continue;
            findings.Add(new FitFinding($"in-line-{what}", $"{Format.Capital(what)} in line with the openings", Verdict.Watch, spacing, pitch, "mm",
                $"The {what} are {Format.Millimetres(spacing, units)} apart, the openings {Format.Millimetres(pitch, units)}: some stand behind a bar.",
                what == "lamps" ? $"Set them {Format.Millimetres(pitch * Math.Max(1, Math.Round(spacing / pitch)), units)} apart." : $"A lamp with segments {Format.Millimetres(pitch, units)} apart."));
        }
    }
}
