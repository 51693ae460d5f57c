using BurlyRidge.Core.Fitting;

namespace BurlyRidge.Core.Beams;

/// <summary>A light where it stands in the world.</summary>
/// <param name="Id">"fixture.light", or of a lamp of the vehicle's own its name.</param>
/// <param name="Lamp">The fixture, by id; empty: it is the vehicle's own.</param>
/// <param name="Mount">That it is on, by id; of one of the vehicle's own nothing.</param>
/// <param name="Lines">Lines that it belongs to.</param>
/// <param name="At">Middle of its face.</param>
/// <param name="Wide">Of its face, m.</param>
/// <param name="High">Of its face, m.</param>
/// <param name="Frame">Which way it stands.</param>
/// <param name="Shape">Its light.</param>
/// <param name="Watts">At its rated volts, W.</param>
/// <param name="Amps">That it draws now, A.</param>
/// <param name="Share">Of its light that it gives now, what slats before it take taken off.</param>
/// <param name="Guess">Its light, or where it goes, is guessed.</param>
public sealed record BeamLamp(
    string Id, string Lamp, string Mount, string Name, IReadOnlyList<string> Lines, Facing Facing, Vec At, Frame Frame, double Wide, double High,
    LightShape Shape, double Share, bool Guess, double Watts, double Amps)
{
    /// <summary>A lamp longer than this share of the distance is no point.</summary>
    private const double PointShare = 0.1;

    private const int LeastPoints = 8;
    private const int MostPoints = 40;

    private double Longest => Math.Max(Wide, High);

    /// <summary>Whether a point is behind its face, and nothing of it shines there.</summary>
    public bool IsBehind(Vec point) => Shape.FrontOnly && Frame.Forward.Dot(point - At) <= 0;

    /// <summary>Illuminance at a point, lx.</summary>
    /// <param name="normal">Of the surface there; null: it faces the light.</param>
    /// <param name="whole">Split it into points wherever it is.</param>
    public double Lux(Vec point, Vec? normal, Shade shade, bool whole = false)
    {
        var to = point - At;
        var square = to.Dot(to);
        if (Share <= 0 || square < 1e-8) return 0;
        var distance = Math.Sqrt(square);
        if (!whole && Longest <= PointShare * distance) return Share * FromPoint(At, point, normal, shade);
        var count = Math.Clamp((int)Math.Ceiling(4 * Longest / distance), LeastPoints, MostPoints);
        var (along, step) = Wide >= High ? (Frame.Right, Wide / count) : (Frame.Up, High / count);
        var sum = 0.0;
        for (var i = 0; i < count; i++) sum += FromPoint(At + along * ((i + 0.5 - count / 2.0) * step), point, normal, shade);
        return Share * sum / count;
    }

    private double FromPoint(Vec from, Vec point, Vec? normal, Shade shade)
    {
        var to = point - from;
        var square = to.Dot(to);
        var distance = Math.Sqrt(square);
        var falls = normal is { } surface ? -surface.Dot(to) / distance : 1;
        if (falls <= 0 || distance < 1e-6) return 0;
        var candela = Shape.Candela(Frame.Forward.Dot(to) / distance, Frame.Right.Dot(to) / distance, Frame.Up.Dot(to) / distance);
        return candela <= 0 || shade.Blocks(from, point) ? 0 : candela * falls / square;
    }

    /// <summary>The same lamp elsewhere.</summary>
    public BeamLamp Moved(Vec by) => this with { At = At + by };
}
