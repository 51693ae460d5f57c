using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks.Controls;

/// <summary>Does a coil's diode lie the right way round?</summary>
internal static class CoilDiodeCheck
{
    private const double ShortAmps = 0.05;

    internal static readonly CheckKind Kind = new("coil-diode", CheckWords.CoilDiodeTheRightWay, CheckWords.Din72552Terminals85And);

    public static IEnumerable<Check> Judge(RigSubject subject) => Finding.Report(subject.Rig.Relays.Where(relay => relay.CoilDiode).Select(relay =>
    {
        var amps = subject.Study.Design($"{relay.Id}.diode").Amps;
        var verdict = amps < ShortAmps ? Verdict.Holds : Verdict.Stop;
        var line = subject.LineOf($"{relay.Id}.contact");
        return new Finding(verdict, amps / ShortAmps, line, () => Kind.Result(
            verdict, amps, ShortAmps, "A",
            verdict == Verdict.Holds ? CheckWords.FormatTheDiodeOfBlocksAs(subject.Names[relay.Id])
                : CheckWords.FormatTheDiodeOfConductsIts(subject.Names[relay.Id], Format.Amps(amps)),
            relay.Id, line, null, () => new Remedy(CheckWords.TurnTheCoilSTwo) { Apply = rig => Turn(rig, relay) }));
    }));

    private static Rig Turn(Rig rig, Relay relay)
    {
        var (plus, minus) = ($"{relay.Id}.{relay.Pinout.CoilPlus}", $"{relay.Id}.{relay.Pinout.CoilMinus}");
        string Other(string end) => end == plus ? minus : end == minus ? plus : end;
        return rig with { Runs = [.. rig.Runs.Select(run => run with { From = Other(run.From), To = Other(run.To) })] };
    }
}
