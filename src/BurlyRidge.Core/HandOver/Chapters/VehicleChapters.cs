using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>What was done to the vehicle itself, how it was left set, and what lies in it.</summary>
internal static class VehicleChapters
{
    /// <summary>Drilled, cut and ground, and what that means for going back.</summary>
    public static Chapter Altered(PackSource source)
    {
        var noted = source.Record.Altered.Select(row => (IReadOnlyList<string>)[How(row.How), row.Size.Length > 0 ? $"{row.Where}, {row.Size}" : row.Where, row.Sealed.Length > 0 ? row.Sealed : PackWords.NotWrittenDown, row.Back.Length > 0 ? row.Back : Back(row.How)]).ToList();
        var holes = (source.Saved.Body?.Stations ?? []).Where(station => station.Edge == HoleEdge.Bare && Used(source, station.Id)).Select(station => (IReadOnlyList<string>)
            [How(AlteredHow.Drilled), station.HoleMillimetres is { } across ? $"{station.Name}, {Format.Millimetres(across, source.Units)}" : station.Name, station.Sealed == true ? PackWords.Sealed : PackWords.NotWrittenDown, Back(AlteredHow.Drilled)]);
        var earths = source.Rig.Earths.Where(earth => earth.Kind == EarthKind.Stud && source.Sheet.Steps.Any(card => card.Step.Id == $"bare-{earth.Id}")).Select(earth => (IReadOnlyList<string>)
            [How(earth.Fixing == EarthFixing.BoltAndNut ? AlteredHow.Drilled : AlteredHow.Ground), Where(source.Names[earth.Id], source.PlaceOf(earth.Id)), PackWords.EarthGreased, earth.Fixing == EarthFixing.BoltAndNut ? Back(AlteredHow.Drilled) : PackWords.PaintWhenTakenOut]);
        IReadOnlyList<IReadOnlyList<string>> rows = [.. noted, .. holes, .. earths];
        var notched = source.Record.Findings.Where(found => found.What.Kind == FindingKind.Notch).Select(found => found.What.What).ToList();
        return new Chapter("altered", PackWords.AlteredOnVehicle,
        [
            rows.Count == 0 ? Pack.Nothing(PackWords.NothingAltered) : new Block.Table([PackWords.Done, PackWords.WhereIsIt, PackWords.HowSealed, PackWords.GoingBack], rows),
            .. notched.Count == 0 ? [] : new Block[] { new Block.Bullets(notched) },
        ]);
    }

    private static string Where(string name, string place) => place.Length > 0 ? $"{name}, {place}" : name;

    private static bool Used(PackSource source, string station) => source.Assessed.Assessment.Routes.Any(route => route.Stations.Contains(station));

    internal static string How(AlteredHow how) => how switch
    {
        AlteredHow.Drilled => PackWords.Drilled,
        AlteredHow.Notched => PackWords.Notched,
        AlteredHow.Enlarged => PackWords.Enlarged,
        AlteredHow.Trimmed => PackWords.Trimmed,
        _ => PackWords.Ground,
    };

    private static string Back(AlteredHow how) => how switch
    {
        AlteredHow.Drilled or AlteredHow.Enlarged => PackWords.PlugAndSeal,
        AlteredHow.Ground => PackWords.PaintWhenTakenOut,
        _ => PackWords.StaysCut,
    };

    /// <summary>Slot modes, key or battery, selectors, and how they are changed.</summary>
    public static Chapter Settings(PackSource source)
    {
        var blocks = new List<Block>();
        foreach (var box in source.Rig.PowerBoxes)
        {
            blocks.Add(new Block.Heading(source.Names[box.Id]));
            blocks.Add(new Block.Bullets([.. RunSheet.Settings.Slots(box)]));
        }
        var left = source.Rig.Switches.Where(own => own.Positions[0].Joins.Count > 0).Select(own => PackWords.FormatSwitchLeftOn(source.Names[own.Id], source.PlaceOf(own.Id) is { Length: > 0 } place ? place : PackWords.PlaceNotSpecified)).ToList();
        if (left.Count > 0)
        {
            blocks.Add(new Block.Heading(PackWords.SelectorsLeft));
            blocks.Add(new Block.Bullets(left));
        }
        var own = source.Own.Said(OwnWords.Settings);
        if (own.Count > 0) blocks.Add(new Block.Bullets(own));
        if (blocks.Count == 0) blocks.Add(Pack.Nothing(PackWords.NothingToSet));
        else blocks.Add(new Block.Paragraph(PackWords.HowToChangeSettings));
        return new Chapter("settings", PackWords.SettingsAsLeft, blocks);
    }

    /// <summary>What goes into the glove box.</summary>
    public static Chapter GloveBox(PackSource source)
    {
        var relays = source.Rig.Relays.GroupBy(relay => relay.ContactAmps).Select(same => PackWords.FormatSpareRelay(Format.RatedAmps(same.Key)));
        var fuses = source.Bench.Parts.Where(part => part is { Group: PartGroup.Protection, Spare: > 0 }).Select(part => $"{part.Spare} × {part.Name}");
        IReadOnlyList<string> things = [.. fuses, .. relays, PackWords.FusePuller, .. source.Own.Said(OwnWords.GloveBox), PackWords.ThisPack];
        return new Chapter("glove-box", PackWords.GloveBox, [new Block.Bullets(things)], source.Own.Words.ContainsKey(OwnWords.GloveBox) ? "" : PackWords.KeysAndToolsNotSaid);
    }
}
