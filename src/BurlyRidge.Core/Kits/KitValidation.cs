using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Kits;

/// <summary>Refuses a kit that does not hang together, field by field.</summary>
public static class KitValidation
{
    private const double LeastMetres = 0.05;
    private const double MostMetres = 30;
    private const decimal MostPrice = 1_000_000;

    /// <summary>All that is wrong with a kit; empty where nothing is.</summary>
    public static IReadOnlyList<Problem> Validate(Kit kit)
    {
        var problems = new Problems();
        problems.Id("id", kit.Id);
        problems.Text("name", kit.Name, 80);
        problems.OneOf("systemVolts", kit.SystemVolts, Vehicle.Voltages, "V");
        if (kit.Price is { } price && (price <= 0 || price > MostPrice)) problems.Add("price", KitWords.FormatGiveAPrice(MostPrice));
        problems.Count("legs", kit.Legs.Count, 1, 40, KitWords.Legs);
        problems.Each("fuses", kit.Fuses, (path, fuse) =>
        {
            problems.Id($"{path}.id", fuse.Id);
            problems.StandardFuse($"{path}.amps", new Fuse(fuse.Amps, fuse.Family));
        });
        problems.Each("relays", kit.Relays, (path, relay) =>
        {
            problems.Id($"{path}.id", relay.Id);
            problems.Within($"{path}.amps", relay.Amps, 1, 1000, "A");
            problems.Twice($"{path}.pinout", PinsOf(relay));
        });
        problems.Each("switches", kit.Switches, (path, part) =>
        {
            problems.Id($"{path}.id", part.Id);
            problems.Within($"{path}.amps", part.Amps, 0.1, 200, "A");
            if (part.Live == part.Out) problems.Add($"{path}.out", KitWords.PinsMustDiffer);
            if (part.LampPlus is null != part.LampMinus is null) problems.Add($"{path}.lampMinus", KitWords.ALampHasTwoPins);
        });
        foreach (var name in kit.Fuses.Select(part => part.Id).Concat(kit.Relays.Select(part => part.Id)).Concat(kit.Switches.Select(part => part.Id)).Concat(kit.Splices).Where(Reserved))
            problems.Add("fuses", KitWords.FormatNameIsAnEnd(name));
        problems.Twice("fuses", [.. kit.Fuses.Select(part => part.Id), .. kit.Relays.Select(part => part.Id), .. kit.Switches.Select(part => part.Id), .. kit.Splices]);
        if (kit.Adaptor is { } adaptor) Check(problems, adaptor);
        var terminals = TerminalsOf(kit);
        problems.Each("legs", kit.Legs, (path, leg) =>
        {
            problems.Text($"{path}.name", leg.Name, 60);
            problems.Wire($"{path}.wire", leg.Wire);
            problems.Within($"{path}.metres", leg.Metres, LeastMetres, MostMetres, "m");
            problems.Count($"{path}.cores", leg.Cores.Count, 1, 8, KitWords.Cores);
            problems.Each($"{path}.cores", leg.Cores, (at, core) =>
            {
                problems.Letters($"{at}.colour", core.Colour, 40);
                Check(problems, $"{at}.from", core.From, kit, terminals);
                Check(problems, $"{at}.to", core.To, kit, terminals);
                if (core.From == core.To) problems.Add($"{at}.to", KitWords.ACoreJoinsTwo);
            });
        });
        problems.Twice("legs", kit.Legs.Where(leg => leg is not null).Select(leg => leg.Name));
        problems.Each("spares", kit.Spares, (path, spare) => problems.Text(path, spare, 80));
        if (problems.Found.Count > 0) return problems.Found;
        if (kit.LampCount() == 0) problems.Add("legs", KitWords.NoLampEnd);
        if (!kit.HasEnd(KitEnds.Plus) && !kit.HasEnd(KitEnds.Feed) && !kit.HasEnd(KitEnds.Signal)) problems.Add("legs", KitWords.NoFeedEnd);
        return problems.Found;
    }

    private static void Check(Problems problems, string path, string end, Kit kit, HashSet<string> terminals)
    {
        if (KitEnds.OfVehicle.Contains(end) || KitEnds.LampOf(end) is not null || terminals.Contains(end)) return;
        var at = end.IndexOf('.', StringComparison.Ordinal);
        if (at > 0 && kit.Splices.Contains(end[..at]) && Problems.IsName(end[(at + 1)..])) return;
        problems.Add(path, KitWords.FormatNoSuchEnd(end));
    }

    private static bool Reserved(string id) => KitEnds.OfVehicle.Any(end => end == id || end.StartsWith($"{id}.", StringComparison.Ordinal)) || KitEnds.LampOf($"{id}.plus") is not null;

    private static void Check(Problems problems, KitAdaptor adaptor)
    {
        problems.Text("adaptor.plug", adaptor.Plug, 40);
        problems.Within("adaptor.columns", adaptor.Columns, 1, 20, KitWords.Cavities);
        problems.Within("adaptor.rows", adaptor.Rows, 1, 6, KitWords.Rows);
        problems.Within("adaptor.signal", adaptor.Signal, 1, adaptor.Columns * adaptor.Rows);
        if (adaptor.Back is not { } back) return;
        problems.Within("adaptor.back", back, 1, adaptor.Columns * adaptor.Rows);
        if (back == adaptor.Signal) problems.Add("adaptor.back", KitWords.PinsMustDiffer);
    }

    private static IEnumerable<string> PinsOf(KitRelay relay) =>
        new[] { relay.Pinout.CoilPlus, relay.Pinout.CoilMinus, relay.Pinout.Common, relay.Pinout.Open, relay.Pinout.Rest }.OfType<string>();

    private static HashSet<string> TerminalsOf(Kit kit) =>
    [
        .. kit.Fuses.SelectMany(fuse => new[] { $"{fuse.Id}.in", $"{fuse.Id}.out" }),
        .. kit.Relays.SelectMany(relay => PinsOf(relay).Select(pin => $"{relay.Id}.{pin}")),
        .. kit.Switches.SelectMany(part => new[] { part.Live, part.Out, part.LampPlus, part.LampMinus }.OfType<string>().Select(pin => $"{part.Id}.{pin}")),
    ];
}
