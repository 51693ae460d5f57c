using BurlyRidge.Core.Altering;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Edits;

/// <summary>Puts in another part as one of its kind usually is; no wire leads to it yet.</summary>
/// <param name="List">The list of the document that it comes into, as "relays" or "vehicle.fuseSlots".</param>
/// <param name="Name">What it is called; empty: as its kind.</param>
public sealed record AddPart(string List, string Name = "") : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        if (Rig.Lists.FirstOrDefault(list => list.Path == List && List.Length > 0) is not { } list) return EditOutcome.No("list", EditWords.FormatThereIsNoListCalled(List));
        var kind = list.One.Replace(' ', '-');
        var id = FreeName.In(context.Rig, kind == "battery" ? kind : FreeName.PlainOr(kind, Name));
        return list.Plus(context.Rig, id, Name) is { } rig
            ? new EditOutcome.Done(rig, [EditWords.FormatIsPutInNoWire(PartNames.Of(rig)[id])]) { PartId = id }
            : EditOutcome.No("list", EditWords.FormatNoCanBePutIn(list.One));
    }
}

/// <summary>Takes a part out, with the wires that end at it.</summary>
public sealed record RemovePart(string Part) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (PartRemoval.WithWires(rig, Part) is not var (left, wires)) return EditOutcome.No("part", EditWords.ThereIsNoSuchPartThat);
        var name = PartNames.Of(rig)[Part];
        if (left.Lines.Zip(rig.Lines).FirstOrDefault(pair => pair.First.Plan is null && pair.First.Lights.Count == 0 && pair.Second.Lights.Count > 0).Second is { } line)
            return new EditOutcome.NotPossible(EditWords.ThePartWasNotTaken, EditWords.FormatIsTheLastLampOf(name, line.Name));
        if (left.Vehicle.Batteries.Count == 0) return new EditOutcome.NotPossible(EditWords.ThePartWasNotTaken, EditWords.AVehicleHasOneBattery);
        return EditOutcome.Of(left, wires == 0 ? EditWords.FormatIsTakenOut(name) : EditWords.FormatIsTakenOutWithThat(name, Format.Count(wires, EditWords.Wire, EditWords.Wires)));
    }
}

/// <summary>Joins two terminals by a wire of the house's usual control size; sizing and lanes follow as for any other.</summary>
/// <param name="From">Terminal, nearer the source.</param>
/// <param name="To">Terminal.</param>
/// <param name="Metres">How long; null: as far as its ends are apart along the lanes, or 1 m.</param>
public sealed record AddRun(string From, string To, double? Metres = null) : EditCommand
{
    private const double UsualMetres = 1;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        var terminals = TerminalIndex.Of(rig);
        if (!terminals.HasTerminal(From)) return EditOutcome.No("from", EditWords.ThereIsNoSuchTerminal);
        if (!terminals.HasTerminal(To)) return EditOutcome.No("to", EditWords.ThereIsNoSuchTerminal);
        if (From == To) return EditOutcome.No("to", EditWords.AWireJoinsTwoTerminals);
        var (part, _) = TerminalIndex.Split(From);
        var where = PartLocations.Of(rig);
        var placed = rig.Body is not null && where.OfTerminal(From) is { } start && where.OfTerminal(To) is { } end && start != end;
        var wire = new NewPart("", "", rig.Vehicle.SystemVolts, rig.HouseRules.Gauges).Wire(Sizing.Limits.ControlSquareMillimetres);
        var run = new Run(FreeName.In(rig, $"{part}-run"), From, To, wire, Metres ?? UsualMetres, [ZoneAt(rig, From)]) { Lay = placed && Metres is null ? new Lay() : null };
        var made = WireColours.After(rig, rig with { Runs = [.. rig.Runs, run] });
        return new EditOutcome.Done(made, [EditWords.FormatIsLaid(PartNames.Of(made).Wire(run), wire)]) { PartId = run.Id };
    }

    /// <summary>Where the part lies that it starts at; the engine bay where it does not say.</summary>
    private static Zone ZoneAt(Rig rig, string terminal) => rig.AllParts().FirstOrDefault(part => part.Id == TerminalIndex.Split(terminal).Part) switch
    {
        ProtectiveDevice device => device.Place,
        Joint joint => joint.Place,
        Earth earth => earth.Place,
        Battery battery => battery.Place,
        Fixture => Zone.Exterior,
        Switch => Zone.Cabin,
        _ => Zone.EngineBay,
    };
}

/// <summary>Which end of a wire.</summary>
public enum RunEnd
{
    /// <summary>The one nearer the source.</summary>
    From,

    /// <summary>The other.</summary>
    To,
}

