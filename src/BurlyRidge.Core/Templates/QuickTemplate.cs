using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Templates;

/// <summary>A quick plan in full wiring, not sized yet.</summary>
/// <param name="Rig">The vehicle with the line and its parts alone; lamps that are bought already stand first.</param>
/// <param name="Wires">Ids of the wires that carry lamp current, which are all of one size.</param>
/// <param name="Main">The long one of them, to the lamps.</param>
internal sealed record QuickParts(Rig Rig, IReadOnlyList<string> Wires, string Main)
{
    /// <summary>The line.</summary>
    public Line Line => Rig.Lines[0];

    /// <summary>The fuse that its lamps hang on.</summary>
    public Fuse Fuse => Rig.Protection[0].Fuse;
}

/// <summary>The template that quick plans are: battery, fuse, relay or switch, lamps, and back.</summary>
internal static class QuickTemplate
{
    /// <summary>Builds the line's plan on the vehicle of <paramref name="rig"/>; names that are taken, and from now on its own, are in <paramref name="taken"/>.</summary>
    public static QuickParts Build(Rig rig, Line line, HashSet<string> taken)
    {
        var plan = line.Plan!;
        var bought = Bought(rig, plan);
        var wire = plan.ChosenWire;
        var builder = new LineBuilder(
            Bare(rig, line, bought), line.Id,
            new LineWanted(line.Name, [.. Lamps(line, plan, bought, rig.Vehicle.SystemVolts)], plan.Lay?.To, plan.Return, plan.OneWayMetres) { There = [.. bought.Select(lamp => lamp.Id)] }, taken)
        {
            Lengths = LineLengths.Within(plan.OneWayMetres),
            Zones = plan.Zones,
            TailsGiven = false,
            Lies = run => run with
            {
                Zones = plan.Zones,
                Bundled = plan.Bundled ?? LinePlan.OwnConductors(plan.Return),
                InsulationCelsius = plan.InsulationCelsius,
                LaneCelsius = plan.LaneCelsius,
                Wire = wire ?? run.Wire,
                Fixed = wire is not null,
            },
        };
        var live = builder.FromBattery();
        string load;
        if (NeedsRelay(rig, plan))
        {
            var relay = builder.RelayFrom(live);
            if (plan.Trigger == Trigger.SwitchAlone) builder.SwitchedCoil(live, relay);
            else builder.SignalledCoil(live, relay, plan.Trigger == Trigger.HighBeam ? Signal.HighBeam : Signal.Reverse, builder.Switch(foundOn: true));
            load = $"{relay}.87";
        }
        else
        {
            var part = builder.Switch();
            builder.Power(live, $"{part}.in", builder.Lengths.Near);
            load = $"{part}.out";
        }
        var before = builder.LampWires.Count;
        builder.ToLamps(load, builder.Lengths.Out(plan.OneWayMetres));
        var colour = Colours(rig, line, builder.Rig);
        var (built, fuse, contact) = (builder.Rig, plan.ChosenFuse ?? Fuse(rig, plan) ?? FuseTable.Proposable[^1], Contact(rig, plan) ?? RelayTable.ContactAmps[^1]);
        return new QuickParts(built with
        {
            Lines = [line with { Plan = null, Lights = builder.LampsLit }],
            Runs = [.. built.Runs.Select(run => run with { Colour = colour(run) })],
            Protection = [.. built.Protection.Select((device, i) => i > 0 ? device : device with { Fuse = fuse, Fixed = plan.ChosenFuse is not null })],
            Relays = [.. built.Relays.Select(relay => relay with { ContactAmps = contact })],
        }, builder.LampWires, builder.LampWires[before]);
    }

