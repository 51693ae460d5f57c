using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>What was fitted and where, pictured on the vehicle.</summary>
internal static class FittedChapter
{
    public static Chapter Of(PackSource source)
    {
        var numbers = source.Numbers();
        var blocks = new List<Block>();
        if (VehiclePlate.Of(source.Saved, PackWords.WhereLampsAre, numbers) is { } plate) blocks.Add(new Block.Drawing(plate));
        else blocks.Add(Pack.Nothing(PackWords.NoBodyChosen));
        blocks.Add(new Block.Heading(PackWords.Lamps));
        blocks.Add(new Block.Table([PackWords.Number, PackWords.Lamp, PackWords.Place, PackWords.Line, PackWords.Watts, PackWords.Held], [.. Lamps(source, numbers)]));
        var others = Others(source).ToList();
        if (others.Count > 0)
        {
            blocks.Add(new Block.Heading(PackWords.BoxesRelaysSwitches));
            blocks.Add(new Block.Table([PackWords.Part, PackWords.What, PackWords.Place], others));
        }
        var photos = source.Own.Photos.GetValueOrDefault(PackPhotos.Work) ?? [];
        if (photos.Count > 0) blocks.Add(ProofChapters.Shown(source, photos));
        return new Chapter("fitted", PackWords.WhatWasFitted, blocks, Missing(source, numbers));
    }

    private static string Missing(PackSource source, IReadOnlyDictionary<string, int> numbers) =>
        source.Saved.Fixtures.Where(lamp => source.PlaceOf(lamp.Id).Length == 0 && !numbers.ContainsKey(lamp.Id)).Select(lamp => source.Names[lamp.Id]).Take(4).ToList() is { Count: > 0 } nowhere ? PackWords.FormatNoPlaceOf(Format.And(nowhere)) : "";

    /// <summary>Lamps in the order of their numbers; of a line that is planned by number and watts, its lamps in one row.</summary>
    private static IEnumerable<IReadOnlyList<string>> Lamps(PackSource source, IReadOnlyDictionary<string, int> numbers)
    {
        foreach (var lamp in source.Saved.Fixtures.OrderBy(lamp => numbers.GetValueOrDefault(lamp.Id, int.MaxValue)))
        {
            var lines = source.Rig.Lines.Where(line => line.Lamps().Contains(lamp.Id)).ToList();
            yield return
            [
                numbers.TryGetValue(lamp.Id, out var number) ? $"{number}" : "", source.Names[lamp.Id], source.PlaceOf(lamp.Id), Format.And(lines.Select(line => line.Name)),
                string.Join(", ", lamp.Functions.Select(light => Format.Watts(light.Power))), Held(lamp),
            ];
        }
        foreach (var line in source.Saved.Lines.Where(line => line.Plan is { Fixtures.Count: 0 }))
            yield return
            [
                numbers.TryGetValue(line.Id, out var number) ? $"{number}" : "", PackWords.FormatLampsOf(line.Plan!.Lamps.Sum(set => set.Count)), line.Plan!.Lay is { } lay ? source.Names.Place(lay.To) : "", line.Name,
                string.Join(", ", line.Plan.Lamps.Select(set => Format.Watts(set.WattsAt(source.Rig.Vehicle.SystemVolts)))), "",
            ];
    }

    private static string Held(Fixture lamp) => lamp.Bracket is not { } bracket ? "" : bracket.Hole.Length > 0 ? PackWords.FormatByBracketInHole(bracket.Name, bracket.Hole) : bracket.Name;

    private static IEnumerable<IReadOnlyList<string>> Others(PackSource source)
    {
        foreach (var box in source.Rig.PowerBoxes)
        {
            yield return [source.Names[box.Id], PackWords.FormatBoxOf(box.Outputs.Count, Format.RatedAmps(box.TotalAmps)), source.PlaceOf(box.Id)];
            if (box.Outputs.Any(output => output.WorkedBy == WorkedBy.Slot)) yield return [PackWords.FormatPanelOf(PartNamesSmall(source, box.Id)), PackWords.PanelWithLegends, source.PlaceOf(PanelFace.Of(box.Id))];
        }
        foreach (var relay in source.Rig.Relays) yield return [source.Names[relay.Id], PackWords.FormatRelayOf(Format.RatedAmps(relay.ContactAmps)), source.PlaceOf(relay.Id)];
        foreach (var part in source.Rig.Switches) yield return [source.Names[part.Id], PackWords.FormatSwitchOf(part.Positions.Count), source.PlaceOf(part.Id)];
        foreach (var converter in source.Rig.Converters) yield return [source.Names[converter.Id], PackWords.Converter, source.PlaceOf(converter.Id)];
    }

    private static string PartNamesSmall(PackSource source, string part) => Rigs.PartNames.Small(source.Names[part]);
}
