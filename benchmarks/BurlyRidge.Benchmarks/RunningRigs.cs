using System.Diagnostics;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Benchmarks;

/// <summary>How long a rig takes to run: a second as in life, and a night of camp.</summary>
internal static class RunningRigs
{
    private const double SecondsWanted = 0.020;
    private const double TimesLife = 1_000;

    public static void Print()
    {
        var rig = WithBeacons(ManyLines.Of(12));
        var names = PartNames.Of(rig);
        var on = RigStates.EverythingOn(rig);
        var warm = RigRun.Of(rig, names, [new RunEvent.Turns(0, on)], 5).End;
        var life = Clock.Median(41, TimeSpan.FromSeconds(3), () => RigRun.Of(rig, names, [], warm.Seconds + 1, warm));
        var camp = on with { Engine = Engine.Off };
        var clock = Stopwatch.StartNew();
        const double night = 8 * 3600;
        var run = RigRun.Of(rig, names, [new RunEvent.Turns(0, camp)], night, steady: true);
        var seconds = clock.Elapsed.TotalSeconds;
        Console.WriteLine($"12 lines, a strobe among them: one second as in life {life * 1000:0.0} ms (at most {SecondsWanted * 1000:0})");
        Console.WriteLine($"8 hours of camp {seconds:0.00} s in {run.Samples.Count} steps: {night / seconds:0} times life (at least {TimesLife:0}); first {run.Samples[1].Batteries[0].Amps:0} A, battery at the end {run.End.Charge.Values.First():0.00}");
        Readings(ManyLines.Of(12));
    }

    /// <summary>What a line should read on sound rigs.</summary>
    private static void Readings(Rig rig)
    {
        var study = RigStudy.Of(rig);
        var line = study.Lines[0].Line.Id;
        var count = ReadingBands.Of(new CommissioningPlan(study), line, 12.6)?.Groups.Sum(group => group.Readings.Count);
        var seconds = Clock.Median(9, TimeSpan.FromSeconds(10), () => ReadingBands.Of(new CommissioningPlan(study), line, 12.6));
        Console.WriteLine($"{count} readings of a line on {ReadingBands.Samples} sound rigs {seconds:0.00} s");
    }

    /// <summary>With a box and a strobe on it.</summary>
    private static Rig WithBeacons(Rig rig) => rig with
    {
        Vehicle = rig.Vehicle with { Batteries = [new Battery("battery", 200, 1, 3)] },
        PowerBoxes = [new PowerBox("box", 60, [new BoxOutput("o1", 15, Slot: 1, Mode: OutputMode.Strobe)])],
        Fixtures = [.. rig.Fixtures, new Fixture("beacon", "Beacon", [new LampFunction("main", LampKind.ResistorLed, 20)])],
        Runs =
        [
            .. rig.Runs, new Run("b1", "battery.plus", "box.plus", "8 AWG", 0.3, [Zone.EngineBay]), new Run("b2", "box.minus", "battery.minus", "8 AWG", 0.3, [Zone.EngineBay]),
            new Run("b3", "box.o1", "beacon.plus", "16 AWG", 3, [Zone.EngineBay]), new Run("b4", "beacon.minus", "battery.minus", "16 AWG", 3, [Zone.EngineBay]),
        ],
    };
}
