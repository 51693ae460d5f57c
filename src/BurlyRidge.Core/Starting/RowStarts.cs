using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Starting;

/// <summary>Long rows of pods on the same two wires.</summary>
internal static class RowStarts
{
    private const double LinkMetres = 0.12;

    public static IReadOnlyList<Start> All { get; } =
    [
        new("row", "A row of pods, fed at one end", "Each pod goes on from the one before. Short rows only: along a long one the far pods go dim.", 6, [StartQuestion.Return]) { Build = draft => Row(draft, bothEnds: false) },
        new("row-both", "A row of pods, fed at both ends", "A relay box without a panel feeds the row from both ends, each end by its own output, both pulled in by one switch.", 15, [StartQuestion.Return]) { Build = draft => Row(draft, bothEnds: true) },
    ];

    private static void Row(Draft draft, bool bothEnds)
    {
        var id = draft.Name("box");
        var share = bothEnds ? 0.6 : 1;
        double[] standard = [10, 15, 20, 25, 30, 40];
        var rating = standard.FirstOrDefault(amps => amps * draft.Rig.HouseRules.FuseLoadFraction >= share * draft.Amps, 40);
        draft.Rig = draft.Rig with
        {
            PowerBoxes = [.. draft.Rig.PowerBoxes, new PowerBox(id, 60, [.. Enumerable.Range(1, 2).Select(way => new BoxOutput($"o{way}", rating, WorkedBy: WorkedBy.Input))])],
        };
        var main = draft.Fuse("fuse", draft.Amps / 0.8);
        if (draft.Rig.Places.FirstOrDefault(place => place.Part == main) is { } beside) draft.Rig = draft.Rig with { Places = [.. draft.Rig.Places, beside with { Part = id }] };
        draft.Power(draft.Plus, $"{main}.in", Draft.BesideMetres);
        draft.Power($"{main}.out", $"{id}.plus", 0.5);
        draft.Power($"{id}.minus", draft.Post(), 0.5);
        var part = draft.Switch();
        draft.ToDash(draft.ControlFuse($"{main}.out"), $"{part}.in");
        draft.ToDash($"{part}.out", $"{id}.in-o1");
        var lamps = draft.ToRow($"{id}.o1", draft.Metres, LinkMetres);
        draft.Did.Add("A relay box without a panel: its outputs have fuses of their own, its inputs take coil current alone.");
        if (!bothEnds) return;
        draft.Thin($"{id}.in-o1", $"{id}.in-o2", 0.2);
        draft.Power($"{id}.o2", $"{lamps[^1]}.{draft.Pin(0, lamp => lamp.Plus)}", draft.Metres + LinkMetres * (lamps.Count - 1), draft.LampZones);
        draft.Did.Add("A second output feeds the far end, and both coils hang on one switch.");
    }
}