/// <summary>Puts one end of a wire on another terminal.</summary>
/// <param name="Wire">Id of the run.</param>
public sealed record MoveRunEnd(string Wire, RunEnd End, string Terminal) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (rig.Runs.FirstOrDefault(run => run.Id == Wire) is not { } run) return EditOutcome.No("wire", EditWords.ThereIsNoSuchWire);
        if (!TerminalIndex.Of(rig).HasTerminal(Terminal)) return EditOutcome.No("terminal", EditWords.ThereIsNoSuchTerminal);
        var moved = End == RunEnd.From ? run with { From = Terminal } : run with { To = Terminal };
        if (moved.From == moved.To) return EditOutcome.No("terminal", EditWords.AWireJoinsTwoTerminals);
        var made = rig.WithRun(Wire, _ => moved);
        return EditOutcome.Of(made, EditWords.FormatItIsNow(PartNames.Of(made).Wire(moved)));
    }
}

/// <summary>Takes a wire out; what it joined stays.</summary>
/// <param name="Wire">Id of the run.</param>
public sealed record RemoveRun(string Wire) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context) => context.Rig.Runs.FirstOrDefault(run => run.Id == Wire) is { } run
        ? EditOutcome.Of(context.Rig with { Runs = [.. context.Rig.Runs.Where(other => other.Id != Wire)] }, EditWords.FormatIsTakenOut2(PartNames.Of(context.Rig).Wire(run)))
        : EditOutcome.No("wire", EditWords.ThereIsNoSuchWire);
}

/// <summary>Makes the vehicle one of 12 or of 24 V: batteries, how they are joined and the alternator with it; what is fitted stays, and is judged.</summary>
public sealed record ChangeSystem(int Volts) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var vehicle = context.Rig.Vehicle;
        if (!Vehicle.Voltages.Contains(Volts)) return EditOutcome.No("volts", EditWords.AVehicleHas12Or);
        if (Volts == vehicle.SystemVolts) return EditOutcome.Of(context.Rig);
        var usual = Vehicle.Usual(Volts);
        var batteries = vehicle.Batteries.ToList();
        if (Volts == 24)
        {
            if (batteries.Count == 1) batteries.Add(batteries[0] with { Id = FreeName.In(context.Rig, "battery"), Name = "" });
            batteries = [.. batteries.Take(2)];
        }
        var kept = batteries.Select(battery => battery.Id).ToHashSet(StringComparer.Ordinal);
        if (vehicle.Batteries.FirstOrDefault(battery => !kept.Contains(battery.Id)) is { } lost)
            return new EditOutcome.NotPossible(EditWords.TheSystemWasNotChanged, EditWords.FormatOf24VAreTwoBatteries(PartNames.Of(context.Rig)[lost.Id]));
        var rig = context.Rig with
        {
            Vehicle = vehicle with
            {
                SystemVolts = Volts,
                Batteries = batteries,
                BatteryLink = Volts == 24 ? BatteryLink.Series : BatteryLink.Parallel,
                Alternator = vehicle.Alternator is { } alternator ? alternator with { RegulatedVolts = null } : null,
            },
        };
        return EditOutcome.Of(rig, Volts == 24
            ? EditWords.TheSystemHas24V
            : EditWords.TheSystemHas12V);
    }
}

/// <summary>Says which line lights a lamp: one that there is, a new one, or none.</summary>
/// <param name="Light">"fixture.function".</param>
/// <param name="LineId">A line in full wiring; null: a new one where a name is given, else none.</param>
/// <param name="Name">Of the new line.</param>
public sealed record AssignLight(string Light, string? LineId = null, string Name = "") : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        if (!TerminalIndex.Of(rig).HasFunction(Light)) return EditOutcome.No("light", EditWords.ThereIsNoSuchLamp);
        if (LineId is not null && context.Line(LineId) is null) return EditOutcome.NoLine(LineId);
        if (LineId is not null && context.Line(LineId)!.Plan is not null)
            return new EditOutcome.NotPossible(EditWords.TheLampWasNotAdded, EditWords.FormatIsAQuickPlanExpandIt(context.Line(LineId)!.Name));
        var name = PartNames.Of(rig)[Light];
        var lines = new List<Line>();
        var notes = new List<string>();
        foreach (var line in rig.Lines)
        {
            List<string> lights = [.. line.Lights.Where(light => light != Light)];
            if (line.Id == LineId) lights.Add(Light);
            if (lights.Count == 0 && line.Lights.Count > 0) notes.Add(EditWords.FormatHasNoOtherLampAnd(line.Name));
            else lines.Add(line with { Lights = lights });
        }
        var added = LineId;
        if (LineId is null && Name.Trim().Length > 0)
        {
            added = FreeName.In(rig, FreeName.OfLine(Name));
            lines.Add(new Line(added, Name.Trim()) { Lights = [Light] });
            notes.Insert(0, EditWords.FormatLights(Name.Trim(), PartNames.Small(name)));
        }
        return new EditOutcome.Done(rig with { Lines = lines }, notes, added);
    }
}
