using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Assessing;

/// <summary>What of the law and of other road users is to be looked up before a line is used; it judges nothing.</summary>
internal static class LineCautions
{
    /// <summary>Of a line of <paramref name="rig"/>.</summary>
    /// <param name="trigger">How it is turned on; null where it has no lamps.</param>
    /// <param name="output">The output that works it, as "box.output"; empty where none does.</param>
    public static IReadOnlyList<string> Of(Rig rig, Line line, LineTrigger? trigger, string output)
    {
        var lit = line.Lights.ToHashSet(StringComparer.Ordinal);
        var lights = rig.Fixtures.SelectMany(lamp => lamp.Functions.Where(function => lit.Contains($"{lamp.Id}.{function.Id}")).Select(function => (Lamp: lamp, function.Colour))).ToList();
        var said = new List<string>();
        if (line.Use == LineUse.Forward)
        {
            said.Add(LineWords.DrivingLightsAreForDark);
            if (lights.Exists(light => light.Lamp.Covered)) said.Add(LineWords.FitTheCoversBeforeYou);
        }
        if (line.Use is LineUse.Rear or LineUse.Work && trigger?.On is { Reverse: false } && (lights.Count == 0 || lights.Exists(light => light.Colour == LightColour.White)))
            said.Add(LineWords.WhiteLightToTheRear);
        if (line.Use == LineUse.Marker) said.Add(LineWords.LocalLawSaysWhichColour);
        if (lights.Exists(light => light.Colour is LightColour.Red or LightColour.Blue or LightColour.Green) && line.Use is LineUse.Forward or LineUse.Marker)
            said.Add(LineWords.RedBlueAndGreenLight);
        if (Flashes(rig, output)) said.Add(LineWords.FlashingLightOnTheRoad);
        return said;
    }

    private static bool Flashes(Rig rig, string output) => rig.PowerBoxes.Any(box => box.Outputs.Any(way =>
        $"{box.Id}.{way.Id}" == output && way.Mode is OutputMode.FlashSlow or OutputMode.FlashFast or OutputMode.Strobe));
}
