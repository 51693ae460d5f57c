using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Starting;

/// <summary>Second batteries, 24 V, converters.</summary>
internal static class SupplyStarts
{
    /// <summary>Bolt-down, for a charger of 25 A.</summary>
    private const double ChargerFuseAmps = 50;

    /// <summary>What a switch in the minus is good for, A.</summary>
    private const double SwitchAmps = 5;

    /// <summary>The start that puts a converter in.</summary>
    public const string ConverterId = "converter";

    public static IReadOnlyList<Start> All { get; } =
    [
        new("second-battery", "Camp lamps on a second battery, switched in the minus", "Both plus wires live all the time, the switch in the minus: allowed, and flagged, for the lamp stays live when off. The tail has a fuse of its own.", 2, [])
        {
            WhyNot = (rig, lamp) => rig.Vehicle.BatteryLink == BatteryLink.Series ? "The batteries are in series: a second one for camp is for 12 V vehicles."
                : 2 * lamp.Functions[0].Watts / rig.Vehicle.SystemVolts > SwitchAmps ? "Two of these are more than a small switch in the minus carries: take a harness with a relay." : null,
            Build = SecondBattery,
        },
        new("series-24", "On a 24 V truck, from both batteries in series", "Work lamps and beacons at 24 V: half the current, a 24 V coil, lamps that are made for it.", 1, [StartQuestion.Return])
        {
            WhyNot = (rig, _) => rig.Vehicle.SystemVolts == 24 ? null : "This vehicle has 12 V.",
            Build = draft =>
            {
                draft.Use = LineUse.Work;
                var live = draft.FromBattery();
                var relay = draft.RelayFrom(live);
                FrontStarts.SwitchedCoil(draft, live, relay);
                draft.ToLamps($"{relay}.87", draft.Metres);
                draft.Did.Add("The plus of the upper battery, so that both give the same: never 12 V from the middle.");
            },
        },
        new(ConverterId, "12 V lamps on 24 V through a converter", "Lamps of 12 V on a 24 V vehicle: a converter behind its own fuse, and a fuse behind it that its limit can open.", 3, [])
        {
            WhyNot = (rig, _) => rig.Vehicle.SystemVolts == 24 ? null : "This vehicle has 12 V: no converter is wanted.",
            Build = Converter,
        },
    ];

    private static void SecondBattery(Draft draft)
    {
        draft.Use = LineUse.Work;
        var vehicle = draft.Rig.Vehicle;
        if (vehicle.Batteries.Count < 2) AddBattery(draft);
        var camp = draft.Rig.Vehicle.Batteries[1].Id;
        var post = draft.Post(camp);
        var fuse = draft.Fuse("fuse", draft.Amps / 0.8, draft.Rig.Vehicle.Batteries[1].Place, near: camp);
        draft.Power($"{camp}.plus", $"{fuse}.in", Draft.BesideMetres, Zone.Exterior);
        var plug = draft.Joint("plug", JointKind.Plug, Zone.Exterior);
        draft.Power($"{fuse}.out", $"{plug}.a", Math.Min(draft.Metres, 2), Zone.Exterior);
        var lamps = draft.Lamps();
        var (plus, minus) = (draft.Pin(0, lamp => lamp.Plus), draft.Pin(0, lamp => lamp.Minus));
        var part = draft.Switch();
        for (var i = 0; i < lamps.Count; i++)
        {
            draft.Power(i == 0 ? $"{plug}.b" : $"{lamps[i - 1]}.{plus}", $"{lamps[i]}.{plus}", 0.8, Zone.Exterior);
            draft.Power($"{lamps[i]}.{minus}", i == 0 ? $"{part}.in" : $"{lamps[i - 1]}.{minus}", i == 0 ? 1 : 0.8, Zone.Exterior);
        }
        draft.Power($"{part}.out", post, 1, Zone.Exterior);
        draft.Did.Add("Fed from the second battery behind a fuse for the tail; the switch is in the minus, as such lamps are sold.");
    }