    /// <summary>The template's colours: what comes from the battery, what comes back, and a colour a line for the rest.</summary>
    private static Func<Run, string> Colours(Rig rig, Line line, Rig built)
    {
        var own = WireColours.OfLine(rig, line);
        HashSet<string> minus =
        [
            .. built.Earths.Select(earth => earth.Id), .. VehicleSignal.All(rig.Vehicle).Select(signal => signal.Minus),
            .. built.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => $"{lamp.Id}.{light.Minus}")),
        ];
        return run => run.From == rig.Vehicle.SystemPlus ? WireColours.Shared : minus.Contains(run.From) || minus.Contains(run.To) ? WireColours.Back : own;
    }

    /// <summary>The smallest standard fuse that the lamps allow; null where none does.</summary>
    public static Fuse? Fuse(Rig rig, LinePlan plan) => SizeChoice.Fuse(rig, Zone.EngineBay, DesignAmps(rig, plan), breaker: false, longHeavy: false);

    /// <summary>The smallest contact that carries them; null where none does.</summary>
    public static double? Contact(Rig rig, LinePlan plan) => SizeChoice.Contact(rig.Vehicle.SystemVolts, OnContactAmps(rig, plan), (plan.ChosenFuse ?? Fuse(rig, plan))?.RatingAmps ?? 0);

    /// <summary>Whether a relay carries the lamp current instead of the switch.</summary>
    public static bool NeedsRelay(Rig rig, LinePlan plan) => plan.Trigger != Trigger.SwitchAlone || !SwitchCarries(rig, plan);

    /// <summary>What a small dash switch carries at the system's volts, A.</summary>
    public static double SwitchAmps(int systemVolts) => RelayTable.AmpsAt(Limits.SwitchAmps, systemVolts);

    /// <summary>Whether a dash switch carries the lamps, and what the fuse before it lets through.</summary>
    private static bool SwitchCarries(Rig rig, LinePlan plan) =>
        Limits.AtLeast(SwitchAmps(rig.Vehicle.SystemVolts), Math.Max(OnContactAmps(rig, plan), Fuse(rig, plan)?.RatingAmps ?? double.PositiveInfinity));

    /// <summary>What the lamps ask of a contact, A: filaments half as much again.</summary>
    private static double OnContactAmps(Rig rig, LinePlan plan) => LampWatts.OnContact([.. Lights(rig, plan)], DesignAmps(rig, plan));

    /// <summary>The most that the lamps draw, A.</summary>
    public static double DesignAmps(Rig rig, LinePlan plan)
    {
        var watts = Watts(rig, plan);
        return watts.DesignAmps(rig.Vehicle.SystemVolts, rig.HouseRules.DesignDrop());
    }

    /// <summary>The power of its lamps; those that are bought already count as they are.</summary>
    public static LampWatts Watts(Rig rig, LinePlan plan) => LampWatts.Of(
        Lights(rig, plan).Select(light => new LampSet(light.Kind, 1, light.Power, AtVolts: light.RatedVolts)), rig.Vehicle.SystemVolts);

    private static IEnumerable<LampFunction> Lights(Rig rig, LinePlan plan) =>
        Lamps(new Line("", "", plan), plan, Bought(rig, plan), rig.Vehicle.SystemVolts).Select(lamp => lamp.Functions[0]);

    /// <summary>Lamps of the plan that are in the rig already.</summary>
    public static IReadOnlyList<Fixture> Bought(Rig rig, LinePlan plan) => plan.Fixtures.Count == 0 ? []
        : [.. plan.Fixtures.Select(id => rig.Fixtures.FirstOrDefault(fixture => fixture.Id == id)).OfType<Fixture>()];

    private static IEnumerable<Fixture> Lamps(Line line, LinePlan plan, IReadOnlyList<Fixture> bought, int systemVolts)
    {
        var number = 0;
        foreach (var set in plan.Lamps)
        {
            for (var i = 0; i < set.Count; i++, number++)
            {
                yield return number < bought.Count ? bought[number] : new Fixture(
                    FreeName.Plain($"{line.Id}-lamp-{number + 1}", FreeName.Longest), line.Name,
                    [new LampFunction("main", set.Kind, set.WattsAt(systemVolts), systemVolts)]);
            }
        }
    }

    /// <summary>The vehicle with the line and nothing else but the lamps that are bought, where they are.</summary>
    private static Rig Bare(Rig rig, Line line, IReadOnlyList<Fixture> bought) => Rig.Empty(rig.Vehicle.SystemVolts, rig.HouseRules.Units) with
    {
        Vehicle = rig.Vehicle,
        HouseRules = rig.HouseRules,
        Body = rig.Body,
        Lines = [line],
        Fixtures = bought,
        Places = [.. rig.Places.Where(place => bought.Any(lamp => lamp.Id == place.Part))],
    };
}
