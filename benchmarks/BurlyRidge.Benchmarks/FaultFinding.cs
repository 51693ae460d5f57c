using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Benchmarks;

/// <summary>How long it takes to say what may be wrong with a line of twelve: first, and after each reading.</summary>
internal static class FaultFinding
{
    private const double FirstWanted = 3;
    private const double ReadingWanted = 0.5;

    public static void Print()
    {
        var study = RigStudy.Of(ManyLines.Of(12));
        var line = study.Lines[0].Line.Id;
        DiagnosisTables? tables = null;
        var first = Clock.Median(5, TimeSpan.FromSeconds(30), () =>
        {
            tables = DiagnosisTables.Of(new CommissioningPlan(study), line)!;
            View(tables, Evidence.Nothing);
        });
        var (faults, solved, inFull) = tables!.Counts;
        Console.WriteLine($"12 lines: {faults} faults of one of them, solved {solved} times, {inFull} of them in full; first answer {first:0.00} s (at most {FirstWanted:0})");
        var evidence = Evidence.Nothing;
        var vehicle = new DrawnVehicle(new CommissioningPlan(study), ["plug-open:l0-plug"], 1);
        var stands = View(tables, evidence).Stands;
        evidence = evidence with { Seen = [.. stands.SelectMany(stand => { vehicle.Stand(stand.State, stand.Out); return stand.Lamps.Select(lamp => new SeenLamp(stand.Id, lamp.Lamp, vehicle.Look(lamp.Lamp))); })] };
        var most = 0.0;
        for (var read = 0; read < 8; read++)
        {
            var now = evidence;
            var view = View(tables, now);
            most = Math.Max(most, Clock.Median(5, TimeSpan.FromSeconds(10), () => View(tables, now)));
            if (view.Next.FirstOrDefault(next => next.Probing is not null) is not { Probing: { } probing } next) break;
            vehicle.Stand(next.State, stands.First(stand => stand.Id == next.Stand).Out);
            evidence = evidence with { Read = [.. evidence.Read, new ReadHere(next.Stand, probing, vehicle.Read(probing) ?? 0)] };
        }
        Console.WriteLine($"after each of {evidence.Read.Count} readings at most {most:0.000} s (at most {ReadingWanted:0.0}); found {View(tables, evidence).Left[0].Key}");
    }

    private static DiagnosisView View(DiagnosisTables tables, Evidence evidence) => DiagnosisReport.Of(Diagnosis.Of(tables, evidence), tables, Reach.Open, [], []);
}
