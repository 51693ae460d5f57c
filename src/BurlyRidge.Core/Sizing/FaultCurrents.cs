using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Sizing;

/// <summary>What a short drives through a run, by one way into it.</summary>
/// <param name="Device">The fuse that has to open; null where none stands before the run.</param>
/// <param name="NearAmps">The most, at the end nearer the source: battery full, alternator running, everything cold, A.</param>
/// <param name="FarAmps">The least, at the other end: battery cold and a quarter full, engine off, wire hot, body aged, A.</param>
/// <param name="Returns">Whether the run brings the current back, the short being across a load.</param>
public sealed record RunFault(string Run, Link? Device, double NearAmps, double FarAmps, bool Returns);

/// <summary>
/// Prospective short-circuit currents of a rig, on its network with contacts closed and lamps left out, along the way of
/// least resistance: beside it others only add to the current.
/// </summary>
public sealed class FaultCurrents
{
    /// <summary>A battery in the cold has twice its resistance (typical, no source).</summary>
    public const double ColdBatteryFactor = 2;

    /// <summary>Charge that the least current is taken at; 12.0 V at rest.</summary>
    public const double LowCharge = 0.25;

    private readonly Rig rig;
    private readonly WiringMap map;
    private readonly Feeds feeds;
    private readonly double greatestVolts;
    private readonly OhmPaths hotBack;
    private readonly OhmPaths coldOut;
    private readonly OhmPaths hotOut;
    private readonly Dictionary<string, double> loadReturns = new(StringComparer.Ordinal);
    private readonly Dictionary<Feeder, (OhmPaths Hot, OhmPaths Cold)> within = [];

    private FaultCurrents(Rig rig, WiringMap map, Feeds feeds)
    {
        (this.rig, this.map, this.feeds) = (rig, map, feeds);
        greatestVolts = Battery.OpenVolts(1) * Cells + (rig.Vehicle.Alternator?.RatedAmps ?? 0) * Starts(1).Min(start => start.Ohms);
        var grounds = rig.Vehicle.Batteries.Take(rig.Vehicle.BatteryLink == BatteryLink.Series ? 1 : int.MaxValue).Select(battery => ($"{battery.Id}.minus", 0.0));
        hotBack = OhmPaths.From(map, grounds, link => link.HotOhms, link => link.Kind != LinkKind.Device, number => feeds.Of(number).Grounded);
        hotOut = Out(link => link.HotOhms, ColdBatteryFactor);
        coldOut = Out(link => link.ColdOhms, 1);
        foreach (var load in map.Links.Where(link => link is { Kind: LinkKind.Load, Weak: false } && hotBack.Reaches(link.B)))
            loadReturns[load.A] = Math.Max(loadReturns.GetValueOrDefault(load.A), hotBack.Ohms(load.B));
        ByRun = All().ToLookup(fault => fault.Run, StringComparer.Ordinal);
    }

    /// <summary>What a short drives through each run.</summary>
    public ILookup<string, RunFault> ByRun { get; }

    /// <summary>Works out <paramref name="rig"/>, whose lines are all wired part by part.</summary>
    public static FaultCurrents Of(Rig rig, WiringMap map, Feeds feeds) => new(rig, map, feeds);

    /// <summary>The most that a device may have to break: a short right behind it, A.</summary>
    public double AtDevice(Link device)
    {
        var before = Math.Min(coldOut.Ohms(device.A), coldOut.Ohms(device.B));
        return double.IsPositiveInfinity(before) ? 0 : Greatest(before + device.ColdOhms);
    }

    /// <summary>The least current of a short at a terminal, by one way into the section that it lies in, A.</summary>
    public double Least(Feeder feeder, string terminal)
    {
        return MinVolts(rig.Vehicle) / (Within(feeder).Hot.Ohms(terminal) + Back(terminal));
    }

    /// <summary>Resistance of what a short at a terminal returns through, Ω: an aged body, or a load's own way back where that is more.</summary>
    public double Back(string terminal) => Math.Max(TypicalOhms.AgedBodyFactor * TypicalOhms.FarBody, loadReturns.GetValueOrDefault(terminal));

    private double Cells => rig.Vehicle.SystemVolts / 12.0;

