using BurlyRidge.Core.Harness;
namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does a lamp stay live when it is off?</summary>
internal static class MinusSwitchedCheck
{
    private const double DarkAmps = 0.05;

    internal static readonly CheckKind Kind = new("minus-switched", CheckWords.LampsAreDeadWhenThey, CheckWords.SwitchingInTheMinusIs);

    public static IEnumerable<Check> Judge(RigSubject subject)
    {
        var parked = subject.Study.State(JudgedStates.Parked).Solved;
        foreach (var line in subject.Study.Lines)
        {
            var live = line.Lamps.FirstOrDefault(lamp => subject.Study.Map.Find(lamp.Id) is { } link
                && Math.Abs(parked.Amps(lamp.Id)) < DarkAmps && parked.Volts(link.A) > subject.Volts / 2);
            yield return Kind.Result(live is null ? Verdict.Holds : Verdict.Watch, live is null ? 0 : 1, 0, CheckKind.NoUnit,
                live is null ? CheckWords.NoLampOfItIs : CheckWords.FormatIsSwitchedInItsMinus(subject.Names[live.Id]),
                live?.Id ?? "", line.Line.Id);
        }
    }
}
