using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>Why a size of wire will not do.</summary>
public enum RungFailure
{
    /// <summary>The zone is as hot as the insulation may be.</summary>
    Heat,

    /// <summary>Too thin to be crimped and laid (house rule).</summary>
    Strength,

    /// <summary>Its ampacity is below the load with its margin.</summary>
    Load,

    /// <summary>Its ampacity is below the fuse.</summary>
    Fuse,

    /// <summary>More volts are lost than the limit allows.</summary>
    Drop,

    /// <summary>The lamps could not run on it at all.</summary>
    BrownOut,

    /// <summary>No standard fuse carries the load.</summary>
    NoFuse,

    /// <summary>A short at its far end hurts it before the fuse opens.</summary>
    FarShort,
}

/// <summary>One size of wire judged for one run or for several together, all else of the rig as it is.</summary>
/// <param name="AmpacityAmps">What it may carry where they lie, A; the least of them.</param>
/// <param name="DropFraction">The worst drop of the lines that use them, each alone and all together; 1 where one of them goes out.</param>
/// <param name="ConductorCelsius">How hot the hottest gets.</param>
/// <param name="Failures">Empty where it holds.</param>
public sealed record WireRung(WireSize Wire, double AmpacityAmps, double DropFraction, double ConductorCelsius, IReadOnlyList<RungFailure> Failures)
{
    /// <summary>Whether it carries load and fuse, clears every short and loses no more than allowed.</summary>
    public bool Holds => Failures.Count == 0;

    /// <summary>Whether the lamps light on it and nothing gets too hot, however much is lost.</summary>
    public bool Safe => Failures.All(failure => failure == RungFailure.Drop);
}

/// <summary>Sizes of wire judged on the network.</summary>
public static class WireLadder
{
    /// <summary>Judges every size of the house's system, thin to thick, for runs of a rig.</summary>
    /// <param name="study">The rig as it is.</param>
    /// <param name="figures">The runs, at least one; they all get the size.</param>
    /// <param name="cancellation">Ends the work early, with an <see cref="OperationCanceledException"/>.</param>
    public static IReadOnlyList<WireRung> Of(RigStudy study, IReadOnlyList<RunFigures> figures, CancellationToken cancellation = default)
    {
        var shared = Shared(study, figures);
        return [.. WireTable.Of(study.Wired.HouseRules.Gauges).Unless(cancellation).Select(wire => Judge(study, figures, wire, shared))];
    }

    /// <summary>Judges one size.</summary>
    public static WireRung Judge(RigStudy study, IReadOnlyList<RunFigures> figures, WireSize wire) => Judge(study, figures, wire, Shared(study, figures));

    /// <summary>What hangs together on runs that several lines use, where their lamps can all be on at once; null where one line has them for itself.</summary>
    private static SharedPiece? Shared(RigStudy study, IReadOnlyList<RunFigures> figures)
    {
        var ids = figures.SelectMany(run => run.Lines).Distinct().ToList();
        var lines = study.Lines.Where(line => ids.Contains(line.Line.Id) && line.Lamps.Count > 0 && line.Lamps.All(lamp => lamp.Together is not null)).ToList();
        return ids.Count > 1 && lines.Count > 1 ? new SharedPiece(LinePiece.Of(study.Wired, lines[0].Line.Id, out _) ?? study.Wired, lines) : null;
    }

    private static WireRung Judge(RigStudy study, IReadOnlyList<RunFigures> figures, WireSize wire, SharedPiece? shared)
    {
        var ids = figures.Select(run => run.Run.Id).ToHashSet(StringComparer.Ordinal);
        var failures = new SortedSet<RungFailure>();
        if (wire.AreaSquareMillimetres < Limits.ThinnestSquareMillimetres) failures.Add(RungFailure.Strength);
        foreach (var run in figures.Count > 1 ? Shorted() : figures)
        {
            var ampacity = run.AmpacityOf(wire);
            if (ampacity <= 0) failures.Add(RungFailure.Heat);
            else if (!Limits.AtLeast(ampacity, run.LoadNeedAmps(study.Wired.HouseRules))) failures.Add(RungFailure.Load);
            if (ampacity > 0 && !Limits.AtLeast(ampacity, Math.Max(run.FuseNeedAmps, run.LimitedAmps))) failures.Add(RungFailure.Fuse);
            if (!Clears(study.Wired, run, wire)) failures.Add(RungFailure.FarShort);
        }
        var drops = study.Lines.Where(line => figures.Any(run => run.Lines.Contains(line.Line.Id)))
            .Select(line => LineStudy.WorstDrop(Resized(line.Slice), line.Trigger)).ToList();
        if (shared is not null)
        {
            var piece = Resized(shared.Piece);
            var everything = LineStudy.In(piece, RigStates.EverythingOn(piece));
            drops.AddRange(shared.Lines.Select(line => LineStudy.WorstDrop(piece, line.Trigger, everything)));
        }
        if (drops.Any(drop => drop.Fraction >= 1)) failures.Add(RungFailure.BrownOut);
        else if (drops.Any(drop => !drop.Holds)) failures.Add(RungFailure.Drop);
        return new WireRung(
            wire, figures.Min(run => run.AmpacityOf(wire)), drops.Select(drop => drop.Fraction).DefaultIfEmpty(0).Max(),
            figures.Max(run => Ampacity.ConductorCelsius(run.DesignAmps, run.AmpacityOf(wire), run.Run.InsulationCelsius, run.AmbientCelsius)), [.. failures]);

        // A short at the end of one of them flows through others of them: all that stand before it are of the size.
        IEnumerable<RunFigures> Shorted()
        {
            var rig = Resized(study.Wired);
            var map = WiringMap.Of(rig);
            var faults = FaultCurrents.Of(rig, map, Feeds.Of(map)).ByRun;
            return figures.Select(run => run with { Wire = wire, Faults = [.. faults[run.Run.Id]] });
        }

        Rig Resized(Rig slice) => slice with { Runs = [.. slice.Runs.Select(run => ids.Contains(run.Id) ? run with { Wire = wire.Name } : run)] };
    }

    /// <summary>Lines that use one run, and as much of the rig as they are solved in with everything on.</summary>
    private sealed record SharedPiece(Rig Piece, IReadOnlyList<LineStudy> Lines);

    /// <summary>Whether every short in a run is cleared in time with it on another size.</summary>
    public static bool Clears(Rig rig, RunFigures figures, WireSize wire)
    {
        var hot = Math.Max(figures.AmbientCelsius, figures.Run.InsulationCelsius);
        double Ohms(WireSize size) => size.Ohms(figures.Run.LengthMetres, hot);
        return (figures.Shared is not { } shared || shared(wire).Clears) && figures.Faults.All(fault =>
        {
            if (fault.Device is not { } device) return true;
            // The same loop with this run on another size.
            var loop = FaultCurrents.MinVolts(rig.Vehicle) / fault.FarAmps - Ohms(figures.Wire) + Ohms(wire);
            var amps = FaultCurrents.MinVolts(rig.Vehicle) / Math.Max(loop, 1e-4);
            return FuseTime.SlowestSeconds(device.Fuse!, amps) <= RunFigures.Withstand(figures.Run, wire, figures.AmpacityOf(wire), amps);
        });
    }
}
