using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is a signal that is taken from pulsed or watched?</summary>
internal static class SignalPulsedCheck
{
    internal static readonly CheckKind Kind = new("signal-pulsed", CheckWords.TheSignalTakenIsSteady, CheckWords.PulsedOrMonitoredLampOutputs);

    public static IEnumerable<Check> Judge(RigSubject subject) =>
        from signal in VehicleSignal.All(subject.Vehicle)
        where subject.Study.Map.WiresAt(signal.Turning).Any()
        let pulsed = signal.Lamp.Pulsed == true
        select Kind.Result(pulsed ? Verdict.Watch : Verdict.Holds, pulsed ? 1 : 0, 0, CheckKind.NoUnit,
            pulsed
                ? CheckWords.FormatTheWireIsPulsedOr(signal.Signal.Word())
                : CheckWords.FormatTheWireIsSteady(signal.Signal.Word()),
            signal.Turning);
}
