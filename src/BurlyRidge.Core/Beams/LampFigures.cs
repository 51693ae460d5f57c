namespace BurlyRidge.Core.Beams;

/// <summary>What one lamp does by itself, along its own axis.</summary>
/// <param name="Id">"fixture.light".</param>
/// <param name="Guess">Its light is guessed, and so is every figure of it.</param>
/// <param name="Lux">On a wall across its axis at <see cref="Distances"/>, lx.</param>
/// <param name="Reach">Of 1 lx and of 0.25 lx: across its axis, and on the ground below it.</param>
/// <param name="Watts">Drawn at its rated volts, W.</param>
/// <param name="Lumens">That it gives now, lm.</param>
/// <param name="GroundLumens">Of them on the ground of the plan, lm.</param>
/// <param name="LumensPerAmp">Those for each ampere that it draws now; null: it draws none.</param>
/// <param name="Share">Of its light that it gives now.</param>
public sealed record LampLight(
    string Id, string Lamp, string Name, bool Guess, IReadOnlyList<double> Lux, IReadOnlyList<ReachOf> Reach, double Candela, double Watts, double Amps, double Lumens, double GroundLumens, double? LumensPerAmp, double Share)
{
    /// <summary>Where it is told, m.</summary>
    public static IReadOnlyList<double> Distances { get; } = [10, 25, 50, 100, 200, 400];

    internal static LampLight Of(BeamLamp lamp, Shade shade, Ground ground, double groundLumens)
    {
        var alone = new LitScene([lamp], shade, ground);
        var axis = lamp.Frame.Forward;
        double Across(double metres) => alone.Count == 0 ? 0 : alone.Lux(0, lamp.At + axis * metres, axis * -1);
        double Below(double metres)
        {
            var at = lamp.At + axis * metres;
            return alone.OnGround(at.Ahead, at.Right);
        }
        return new LampLight(
            lamp.Id, lamp.Lamp, lamp.Name, lamp.Guess, [.. Distances.Select(Across)], alone.Count == 0 ? [new(1, 0, 0), new(0.25, 0, 0)] : [.. new[] { 1, 0.25 }.Select(level => new ReachOf(level, Reaching.Last(Across, level), Reaching.Last(Below, level)))],
            lamp.Share * lamp.Shape.Axial, lamp.Watts, lamp.Amps, lamp.Share * lamp.Shape.Lumens, groundLumens, lamp.Amps > 0.01 ? groundLumens / lamp.Amps : null, lamp.Share);
    }
}
