using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Kits;

/// <summary>Pins of a relay socket or of an adaptor, before and after.</summary>
/// <param name="Name">The part.</param>
/// <param name="Columns">Of a plug: cavities in one row of its face; null: pins by their print.</param>
public sealed record PinTable(string Name, int? Columns, int Rows, IReadOnlyList<PinRow> Pins)
{
    internal static IReadOnlyList<PinTable> Of(KitFitting before, Rig after)
    {
        var kit = before.Kit;
        var was = before.Rig.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        var now = after.Runs.ToDictionary(run => run.Id, StringComparer.Ordinal);
        string There(Dictionary<string, Run> runs, string terminal) => string.Join(", ", before.Cores.Where(wire => runs.TryGetValue(wire.Run, out var run) && run.Ends().Contains(terminal)).Select(KitWork.Lead));
        var relays = kit.Relays.Select(relay =>
        {
            var id = before.Parts[relay.Id];
            return new PinTable(PartNames.Of(before.Rig)[id], null, 1,
            [
                .. new[] { relay.Pinout.Common, relay.Pinout.Open, relay.Pinout.Rest, relay.Pinout.CoilPlus, relay.Pinout.CoilMinus }.OfType<string>()
                    .Select(pin => new PinRow(pin, "", There(was, $"{id}.{pin}"), There(now, $"{id}.{pin}"))),
            ]);
        });
        if (kit.Adaptor is not { } adaptor || before.Wish.Trigger is null) return [.. relays];
        var (signal, back) = (EndOf(before, KitEnds.Signal), EndOf(before, KitEnds.SignalBack));
        string In(Dictionary<string, Run> runs, int cavity) => cavity == adaptor.Signal ? Said(runs, signal) : cavity == adaptor.Back ? Said(runs, back) : "";
        string Said(Dictionary<string, Run> runs, string? terminal) => terminal is null ? "" : There(runs, terminal);
        return
        [
            .. relays,
            new PinTable(KitWords.FormatAdaptorPlug(adaptor.Plug), adaptor.Columns, adaptor.Rows,
                [.. Enumerable.Range(1, adaptor.Columns * adaptor.Rows).Select(cavity => new PinRow($"{cavity}", $"{Mate(adaptor, cavity)}", In(was, cavity), In(now, cavity)))]),
        ];
    }

    /// <summary>The terminal of the vehicle's side that an end of the kit was put on.</summary>
    private static string? EndOf(KitFitting before, string end) =>
        before.Cores.FirstOrDefault(wire => wire.Core.From == end || wire.Core.To == end) is { } wire && before.Rig.Runs.First(run => run.Id == wire.Run) is var run ? wire.Core.From == end ? run.From : run.To : null;

    /// <summary>A cavity on the mating face of the other half: the one face is the mirror of the other.</summary>
    internal static int Mate(KitAdaptor adaptor, int cavity) => PickUp.Mirrored(cavity, adaptor.Columns);
}

/// <summary>One pin or cavity.</summary>
/// <param name="Pin">As printed; a cavity counted from the upper left on the mating face of the half on the vehicle's side.</param>
/// <param name="Mate">The same cavity on the mating face of the other half; empty where it is no plug's.</param>
/// <param name="Before">What is in it as the kit is bought; empty: nothing.</param>
/// <param name="After">What is in it then.</param>
public sealed record PinRow(string Pin, string Mate, string Before, string After);
