using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Does a lamp, or a row of lamps, go on a mount?</summary>
public static class LampFit
{
    /// <summary>Less room than this on a side is no play, mm (common practice, no source).</summary>
    public const double PlayMillimetres = 2;

    /// <summary>The last digits of a sum of decimal millimetres.</summary>
    private const double Rounding = 1e-9;

    /// <summary>Judges lamps side by side, left to right, each with its id.</summary>
    public static FitCard Of(Mount mount, IReadOnlyList<(string Id, LampBody Body)> lamps, UnitSystem units = UnitSystem.Metric)
    {
        var say = new SayLength(units);
        if (mount is { RadiusMillimetres: null, Edge: { } edge }) mount = mount with { RadiusMillimetres = Sagitta.Radius(edge.LengthMillimetres, edge.OffMillimetres) };
        var row = Row.Of(mount, [.. lamps.Select(lamp => lamp.Body.WidthMillimetres)]);
        var stance = Stand(mount, lamps, row);
        var findings = new List<FitFinding>();
        Width(findings, mount, lamps, row, say);
        var tallest = lamps.Max(lamp => lamp.Body.HeightMillimetres);
        if (mount.HeightMillimetres is { } height)
            findings.Add(Needs("height", "Height between obstructions", tallest, height, $"{say.Of(tallest)} high in {say.Of(height)}", $"at most {say.Of(height)} high here"));
        Proud(findings, mount, stance, lamps, say);
        foreach (var (_, body) in lamps.DistinctBy(lamp => lamp.Body)) One(findings, mount, body, say);
        Load(findings, mount, lamps);
        Free(findings, mount, stance, lamps, say);
        return FitCard.Of(mount.Id, [.. lamps.Select(lamp => lamp.Id)], stance, findings, [.. row.TighteningOrder.Select(i => lamps[i].Id)]);
    }

    /// <summary>A lamp by itself.</summary>
    public static FitCard Of(Mount mount, string id, LampBody body, UnitSystem units = UnitSystem.Metric) => Of(mount, [(id, body)], units);

