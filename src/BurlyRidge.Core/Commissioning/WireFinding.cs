using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Commissioning;

/// <summary>What a pin of the vehicle's own plug read, the meter's black probe on the earth pin, key to run, engine off, all else off.</summary>
/// <param name="Pin">As it is printed or counted.</param>
/// <param name="Off">With the signal off, V.</param>
/// <param name="On">With it on, V.</param>
public sealed record PinReading(string Pin, string Colour, double Off, double On)
{
    /// <summary>With it on and a test lamp of 5 W beside the meter, V; null: nobody tried.</summary>
    public double? Loaded { get; init; }
}

/// <summary>What a pin is.</summary>
public enum PinKind
{
    /// <summary>Live with the signal alone.</summary>
    SwitchedPlus,

    /// <summary>Earthed with the signal alone.</summary>
    SwitchedMinus,

    /// <summary>Goes with the signal, but neither to the battery's volts nor to none: pulsed.</summary>
    Pulsed,

    /// <summary>Always live.</summary>
    Live,

    /// <summary>Never live.</summary>
    Dead,
}

/// <summary>What a pin turned out to be.</summary>
public sealed record FoundPin(string Pin, PinKind Kind, string Words);

/// <summary>What was found of a signal.</summary>
/// <param name="Pins">Each of them.</param>
/// <param name="Found">The one that is the signal; empty: none is, or more than one.</param>
/// <param name="Words">What came of it.</param>
/// <param name="Lamp">The vehicle's signal with it; null: nothing was found.</param>
public sealed record FoundSignal(IReadOnlyList<FoundPin> Pins, string Found, string Words, SignalLamp? Lamp);

/// <summary>Finds the wire of a signal among the pins of a plug.</summary>
/// <remarks>Limits: common practice, no source.</remarks>
public static class WireFinding
{
    /// <summary>Of the battery's volts: as good as all of them.</summary>
    private const double Whole = 0.8;

    /// <summary>As good as none.</summary>
    private const double Nothing = 0.12;

    /// <summary>Goes with the signal.</summary>
    private const double Goes = 0.15;

    /// <summary>A test lamp that takes away more of the volts is fed by electronics and not by a wire.</summary>
    private const double Falls = 0.1;

    /// <summary>Judges the pins of a plug that has the wires of <paramref name="signal"/> in it.</summary>
    /// <param name="volts">Of the battery, V.</param>
    /// <param name="place">Where the plug is.</param>
    public static FoundSignal Of(Vehicle vehicle, Signal signal, double volts, string place, IReadOnlyList<PinReading> pins)
    {
        var kinds = pins.Select(pin => new FoundPin(pin.Pin, KindOf(pin, volts), WordsOf(KindOf(pin, volts)))).ToList();
        var going = kinds.Where(pin => pin.Kind is PinKind.SwitchedPlus or PinKind.SwitchedMinus or PinKind.Pulsed).ToList();
        if (going.Count != 1)
            return new FoundSignal(kinds, "", going.Count == 0 ? CommissioningWords.FormatNoPinGoes(signal.Word()) : CommissioningWords.FormatSeveralPinsGo(Format.And(going.Select(pin => pin.Pin)), signal.Word()), null);
        var (found, read) = (going[0], pins[kinds.IndexOf(going[0])]);
        var minus = found.Kind == PinKind.SwitchedMinus || (found.Kind == PinKind.Pulsed && read.On < read.Off);
        bool? module = read.Loaded is { } loaded ? Math.Abs(read.On - loaded) > Falls * volts : null;
        var known = VehicleSignal.All(vehicle).FirstOrDefault(one => one.Signal == signal)?.Lamp ?? new SignalLamp();
        var wire = new FoundWire { Colour = read.Colour, Reached = CommissioningWords.FormatPinAt(read.Pin, place), Plug = place };
        var lamp = known with
        {
            Switched = minus ? SwitchedSide.Minus : SwitchedSide.Plus,
            Pulsed = found.Kind == PinKind.Pulsed,
            ModuleDriven = module ?? known.ModuleDriven,
            Wires = [.. known.Wires.Where(other => other.Reached != wire.Reached), wire],
        };
        var words = new[]
        {
            CommissioningWords.FormatPinIs(read.Pin, signal.Word(), PartNames.Small(found.Words)),
            module switch { true => CommissioningWords.FedByAModule, false => CommissioningWords.FedByAWire, _ => CommissioningWords.NotTriedWithLamp },
        };
        return new FoundSignal(kinds, found.Pin, string.Join(' ', words), lamp);
    }

    private static PinKind KindOf(PinReading pin, double volts)
    {
        var (off, on) = (pin.Off / volts, pin.On / volts);
        return off < Nothing && on > Whole ? PinKind.SwitchedPlus
            : off > Whole && on < Nothing ? PinKind.SwitchedMinus
            : Math.Abs(on - off) > Goes ? PinKind.Pulsed
            : on > 0.5 ? PinKind.Live : PinKind.Dead;
    }

    private static string WordsOf(PinKind kind) => kind switch
    {
        PinKind.SwitchedPlus => CommissioningWords.PinSwitchedPlus,
        PinKind.SwitchedMinus => CommissioningWords.PinSwitchedMinus,
        PinKind.Pulsed => CommissioningWords.PinPulsed,
        PinKind.Live => CommissioningWords.PinLive,
        _ => CommissioningWords.PinDead,
    };
}
