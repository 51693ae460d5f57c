using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Is no more taken from a signal wire than it can give?</summary>
internal static class SignalLoadCheck
{
    internal static readonly CheckKind Kind = new("signal-load", CheckWords.SignalWiresGiveCoilCurrent,
        CheckWords.AControlModuleSWire);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var signal in VehicleSignal.All(subject.Vehicle))
        {
            var lamp = signal.Lamp;
            if (!subject.Study.Map.WiresAt(signal.Turning).Any()) continue;
            var taken = new[] { signal.Plus, signal.Minus }.Max(end => subject.Study.Map.WiresAt(end).Sum(link => subject.Study.Design(link.Id).Amps));
            var most = lamp.ModuleDriven == true ? Limits.SignalAmps : Math.Max(0, 0.8 * lamp.TakenFuseAmps - lamp.TakenWatts / subject.Volts);
            var verdict = taken <= most ? Verdict.Holds : Verdict.Stop;
            yield return Kind.Result(verdict, taken, most, "A",
                (lamp.ModuleDriven == true
                    ? CheckWords.FormatSignalOfAModule(Format.Amps(taken), signal.Signal.Word(), Format.Amps(most))
                    : CheckWords.FormatSignalOfAFuse(Format.Amps(taken), signal.Signal.Word(), Format.Amps(most)))
                    + (verdict == Verdict.Holds ? "" : " " + CheckWords.LetItPullInA),
                signal.Turning);
        }
    }
}
