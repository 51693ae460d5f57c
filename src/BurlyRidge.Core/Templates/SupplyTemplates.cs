using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Second batteries, 24 V, converters.</summary>
internal static class SupplyTemplates
{
    /// <summary>Bolt-down, for a charger of 25 A.</summary>
    private const double ChargerFuseAmps = 40;

    /// <summary>The template that puts a converter in.</summary>
    public const string ConverterId = "converter";

    public static IReadOnlyList<Template> All { get; } =
    [
        new("second-battery", TemplateWords.CampLampsOnASecond, TemplateWords.BothPlusWiresLiveAll, 2, [])
        {
            WhyNot = (rig, lamp) => rig.Vehicle.BatteryLink == BatteryLink.Series ? TemplateWords.TheBatteriesAreInSeries
                : 2 * lamp.Functions[0].Power / rig.Vehicle.SystemVolts > Sizing.Limits.SwitchAmps * rig.HouseRules.FuseLoadFraction ? TemplateWords.TwoOfTheseAreMore : null,
            Build = SecondBattery,
        },
        new("series-24", TemplateWords.OnA24VTruck, TemplateWords.WorkLampsAndBeaconsAt, 1, [TemplateQuestion.Return])
        {
            WhyNot = (rig, _) => rig.Vehicle.SystemVolts == 24 ? null : TemplateWords.ThisVehicleHas12V,
            Build = builder =>
            {
                builder.Use = LineUse.Work;
                var live = builder.FromBattery();
                var relay = builder.RelayFrom(live);
                builder.SwitchedCoil(live, relay);
                builder.ToLamps($"{relay}.87", builder.Metres);
                builder.Notes.Add(TemplateWords.ThePlusOfTheUpper);
            },
        },
        new(ConverterId, TemplateWords.Of12VLampsOn24, TemplateWords.LampsOf12VOn, 3, [])
        {
            WhyNot = (rig, lamp) => rig.Vehicle.SystemVolts != 24 ? TemplateWords.ThisVehicleHas12VNo
                : lamp.Functions[0].Kind == LampKind.Filament ? TemplateWords.AColdFilamentDrawsTen : null,
            Build = Converter,
        },
    ];

    private static void SecondBattery(LineBuilder builder)
    {
        builder.Use = LineUse.Work;
        var vehicle = builder.Rig.Vehicle;
        if (vehicle.Batteries.Count < 2) AddBattery(builder);
        var camp = builder.Rig.Vehicle.Batteries[1].Id;
        var post = builder.Post(camp);
        var fuse = builder.Fuse("fuse", builder.Amps / 0.8, builder.Rig.Vehicle.Batteries[1].Place, near: camp);
        builder.Power($"{camp}.plus", $"{fuse}.in", LineBuilder.BesideMetres, Zone.Exterior);
        var plug = builder.Joint("plug", JointKind.Plug, Zone.Exterior);
        builder.Power($"{fuse}.out", $"{plug}.a", Math.Min(builder.Metres, 2), Zone.Exterior);
        var lamps = builder.Lamps();
        var (plus, minus) = (builder.Pin(0, lamp => lamp.Plus), builder.Pin(0, lamp => lamp.Minus));
        var part = builder.Switch(atLamps: true);
        for (var i = 0; i < lamps.Count; i++)
        {
            builder.Power(i == 0 ? $"{plug}.b" : $"{lamps[i - 1]}.{plus}", $"{lamps[i]}.{plus}", 0.8, Zone.Exterior);
            builder.Power($"{lamps[i]}.{minus}", i == 0 ? $"{part}.in" : $"{lamps[i - 1]}.{minus}", i == 0 ? 1 : 0.8, Zone.Exterior);
        }
        builder.Power($"{part}.out", post, 1, Zone.Exterior);
        builder.Notes.Add(TemplateWords.FedFromTheSecondBattery);
    }

