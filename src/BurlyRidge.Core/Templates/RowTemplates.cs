using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Templates;

/// <summary>Long rows of pods on the same two wires.</summary>
internal static class RowTemplates
{
    private const double LinkMetres = 0.12;

    public static IReadOnlyList<Template> All { get; } =
    [
        new("row", TemplateWords.ARowOfPodsFed, TemplateWords.EachPodGoesOnFrom, 6, [TemplateQuestion.Return]) { Build = builder => Row(builder, bothEnds: false) },
        new("row-both", TemplateWords.ARowOfPodsFedAt, TemplateWords.ARelayBoxWithoutA, 15, [TemplateQuestion.Return]) { Build = builder => Row(builder, bothEnds: true) },
    ];

    private static void Row(LineBuilder builder, bool bothEnds)
    {
        var id = builder.Name("box");
        double[] standard = [10, 15, 20, 25, 30, 40];
        var rating = standard.FirstOrDefault(amps => amps * builder.Rig.HouseRules.FuseLoadFraction >= builder.Amps, 40);
        builder.Rig = builder.Rig with
        {
            PowerBoxes = [.. builder.Rig.PowerBoxes, new PowerBox(id, 60, [.. Enumerable.Range(1, 2).Select(way => new BoxOutput($"o{way}", rating, WorkedBy: WorkedBy.Input))])],
        };
        var main = builder.Fuse("fuse", builder.Amps / 0.8);
        if (builder.Rig.Places.FirstOrDefault(place => place.Part == main) is { } beside) builder.Rig = builder.Rig with { Places = [.. builder.Rig.Places, beside with { Part = id }] };
        builder.Power(builder.Plus, $"{main}.in", LineBuilder.BesideMetres);
        builder.Power($"{main}.out", $"{id}.plus", 0.5);
        builder.Power($"{id}.minus", builder.Post(), 0.5);
        var part = builder.Switch();
        builder.ToDash(builder.ControlFuse($"{main}.out"), $"{part}.in");
        builder.ToDash($"{part}.out", $"{id}.in-o1");
        var lamps = builder.ToRow($"{id}.o1", builder.Metres, LinkMetres, rating);
        builder.Notes.Add(TemplateWords.ARelayBoxWithoutAPanel);
        if (!bothEnds) return;
        builder.Thin($"{id}.in-o1", $"{id}.in-o2", 0.2);
        builder.Power($"{id}.o2", $"{lamps[^1]}.{builder.Pin(0, lamp => lamp.Plus)}", builder.Metres, builder.LampZones);
        builder.Back($"{lamps[^1]}.{builder.Pin(0, lamp => lamp.Minus)}", "far-earth");
        builder.Notes.Add(TemplateWords.ASecondOutputFeedsThe);
    }
}