    private static void AddBattery(Draft draft)
    {
        var id = draft.Name("battery");
        draft.Rig = draft.Rig with
        {
            Vehicle = draft.Rig.Vehicle with { Batteries = [.. draft.Rig.Vehicle.Batteries, new Battery(id, 100, 0.8, 5, Zone.Exterior)], BatteryLink = BatteryLink.Separate },
            Converters = [.. draft.Rig.Converters, new Converter(draft.Name("charger"), "Charger", 14.4, 25, 12.7, 0.92)],
        };
        var charger = draft.Rig.Converters[^1].Id;
        string BoltDown(string name, string near)
        {
            var fuse = draft.Fuse(name, ChargerFuseAmps, near: near);
            draft.Rig = draft.Rig with { Protection = [.. draft.Rig.Protection.Select(device => device.Id == fuse ? device with { Fuse = new Fuse(ChargerFuseAmps, FuseFamily.BoltDown) } : device)] };
            return fuse;
        }
        var (first, second) = (BoltDown("charger-fuse", draft.Rig.Vehicle.Batteries[0].Id), BoltDown("camp-fuse", id));
        draft.Heavy(draft.Plus, $"{first}.in", Draft.BesideMetres, ChargerFuseAmps, Zone.EngineBay);
        draft.Heavy($"{first}.out", $"{charger}.in-plus", 3, ChargerFuseAmps, Zone.EngineBay, Zone.Underbody);
        draft.Heavy($"{charger}.in-minus", draft.Post(), 3, ChargerFuseAmps, Zone.EngineBay, Zone.Underbody);
        draft.Heavy($"{charger}.out-plus", $"{second}.out", 0.6, ChargerFuseAmps, Zone.Exterior);
        draft.Heavy($"{second}.in", $"{id}.plus", Draft.BesideMetres, ChargerFuseAmps, Zone.Exterior);
        draft.Heavy($"{charger}.out-minus", draft.Post(id), 0.6, ChargerFuseAmps, Zone.Exterior);
        draft.Did.Add("A second battery with a charger between bolt-down fuses, one at each end.");
    }

    private static void Converter(Draft draft)
    {
        draft.Use = LineUse.Work;
        var live = draft.FromBattery();
        var id = draft.Name("converter");
        var limit = Math.Ceiling(draft.Watts / 12 * 2.6);
        draft.Rig = draft.Rig with { Converters = [.. draft.Rig.Converters, new Converter(id, "Converter 24 to 12", 13.2, limit, 20)] };
        draft.Power(live, $"{id}.in-plus", 1);
        draft.Power($"{id}.in-minus", draft.Stud("converter-earth", atLamps: false), 0.4);
        var fuse = draft.Fuse("lamp-fuse", draft.Watts / 12 / 0.8);
        draft.Power($"{id}.out-plus", $"{fuse}.in", 0.2);
        var relay = draft.RelayFrom($"{fuse}.out");
        FrontStarts.SwitchedCoil(draft, live, relay);
        var lamps = draft.Lamps();
        var (plus, minus) = (draft.Pin(0, lamp => lamp.Plus), draft.Pin(0, lamp => lamp.Minus));
        for (var i = 0; i < lamps.Count; i++)
        {
            draft.Power(i == 0 ? $"{relay}.87" : $"{lamps[i - 1]}.{plus}", $"{lamps[i]}.{plus}", i == 0 ? draft.Metres : 0.8, Zone.Exterior);
            draft.Power($"{lamps[i]}.{minus}", i == 0 ? $"{id}.out-minus" : $"{lamps[i - 1]}.{minus}", i == 0 ? draft.Metres : 0.8, Zone.Exterior);
        }
        draft.Power($"{id}.out-minus", draft.Stud("output-earth", atLamps: false), 0.3);
        draft.Did.Add($"A converter of {limit:0} A: more than the lamps draw, and enough to open the fuse behind it.");
    }
}