    /// <summary>The volts that the least currents are driven by, V.</summary>
    public static double MinVolts(Vehicle vehicle) => Battery.OpenVolts(LowCharge) * vehicle.SystemVolts / 12;

    /// <summary>Full battery and alternator together: what the alternator gives holds the battery's own volts up by what it loses inside.</summary>
    private double Greatest(double ohms) => greatestVolts / (ohms + TypicalOhms.BatteryCable);

    private OhmPaths Out(Func<Link, double> ohms, double batteryFactor) => OhmPaths.From(
        map, Starts(batteryFactor), ohms, _ => true, number => !feeds.Of(number).Grounded);

    /// <summary>The batteries' plus posts, each with what lies before it, Ω; at a multiple of their resistance.</summary>
    public IEnumerable<(string Terminal, double Ohms)> Starts(double factor)
    {
        var vehicle = rig.Vehicle;
        var sum = 0.0;
        foreach (var battery in vehicle.Batteries)
        {
            var own = factor * battery.Milliohms / 1000;
            sum += own;
            yield return ($"{battery.Id}.plus", vehicle.BatteryLink switch
            {
                BatteryLink.Series => sum,
                BatteryLink.Parallel => factor / vehicle.Batteries.Sum(other => 1000 / other.Milliohms),
                _ => own,
            });
        }
    }

    /// <summary>Resistance from the battery, by one feeder, to the terminals of the section that it leads into.</summary>
    private (OhmPaths Hot, OhmPaths Cold) Within(Feeder feeder)
    {
        if (within.TryGetValue(feeder, out var known)) return known;
        OhmPaths Along(OhmPaths before, Func<Link, double> ohms) => OhmPaths.From(
            map,
            [(feeder.Near, before.Ohms(feeder.Far) + (feeder.Device is { } device ? ohms(device) : 0))],
            ohms,
            link => link.Kind != LinkKind.Device,
            _ => true);
        return within[feeder] = (Along(hotOut, link => link.HotOhms), Along(coldOut, link => link.ColdOhms));
    }

    private IEnumerable<RunFault> All()
    {
        foreach (var (id, from, to) in rig.Runs.Select(run => (run.Id, run.From, run.To)).Concat(VehicleLeads.Of(rig, map).Select(lead => (lead.Id, lead.A, lead.B))))
        {
            var section = feeds.Of(from);
            if (section.Grounded) continue;
            foreach (var feeder in section.AllFeeders)
            {
                var (hot, cold) = Within(feeder);
                var far = hot.Ohms(from) > hot.Ohms(to) ? from : to;
                yield return new RunFault(
                    id, feeder.Device, Greatest(Math.Min(cold.Ohms(from), cold.Ohms(to))), Least(feeder, far), Returns: false);
            }
        }
        foreach (var fault in Returning().Values) yield return fault;
    }

    /// <summary>Of the shorts across loads that return through a run, by fuse the one with the least current: it is the last to be cleared.</summary>
    private Dictionary<(string Run, Link? Device), RunFault> Returning()
    {
        var worst = new Dictionary<(string Run, Link? Device), RunFault>();
        foreach (var load in map.Links.Where(link => link is { Kind: LinkKind.Load, Weak: false }))
        {
            var section = feeds.Of(load.A);
            if (section.Grounded || !hotBack.Reaches(load.B)) continue;
            var back = hotBack.Back(load.B).Select(link => link.Run).OfType<Run>().ToList();
            if (back.Count == 0) continue;
            foreach (var feeder in section.AllFeeders)
            {
                var (hot, cold) = Within(feeder);
                var least = MinVolts(rig.Vehicle) / (hot.Ohms(load.A) + hotBack.Ohms(load.B));
                var most = Greatest(cold.Ohms(load.A));
                foreach (var run in back)
                {
                    var known = worst.GetValueOrDefault((run.Id, feeder.Device));
                    worst[(run.Id, feeder.Device)] = new RunFault(run.Id, feeder.Device, Math.Max(most, known?.NearAmps ?? 0), Math.Min(least, known?.FarAmps ?? least), Returns: true);
                }
            }
        }
        return worst;
    }
}
