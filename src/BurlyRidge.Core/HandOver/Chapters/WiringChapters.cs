using BurlyRidge.Core.Exchange.Drawings;
using BurlyRidge.Core.Exchange.Pages;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.HandOver.Chapters;

/// <summary>The wiring: drawn, its fuses and relays, and which wire is which.</summary>
internal static class WiringChapters
{
    public static Chapter Diagrams(PackSource source)
    {
        var pages = Diagram.Pages(source.Saved, source.Sizes);
        return new Chapter("wiring", PackWords.Wiring,
        [
            new Block.Paragraph(PackWords.WiringSays),
            .. pages.Select(page => new Block.Drawing(page.Svg)),
        ]);
    }

    public static Chapter Fuses(PackSource source)
    {
        var (rig, names) = (source.Rig, source.Names);
        var devices = source.Assessed.Assessment.Devices.ToDictionary(device => device.Id, StringComparer.Ordinal);
        List<IReadOnlyList<string>> fuses =
        [
            .. rig.Protection.Select(device => Row(names[device.Id], device.Breaker ? PackWords.FormatBreakerOf(Format.RatedAmps(device.Fuse.RatingAmps)) : $"{device.Fuse}", device.Id, device.Id)),
            .. rig.InlineBreakers.Select(breaker => Row(names[breaker.Id], PackWords.FormatBreakerOf(Format.RatedAmps(breaker.RatingAmps)), breaker.Id, breaker.Id)),
            .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => Row($"{names[box.Id]}, {box.OutputName(output)}{(output.Legend.Length > 0 ? $" ({output.Legend})" : "")}", Format.RatedAmps(output.RatingAmps), $"{box.Id}.{output.Id}-fuse", box.Id))),
            .. rig.Vehicle.AuxOutputs.Where(output => source.Assessed.Study.Map.RunsAt($"{output.Id}.out").Any()).Select(output => Row(names[output.Id], Format.RatedAmps(output.RatingAmps), $"{output.Id}.fuse", output.Id)),
        ];
        var taps = rig.Vehicle.FuseSlots.Where(slot => source.Assessed.Study.Map.RunsAt($"{slot.Id}.tap").Any())
            .Select(slot => (IReadOnlyList<string>)[names[slot.Id], PackWords.FormatOwnFuse(Format.RatedAmps(slot.RatingAmps)), slot.Serves, source.PlaceOf(slot.Id)]).ToList();
        var relays = rig.Relays.Select(relay => (IReadOnlyList<string>)
        [
            names[relay.Id], Format.RatedAmps(relay.ContactAmps), source.Lines(source.Assessed.Study.LinesOf($"{relay.Id}.contact")), source.PlaceOf(relay.Id),
            PackWords.FormatPinsOf(relay.Pinout.CoilPlus, relay.Pinout.CoilMinus, relay.Pinout.Common, relay.Pinout.Open),
        ]).ToList();
        return new Chapter("fuses", PackWords.FusesAndRelays,
        [
            new Block.Paragraph(PackWords.SameFuseAgain, Tone.Caution),
            new Block.Table([PackWords.Fuse, PackWords.Rating, PackWords.Protects, PackWords.CarriesAtMost, PackWords.Place], fuses),
            .. taps.Count == 0 ? [] : new Block[] { new Block.Heading(PackWords.TappedSlots), new Block.Table([PackWords.Slot, PackWords.Rating, PackWords.Serves, PackWords.Place], taps) },
            .. relays.Count == 0 ? [] : new Block[] { new Block.Heading(PackWords.Relays), new Block.Table([PackWords.Relay, PackWords.Rating, PackWords.Works, PackWords.Place, PackWords.Pins], relays) },
        ]);

        IReadOnlyList<string> Row(string name, string rating, string element, string part) =>
            [name, rating, source.Lines(source.Assessed.Study.LinesOf(element)), devices.TryGetValue(element, out var device) ? Format.Amps(device.DesignAmps) : "", source.PlaceOf(part)];
    }

    public static Chapter Register(PackSource source)
    {
        var (rig, names) = (source.Rig, source.Names);
        var found = source.Record.Register.Where(row => row.Wire.Length > 0).ToLookup(row => row.Wire, StringComparer.Ordinal);
        var wires = rig.Runs.Select(run => (IReadOnlyList<string>)
        [
            names.Wire(run), run.Wire, run.Colour, string.Join("\n", found[run.Id].Select(row => row.Note.Length > 0 ? $"{row.Colour} ({row.Note})" : row.Colour).Distinct()), Format.Metres(run.LengthMetres, source.Units), source.Lines(source.Assessed.Study.LinesOf(run.Id)),
        ]).ToList();
        var spare = Assessing.PanelView.Of(source.Assessed).Register.Select(entry => (IReadOnlyList<string>)[entry.Name, ColoursOf(rig, entry.Id), entry.Near.Length > 0 ? entry.Near : PackWords.NotJoined, entry.Far.Length > 0 ? entry.Far : PackWords.NotJoined, Format.And(entry.Lines)]).ToList();
        var capped = rig.Joints.Where(joint => joint.Kind == JointKind.Cap).Select(joint => (IReadOnlyList<string>)[names[joint.Id], string.Join(", ", source.Assessed.Study.Map.RunsAt(joint.Id).Select(run => names.Wire(run)).Distinct()), source.PlaceOf(joint.Id)])
            .Concat(rig.Fixtures.SelectMany(lamp => lamp.SparePins.Where(pin => !source.Assessed.Study.Map.RunsAt($"{lamp.Id}.{pin}").Any()).Select(pin => (IReadOnlyList<string>)[names.Terminal($"{lamp.Id}.{pin}"), PackWords.LeadOfLamp, source.PlaceOf(lamp.Id)]))).ToList();
        var own = source.Record.Register.Where(row => row.Wire.Length == 0).Select(row => (IReadOnlyList<string>)[rig.AllParts().Any(part => part.Id == TerminalIndex.Split(row.At).Part) ? names.Terminal(row.At) : row.At, row.Colour, row.Note]).ToList();
        return new Chapter("register", PackWords.WireRegister,
        [
            wires.Count == 0 ? Pack.Nothing(PackWords.NoWires) : new Block.Table([PackWords.Wire, PackWords.Size, PackWords.Planned, PackWords.AsFound, PackWords.Length, PackWords.Line], wires),
            .. Table(PackWords.CappedForLater, [PackWords.End, PackWords.Wire, PackWords.Place], capped),
            .. Table(PackWords.SpareLeads, [PackWords.Lead, PackWords.Colour, PackWords.NearEnd, PackWords.FarEnd, PackWords.Line], spare),
            .. Table(PackWords.OfTheVehicle, [PackWords.Place, PackWords.Colour, PackWords.Note], own),
        ]);
    }

    private static string ColoursOf(Rig rig, string lead) => rig.Vehicle.PassThroughs.FirstOrDefault(one => one.Id == lead) is { } found ? string.Join(" / ", found.Stops().Select(stop => stop.Colour).Where(colour => colour.Length > 0).Distinct()) : "";

    internal static IEnumerable<Block> Table(string title, IReadOnlyList<string> heads, IReadOnlyList<IReadOnlyList<string>> rows) => rows.Count == 0 ? [] : [new Block.Heading(title), new Block.Table(heads, rows)];
}
