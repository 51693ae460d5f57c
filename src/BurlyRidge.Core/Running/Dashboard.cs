using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running.Faults;

namespace BurlyRidge.Core.Running;

/// <summary>A signal that the stalk, the gear or a pedal gives.</summary>
public sealed record DashSignal(Signal Signal, string Name);

/// <summary>A position of a switch.</summary>
/// <param name="Key">As a state names it.</param>
public sealed record DashPosition(string Key, string Name);

/// <summary>A switch in the cab; it is found in its first position.</summary>
public sealed record DashSwitch(string Id, string Name, IReadOnlyList<DashPosition> Positions);

/// <summary>A slot of a panel, or a factory output.</summary>
/// <param name="Id">As a state names it.</param>
/// <param name="Mode">How it answers.</param>
/// <param name="Held">It is on while it is held.</param>
public sealed record DashSlot(string Id, string Name, string Legend, OutputMode Mode, bool Held);

/// <summary>A relay or fuse as a mark on the vehicle.</summary>
/// <param name="Id">Of the controller, or of the fuse's element.</param>
/// <param name="At">Where it is; null: nobody said.</param>
public sealed record RunMark(string Id, string Part, string Name, bool IsFuse, Point? At);

/// <summary>A lamp that is on no mount, where it is all the same.</summary>
public sealed record RunSpot(string Lamp, Point At);

/// <summary>A wire along the vehicle.</summary>
/// <param name="Points">From its first end; none: it has no route.</param>
public sealed record RunPath(string Wire, string Name, IReadOnlyList<Point> Points);

/// <summary>A terminal that a probe can be held to.</summary>
/// <param name="Part">The part that it is of.</param>
public sealed record ProbePoint(string Terminal, string Name, string Part);

/// <summary>A line with its lamps, by id.</summary>
public sealed record DashLine(string Id, string Name, IReadOnlyList<string> Lamps);

/// <summary>What there is of a rig to work, to look at and to hold a probe to while it runs.</summary>
/// <param name="Faults">All that can be wrong with it.</param>
public sealed record Dashboard(
    IReadOnlyList<DashSignal> Signals, IReadOnlyList<DashSwitch> Switches, IReadOnlyList<DashSlot> Slots, IReadOnlyList<DashLine> Lines, IReadOnlyList<RunMark> Marks, IReadOnlyList<RunSpot> Spots, IReadOnlyList<RunPath> Paths,
    IReadOnlyList<ProbePoint> Probes, IReadOnlyList<RigFault> Faults)
{
    /// <summary>Reads an assessed rig; pure and total.</summary>
    public static Dashboard Of(AssessedRig assessed)
    {
        var (rig, names) = (assessed.Study.Wired, assessed.Study.Names);
        var where = Routing.PartLocations.Of(rig);
        var body = assessed.Whole.Saved.Body;
        Point? At(string part) => body is not null && where.Of(part) is { } station ? body.StationOf(station)?.At : null;
        var routes = new WireRoutes(assessed.Whole, where);
        IReadOnlyList<Point> Points(Rigs.Run run) => body is null ? [] : [.. (routes.Of(run)?.Route?.Stations ?? []).Select(body.StationOf).OfType<Station>().Select(station => station.At)];
        return new Dashboard(
            [.. VehicleSignal.All(rig.Vehicle).Select(signal => new DashSignal(signal.Signal, Format.Capital(signal.Signal.Word())))],
            [.. rig.Switches.Where(own => own.Positions.Count > 1).Select(own => new DashSwitch(own.Id, names[own.Id], [.. own.Positions.Select(position => new DashPosition(position.Name, PinWords.Of(position.Name)))]))],
            [
                .. rig.PowerBoxes.SelectMany(box => box.Outputs.Where(output => output.WorkedBy == WorkedBy.Slot).OrderBy(output => output.Slot ?? int.MaxValue)
                    .Select(output => new DashSlot($"{box.Id}.{output.Id}", names[$"{box.Id}.{output.Id}"], output.Legend, output.Mode, output.Mode == OutputMode.Momentary))),
                .. rig.Vehicle.AuxOutputs.Select(output => new DashSlot(output.Id, names[output.Id], output.Legend, output.Latching ? OutputMode.Latching : OutputMode.Momentary, !output.Latching)),
            ],
            [.. rig.Lines.Where(line => line.Lights.Count > 0).Select(line => new DashLine(line.Id, line.Name, [.. line.Lamps()]))],
            [
                .. rig.Relays.Select(relay => new RunMark(relay.Id, relay.Id, names[relay.Id], IsFuse: false, At(relay.Id))),
                .. rig.Protection.Select(device => new RunMark(device.Id, device.Id, names[device.Id], IsFuse: true, At(device.Id))),
                .. rig.InlineBreakers.Select(breaker => new RunMark(breaker.Id, breaker.Id, names[breaker.Id], IsFuse: true, At(breaker.Id))),
                .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => new RunMark($"{box.Id}.{output.Id}-fuse", box.Id, RunningWords.FormatFuseOf(Format.RatedAmps(output.RatingAmps), PartNames.Small(names[$"{box.Id}.{output.Id}"])), IsFuse: true, At(box.Id)))),
            ],
            [.. rig.Fixtures.Select(lamp => (lamp.Id, At: At(lamp.Id))).Where(lamp => lamp.At is not null).Select(lamp => new RunSpot(lamp.Id, lamp.At!))],
            [.. rig.Runs.Select(run => new RunPath(run.Id, names.Wire(run), Points(run)))],
            [
                new ProbePoint(Vehicle.Body, names[Vehicle.Body], Vehicle.Body),
                .. rig.Vehicle.Batteries.SelectMany(battery => new[] { $"{battery.Id}.plus", $"{battery.Id}.minus" }).Concat(rig.Runs.SelectMany(run => run.Ends())).Concat(VehicleSignal.All(rig.Vehicle).SelectMany(signal => new[] { signal.Plus, signal.Minus }))
                    .Distinct().Where(terminal => terminal != Vehicle.Body).Select(terminal => new ProbePoint(terminal, names.Probed(terminal), TerminalIndex.Split(terminal).Part)),
            ],
            FaultLibrary.Of(rig, names));
    }
}
