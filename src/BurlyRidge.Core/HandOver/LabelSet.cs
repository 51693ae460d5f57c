using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Checks.Controls;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Exchange.Labels;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.HandOver;

/// <summary>Every label that a rig wants, kind by kind.</summary>
public static class LabelSet
{
    /// <summary>Reads them off an assessed rig.</summary>
    /// <param name="pieces">Its wires as they are cut.</param>
    public static IReadOnlyList<Label> Of(AssessedRig assessed, IReadOnlyList<CutPiece> pieces)
    {
        var (rig, names, study) = (assessed.Study.Wired, assessed.Study.Names, assessed.Study);
        string Lines(string element) => Format.And(study.LinesOf(element).Select(names.Line));
        return
        [
            .. WireLabels.Of(pieces),
            .. rig.Protection.Select(device => new Label(LabelKind.Fuse, device.Id, HandOverWords.FormatLabelFuse(names[device.Id], Format.RatedAmps(device.Fuse.RatingAmps)), Lines(device.Id))),
            .. rig.InlineBreakers.Select(breaker => new Label(LabelKind.Fuse, breaker.Id, HandOverWords.FormatLabelFuse(names[breaker.Id], Format.RatedAmps(breaker.RatingAmps)), Lines(breaker.Id))),
            .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => new Label(LabelKind.Fuse, $"{box.Id}.{output.Id}", HandOverWords.FormatLabelFuse(output.Legend.Length > 0 ? output.Legend : box.OutputName(output), Format.RatedAmps(output.RatingAmps)), Lines($"{box.Id}.{output.Id}-fuse")))),
            .. rig.Relays.Select(relay => new Label(LabelKind.Relay, relay.Id, names[relay.Id], Lines($"{relay.Id}.contact"))),
            .. rig.PowerBoxes.SelectMany(box => box.Outputs.Where(output => output is { WorkedBy: Parts.WorkedBy.Slot, Legend.Length: > 0 }).OrderBy(output => output.Slot).Select(output => new Label(LabelKind.Legend, $"{box.Id}.{output.Id}", output.Legend, box.OutputName(output)))),
            .. assessed.Assessment.Lines.SelectMany(line => line.Checks).Concat(assessed.Assessment.Checks).Where(check => check.Id == MinusSwitchedCheck.Kind.Id && check.Verdict != Verdict.Holds && check.About.Length > 0).DistinctBy(check => check.About)
                .Select(check => new Label(LabelKind.LiveWhenOff, check.About, HandOverWords.LabelLiveWhenOff, names[check.About])),
            .. rig.Switches.Where(own => own.Positions[0].Joins.Count > 0 || OutOfSight(assessed.Whole.Saved, own.Id)).Select(own => new Label(LabelKind.HiddenSwitch, own.Id, names[own.Id], Where(assessed, own.Id))),
            .. Smaller(assessed, names),
        ];
    }

    private static bool OutOfSight(Rig rig, string part) => rig.Places.FirstOrDefault(place => place.Part == part) is { } place && rig.Body?.Spaces.FirstOrDefault(space => space.Id == place.At) is { InSight: false };

    private static string Where(AssessedRig assessed, string part) =>
        (assessed.Whole.Saved.Places.FirstOrDefault(place => place.Part == part)?.At ?? PartLocations.Of(assessed.Study.Wired).Of(part)) is { } at ? Format.Capital(assessed.Study.Names.Place(at)) : "";

    /// <summary>Fuses below what the maker of a lamp behind them puts into its own harness.</summary>
    private static IEnumerable<Label> Smaller(AssessedRig assessed, PartNames names)
    {
        var rig = assessed.Study.Wired;
        foreach (var device in rig.Protection)
        {
            var lines = assessed.Study.LinesOf(device.Id);
            var maker = rig.Lines.Where(line => lines.Contains(line.Id)).SelectMany(line => line.Lamps()).Select(lamp => rig.Fixtures.FirstOrDefault(one => one.Id == lamp)?.HarnessFuseAmps).Max();
            if (maker > device.Fuse.RatingAmps) yield return new Label(LabelKind.SmallerFuse, device.Id, HandOverWords.FormatLabelOnly(Format.RatedAmps(device.Fuse.RatingAmps)), HandOverWords.FormatLabelNotMakers(names[device.Id], Format.RatedAmps(maker.Value)));
        }
    }
}
