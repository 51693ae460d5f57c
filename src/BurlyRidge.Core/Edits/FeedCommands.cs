using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Edits;

/// <summary>Feeds a standing line from elsewhere: an output, a fuse slot, a spare lead, another battery. What was chosen by hand stays.</summary>
/// <param name="Terminal">What is to feed it.</param>
public sealed record MoveFeed(string LineId, string Terminal) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (context.Line(LineId) is not { } line) return EditOutcome.NoLine(LineId);
        if (line.Plan is not null) return new EditOutcome.NotPossible(EditWords.TheFeedWasNotMoved, EditWords.FormatIsAQuickPlanExpand(line.Name));
        var feeds = Feeds(rig).ToHashSet(StringComparer.Ordinal);
        if (!feeds.Contains(Terminal)) return EditOutcome.No("terminal", EditWords.NothingIsFedFromThere);
        var fed = LineWires.Of(rig, LineId).Where(run => feeds.Contains(run.From) || feeds.Contains(run.To)).ToList();
        if (fed is not [var wire])
            return new EditOutcome.NotPossible(EditWords.TheFeedWasNotMoved, fed.Count == 0
                ? EditWords.FormatHasNoFeedOfIts(line.Name)
                : EditWords.FormatIsFedAtPlacesMove(line.Name, fed.Count));
        var made = rig.WithRun(wire.Id, run => feeds.Contains(run.From) ? run with { From = Terminal } : run with { To = Terminal });
        return new EditOutcome.Done(made, [EditWords.FormatIsFedFromNowIts(line.Name, PartNames.Small(PartNames.Of(made).Terminal(Terminal)))], LineId);
    }

    /// <summary>Every terminal that a line can be fed from.</summary>
    internal static IEnumerable<string> Feeds(Rig rig) =>
    [
        .. rig.Vehicle.Batteries.Select(battery => $"{battery.Id}.plus"),
        .. rig.Vehicle.AuxOutputs.Select(output => $"{output.Id}.out"),
        .. rig.Vehicle.FuseSlots.Select(slot => $"{slot.Id}.tap"),
        .. rig.Vehicle.PassThroughs.SelectMany(lead => new[] { $"{lead.Id}.a", $"{lead.Id}.b" }),
        .. rig.PowerBoxes.SelectMany(box => box.Outputs.Select(output => $"{box.Id}.{output.Id}")),
        .. rig.Converters.Select(part => $"{part.Id}.out-plus"),
    ];
}

/// <summary>Pulls a standing line in by another signal; arming switch, relay and fuses stay.</summary>
public sealed record MoveTrigger(string LineId, Signal Signal) : EditCommand
{
    private const double PickUpMetres = 0.2;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (context.Line(LineId) is not { } line) return EditOutcome.NoLine(LineId);
        if (line.Plan is not null) return new EditOutcome.NotPossible(EditWords.TheTriggerWasNotChanged, EditWords.FormatIsAQuickPlanChoose(line.Name));
        var wanted = VehicleSignal.Of(rig.Vehicle, Signal);
        if (VehicleSignal.All(rig.Vehicle).All(signal => signal.Signal != Signal)) return EditOutcome.No("signal", EditWords.FormatDescribeTheInElectricsFirst(Signal.Word()));
        var pickUps = rig.Joints.Where(joint => joint.PickUp is not null).Select(joint => joint.Id).ToHashSet(StringComparer.Ordinal);
        var own = LineWires.Of(rig, LineId).ToList();
        if (own.SelectMany(run => run.Ends().Select(end => (Run: run, End: end))).Where(pair => IsSignal(pair.End)).ToList() is { Count: > 0 } taken)
        {
            string Moved(string end) => IsSignal(end) ? $"{wanted.Name}.{TerminalIndex.Split(end).Pin}" : end;
            var wires = taken.Select(pair => pair.Run.Id).ToHashSet(StringComparer.Ordinal);
            var met = taken.SelectMany(pair => pair.Run.Ends()).Select(end => TerminalIndex.Split(end).Part).Where(pickUps.Contains).ToHashSet(StringComparer.Ordinal);
            return Done(line, rig with
            {
                Runs = [.. rig.Runs.Select(run => wires.Contains(run.Id) ? run with { From = Moved(run.From), To = Moved(run.To) } : run)],
                Joints = [.. rig.Joints.Select(joint => met.Contains(joint.Id) ? joint with { PickUp = new PickUp { End = EndOf(Signal) } } : joint)],
            });
        }
        // What it takes from a pick-up that others share gets one of its own.
        if (own.FirstOrDefault(run => run.Ends().Any(end => pickUps.Contains(TerminalIndex.Split(end).Part))) is not { } shared)
            return new EditOutcome.NotPossible(EditWords.TheTriggerWasNotChanged, EditWords.FormatIsNotPulledInBy(line.Name));
        var joint = FreeName.In(rig, $"{LineId}-pick-up");
        string Own(string end) => pickUps.Contains(TerminalIndex.Split(end).Part) ? $"{joint}.b" : end;
        var where = PartLocations.Of(rig).Of(wanted.Name);
        return Done(line, rig with
        {
            Joints = [.. rig.Joints, new Joint(joint, JointKind.Crimp, shared.Zones[0]) { Name = EditWords.FormatPickUp(line.Name), PickUp = new PickUp { End = EndOf(Signal) } }],
            Runs =
            [
                .. rig.Runs.Select(run => run.Id == shared.Id ? run with { From = Own(run.From), To = Own(run.To) } : run),
                new Run(FreeName.In(rig, $"to-{joint}"), wanted.Turning, $"{joint}.a", shared.Wire, PickUpMetres, [shared.Zones[0]]) { Colour = shared.Colour },
            ],
            Places = where is null ? rig.Places : [.. rig.Places, new Place(joint, where)],
        });
    }

    private EditOutcome.Done Done(Line line, Rig made) => new(made, [EditWords.FormatIsPulledInByThe(line.Name, Signal.Word())], LineId);

    private static bool IsSignal(string terminal) => VehicleSignal.Names.Contains(TerminalIndex.Split(terminal).Part);

    private static VehicleEnd EndOf(Signal signal) => signal is Signal.Reverse or Signal.BrakeLamp ? VehicleEnd.Rear : VehicleEnd.Front;
}

