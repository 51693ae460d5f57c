using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is a signal that is taken from pulsed or watched?</summary>
internal static class SignalPulsedCheck
{
    internal static readonly CheckKind Kind = new("signal-pulsed", "The signal taken is steady", "Pulsed or monitored lamp outputs (common practice, no source): see the vehicle's maker");

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from signal in VehicleSignal.All(subject.Vehicle)
        where subject.Study.Map.WiresAt(signal.Turning).Any()
        let pulsed = signal.Lamp.Pulsed == true
        select Kind.Result(pulsed ? Verdict.Watch : Verdict.Holds, pulsed ? 1 : 0, 0, CheckKind.NoUnit,
            pulsed
                ? $"The {signal.Signal.Word()} wire is pulsed or watched: a coil on it may hum, and the dash may show a lamp out. Take another signal, or a pick-up made for it."
                : $"The {signal.Signal.Word()} wire is steady.",
            signal.Turning);
}