    /// <summary>How far lamps stand out. A lamp that has room behind it is set back as far as its ends ask for.</summary>
    private static Stance Stand(Mount mount, IReadOnlyList<(string Id, LampBody Body)> lamps, Row row)
    {
        var deepest = lamps.Max(lamp => lamp.Body.DepthMillimetres + lamp.Body.BehindMillimetres);
        var middle = mount.DepthMillimetres is { } depth ? Math.Max(0, deepest - depth) : 0;
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

    private static void Width(List<FitFinding> findings, Mount mount, IReadOnlyList<(string Id, LampBody Body)> lamps, Row row, SayLength say)
    {
        if (mount.WidthMillimetres is not { } window || row.GapMillimetres is not { } gap) return;
        var sum = lamps.Sum(lamp => lamp.Body.WidthMillimetres);
        var what = lamps.Count == 1 ? $"{say.Of(sum)} wide" : $"{lamps.Count} lamps, {say.Of(sum)} together,";
        var sides = lamps.Count == 1 ? "left and right" : "at each end and between them";
        findings.Add(sum > window + Rounding
            ? new FitFinding("width", "Width between obstructions", Verdict.Stop, sum, window, "mm",
                $"{what} in {say.Of(window)}: {say.Of(sum - window)} too wide.",
                lamps.Count == 1 ? $"At most {say.Of(window)} wide here." : $"At most {Math.Max(1, (int)(window / lamps.Max(lamp => lamp.Body.WidthMillimetres)))} of these here.")
            : new FitFinding("width", "Width between obstructions", gap < PlayMillimetres - Rounding ? Verdict.Watch : Verdict.Holds, sum, window, "mm",
                $"{what} in {say.Of(window)}: {say.Of(gap)} {sides}.",
                gap < PlayMillimetres - Rounding ? "No play: what shakes rubs. Measure the window at both ends before you order." : ""));
    }

    private static void Proud(List<FitFinding> findings, Mount mount, Stance stance, IReadOnlyList<(string Id, LampBody Body)> lamps, SayLength say)
    {
        if (mount.ProudMillimetres is not { } most) return;
        var deepest = lamps.Max(lamp => lamp.Body.DepthMillimetres + lamp.Body.BehindMillimetres);
        findings.Add(Needs("proud-middle", "How far its middle stands out", stance.MiddleProudMillimetres, most,
            stance.MiddleProudMillimetres < -Rounding
                ? $"set back by {say.Of(-stance.MiddleProudMillimetres)} in the middle"
                : $"the middle stands out by {say.Of(stance.MiddleProudMillimetres)}, {say.Of(most)} allowed",
            mount.DepthMillimetres is { } depth ? $"lamp, plug and bend of its tail take {say.Of(deepest)}; at most {say.Of(depth + most)} go here" : "a flatter lamp"));
        if (mount.RadiusMillimetres is not { } radius)
        {
            if (Math.Abs(stance.EndsProudMillimetres - stance.MiddleProudMillimetres) > Rounding)
                findings.Add(Needs("proud-ends", "How far its ends stand out", stance.EndsProudMillimetres, most, $"the ends stand at {say.Of(stance.EndsProudMillimetres)}", "a straight lamp"));
            return;
        }
        var allowed = most - stance.MiddleProudMillimetres;
        findings.Add(Needs("proud-ends", "How far its ends stand out of the curved face", stance.EndsProudMillimetres, most,
            $"the face falls back {say.Of(Sagitta.Of(radius, lamps.Count == 1 ? stance.SpanMillimetres : lamps.Max(lamp => lamp.Body.WidthMillimetres)))} over its width: the ends stand out by {say.Of(stance.EndsProudMillimetres)}, {say.Of(most)} allowed",
            $"a straight lamp of at most {say.Of(Math.Max(0, Sagitta.Chord(radius, Math.Max(0, allowed))))}, or one curved to {RadiusRange(radius, stance.SpanMillimetres, allowed)}"));
    }

    /// <summary>Radii of a lamp of that width whose ends stand out no more, and whose middle no more, than is allowed.</summary>
    private static string RadiusRange(double radius, double width, double allowed)
    {
        var face = Sagitta.Of(radius, width);
        if (double.IsPositiveInfinity(face)) return "the face";
        var most = face - allowed <= 0 ? double.PositiveInfinity : Sagitta.Radius(width, face - allowed);
        var least = Sagitta.Radius(width, face + Math.Max(0.1, allowed));
        return double.IsPositiveInfinity(most) ? $"{least / 1000:0.0} m or flatter" : $"{least / 1000:0.0} to {most / 1000:0.0} m";
    }

    private static void One(List<FitFinding> findings, Mount mount, LampBody body, SayLength say)
    {
        findings.Add(HoldFit.Of(mount, body, say));
        if (body.TiltDegrees > 0 && mount.TiltDegrees is { } tilt)
            findings.Add(Needs("tilt", "Room to tilt it", body.TiltDegrees, tilt, $"its bracket turns by {body.TiltDegrees:0.#}°, {tilt:0.#}° are free", "aim it before it is fixed, or take one that tilts in itself", "°"));
        if (body.TiltDegrees > 0 && mount.HeightMillimetres is { } height)
        {
            var angle = body.TiltDegrees * Math.PI / 180;
            var tilted = body.HeightMillimetres * Math.Cos(angle) + body.DepthMillimetres * Math.Sin(angle);
            if (tilted > height + Rounding)
                findings.Add(new FitFinding("tilted-height", "Height when it is tilted", Verdict.Watch, tilted, height, "mm",
                    $"Tilted by {body.TiltDegrees:0.#}° it is {say.Of(tilted)} high in {say.Of(height)}.", "It goes in level; less tilt than its bracket has."));
        }
        if (body.TailMillimetres < body.BehindMillimetres + HandMillimetres)
            findings.Add(new FitFinding("tail", "Tail long enough to join", Verdict.Watch, body.TailMillimetres, body.BehindMillimetres + HandMillimetres, "mm",
                $"The tail is {say.Of(body.TailMillimetres)}; behind the lamp and with room for a hand {say.Of(body.BehindMillimetres + HandMillimetres)} are needed.",
                "Put the plug on at the bench, before the lamp goes in."));
        if (mount.Supply is { } supply && body.Lead is { } lead && lead != supply)
            findings.Add(new FitFinding("lead-side", "Lead leaves on the side of the supply", Verdict.Watch, 1, 0, "-",
                $"Its lead leaves on the {Name(lead)}, the supply comes from the {Name(supply)}.", "Turn it round, or take the lead behind it."));
        if (!mount.Structural)
            findings.Add(new FitFinding("structural", "Bolted to structure", Verdict.Watch, 0, 1, "-",
                "What it bolts to gives: there is foam behind a plastic bumper.", "A bracket to the impact beam holds it still."));
    }

    /// <summary>Room that two hands and a plug take (common practice, no source).</summary>
    private const double HandMillimetres = 60;

    private static void Load(List<FitFinding> findings, Mount mount, IReadOnlyList<(string Id, LampBody Body)> lamps)
    {
        if (mount.MostKilograms is not { } most) return;
        var kilograms = lamps.Sum(lamp => lamp.Body.Kilograms);
        findings.Add(Needs("load", "Weight", kilograms, most, $"{kilograms:0.##} kg on what carries {most:0.##} kg", "something lighter, or another mount", "kg"));
    }

    private static void Free(List<FitFinding> findings, Mount mount, Stance stance, IReadOnlyList<(string Id, LampBody Body)> lamps, SayLength say)
    {
        foreach (var free in mount.Free)
        {
            var takes = free.Way switch
            {
                FreeWay.Left or FreeWay.Right => lamps.Sum(lamp => lamp.Body.WidthMillimetres) / 2, // a row can stand closer
                FreeWay.Above or FreeWay.Below => lamps.Max(lamp => lamp.Body.HeightMillimetres) / 2,
                FreeWay.Before => Math.Max(stance.MiddleProudMillimetres, stance.EndsProudMillimetres),
                _ => lamps.Max(lamp => lamp.Body.DepthMillimetres + lamp.Body.BehindMillimetres),
            };
            findings.Add(Needs("keep-free", $"Keeps clear of the {free.What}", takes, free.Millimetres,
                $"takes {say.Of(takes)} from the middle, the {free.What} begins at {say.Of(free.Millimetres)}", $"at most {say.Of(free.Millimetres)} on that side"));
        }
    }

    private static FitFinding Needs(string id, string title, double figure, double limit, string reason, string remedy, string unit = "mm")
    {
        var fits = figure <= limit + Rounding;
        return new FitFinding(id, title, fits ? Verdict.Holds : Verdict.Stop, double.IsFinite(figure) ? figure : 1e6, limit, unit, Sentence(reason), fits ? "" : Sentence(remedy));
    }

    private static string Sentence(string words) => $"{Format.Capital(words)}.";

    private static string Name(Side side) => side == Side.Left ? "left" : "right";
}
