using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;

namespace BurlyRidge.Core.Kits;

/// <summary>
/// A harness as it is bought: the parts that come with it, and legs of fixed length between them. What meets the vehicle or a lamp
/// is an end of its own, named as in <see cref="KitEnds"/>.
/// </summary>
/// <param name="Id">Stable in the catalogue.</param>
/// <param name="SystemVolts">12 or 24.</param>
/// <param name="Legs">1 to 40.</param>
public sealed record Kit(string Id, string Name, int SystemVolts, IReadOnlyList<KitLeg> Legs)
{
    /// <summary>In the shop's money, without tax; null: not specified.</summary>
    public decimal? Price { get; init; }

    /// <summary>Fuses in their holders. Terminals: "id.in", "id.out".</summary>
    public IReadOnlyList<KitFuse> Fuses { get; init; } = [];

    /// <summary>Relays. Terminals: "id.pin" as printed.</summary>
    public IReadOnlyList<KitRelay> Relays { get; init; } = [];

    /// <summary>Switches. Terminals: "id.pin".</summary>
    public IReadOnlyList<KitSwitch> Switches { get; init; } = [];

    /// <summary>Where its cores meet inside it, by name. Terminals: "id.any".</summary>
    public IReadOnlyList<string> Splices { get; init; } = [];

    /// <summary>The adaptor that its signal ends go into; null: they end bare.</summary>
    public KitAdaptor? Adaptor { get; init; }

    /// <summary>What lies in the box beside it.</summary>
    public IReadOnlyList<string> Spares { get; init; } = [];

    /// <summary>How many lamps it has ends for.</summary>
    public int LampCount() => Ends().Select(KitEnds.LampOf).OfType<int>().DefaultIfEmpty(0).Max();

    /// <summary>Every end of its cores.</summary>
    public IEnumerable<string> Ends() => Legs.SelectMany(leg => leg.Cores).SelectMany(core => new[] { core.From, core.To });

    /// <summary>Whether one of its cores ends there.</summary>
    public bool HasEnd(string end) => Ends().Contains(end);
}

/// <summary>A leg of a kit: one cable of so many cores.</summary>
/// <param name="Wire">Size of its cores, by name.</param>
/// <param name="Metres">Its length, 0.05 to 30 m.</param>
public sealed record KitLeg(string Name, string Wire, double Metres, IReadOnlyList<KitCore> Cores)
{
    /// <summary>In a jacket of its own from end to end.</summary>
    public bool Sheathed { get; init; }
}

/// <summary>A core of a leg.</summary>
/// <param name="From">Terminal of the kit, or one of <see cref="KitEnds"/>, nearer the source.</param>
/// <param name="To">The other.</param>
public sealed record KitCore(string From, string To, string Colour);

/// <summary>A fuse of a kit.</summary>
public sealed record KitFuse(string Id, double Amps, FuseFamily Family = FuseFamily.Blade);

/// <summary>A relay of a kit, with its pins as printed.</summary>
/// <param name="Amps">Contact rating at 12 V, A.</param>
public sealed record KitRelay(string Id, double Amps, RelayPinout Pinout, bool CoilDiode = false);

/// <summary>A switch of a kit, with its pins.</summary>
/// <param name="Amps">What it may carry, A.</param>
/// <param name="Live">Pin that is fed.</param>
/// <param name="Out">Pin that is on when it is.</param>
/// <param name="LampPlus">Pin of its lamp; null: it has none.</param>
/// <param name="LampMinus">The other pin of its lamp.</param>
public sealed record KitSwitch(string Id, double Amps, string Live, string Out, string? LampPlus = null, string? LampMinus = null);

/// <summary>An adaptor between a lamp of the vehicle and its plug; both halves alike.</summary>
/// <param name="Plug">The lamp's plug, as it is sold.</param>
/// <param name="Columns">Cavities in one row of its face.</param>
/// <param name="Rows">Rows of its face.</param>
/// <param name="Signal">Cavity of the signal, on the mating face of the half on the vehicle's side, from the upper left.</param>
/// <param name="Back">Cavity of the lamp's other wire, the same; null: it takes the signal alone.</param>
public sealed record KitAdaptor(string Plug, int Columns, int Rows, int Signal, int? Back = null);

/// <summary>Ends of a kit that meet the vehicle or a lamp.</summary>
public static class KitEnds
{
    /// <summary>On the battery's plus post.</summary>
    public const string Plus = "battery.plus";

    /// <summary>On the battery's minus post.</summary>
    public const string Minus = "battery.minus";

    /// <summary>On the body.</summary>
    public const string Earth = "earth";

    /// <summary>Bare, to be fed by whatever is there.</summary>
    public const string Feed = "feed";

    /// <summary>The wire of the vehicle that goes on and off.</summary>
    public const string Signal = "signal";

    /// <summary>The other wire of the same lamp.</summary>
    public const string SignalBack = "signal-back";

    /// <summary>Those that are no lamp's.</summary>
    public static IReadOnlyList<string> OfVehicle { get; } = [Plus, Minus, Earth, Feed, Signal, SignalBack];

    /// <summary>The lamp's plus or minus, lamps counted from 1.</summary>
    public static string Lamp(int number, bool plus) => $"lamp-{number}.{(plus ? "plus" : "minus")}";

    /// <summary>Which lamp an end is at; null: none.</summary>
    public static int? LampOf(string end) =>
        end.StartsWith("lamp-", StringComparison.Ordinal) && end.IndexOf('.', StringComparison.Ordinal) is > 5 and var dot && end[dot..] is ".plus" or ".minus"
            && int.TryParse(end[5..end.IndexOf('.', StringComparison.Ordinal)], out var number) && number is >= 1 and <= MostLamps ? number : null;

    /// <summary>The most lamps of a kit.</summary>
    public const int MostLamps = 8;
}
