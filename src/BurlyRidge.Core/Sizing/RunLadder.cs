using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>One size of wire judged for a run of a wired rig, all else as it is.</summary>
/// <param name="AmpacityAmps">What it may carry where the run lies, A.</param>
/// <param name="DropFraction">The worst drop of the lines that use the run; 1 where one of them goes out.</param>
/// <param name="ConductorCelsius">How hot it gets.</param>
/// <param name="Failures">Empty where it holds.</param>
public sealed record RunRung(WireSize Wire, double AmpacityAmps, double DropFraction, double ConductorCelsius, IReadOnlyList<RungFailure> Failures);

/// <summary>Every size of wire judged for one run, on the network.</summary>
public static class RunLadder
{
    /// <summary>Judges every size of the house's system, thin to thick, for a run of a rig wired part by part.</summary>
    public static IReadOnlyList<RunRung> Of(RigStudy study, RunFigures figures, CancellationToken cancellation = default)
    {
        var rules = study.Wired.HouseRules;
        var lines = study.Lines.Where(line => figures.Lines.Contains(line.Line.Id)).ToList();
        return [.. WireTable.Of(rules.Gauges).Unless(cancellation).Select(wire =>
        {
            var ampacity = figures.AmpacityOf(wire);
            var failures = new List<RungFailure>();
            if (ampacity <= 0) failures.Add(RungFailure.Heat);
            else if (!Limits.AtLeast(ampacity, figures.DesignAmps * (1 + rules.MarginFraction))) failures.Add(RungFailure.Load);
            if (ampacity > 0 && !Limits.AtLeast(ampacity, Math.Max(figures.FuseNeedAmps, figures.LimitedAmps))) failures.Add(RungFailure.Fuse);
            if (!Clears(study.Wired, figures, wire)) failures.Add(RungFailure.FarShort);
            var drops = lines.Select(line => (Drop: LineStudy.WorstDrop(line.Slice.WithRun(figures.Run.Id, run => run with { Wire = wire.Name }), line.Trigger).Drop, line.Limits)).ToList();
            if (drops.Any(drop => drop.Drop >= 1)) failures.Add(RungFailure.BrownOut);
            else if (drops.Any(drop => !drop.Limits.DropHolds(drop.Drop))) failures.Add(RungFailure.Drop);
            return new RunRung(
                wire, ampacity, drops.Select(drop => drop.Drop).DefaultIfEmpty(0).Max(),
                Ampacity.ConductorCelsius(figures.DesignAmps, ampacity, figures.Run.InsulationCelsius, figures.AmbientCelsius), failures);
        })];
    }

    /// <summary>Whether every short in a run is cleared in time with it on another size.</summary>
    public static bool Clears(Rig rig, RunFigures figures, WireSize wire)
    {
        var hot = Math.Max(figures.AmbientCelsius, figures.Run.InsulationCelsius);
        double Ohms(WireSize size) => size.Ohms(figures.Run.LengthMetres, hot);
        return figures.Faults.All(fault =>
        {
            if (fault.Device is not { } device) return true;
            // The same loop with this run on another size.
            var loop = FaultCurrents.LeastVolts(rig.Vehicle) / fault.FarAmps - Ohms(figures.Wire) + Ohms(wire);
            var amps = FaultCurrents.LeastVolts(rig.Vehicle) / Math.Max(loop, 1e-4);
            return FuseTime.SlowestSeconds(device.Fuse!, amps) <= RunFigures.Withstand(figures.Run, wire, figures.AmpacityOf(wire), amps);
        });
    }
}
