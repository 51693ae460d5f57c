using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>What makes it dead at once, and what to be careful of.</summary>
internal static class EmergencyChapters
{
    public static Chapter Emergency(PackSource source) => new("emergency", PackWords.InAnEmergency,
    [
        new Block.Paragraph(PackWords.EmergencySays, Tone.Caution),
        new Block.Table([PackWords.Pull, PackWords.Place, PackWords.MakesDead], [.. Pulls(source)]),
        .. source.Own.Said(OwnWords.Emergency).Select(line => new Block.Paragraph(line, Tone.Strong)),
        new Block.Paragraph(PackWords.FireFirst),
    ]);

    /// <summary>Fuses that a post feeds with nothing before them, then the posts, last of all those that are joined to others.</summary>
    internal static IEnumerable<IReadOnlyList<string>> Pulls(PackSource source)
    {
        var (rig, names) = (source.Rig, source.Names);
        var posts = rig.Vehicle.Batteries.Select(battery => $"{battery.Id}.plus").ToHashSet(StringComparer.Ordinal);
        foreach (var device in rig.Protection.Select(device => (device.Id, Rating: device.Breaker ? PackWords.FormatBreakerOf(Format.RatedAmps(device.Fuse.RatingAmps)) : $"{device.Fuse}")).Concat(rig.InlineBreakers.Select(breaker => (breaker.Id, Rating: PackWords.FormatBreakerOf(Format.RatedAmps(breaker.RatingAmps))))))
            if (source.Assessed.Study.Map.RunsAt($"{device.Id}.in").Concat(source.Assessed.Study.Map.RunsAt($"{device.Id}.out")).Any(run => run.Ends().Any(posts.Contains)))
                yield return [$"{names[device.Id]}, {device.Rating}", source.PlaceOf(device.Id), source.Lines(source.Assessed.Study.LinesOf(device.Id))];
        foreach (var slot in rig.Vehicle.FuseSlots.Where(slot => source.Assessed.Study.Map.RunsAt($"{slot.Id}.tap").Any()))
            yield return [PackWords.FormatTapOf(names[slot.Id]), source.PlaceOf(slot.Id), source.Lines(source.Assessed.Study.Map.RunsAt($"{slot.Id}.tap").SelectMany(run => source.Assessed.Study.LinesOf(run.Id)))];
        foreach (var battery in rig.Vehicle.Batteries)
            yield return [PackWords.FormatNegativeOf(names[battery.Id]), source.PlaceOf(battery.Id), rig.Vehicle.Batteries.Count > 1 && rig.Vehicle.BatteryLink != BatteryLink.Series ? PackWords.BothBatteries : PackWords.WholeVehicle];
    }

    public static Chapter Cautions(PackSource source)
    {
        List<string> all = [.. source.Assessed.Assessment.Lines.SelectMany(line => line.Cautions).Distinct()];
        if (source.Rig.Vehicle.HighVoltageDrive) all.Add(PackWords.HighVoltageCaution);
        all.Add(PackWords.HotLamps);
        all.Add(PackWords.DoNotLookIntoThem);
        var law = source.Own.Said(OwnWords.Law);
        return new Chapter("cautions", PackWords.Cautions,
        [
            new Block.Bullets(all), new Block.Heading(PackWords.LocalLaw),
            law.Count == 0 ? new Block.Paragraph(PackWords.LawNotLookedUp) : new Block.Bullets(law),
            new Block.Paragraph(PackWords.LawGoesFirst, Tone.Small),
        ], law.Count == 0 ? PackWords.LawMissing : "");
    }
}
