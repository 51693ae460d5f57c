using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>A lamp as it goes on a mount.</summary>
/// <param name="Body">As measured, or as sold.</param>
/// <param name="Bracket">What stands between; null: nothing.</param>
public sealed record MountedLamp(string Id, LampDimensions Body, Bracket? Bracket = null)
{
    /// <summary>Of a part whose size is known; null: nobody said.</summary>
    public static MountedLamp? Of(Fixture fixture) => (fixture.Measured ?? fixture.Body) is { } body ? new(fixture.Id, body, fixture.Bracket) : null;
}

/// <summary>Does a lamp, or a row of lamps, go on a mount?</summary>
public static class LampFit
{
    /// <summary>Less room than this on a side is no play, mm (common practice, no source).</summary>
    public const double PlayMillimetres = 2;

    /// <summary>The last digits of a sum of decimal millimetres.</summary>
    private const double Rounding = 1e-9;

    /// <summary>Judges lamps side by side, left to right, each with its id.</summary>
    public static FitCard Of(Mount mount, IReadOnlyList<MountedLamp> lamps, UnitSystem units = UnitSystem.Metric)
    {
        mount = mount with { RadiusMillimetres = Sagitta.OfFace(mount) };
        var row = Row.Of(mount, [.. lamps.Select(lamp => lamp.Body.WidthMillimetres)]);
        var stance = Stand(mount, lamps, row);
        var findings = new List<FitFinding>();
        Width(findings, mount, lamps, row, units);
        var tallest = lamps.Max(lamp => lamp.Body.HeightMillimetres + 2 * Math.Abs(lamp.Bracket?.UpMillimetres() ?? 0));
        if (mount.HeightMillimetres is { } height)
            findings.Add(Needs("height", VehicleWords.HeightBetweenObstructions, tallest, height, VehicleWords.FormatHighIn(Format.Millimetres(tallest, units), Format.Millimetres(height, units)), VehicleWords.FormatAtMostHighHere(Format.Millimetres(height, units))));
        Proud(findings, mount, stance, lamps, units);
        foreach (var lamp in lamps.DistinctBy(lamp => (lamp.Body, lamp.Bracket))) One(findings, mount, lamp, units);
        Grille.Judge(findings, mount, lamps, row, units);
        Load(findings, mount, lamps);
        Free(findings, mount, stance, lamps, units);
        return FitCard.Of(mount.Id, [.. lamps.Select(lamp => lamp.Id)], stance, findings, [.. row.TighteningOrder.Select(i => lamps[i].Id)]);
    }

    /// <summary>A lamp by itself.</summary>
    public static FitCard Of(Mount mount, MountedLamp lamp, UnitSystem units = UnitSystem.Metric) => Of(mount, [lamp], units);

    /// <summary>How far lamps stand out. A lamp that has room behind it is set back as far as its ends ask for.</summary>
    private static Stance Stand(Mount mount, IReadOnlyList<MountedLamp> lamps, Row row)
    {
        var deepest = lamps.Max(lamp => lamp.Body.DepthMillimetres + lamp.Body.BehindMillimetres);
        var further = lamps.Max(lamp => lamp.Bracket?.OutMillimetres() ?? 0);
        var middle = (mount.DepthMillimetres is { } depth ? Math.Max(0, deepest - depth) : 0) + further;
        var bend = mount.RadiusMillimetres is { } radius
            ? lamps.Count == 1
                ? Sagitta.Of(radius, row.SpanMillimetres) - (lamps[0].Body.RadiusMillimetres is { } own ? Sagitta.Of(own, row.SpanMillimetres) : 0)
                : lamps.Max(lamp => Sagitta.Of(radius, lamp.Body.WidthMillimetres)) // each pod of a row turns with the face
            : lamps.Max(lamp => lamp.Body.RadiusMillimetres is { } own ? -Sagitta.Of(own, lamp.Body.WidthMillimetres) : 0);
        var ends = middle + bend;
        var before = mount.Free.Where(free => free.Way == FreeWay.Before).Select(free => free.Millimetres).Append(mount.ProudMillimetres ?? double.PositiveInfinity).Min();
        var over = Math.Max(middle, ends) - before;
        var back = over > 0 && mount.DepthMillimetres is { } room ? Math.Min(over, Math.Max(0, room - deepest)) : 0;
        return new Stance(row.GapMillimetres, middle - back, ends - back, row.CentresMillimetres, row.SpanMillimetres);
    }

