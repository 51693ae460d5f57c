using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>What was found, what to look at later, what stays open, and the way back.</summary>
internal static class CareChapters
{
    public static Chapter Findings(PackSource source)
    {
        var rows = source.Record.Findings.Select(found => (IReadOnlyList<string>)
        [
            found.What.What, found.What.Place, string.Join(", ", new[] { found.What.Colour, found.What.Pin, found.What.Size }.Where(word => word.Length > 0)), found.What.Kind == FindingKind.EarlierWork ? PackWords.EarlierWork : "", found.What.FoundOn,
        ]).ToList();
        return new Chapter("findings", PackWords.FoundOnVehicle, [rows.Count == 0 ? Pack.Nothing(PackWords.NothingFound) : new Block.Table([PackWords.Found, PackWords.Place, PackWords.More, PackWords.Whose, PackWords.Day], rows)]);
    }

    public static Chapter Care(PackSource source)
    {
        var rig = source.Rig;
        List<string> soon = [PackWords.TightenLampBolts, PackWords.LookAtAimAgain, PackWords.LookAtTies];
        if (rig.Earths.Any(earth => earth.Kind == EarthKind.Stud)) soon.Add(PackWords.TightenEarths);
        List<string> yearly = [PackWords.CleanLenses, PackWords.LookForChafing, PackWords.PullAtPlugs];
        if (rig.Earths.Any(earth => earth.Kind == EarthKind.Stud)) yearly.Add(PackWords.MeasureEarths);
        if (source.Saved.Body?.Stations.Any(station => station.Kind == Rigs.StationKind.Grommet) == true) yearly.Add(PackWords.LookAtGrommets);
        yearly.Add(PackWords.TryEverySwitch);
        return new Chapter("care", PackWords.WhatToLookAt,
        [
            new Block.Heading(PackWords.FormatAfterDistance(source.Units == UnitSystem.Metric ? PackWords.Km100 : PackWords.Miles60)), new Block.Bullets(soon),
            new Block.Heading(PackWords.EveryYear), new Block.Bullets(yearly),
            .. source.Own.Said(OwnWords.Care) is { Count: > 0 } own ? new Block[] { new Block.Heading(PackWords.AndOnThisVehicle), new Block.Bullets(own) } : [],
        ]);
    }

    /// <summary>What was not done as sold, or left open and agreed.</summary>
    public static Chapter LeftOpen(PackSource source)
    {
        var (rig, names) = (source.Rig, source.Names);
        List<string> open =
        [
            .. source.Own.Said(OwnWords.Agreed),
            .. source.Differences.Where(one => !one.Open).Select(one => PackWords.FormatDiffersStays(one.Name, one.Built, one.Why)),
            .. source.Record.Waits.Select(wait => PackWords.FormatStillWaits(source.Sheet.Steps.FirstOrDefault(card => card.Wait?.Step == wait.Step)?.Step.Title ?? wait.Step, wait.Until.Length > 0 ? wait.Until : PackWords.DayNotKnown)),
            .. rig.PowerBoxes.SelectMany(box => box.Outputs.Where(output => !source.Assessed.Study.Map.RunsAt($"{box.Id}.{output.Id}").Any()).Select(output => output.Legend.Length > 0 ? PackWords.FormatSlotFreeNamed(names[box.Id], box.OutputName(output), output.Legend) : PackWords.FormatSlotFree(names[box.Id], box.OutputName(output)))),
            .. rig.Joints.Where(joint => joint.Kind == JointKind.Cap).Select(joint => PackWords.FormatCappedHere(names[joint.Id], source.PlaceOf(joint.Id) is { Length: > 0 } place ? place : PackWords.PlaceNotSpecified)),
            .. source.Assessed.Assessment.Lines.SelectMany(line => line.Checks).Concat(source.Assessed.Assessment.Checks).Where(check => check.Accepted is not null).DistinctBy(check => (check.Id, check.About, check.LineId)).Select(Accepted),
        ];
        return new Chapter("open", PackWords.LeftOpen, [open.Count == 0 ? Pack.Nothing(PackWords.NothingLeftOpen) : new Block.Bullets(open)]);
    }

    private static string Accepted(Check check) => PackWords.FormatAcceptedBy(check.Title, check.Reason, check.Accepted!.By, check.Accepted.Reason);

    public static Chapter BackToStandard(PackSource source)
    {
        var covers = Assessing.ComesOff.Of(source.Saved, source.Assessed.Whole.Routed, source.Names);
        var slots = source.Rig.Vehicle.FuseSlots.Where(slot => source.Assessed.Study.Map.RunsAt($"{slot.Id}.tap").Any()).Select(slot => PackWords.FormatTapOut(source.Names[slot.Id], Format.RatedAmps(slot.RatingAmps)));
        var steps = Sheet.Back(source.Assessed).GroupBy(step => step.Stage).Select(stage => (IReadOnlyList<string>)[StageWords.Of(stage.Key), string.Join("\n", stage.Select(step => step.Title))]).ToList();
        return new Chapter("standard", PackWords.BackToStandard,
        [
            new Block.Paragraph(PackWords.BackInThisOrder),
            steps.Count == 0 ? Pack.Nothing(PackWords.NothingAltered) : new Block.Table(["", ""], steps),
            .. slots.Any() ? new Block[] { new Block.Bullets([.. slots]) } : [],
            .. source.Own.Said(OwnWords.Standard) is { Count: > 0 } own ? new Block[] { new Block.Heading(PackWords.CoversKept), new Block.Bullets(own) } : [],
        ], source.Own.Words.ContainsKey(OwnWords.Standard) || covers.Count == 0 ? "" : PackWords.CoversNotSaid);
    }
}
