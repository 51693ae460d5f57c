using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Beams;

/// <summary>How a light shines of which nobody has a file.</summary>
internal static class StandIn
{
    /// <summary>Light that leaves a whole lamp for each watt, lm (typical, no source).</summary>
    private static double LumensPerWatt(LampKind kind) => kind switch { LampKind.Filament => 12, LampKind.ResistorLed => 50, _ => 70 };

    /// <summary>A face so many times as wide as high is a bar's.</summary>
    private const double BarShape = 3;

    /// <summary>The light of a lamp: as its file has it, or made of what is known; and whether any of that is guessed.</summary>
    public static (LightShape Shape, bool Guess) Of(LampFunction light, LampDimensions? body, Facing facing, IReadOnlyDictionary<string, TableLight> files)
    {
        var given = light.Output ?? LightOutput.Unknown;
        if (given.File is { } file && files.TryGetValue(file, out var table)) return (table, false);
        var (spread, high) = UsualAngles(body, facing);
        return (new CosineLight(given.Lumens ?? light.Power * LumensPerWatt(light.Kind), given.SpreadDegrees ?? spread, given.ThrowDegrees ?? high),
            given.Lumens is null || given.SpreadDegrees is null || given.ThrowDegrees is null);
    }

    /// <summary>Spread and throw, degrees (typical, no source): a bar is wide and flat, a pod ahead narrow, a work light broad.</summary>
    private static (double Spread, double Throw) UsualAngles(LampDimensions? body, Facing facing) => facing != Facing.Ahead ? (80, 60)
        : body is { } size && size.WidthMillimetres >= BarShape * size.HeightMillimetres ? (40, 12) : (24, 16);
}