    private static void Width(List<FitFinding> findings, Mount mount, IReadOnlyList<MountedLamp> lamps, Row row, UnitSystem units)
    {
        if (mount.WidthMillimetres is not { } window || row.GapMillimetres is not { } gap) return;
        var sum = lamps.Sum(lamp => lamp.Body.WidthMillimetres);
        var what = lamps.Count == 1 ? VehicleWords.FormatWide(Format.Millimetres(sum, units)) : VehicleWords.FormatLampsTogether(lamps.Count, Format.Millimetres(sum, units));
        var sides = lamps.Count == 1 ? VehicleWords.LeftAndRight : VehicleWords.AtEachEndAndBetween;
        findings.Add(sum > window + Rounding
            ? new FitFinding("width", VehicleWords.WidthBetweenObstructions, Verdict.Stop, sum, window, "mm",
                VehicleWords.FormatInTooWide(what, Format.Millimetres(window, units), Format.Millimetres(sum - window, units)),
                lamps.Count == 1 ? VehicleWords.FormatAtMostWideHere2(Format.Millimetres(window, units)) : VehicleWords.FormatAtMostOfTheseHere(Math.Max(1, (int)(window / lamps.Max(lamp => lamp.Body.WidthMillimetres)))))
            : new FitFinding("width", VehicleWords.WidthBetweenObstructions, gap < PlayMillimetres - Rounding ? Verdict.Watch : Verdict.Holds, sum, window, "mm",
                VehicleWords.FormatIn(what, Format.Millimetres(window, units), Format.Millimetres(gap, units), sides),
                gap < PlayMillimetres - Rounding ? VehicleWords.NoPlayWhatShakesRubs : ""));
    }

    private static void Proud(List<FitFinding> findings, Mount mount, Stance stance, IReadOnlyList<MountedLamp> lamps, UnitSystem units)
    {
        if (mount.ProudMillimetres is not { } most) return;
        var deepest = lamps.Max(lamp => lamp.Body.DepthMillimetres + lamp.Body.BehindMillimetres);
        findings.Add(Needs("proud-middle", VehicleWords.HowFarItsMiddleStands, stance.MiddleProudMillimetres, most,
            stance.MiddleProudMillimetres < -Rounding
                ? VehicleWords.FormatSetBackByInThe(Format.Millimetres(-stance.MiddleProudMillimetres, units))
                : VehicleWords.FormatTheMiddleStandsOutBy(Format.Millimetres(stance.MiddleProudMillimetres, units), Format.Millimetres(most, units)),
            mount.DepthMillimetres is { } depth ? VehicleWords.FormatLampPlugAndBendOf(Format.Millimetres(deepest, units), Format.Millimetres(depth + most, units)) : VehicleWords.AFlatterLamp));
        if (mount.RadiusMillimetres is not { } radius)
        {
            if (Math.Abs(stance.EndsProudMillimetres - stance.MiddleProudMillimetres) > Rounding)
                findings.Add(Needs("proud-ends", VehicleWords.HowFarItsEndsStand, stance.EndsProudMillimetres, most, VehicleWords.FormatTheEndsStandAt(Format.Millimetres(stance.EndsProudMillimetres, units)), VehicleWords.AStraightLamp));
            return;
        }
        var allowed = most - stance.MiddleProudMillimetres;
        findings.Add(Needs("proud-ends", VehicleWords.HowFarItsEndsStandOut, stance.EndsProudMillimetres, most,
            VehicleWords.FormatTheFaceFallsBackOver(Format.Millimetres(Sagitta.Of(radius, lamps.Count == 1 ? stance.SpanMillimetres : lamps.Max(lamp => lamp.Body.WidthMillimetres)), units), Format.Millimetres(stance.EndsProudMillimetres, units), Format.Millimetres(most, units)),
            VehicleWords.FormatAStraightLampOfAt(Widest(Sagitta.Chord(radius, Math.Max(0, allowed)), units), RadiusRange(radius, stance.SpanMillimetres, allowed, units))));
    }