/// <summary>Leads a wire through a spare lead of the vehicle's own: to its near end, and on from its far end.</summary>
/// <param name="Wire">Id of the run.</param>
/// <param name="Lead">Id of the spare lead.</param>
public sealed record UseSpareLead(string Wire, string Lead) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (rig.Runs.FirstOrDefault(run => run.Id == Wire) is not { } run) return EditOutcome.No("wire", EditWords.ThereIsNoSuchWire);
        if (rig.Vehicle.PassThroughs.FirstOrDefault(lead => lead.Id == Lead) is not { } lead) return EditOutcome.No("lead", EditWords.ThereIsNoSuchSpare);
        if (rig.Runs.Any(other => other.Ends().Any(end => TerminalIndex.Split(end).Part == Lead))) return EditOutcome.No("lead", EditWords.ItIsUsedAlready);
        var onward = run with { Id = FreeName.In(rig, $"{Wire}-on"), From = $"{Lead}.b", LengthMetres = Math.Max(Least, run.LengthMetres - lead.LengthMetres), Lay = null, LaneCelsius = null };
        var made = rig with
        {
            Runs = [.. rig.Runs.SelectMany(other => other.Id != Wire ? [other] : new[] { run with { To = $"{Lead}.a", LengthMetres = Math.Min(run.LengthMetres, JumperMetres), Lay = null, LaneCelsius = null }, onward })],
        };
        return new EditOutcome.Done(made, [EditWords.FormatItGoesByNowA(PartNames.Small(PartNames.Of(made)[Lead]))]) { PartId = onward.Id };
    }

    private const double JumperMetres = 0.5;
    private const double Least = 0.3;
}

/// <summary>Puts the wires of one earth on another; the first goes.</summary>
public sealed record JoinEarths(string Earth, string Into) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (rig.Earths.All(earth => earth.Id != Earth)) return EditOutcome.No("earth", EditWords.ThereIsNoSuchEarth);
        if (Earth == Into || rig.Earths.All(earth => earth.Id != Into)) return EditOutcome.No("into", EditWords.ChooseAnotherEarth);
        var name = PartNames.Of(rig)[Earth];
        string End(string end) => end == Earth ? Into : end;
        var moved = rig with { Runs = [.. rig.Runs.Select(run => run with { From = End(run.From), To = End(run.To) }).Where(run => run.From != run.To)] };
        var made = PartRemoval.Fitted(moved, new HashSet<string>(StringComparer.Ordinal) { Earth });
        return EditOutcome.Of(made, EditWords.FormatTheWiresOfAreOn(PartNames.Small(name), PartNames.Small(PartNames.Of(made)[Into])));
    }
}

/// <summary>Lays a wire along the lanes of another, as far as they go.</summary>
/// <param name="Wire">Id of the run that is laid.</param>
/// <param name="With">Id of the run that it lies with.</param>
public sealed record LayTogether(string Wire, string With) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (rig.Runs.FirstOrDefault(run => run.Id == Wire) is not { } run) return EditOutcome.No("wire", EditWords.ThereIsNoSuchWire);
        if (Wire == With || RoutedRig.Of(rig).Routes.FirstOrDefault(route => route.Id == With)?.Route is not { } route) return EditOutcome.No("with", EditWords.ItFollowsNoLanes);
        return EditOutcome.Of(
            rig.WithRun(Wire, _ => run with { Lay = (run.Lay ?? new Lay()) with { Through = [.. route.Lanes.Select(lane => lane.Id)] } }),
            EditWords.FormatItLiesWithNow(PartNames.Small(PartNames.Of(rig).Wire(rig.Runs.First(other => other.Id == With)))));
    }
}

/// <summary>Gives every wire the colour that its use has by the house rule; each can be changed after.</summary>
/// <param name="LineId">Only the wires that this line alone needs; null: all.</param>
public sealed record GiveColours(string? LineId = null) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (LineId is not null && context.Line(LineId) is null) return EditOutcome.NoLine(LineId);
        var wires = LineId is null ? rig.Runs : LineWires.Of(rig, LineId);
        var ids = wires.Where(run => !run.Given).Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        return EditOutcome.Of(WireColours.Give(rig with { Runs = [.. rig.Runs.Select(run => ids.Contains(run.Id) ? run with { Colour = "" } : run)] }), EditWords.FormatTheColourOfUse(Format.Count(ids.Count, EditWords.WireHas, EditWords.WiresHave), ids.Count == 1 ? "its" : "their"));
    }
}
