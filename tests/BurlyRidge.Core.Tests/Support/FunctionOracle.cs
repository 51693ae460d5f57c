using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>
/// Knows nothing of the checks: puts a rig into the states that a sound one is used in, and looks at what each lamp does where
/// it did otherwise in the sound one.
/// </summary>
internal static class FunctionOracle
{
    private const double LitFraction = 0.3;
    private const double DarkFraction = 0.1;
    private const double BackFedFraction = 0.05;

    /// <summary>What a fitter would not hand over; null where the rig does what the sound one does.</summary>
    public static string? Wrong(Rig sound, Rig bad)
    {
        var studies = RigStudy.Of(sound).Lines.Where(line => line.Trigger.On is not null).ToList();
        var everything = HarnessCompiler.Solve(bad, RigStates.EverythingOn(bad) with { Engine = Engine.Off });
        foreach (var line in studies)
        {
            var on = line.Trigger.On!;
            var off = HarnessCompiler.Solve(bad, on with { Engine = Engine.Off });
            var running = HarnessCompiler.Solve(bad, on with { Key = true, Engine = Engine.Cruise });
            foreach (var lamp in line.Lamps)
            {
                var function = Function(bad, lamp.Id);
                var rated = function.Watts / function.RatedVolts;
                if (Lit(off, everything, lamp.Id, DarkFraction * rated) is false && lamp.OffVolts > 0.6 * function.RatedVolts) return $"{lamp.Id} is dark";
                if (running.Solution is Solution.Converged && running.Across(lamp.Id) > 1.02 * function.StandsUpTo()) return $"{lamp.Id} gets {running.Across(lamp.Id):0.0} V";
                if (line.Trigger.Signalled.Contains(lamp.Id)
                    && HarnessCompiler.Solve(bad, on with { HighBeam = false, Reverse = false, SideLight = false, Key = true, Engine = Engine.Off }) is var without
                    && without.Solution is Solution.Converged && Math.Abs(without.Amps(lamp.Id)) > LitFraction * rated) return $"{lamp.Id} stays on when its signal goes off";
            }
            foreach (var signal in VehicleSignal.All(bad.Vehicle).Where(signal => !on.Has(signal.Signal)))
                foreach (var solved in new[] { off, running })
                    if (solved.Solution is Solution.Converged && Math.Abs(solved.Amps(signal.Name)) > BackFedFraction * signal.Lamp.Watts / bad.Vehicle.SystemVolts)
                        return $"{signal.Name} burns with {line.Line.Name} on and its signal off";
        }
        return null;
    }

    /// <summary>Whether a lamp burns in either state; null where that cannot be told.</summary>
    private static bool? Lit(SolvedHarness one, SolvedHarness other, string lamp, double amps) =>
        one.Solution is not Solution.Converged || other.Solution is not Solution.Converged ? null
        : Math.Abs(one.Amps(lamp)) > amps || Math.Abs(other.Amps(lamp)) > amps;

    private static LampFunction Function(Rig rig, string id)
    {
        var (fixture, function) = TerminalIndex.Split(id);
        return rig.Fixtures.Single(part => part.Id == fixture).Functions.Single(part => part.Id == function);
    }
}