    /// <summary>In whole millimetres, never more than does go.</summary>
    private static string Widest(double millimetres, UnitSystem units) =>
        double.IsFinite(millimetres) ? Format.Millimetres(Math.Floor(Math.Max(0, millimetres)), units) : VehicleWords.MoreThanTheFaceIs;

    /// <summary>Radii of a lamp of that width whose ends stand out no more, and whose middle no more, than is allowed.</summary>
    private static string RadiusRange(double radius, double width, double allowed, UnitSystem units)
    {
        var face = Sagitta.Of(radius, width);
        if (double.IsPositiveInfinity(face)) return VehicleWords.TheFace;
        var most = face - allowed <= 0 ? double.PositiveInfinity : Sagitta.Radius(width, face - allowed);
        var least = Sagitta.Radius(width, face + Math.Max(0.1, allowed));
        return double.IsPositiveInfinity(most) ? VehicleWords.FormatOrFlatter(Format.Metres(least / 1000, units)) : VehicleWords.FormatTo2(Format.Metres(least / 1000, units), Format.Metres(most / 1000, units));
    }

    private static void One(List<FitFinding> findings, Mount mount, MountedLamp lamp, UnitSystem units)
    {
        var body = lamp.Body;
        findings.AddRange(HoldFit.Of(mount, lamp, units));
        if (mount.ReachMillimetres is { } reach)
            findings.Add(Needs("reach", VehicleWords.RoomForASpannerOr, SpannerMillimetres, reach, VehicleWords.FormatASpannerTakesAreFree(Format.Millimetres(SpannerMillimetres, units), Format.Millimetres(reach, units)), VehicleWords.PutTheBoltInBefore));
        if (body.TiltDegrees > 0 && mount.TiltDegrees is { } tilt)
            findings.Add(Needs("tilt", VehicleWords.RoomToTiltIt, body.TiltDegrees, tilt, VehicleWords.FormatItsBracketTurnsByAre(Format.Degrees(body.TiltDegrees), Format.Degrees(tilt)), VehicleWords.AimItBeforeItIs, "°"));
        if (body.TiltDegrees > 0 && mount.HeightMillimetres is { } height)
        {
            var angle = body.TiltDegrees * Math.PI / 180;
            var tilted = body.HeightMillimetres * Math.Cos(angle) + body.DepthMillimetres * Math.Sin(angle);
            if (tilted > height + Rounding)
                findings.Add(new FitFinding("tilted-height", VehicleWords.HeightWhenItIsTilted, Verdict.Watch, tilted, height, "mm",
                    VehicleWords.FormatTiltedByItIsHigh(Format.Degrees(body.TiltDegrees), Format.Millimetres(tilted, units), Format.Millimetres(height, units)), VehicleWords.ItGoesInLevelLess));
        }
        if (body.TailMillimetres < body.BehindMillimetres + HandMillimetres)
            findings.Add(new FitFinding("tail", VehicleWords.TailLongEnoughToJoin, Verdict.Watch, body.TailMillimetres, body.BehindMillimetres + HandMillimetres, "mm",
                VehicleWords.FormatTheTailIsBehindThe(Format.Millimetres(body.TailMillimetres, units), Format.Millimetres(body.BehindMillimetres + HandMillimetres, units)),
                VehicleWords.PutThePlugOnAt));
        if (mount.Supply is { } supply && body.Lead is { } lead && lead != supply)
            findings.Add(new FitFinding("lead-side", VehicleWords.LeadLeavesOnTheSide, Verdict.Watch, 1, 0, "-",
                VehicleWords.FormatItsLeadLeavesOnThe(Name(lead), Name(supply)), VehicleWords.TurnItRoundOrTake));
        if (!mount.Structural)
            findings.Add(new FitFinding("structural", VehicleWords.BoltedToStructure, Verdict.Watch, 0, 1, "-",
                VehicleWords.WhatItBoltsToGives, VehicleWords.ABracketToTheImpact));
    }