    private static void AddBattery(LineBuilder builder)
    {
        var id = builder.Name("battery");
        builder.Rig = builder.Rig with
        {
            Vehicle = builder.Rig.Vehicle with { Batteries = [.. builder.Rig.Vehicle.Batteries, new Battery(id, 100, 0.8, 5, Zone.Exterior)], BatteryLink = BatteryLink.Separate },
            Converters = [.. builder.Rig.Converters, new Converter(builder.Name("charger"), TemplateWords.Charger, 14.4, 25, 12.7, 0.92)],
        };
        var charger = builder.Rig.Converters[^1].Id;
        string BoltDown(string name, string near)
        {
            var fuse = builder.Fuse(name, ChargerFuseAmps, near: near);
            builder.Rig = builder.Rig with { Protection = [.. builder.Rig.Protection.Select(device => device.Id == fuse ? device with { Fuse = new Fuse(ChargerFuseAmps, FuseFamily.BoltDown) } : device)] };
            return fuse;
        }
        var (first, second) = (BoltDown("charger-fuse", builder.Rig.Vehicle.Batteries[0].Id), BoltDown("camp-fuse", id));
        builder.Heavy(builder.Plus, $"{first}.in", LineBuilder.BesideMetres, ChargerFuseAmps, Zone.EngineBay);
        builder.Heavy($"{first}.out", $"{charger}.in-plus", 3, ChargerFuseAmps, Zone.EngineBay, Zone.Underbody);
        builder.Heavy($"{charger}.in-minus", builder.Post(), 3, ChargerFuseAmps, Zone.EngineBay, Zone.Underbody);
        builder.Heavy($"{charger}.out-plus", $"{second}.out", 0.6, ChargerFuseAmps, Zone.Exterior);
        builder.Heavy($"{second}.in", $"{id}.plus", LineBuilder.BesideMetres, ChargerFuseAmps, Zone.Exterior);
        builder.Heavy($"{charger}.out-minus", builder.Post(id), 0.6, ChargerFuseAmps, Zone.Exterior);
        builder.Notes.Add(TemplateWords.ASecondBatteryWithA);
    }

    private static void Converter(LineBuilder builder)
    {
        builder.Use = LineUse.Work;
        var live = builder.FromBattery();
        var id = builder.Name("converter");
        var limit = Math.Ceiling(builder.Watts / 12 * 2.6);
        builder.Rig = builder.Rig with { Converters = [.. builder.Rig.Converters, new Converter(id, TemplateWords.Converter24To12, 13.2, limit, 20)] };
        builder.Power(live, $"{id}.in-plus", 1);
        builder.Power($"{id}.in-minus", builder.Stud("converter-earth", atLamps: false), 0.4);
        var fuse = builder.Fuse("lamp-fuse", builder.Watts / 12 / 0.8);
        builder.Power($"{id}.out-plus", $"{fuse}.in", 0.2);
        var relay = builder.RelayFrom($"{fuse}.out");
        builder.SwitchedCoil(live, relay);
        var lamps = builder.Lamps();
        var (plus, minus) = (builder.Pin(0, lamp => lamp.Plus), builder.Pin(0, lamp => lamp.Minus));
        for (var i = 0; i < lamps.Count; i++)
        {
            builder.Power(i == 0 ? $"{relay}.87" : $"{lamps[i - 1]}.{plus}", $"{lamps[i]}.{plus}", i == 0 ? builder.Metres : 0.8, Zone.Exterior);
            builder.Power($"{lamps[i]}.{minus}", i == 0 ? $"{id}.out-minus" : $"{lamps[i - 1]}.{minus}", i == 0 ? builder.Metres : 0.8, Zone.Exterior);
        }
        builder.Power($"{id}.out-minus", builder.Stud("output-earth", atLamps: false), 0.3);
        builder.Notes.Add(TemplateWords.FormatAConverterOfMoreThan(Format.RatedAmps(limit)));
    }
}
