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
            findings.Add(new FitFinding("slats", VehicleWords.LightThatGetsPastThe, mount.SlatsFraction > MostLost ? Verdict.Watch : Verdict.Holds, mount.SlatsFraction, MostLost, "",
                VehicleWords.FormatTheSlatsTakeOfIts(Format.Percent(mount.SlatsFraction)), mount.SlatsFraction > MostLost ? VehicleWords.AMountBeforeTheGrille : ""));
    }

    /// <summary>Losing more of it than this is worth another place (common practice, no source).</summary>
    private const double MostLost = 0.3;

    private static void Count(List<FitFinding> findings, Openings openings, IReadOnlyList<MountedLamp> lamps)
    {
        var taken = lamps.Sum(lamp => (int)Math.Ceiling(lamp.Body.WidthMillimetres / openings.PitchMillimetres - Rounding));
        var fits = taken <= openings.Count;
        findings.Add(new FitFinding("openings", VehicleWords.OpeningsOfTheGrille, fits ? Verdict.Holds : Verdict.Stop, taken, openings.Count, "openings",
            VehicleWords.FormatItTakesOf(Format.Count(taken, VehicleWords.Opening, VehicleWords.Openings), openings.Count), fits ? "" : VehicleWords.FormatAtMostWideHere(Format.Count(openings.Count, VehicleWords.Opening, VehicleWords.Openings))));
    }

    private static void Height(List<FitFinding> findings, Openings openings, IReadOnlyList<MountedLamp> lamps, UnitSystem units)
    {
        var tallest = lamps.Max(lamp => lamp.Body.HeightMillimetres);
        if (tallest <= openings.HeightMillimetres + Rounding) return;
        findings.Add(new FitFinding("opening-height", VehicleWords.HeightOfTheOpenings, Verdict.Watch, tallest, openings.HeightMillimetres, "mm",
            VehicleWords.FormatHighBehindOpeningsOfThe(Format.Millimetres(tallest, units), Format.Millimetres(openings.HeightMillimetres, units)), VehicleWords.AFlatterLampOrOne));
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
            findings.Add(new FitFinding($"in-line-{what}", VehicleWords.FormatInLineWithTheOpenings(Format.Capital(what)), Verdict.Watch, spacing, pitch, "mm",
                VehicleWords.FormatTheAreApartTheOpenings(what, Format.Millimetres(spacing, units), Format.Millimetres(pitch, units)),
                what == "lamps" ? VehicleWords.FormatSetThemApart(Format.Millimetres(pitch * Math.Max(1, Math.Round(spacing / pitch)), units)) : VehicleWords.FormatALampWithSegmentsApart(Format.Millimetres(pitch, units))));
        }
    }
}