    /// <summary>Room that a spanner takes beside a bolt, mm (common practice, no source).</summary>
    private const double SpannerMillimetres = 25;

    /// <summary>Room that two hands and a plug take (common practice, no source).</summary>
    private const double HandMillimetres = 60;

    private static void Load(List<FitFinding> findings, Mount mount, IReadOnlyList<MountedLamp> lamps)
    {
        if (mount.MostKilograms is not { } most) return;
        var brackets = lamps.Select(lamp => lamp.Bracket).OfType<Bracket>().ToList();
        var kilograms = lamps.Sum(lamp => lamp.Body.Kilograms) + brackets.Where(bracket => !bracket.HoldsRow).Sum(bracket => bracket.Kilograms)
            + brackets.Where(bracket => bracket.HoldsRow).Select(bracket => bracket.Kilograms).DefaultIfEmpty(0).Max();
        findings.Add(Needs("load", VehicleWords.Weight, kilograms, most, VehicleWords.FormatOnWhatCarries(Format.Kilograms(kilograms), Format.Kilograms(most)), VehicleWords.SomethingLighterOrAnotherMount, "kg"));
    }

    private static void Free(List<FitFinding> findings, Mount mount, Stance stance, IReadOnlyList<MountedLamp> lamps, UnitSystem units)
    {
        foreach (var free in mount.Free)
        {
            var takes = free.Way switch
            {
                FreeWay.Left or FreeWay.Right => lamps.Sum(lamp => lamp.Body.WidthMillimetres) / 2, // a row can stand closer
                FreeWay.Above => lamps.Max(lamp => lamp.Body.HeightMillimetres / 2 + (lamp.Bracket?.UpMillimetres() ?? 0)),
                FreeWay.Below => lamps.Max(lamp => lamp.Body.HeightMillimetres / 2 - (lamp.Bracket?.UpMillimetres() ?? 0)),
                FreeWay.Before => Math.Max(stance.MiddleProudMillimetres, stance.EndsProudMillimetres),
                _ => lamps.Max(lamp => lamp.Body.DepthMillimetres + lamp.Body.BehindMillimetres),
            };
            findings.Add(Needs("keep-free", VehicleWords.FormatKeepsClearOfThe(free.What), takes, free.Millimetres,
                VehicleWords.FormatTakesFromTheMiddleThe(Format.Millimetres(takes, units), free.What, Format.Millimetres(free.Millimetres, units)), VehicleWords.FormatAtMostOnThatSide(Format.Millimetres(free.Millimetres, units))));
        }
    }

    private static FitFinding Needs(string id, string title, double figure, double limit, string reason, string remedy, string unit = "mm")
    {
        var fits = figure <= limit + Rounding;
        return new FitFinding(id, title, fits ? Verdict.Holds : Verdict.Stop, double.IsFinite(figure) ? figure : 1e6, limit, unit, Sentence(reason), fits ? "" : Sentence(remedy));
    }

    private static string Sentence(string words) => $"{Format.Capital(words)}.";

    private static string Name(Side side) => side == Side.Left ? VehicleWords.LeftSide : VehicleWords.RightSide;
}
