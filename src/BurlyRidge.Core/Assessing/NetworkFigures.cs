using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>One line by itself on the network, engine off with 12.0 or 24.0 V at the post, and running.</summary>
/// <param name="On">The least that lights it; null where its wires lead nowhere.</param>
/// <param name="Triggers">Signals that light it, or can.</param>
/// <param name="Source">Terminal that its current comes from.</param>
/// <param name="DropLimit">Allowed, of the volts of the source.</param>
/// <param name="Lamps">Its lamps, the one with the most volts first.</param>
/// <param name="Drop">What its worst lamp loses, part by part, engine off.</param>
/// <param name="Currents">Current in every element that it uses, A.</param>
public sealed record LineFigures(
    RigState? On,
    IReadOnlyList<Signal> Triggers,
    string? Source,
    double DropLimit,
    IReadOnlyList<LampFigures> Lamps,
    IReadOnlyList<PartDrop> Drop,
    IReadOnlyDictionary<string, double> Currents)
{
    /// <summary>Reads a study.</summary>
    public static LineFigures Of(LineStudy line) => new(
        line.Trigger.On,
        [.. line.Trigger.BySignal.Keys],
        line.Source?.A,
        line.DropLimit,
        [.. line.Lamps.OrderByDescending(lamp => lamp.OffVolts).Select(lamp => new LampFigures(
            lamp.Id, lamp.OffVolts, lamp.RunningVolts, line.Off.Amps(lamp.Id), line.Running.Amps(lamp.Id), lamp.DropVolts, lamp.DropFraction, lamp.DropLimit))],
        line.Worst is { } worst ? PartDrop.Of(line.Off, worst.Id) : [],
        line.Off.Currents);
}

/// <summary>One lamp of a line.</summary>
public sealed record LampFigures(string Id, double OffVolts, double RunningVolts, double OffAmps, double RunningAmps, double DropVolts, double DropFraction, double DropLimit);

/// <summary>Volts lost in one part on the way of a lamp.</summary>
public sealed record PartDrop(string Part, Leg Leg, double Volts, double Amps)
{
    /// <summary>Every part on the way of <paramref name="lamp"/>, the lamp itself left out.</summary>
    public static IReadOnlyList<PartDrop> Of(SolvedHarness solved, string lamp)
    {
        var points = Profile.Of(solved, [lamp]);
        return [.. points.Where(point => point.From >= 0 && point.Part != lamp)
            .Select(point => new PartDrop(point.Part, point.Leg, points[point.From].Volts - point.Volts, point.Amps))];
    }
}

/// <summary>One run.</summary>
/// <param name="LineIds">The lines that use it.</param>
/// <param name="LengthMetres">As it lies, m.</param>
/// <param name="DesignAmps">The most that it carries, A, in <paramref name="DesignState"/>.</param>
/// <param name="AmpacityAmps">What it may carry where it lies, A.</param>
/// <param name="DropVolts">Lost in it at the most that it carries, V.</param>
/// <param name="Fuses">Ids of the devices before it, or before what it brings the current back from.</param>
/// <param name="NearAmps">Prospective short-circuit current, the most, at its end nearer the source, A; null where none is fed.</param>
/// <param name="FarAmps">The least, at its other end, A.</param>
/// <param name="ClearsInSeconds">The slowest fuse at that, s; null where it need not open.</param>
/// <param name="WithstandsSeconds">The wire at that, s; null where it carries it for good.</param>
public sealed record RunAnswer(
    string Id,
    IReadOnlyList<string> LineIds,
    string Wire,
    double LengthMetres,
    double DesignAmps,
    string DesignState,
    double AmpacityAmps,
    double AmbientCelsius,
    double ConductorCelsius,
    double DropVolts,
    bool Returns,
    IReadOnlyList<string> Fuses,
    double? NearAmps,
    double? FarAmps,
    double? ClearsInSeconds,
    double? WithstandsSeconds)
{
    /// <summary>Reads the figures of a run.</summary>
    public static RunAnswer Of(RunFigures figures)
    {
        var fed = figures.Faults.Where(fault => fault.FarAmps > 0).ToList();
        var worst = fed.MinBy(fault => fault.FarAmps);
        double? clears = worst?.Device is { } device ? FuseTime.SlowestSeconds(device.Fuse!, worst.FarAmps) : null;
        double? stands = worst is null ? null : figures.WithstandSeconds(worst.FarAmps);
        return new RunAnswer(
            figures.Run.Id, figures.Lines, figures.Wire.Name, figures.Run.LengthMetres, figures.DesignAmps, figures.DesignState, figures.AmpacityAmps,
            figures.AmbientCelsius, figures.ConductorCelsius, figures.DropVolts, figures.Returns,
            [.. figures.Devices.Select(link => link.Id)],
            fed.Count == 0 ? null : fed.Max(fault => fault.NearAmps),
            worst?.FarAmps,
            Finite(clears),
            Finite(stands));
    }

    private static double? Finite(double? value) => value is { } number && double.IsFinite(number) ? number : null;
}

/// <summary>One fuse, breaker or output.</summary>
/// <param name="Loading">Current over rating.</param>
/// <param name="BreaksAmps">The most that it may have to break, A.</param>
public sealed record DeviceAnswer(string Id, double RatingAmps, FuseFamily Family, double DesignAmps, string DesignState, double Loading, double BreaksAmps)
{
    /// <summary>Every device of a studied rig.</summary>
    public static IEnumerable<DeviceAnswer> Of(RigStudy study) => study.Map.Links.Where(link => link.Kind == LinkKind.Device).Select(link =>
    {
        var (amps, state) = study.Design(link.Id);
        return new DeviceAnswer(link.Id, link.Fuse!.RatingAmps, link.Fuse.Family, amps, state, amps / link.Fuse.RatingAmps, study.Faults.AtDevice(link));
    });
}

/// <summary>What a state asks of the supply.</summary>
/// <param name="Figures">Amps and hours.</param>
/// <param name="State">The state itself.</param>
/// <param name="Outcome">How its solution came out.</param>
/// <param name="AlternatorIdleAmps">What the alternator gives at idle, A; null without one.</param>
/// <param name="AlternatorCruiseAmps">At cruise, A.</param>
/// <param name="Lit">Ids of the lines with a lamp lit.</param>
/// <param name="BoxAmps">By power box, the sum of its outputs, A.</param>
public sealed record SupplyAnswer(
    SupplyFigures Figures, RigState State, Outcome Outcome, double? AlternatorIdleAmps, double? AlternatorCruiseAmps, IReadOnlyList<string> Lit, IReadOnlyDictionary<string, double> BoxAmps)
{
    private const double LitAmps = 0.05;

    /// <summary>Reads a state of a studied rig.</summary>
    public static SupplyAnswer Of(RigStudy study, WholeStudy whole) => new(
        SupplyFigures.Of(study.Wired, whole),
        whole.Named.State,
        StateAnswer.OutcomeOf(whole.Solved.Solution),
        study.Wired.Vehicle.Alternator?.AtIdleAmps,
        study.Wired.Vehicle.Alternator?.RatedAmps,
        [.. study.Lines.Where(line => line.Lamps.Any(lamp => Math.Abs(whole.Solved.Amps(lamp.Id)) > LitAmps)).Select(line => line.Line.Id)],
        study.Wired.PowerBoxes.ToDictionary(box => box.Id, box => box.Outputs.Sum(output => Math.Abs(whole.Solved.Amps($"{box.Id}.{output.Id}-fuse")))));
}
