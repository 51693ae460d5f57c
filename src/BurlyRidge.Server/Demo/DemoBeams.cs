using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Server.Demo;

/// <summary>Aims, set-ups and photometric files of a demo vehicle. The files are made by the formula of a stand-in, for lamps that nobody makes.</summary>
internal static class DemoBeams
{
    private static readonly (string Id, string Name, double Lumens, double Spread, double Throw, double Watts)[] Files =
    [
        ("work-flood", "work-flood.ies", 2_400, 90, 70, 28),
        ("plough-wide", "plough-wide.ies", 800, 50, 14, 55),
        ("winch-spot", "winch-spot.ies", 1_500, 14, 14, 18),
    ];

    /// <summary>A plan of its light.</summary>
    /// <param name="noseUp">How it stands, degrees.</param>
    public static BeamPlan Of(double noseUp, IReadOnlyList<LampAim> aims, params IReadOnlyList<(string Name, IReadOnlyList<LampAim> Aims)> setups) => new()
    {
        NoseUpDegrees = noseUp,
        Aims = aims,
        Setups = [.. setups.Select((setup, i) => new BeamSetup($"setup-{i + 1}", setup.Name) { Aims = setup.Aims, NoseUpDegrees = noseUp })],
        Files = [.. Files.Select(file => new BeamFile(file.Id, file.Name, Lm63Writer.Write(Lm63Writer.Of(new CosineLight(file.Lumens, file.Spread, file.Throw), file.Name, "Made by I = I0 cos^m, for a lamp that nobody makes.", file.Watts, 0.1, 0.1))))],
    };

    /// <summary>The same lamp, its lights as a file has them.</summary>
    public static Fixture Shining(this Fixture lamp, string file) => lamp with { Functions = [.. lamp.Functions.Select(light => light with { Output = new LightOutput { File = file } })] };
}
