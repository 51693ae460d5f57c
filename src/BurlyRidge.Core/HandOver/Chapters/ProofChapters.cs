using System.Globalization;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Exchange.Pages;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>What was read on the meter, where the beams stand, and how it looks by night.</summary>
internal static class ProofChapters
{
    public static Chapter Readings(PackSource source)
    {
        var blocks = new List<Block>();
        if (source.Measured.BatteryVolts is { } volts) blocks.Add(new Block.Paragraph(PackWords.FormatBatteryAtRest(Format.Volts(volts))));
        foreach (var line in source.Commissioned)
        {
            IReadOnlyList<TakenReading> readings = line.Passed?.What.Readings ?? [.. source.Measured.Readings.Where(pair => pair.Key.Line == line.Id).Select(pair => pair.Value)];
            if (readings.Count == 0) continue;
            var planned = ReadingBands.AsPlanned(source.Plan, line.Id).Readings.ToDictionary(reading => reading.Key, reading => reading.Value, StringComparer.Ordinal);
            blocks.Add(new Block.Heading(line.Passed is { } passed ? PackWords.FormatCommissionedOn(line.Name, Day(passed.At), passed.Who) : PackWords.FormatNotCommissioned(line.Name)));
            var stands = source.Plan.Of(line.Id).ToDictionary(group => group.Id, group => group.Words, StringComparer.Ordinal);
            blocks.Add(new Block.Table([PackWords.With, PackWords.Measured, PackWords.Planned, PackWords.Read],
                [.. readings.Select(reading => (IReadOnlyList<string>)[stands.GetValueOrDefault(reading.Key.Split('/')[0], ""), reading.Words, planned.TryGetValue(reading.Key, out var value) ? ReadingJudge.Say(value, reading.Unit) : "", ReadingJudge.Say(reading.Value, reading.Unit)])]));
        }
        var came = source.Measured.Turned;
        // What is turned over is worked out where something was.
        var turned = came.Count == 0 ? [] : source.Plan.Turns.Where(check => came.ContainsKey(check.Key)).Select(check => (IReadOnlyList<string>)
            [check.Words, check.Expects, came[check.Key].AsItShould ? PackWords.AsItShould : PackWords.FormatNotAsItShould(came[check.Key].Note)]).ToList();
        blocks.AddRange(WiringChapters.Table(PackWords.TurnedOver, [PackWords.Turned, PackWords.LitThen, PackWords.Came], turned));
        if (blocks.Count == 0) blocks.Add(Pack.Nothing(PackWords.NothingMeasured));
        var open = source.Commissioned.Count(line => line.Standing != LineStanding.Passed && line.All > 0);
        return new Chapter("readings", PackWords.ReadingsTaken, blocks, open > 0 ? PackWords.FormatLinesNotCommissioned(Format.Count(open, PackWords.LineWord, PackWords.LinesWord)) : "");
    }

    private static string Day(DateTimeOffset at) => at.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    public static Chapter Aim(PackSource source)
    {
        var blocks = new List<Block>();
        var inside = source.Rig.Lines.Where(line => line.Use is Rigs.LineUse.Inside or Rigs.LineUse.Marker).SelectMany(line => line.Lamps().Append(line.Id)).ToHashSet(StringComparer.Ordinal);
        var marks = source.Marks.Where(mark => mark.UpMetres >= 0 && !inside.Contains(mark.Lamp)).ToList();
        if (marks.Count > 0)
        {
            blocks.Add(new Block.Paragraph(PackWords.FormatMarksOnWall(Format.Metres(source.Saved.Beams.WallMetres, source.Units))));
            foreach (var (to, words) in new[] { (Fitting.Facing.Ahead, PackWords.WallAhead), (Fitting.Facing.Astern, PackWords.WallBehind) })
            {
                var side = marks.Where(mark => mark.To == to).ToList();
                if (side.Count == 0) continue;
                blocks.Add(new Block.Heading(words));
                blocks.Add(new Block.Drawing(AimSheet.Drawing(side, source.Units)));
                blocks.Add(new Block.Table([PackWords.Lamp, PackWords.Height, PackWords.Side], [.. side.Select(mark => (IReadOnlyList<string>)[mark.Name, Format.Millimetres(mark.UpMetres * 1000, source.Units), AimSheet.Side(mark.RightMetres, source.Units)])]));
            }
        }
        var levels = source.Record.Levels.Select(level => (IReadOnlyList<string>)
        [
            source.Names.Called(level.What.Lamp) ?? level.What.Lamp, level.What.Tight ? PackWords.BoltsTight : PackWords.BoltsLoose, level.What.AcrossDegrees is { } across ? Format.Degrees(across) : "", level.What.AlongDegrees is { } along ? Format.Degrees(along) : "",
            level.What.LeftMillimetres is { } left ? Format.Millimetres(left, source.Units) : "", level.What.RightMillimetres is { } right ? Format.Millimetres(right, source.Units) : "",
        ]).ToList();
        blocks.AddRange(WiringChapters.Table(PackWords.ByTheLevel, [PackWords.Lamp, PackWords.Bolts, PackWords.BubbleAcross, PackWords.BubbleAlong, PackWords.LeftEnd, PackWords.RightEnd], levels));
        if (blocks.Count == 0) blocks.Add(Pack.Nothing(PackWords.NoAimMarks));
        return new Chapter("aim", PackWords.AimMarks, blocks);
    }

    public static Chapter Night(PackSource source)
    {
        IReadOnlyList<string> before = source.Own.Photos.GetValueOrDefault(PackPhotos.Before) ?? [], after = source.Own.Photos.GetValueOrDefault(PackPhotos.After) ?? [];
        List<Block> blocks =
        [
            .. before.Count == 0 ? [] : new Block[] { new Block.Heading(PackWords.BeforeByNight), Shown(source, before) },
            .. after.Count == 0 ? [] : new Block[] { new Block.Heading(PackWords.AfterByNight), Shown(source, after) },
        ];
        if (blocks.Count == 0) blocks.Add(Pack.Nothing(PackWords.NoPhotosByNight));
        return new Chapter("night", PackWords.ByNight, blocks, before.Count == 0 || after.Count == 0 ? PackWords.PhotosNotChosen : "");
    }

    /// <summary>Photos that the record has, with what was written to them.</summary>
    public static Block Shown(PackSource source, IReadOnlyList<string> photos) => new Block.Photos([.. photos.Select(name => source.Record.Photos.LastOrDefault(photo => photo.Photo == name)).OfType<RunSheet.SheetEvent.Photographed>().Select(photo => new PagePhoto(photo.Photo, photo.Caption.Length > 0 ? photo.Caption : PackWords.APhoto))]);
}
