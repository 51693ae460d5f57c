using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Network;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning;

/// <summary>A compiled rig that can be put as any sound rig of its plan may be.</summary>
internal sealed class SoundRig
{
    private static readonly ulong Workshop = Draws.Of("workshop");

    private readonly List<Action<Draws>> puts = [];

    /// <param name="harness">Compiled.</param>
    /// <param name="nominal">As the plan has it, in the state that is measured: what warms the wires.</param>
    /// <param name="measured">Volts of the vehicle's battery at rest as a meter read them, V; null: nobody did.</param>
    public SoundRig(CompiledHarness harness, SolvedHarness nominal, Rig rig, double? measured)
    {
        foreach (var (element, law) in harness.Laws)
        {
            // A tester's own parts are as they are.
            if (element.Id.StartsWith(Meter.Id, StringComparison.Ordinal)) continue;
            var of = Draws.Of(element.Id);
            double Aged(Draws draw) => Math.Pow(Tolerances.AgedFactor, draw.Even(of));
            switch (element, law)
            {
                case (Resistor joint, Law.Joint made):
                    puts.Add(draw => joint.Ohms = made.Ohms * Aged(draw));
                    break;
                case (Contact contact, Law.Contact made):
                    puts.Add(draw => contact.ClosedOhms = made.Ohms * Aged(draw));
                    break;
                case (Fusible fuse, Law.Fuse made):
                    puts.Add(draw => fuse.Ohms = made.Ohms + made.HolderOhms * (Aged(draw) - 1));
                    break;
                case (ResistorLed lamp, Law.Load made):
                    puts.Add(draw => lamp.Ohms = made.Ohms / (1 + draw.Either(of, Tolerances.LampFraction)));
                    break;
                case (Resistor load, Law.Load made):
                    puts.Add(draw => load.Ohms = made.Ohms / (1 + draw.Either(of, Tolerances.LoadFraction)));
                    break;
                case (FilamentLamp lamp, Law.Filament made):
                    puts.Add(draw => lamp.RatedAmps = made.Watts / made.RatedVolts * (1 + draw.Either(of, Tolerances.LampFraction)));
                    break;
                case (RegulatedLamp lamp, Law.RegulatedLamp made):
                    puts.Add(draw => lamp.RatedWatts = made.Watts * (1 + draw.Either(of, Tolerances.LampFraction)));
                    break;
                case (WireElement wire, _):
                    var rise = wire.ConductorCelsius(nominal.Amps(wire.Id)) - wire.ConductorCelsius(0);
                    puts.Add(draw => wire.HeldCelsius = rise + Tolerances.CoolestCelsius + draw.Even(Workshop) * (Math.Max(Tolerances.WarmestCelsius, wire.AmbientCelsius) - Tolerances.CoolestCelsius));
                    break;
                case (BatteryElement battery, Law.Battery made):
                    var known = OfSystem(rig.Vehicle, battery.Id) ? measured / (rig.Vehicle.BatteryLink == BatteryLink.Series ? rig.Vehicle.Batteries.Count : 1) : null;
                    puts.Add(draw =>
                    {
                        battery.OpenVolts = known is { } volts ? volts + Tolerances.MeterSpread(TesterSetting.Volts, volts) * draw.Normal(of)
                            : made.OpenVolts + draw.Either(of, Tolerances.BatteryVolts * made.OpenVolts / 12);
                        var factor = 1 + draw.Either(of, Tolerances.BatteryOhmsFraction);
                        (battery.Ohms, battery.ChargeOhms) = (made.Ohms * factor, made.ChargeOhms * factor);
                    });
                    break;
                case (RegulatedSource source, Law.Alternator made):
                    puts.Add(draw => source.Volts = made.Volts * (1 + draw.Either(of, Tolerances.SourceFraction)));
                    break;
                case (RegulatedSource source, Law.Source made):
                    puts.Add(draw => source.Volts = made.Volts * (1 + draw.Either(of, Tolerances.SourceFraction)));
                    break;
            }
        }
    }

    /// <summary>Puts it as one sound rig is.</summary>
    public void Put(Draws draw)
    {
        foreach (var put in puts) put(draw);
    }

    /// <summary>A battery that stands between the posts that were measured.</summary>
    private static bool OfSystem(Vehicle vehicle, string battery) => vehicle.BatteryLink == BatteryLink.Separate ? battery == vehicle.Batteries[0].Id : vehicle.Batteries.Any(own => own.Id == battery);
}
