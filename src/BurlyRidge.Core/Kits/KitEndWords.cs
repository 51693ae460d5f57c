using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Kits;

/// <summary>What ends of a kit are called.</summary>
internal static class KitEndWords
{
    /// <summary>As it stands in a sentence.</summary>
    public static string Of(string end) => end switch
    {
        KitEnds.Plus => KitWords.BatteryPlus,
        KitEnds.Minus => KitWords.BatteryMinus,
        KitEnds.Earth => KitWords.EarthStud,
        KitEnds.Feed => KitWords.BareFeed,
        KitEnds.Signal => KitWords.SignalLead,
        KitEnds.SignalBack => KitWords.SignalBackLead,
        _ when KitEnds.LampOf(end) is { } lamp => KitWords.FormatLampNumber(lamp),
        _ => KitWords.FormatKitTerminal(TerminalIndex.Split(end).Part.Replace('-', ' '), TerminalIndex.Split(end).Pin),
    };

    /// <summary>The wire of the vehicle that goes on and off.</summary>
    public static string SignalWire(VehicleSignal signal) => KitWords.FormatSignalWire(signal.Signal.Word());
}
