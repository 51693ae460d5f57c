using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Bodies;

/// <summary>A vehicle as it comes in, before anything is planned on it.</summary>
/// <param name="Kind">Which kind of body in its usual size; a file or an earlier job may say better.</param>
public sealed record VehicleAsFound(BodyKind Kind)
{
    /// <summary>The body out of a vehicle file; null: the usual one of its kind.</summary>
    public Body? Body { get; init; }

    /// <summary>The side that it is driven from; null: not specified.</summary>
    public Side? DriverSide { get; init; }

    /// <summary>Of each battery, Ah; null: not specified.</summary>
    public double? BatteryAmpHours { get; init; }

    /// <summary>What the alternator gives at cruising speed, A; null: not specified.</summary>
    public double? AlternatorAmps { get; init; }

    /// <summary>Ratings of the factory auxiliary outputs, A.</summary>
    public IReadOnlyList<double> Outputs { get; init; } = [];

    /// <summary>Spare factory leads.</summary>
    public IReadOnlyList<SpareLead> Leads { get; init; } = [];

    /// <summary>Fuse slots that somebody tapped before.</summary>
    public IReadOnlyList<TappedSlot> Taps { get; init; } = [];

    /// <summary>Lamps that are on it already.</summary>
    public IReadOnlyList<LampThere> Lamps { get; init; } = [];

    /// <summary>Switches that were fitted before: their locations are taken.</summary>
    public IReadOnlyList<SwitchThere> Switches { get; init; } = [];

    /// <summary>Whether it has a trailer socket with a reversing pin.</summary>
    public bool ReversingPin { get; init; }

    private const int MostOutputs = 12, MostOfEach = 20, MostName = 80;

    /// <summary>The gauge of a factory lead by its output's rating (common practice, no source).</summary>
    private static string LeadOf(double amps) => amps > 25 ? "4 mm²" : amps > 10 ? "2.5 mm²" : "1.5 mm²";

    /// <summary>What cannot be, by field.</summary>
    public IEnumerable<Problem> Problems()
    {
        var (problems, shape) = (new Problems(), Shape());
        problems.AtMost("outputs", Outputs.Count, MostOutputs, PartWords.KindOfOutputs);
        for (var i = 0; i < Outputs.Count; i++) problems.Within($"outputs[{i}]", Outputs[i], 1, 100, "A");
        problems.AtMost("leads", Leads.Count, MostOfEach, PartWords.KindOfLeads);
        problems.Each("leads", Leads, (path, lead) =>
        {
            problems.Wire($"{path}.wire", lead.Wire);
            problems.Above($"{path}.lengthMetres", lead.LengthMetres, 0, 100, "m");
        });
        problems.AtMost("taps", Taps.Count, MostOfEach, PartWords.KindOfSlots);
        problems.Each("taps", Taps, (path, tap) =>
        {
            problems.Within($"{path}.ratingAmps", tap.RatingAmps, 1, 200, "A");
            problems.Within($"{path}.tappedAmps", tap.TappedAmps, 0, 200, "A");
            problems.Text($"{path}.serves", tap.Serves, MostName);
        });
        problems.AtMost("lamps", Lamps.Count, MostOfEach, PartWords.LampsThatMayMove);
        problems.Each("lamps", Lamps, (path, lamp) =>
        {
            problems.Text($"{path}.name", lamp.Name, MostName);
            problems.Above($"{path}.watts", lamp.Watts, 0, 1000, "W");
            problems.Count($"{path}.count", lamp.Count, 1, 30, PartWords.LampsThatMayMove);
            if (shape.Mounts.All(mount => mount.Id != lamp.Mount)) problems.Add($"{path}.mount", PartWords.FormatThereIsNoMountCalled(lamp.Mount));
        });
        problems.AtMost("switches", Switches.Count, MostOfEach, PartWords.KindOfSwitches);
        problems.Each("switches", Switches, (path, there) =>
        {
            problems.Text($"{path}.name", there.Name, MostName);
            if (shape.Spaces.All(space => space.Id != there.At)) problems.Add($"{path}.at", PartWords.FormatThereIsNoStationCalled(there.At));
        });
        if (BatteryAmpHours is { } hours) problems.Within("batteryAmpHours", hours, 10, 1000);
        if (AlternatorAmps is { } amps) problems.Within("alternatorAmps", amps, 10, 500, "A");
        return problems.Found;
    }

