using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>What is left of the given volts at a place along a line.</summary>
/// <param name="Metres">Length of wire from the source.</param>
/// <param name="LeftFraction">Of what is given, 0 to 1.</param>
public sealed record RidgePoint(double Metres, double LeftFraction);

/// <summary>A line in one row of a list.</summary>
/// <param name="Amps">What it draws by itself, engine off, A.</param>
/// <param name="Wire">The wire that most is lost in; empty where nothing flows.</param>
/// <param name="Fuse">The fuse nearest its lamps; empty where it has none.</param>
/// <param name="Slot">Of the panel; null where none works it.</param>
/// <param name="Output">The output that works it, as "box.output" or by its own id; empty where none does.</param>
/// <param name="Place">Where its first lamp is; empty where nobody said.</param>
/// <param name="Ridge">What is left on the way of the lamp that loses most.</param>
public sealed record LineSummary(double Amps, string Wire, string Fuse, int? Slot, string Output, string Place, IReadOnlyList<RidgePoint> Ridge)
{
    /// <summary>Reads a line of <paramref name="saved"/>, studied as <paramref name="study"/>.</summary>
    public static LineSummary Of(Rig saved, WiringMap map, LineStudy study)
    {
        var line = saved.Lines.First(line => line.Id == study.Line.Id);
        var points = study.Worst is { } worst ? Profile.Of(study.Off, [worst.Id]) : [];
        var links = points.Where(point => point.From >= 0).Select(point => (Point: point, Link: map.Find(point.Part), Lost: points[point.From].Volts - point.Volts)).ToList();
        var pressed = links.SelectMany(link => link.Link?.Needs ?? []).OfType<Need.Press>().Select(press => press.Slot).FirstOrDefault("");
        var (box, output) = TerminalIndex.Split(pressed);
        return new LineSummary(
            study.Lamps.Sum(lamp => Math.Abs(study.Off.Amps(lamp.Id))),
            links.Where(link => link.Link?.Run is not null).OrderByDescending(link => link.Lost).Select(link => link.Link!.Run!.Wire).FirstOrDefault(""),
            links.Where(link => link.Point.Leg == Leg.Out).Select(link => link.Link?.Fuse?.ToString()).LastOrDefault(fuse => fuse is not null) ?? "",
            saved.PowerBoxes.FirstOrDefault(part => part.Id == box)?.Outputs.FirstOrDefault(part => part.Id == output)?.Slot,
            pressed,
            Where(saved, line),
            Left(points, study.Worst?.Id));
    }

    private static string Where(Rig rig, Line line)
    {
        if (rig.Body is not { } body) return "";
        var at = line.Plan?.Lay?.To ?? line.Lights.Select(lamp => rig.Places.FirstOrDefault(place => place.Part == TerminalIndex.Split(lamp).Part)?.At).FirstOrDefault(at => at is not null);
        return body.Mounts.FirstOrDefault(mount => mount.Id == at)?.Name ?? body.StationOf(at ?? "")?.Name ?? "";
    }

    private static List<RidgePoint> Left(IReadOnlyList<ProfilePoint> points, string? lamp)
    {
        if (points.Count == 0) return [];
        var given = points[0].Volts - points[^1].Volts;
        var left = given;
        var ridge = new List<RidgePoint> { new(0, 1) };
        foreach (var point in points.Where(point => point.From >= 0 && point.Part != lamp))
            ridge.Add(new RidgePoint(point.Metres, given <= 0 ? 1 : (left -= points[point.From].Volts - point.Volts) / given));
        return ridge;
    }
}
