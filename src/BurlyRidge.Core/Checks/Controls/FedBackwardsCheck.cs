using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does a lamp of the vehicle stay dark while its signal is off, whatever else is on?</summary>
internal static class FedBackwardsCheck
{
    /// <summary>More than this of its rated current is no leak.</summary>
    private const double LeakFraction = 0.02;

    private const double LeakAmps = 0.01;

    internal static readonly CheckKind Kind = new("fed-backwards", CheckWords.NoSignalIsFedBackwards, CheckWords.OperatingPointsOfEveryLine);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        foreach (var signal in VehicleSignal.All(subject.Vehicle).Where(signal => subject.Study.Map.RunsAt(signal.Plus).Concat(subject.Study.Map.RunsAt(signal.Minus)).Any()))
        {
            var limit = Math.Max(LeakAmps, LeakFraction * signal.Lamp.TakenWatts / subject.Volts);
            var worst = States(subject).Where(state => !state.State.Has(signal.Signal) && state.Solved.Harness.Has(signal.Name))
                .Select(state => (state.Name, state.Line, state.Solved, Amps: Math.Abs(state.Solved.Amps(signal.Name)))).DefaultIfEmpty().MaxBy(state => state.Amps);
            if (worst.Name is null) continue;
            var fed = worst.Amps > limit;
            yield return Kind.Result(fed ? Verdict.Stop : Verdict.Holds, worst.Amps, limit, "A",
                fed
                    ? CheckWords.FormatCarriesThoughItsSignalIs(subject.Names[signal.Name], Format.Amps(worst.Amps), worst.Name, Path(subject, worst.Solved, signal))
                    : CheckWords.FormatStaysDarkWhileItsSignal(subject.Names[signal.Name]),
                signal.Name, worst.Line);
        }
    }

    private static IEnumerable<(string Name, string? Line, RigState State, SolvedHarness Solved)> States(RigSubject subject)
    {
        foreach (var line in subject.Study.Lines.Where(line => line.Trigger.On is not null))
        {
            yield return (CheckWords.FormatAloneEngineOff(line.Line.Name), line.Line.Id, line.Trigger.On!, line.Off);
            yield return (CheckWords.FormatAloneEngineRunning(line.Line.Name), line.Line.Id, line.Trigger.On!, line.Running);
        }
        foreach (var whole in subject.Study.Whole) yield return (whole.Named.Name, null, whole.Named.State, whole.Solved);
    }

    /// <summary>What the current comes through, from the source to the signal's wire.</summary>
    private static string Path(RigSubject subject, SolvedHarness solved, VehicleSignal signal)
    {
        var parts = Profile.Of(solved, [signal.Name]).Where(point => point.Leg == Leg.Out && point.Part.Length > 0)
            .Select(point => TerminalIndex.Split(point.Part).Part)
            .Where(part => part != signal.Name && subject.Rig.Runs.All(run => run.Id != part))
            .Distinct().Select(part => PartNames.Small(subject.Names[part])).ToList();
        return parts.Count == 0 ? CheckWords.ItsWire : string.Join(", ", parts);
    }
}