    /// <summary>A rig of nothing yet, with all of it in: lamps that are there are existing lines, planned in short, and those that may move are so in the wishes.</summary>
    /// <param name="empty">Of the volts and house rules that are wanted.</param>
    public Rig On(Rig empty)
    {
        var vehicle = empty.Vehicle with
        {
            Batteries = [.. empty.Vehicle.Batteries.Select(battery => battery with { CapacityAmpHours = BatteryAmpHours ?? battery.CapacityAmpHours })],
            Alternator = AlternatorAmps is null ? empty.Vehicle.Alternator : (empty.Vehicle.Alternator ?? new Alternator()) with { CruiseAmps = AlternatorAmps },
            AuxOutputs = [.. Outputs.Select((amps, i) => new AuxOutput($"output-{i + 1}", amps, LeadOf(amps), Feed.Ignition))],
            PassThroughs = [.. Leads.Select((lead, i) => new PassThrough($"lead-{i + 1}", lead.Wire, lead.LengthMetres, lead.Colour, lead.From, lead.To))],
            FuseSlots = [.. Taps.Select((tap, i) => new FuseSlot($"slot-{i + 1}", tap.RatingAmps, Feed.Ignition, 0, tap.Serves) { TappedAmps = tap.TappedAmps, TappedFor = PartWords.AnEarlierCircuit })],
            TrailerPins = ReversingPin ? [new TrailerPin("reversing-pin", Signal.Reverse, "1.5 mm²", SocketMetres), new TrailerPin("earth-pin", null, "2.5 mm²", SocketMetres)] : [],
        };
        var shape = Shape();
        var rig = empty with { Vehicle = vehicle, Body = shape with { DriverSide = DriverSide ?? shape.DriverSide } };
        return Switches.Aggregate(Lamps.Aggregate(rig, There), There);
    }

    /// <summary>Leads of a socket's pins, m (typical, no source).</summary>
    private const double SocketMetres = 4;

    private Body Shape() => Body ?? GenericBody.Of(Kind);

    private static Rig There(Rig rig, LampThere there)
    {
        var taken = FreeName.Taken(rig);
        var ids = new List<string>();
        for (var i = 0; i < there.Count; i++)
        {
            ids.Add(FreeName.Among(taken, FreeName.PlainOr("lamp", there.Name)));
            taken.Add(ids[^1]);
        }
        var mount = rig.Body!.Mounts.First(mount => mount.Id == there.Mount);
        var plan = QuickOf(there) with { Fixtures = ids };
        return rig with
        {
            Fixtures = [.. rig.Fixtures, .. ids.Select(id => new Fixture(id, there.Name, [new LampFunction("main", LampKind.RegulatedLed, there.Watts)]))],
            Places = [.. rig.Places, .. ids.Select((id, i) => new Place(id, i == 1 && ids.Count == 2 && mount.PairOf is { } other ? other : mount.Id))],
            Lines = [.. rig.Lines, new Line(FreeName.Among(taken, FreeName.OfLine(there.Name)), there.Name, plan) { Existing = true }],
            OnVehicle = [.. rig.OnVehicle, .. ids],
            Wishes = there.MayMove ? rig.Wishes with { MayMove = [.. rig.Wishes.MayMove, .. ids] } : rig.Wishes,
        };
    }

    private static Rig There(Rig rig, SwitchThere there)
    {
        var id = FreeName.Among(FreeName.Taken(rig), FreeName.PlainOr("switch", there.Name));
        return rig with
        {
            Switches = [.. rig.Switches, Switch.Usual(new NewPart(id, there.Name, rig.Vehicle.SystemVolts, rig.HouseRules.Gauges))],
            Places = [.. rig.Places, new Place(id, there.At)],
            OnVehicle = [.. rig.OnVehicle, id],
        };
    }

    private static LinePlan QuickOf(LampThere there) =>
        new([new LampSet(LampKind.RegulatedLed, there.Count, there.Watts)], UsualMetres, ReturnPath.Body, [Zone.EngineBay, Zone.Exterior], 105, Trigger.SwitchAlone);

    /// <summary>Of a line that nobody measured, m (typical, no source).</summary>
    private const double UsualMetres = 3;
}

/// <summary>A spare factory lead as somebody found it.</summary>
/// <param name="Wire">Size, by name.</param>
public sealed record SpareLead(string Wire, double LengthMetres, string Colour, string From, string To);

/// <summary>A fuse slot with a tap in it.</summary>
/// <param name="RatingAmps">Of its own fuse, A.</param>
/// <param name="TappedAmps">What the tap feeds, A.</param>
/// <param name="Serves">What the slot is for.</param>
public sealed record TappedSlot(double RatingAmps, double TappedAmps, string Serves);

/// <summary>Lamps that are on the vehicle.</summary>
/// <param name="Mount">Id of the mount, or one of a pair.</param>
/// <param name="Watts">Of each, W.</param>
/// <param name="MayMove">Whether they may go somewhere else.</param>
public sealed record LampThere(string Name, string Mount, double Watts, int Count = 1, bool MayMove = false);

/// <summary>A switch that is on the vehicle.</summary>
/// <param name="At">Id of its location.</param>
public sealed record SwitchThere(string Name, string At);
