using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Light for backing up.</summary>
internal static class RearTemplates
{
    public static IReadOnlyList<Template> All { get; } =
    [
        new("rear-relay", TemplateWords.RelayAtTheRearOn, TemplateWords.PowerRunsTheLengthOf, 2, []) { Build = RearRelay },
        new("rear-socket", TemplateWords.StraightFromTheReversingPin, TemplateWords.NoRelayNoFuseOf, 2, [])
        {
            WhyNot = (rig, lamp) => lamp.Functions[0].Power * 2 / rig.Vehicle.SystemVolts > rig.Vehicle.Reverse.TakenFuseAmps / 2 || rig.Vehicle.Reverse.ModuleDriven == true
                ? TemplateWords.TheReversingLampsOwnCircuit : null,
            Build = Socket,
        },
        new("rear-auto", TemplateWords.OnOffOrAutomatic, TemplateWords.ASwitchOfThreePositions, 2, [TemplateQuestion.Return]) { Build = Auto },
    ];

    private static void RearRelay(LineBuilder builder)
    {
        builder.Use = LineUse.Rear;
        var live = builder.FromBattery();
        // As many are printed at the rear: 87 where it is fed, 30 to the lamps.
        var relay = builder.Relay(new RelayPinout(Common: "87", Open: "30"), atLamps: true);
        builder.Power(live, $"{relay}.87", builder.Metres, Zone.EngineBay, Zone.Underbody);
        builder.Thin(builder.PickUp("reverse.plus", Zone.Exterior), $"{relay}.86", 0.8, Zone.Underbody);
        builder.CoilToStud($"{relay}.85", atLamps: true);
        var lamps = builder.ToLamps($"{relay}.30", 0.6);
        builder.CapSpare(lamps);
        builder.Notes.Add(TemplateWords.TheRelayIsTakenAs);
    }

    private static void Socket(LineBuilder builder)
    {
        builder.Use = LineUse.Rear;
        var vehicle = builder.Rig.Vehicle;
        if (vehicle.TrailerPins.All(pin => pin.Carries != Signal.Reverse))
            vehicle = vehicle with { TrailerPins = [.. vehicle.TrailerPins, new TrailerPin(builder.Name("reverse-pin"), Signal.Reverse, "1.5 mm²", Math.Max(1, builder.Metres))] };
        if (vehicle.TrailerPins.All(pin => pin.Carries is not null))
            vehicle = vehicle with { TrailerPins = [.. vehicle.TrailerPins, new TrailerPin(builder.Name("earth-pin"), null, "1.5 mm²", Math.Max(1, builder.Metres))] };
        builder.Rig = builder.Rig with { Vehicle = vehicle };
        var (reverse, earth) = (vehicle.TrailerPins.First(pin => pin.Carries == Signal.Reverse).Id, vehicle.TrailerPins.First(pin => pin.Carries is null).Id);
        var lamps = builder.Lamps();
        var (plus, minus) = (builder.Pin(0, lamp => lamp.Plus), builder.Pin(0, lamp => lamp.Minus));
        for (var i = 0; i < lamps.Count; i++)
        {
            builder.Power(i == 0 ? $"{reverse}.pin" : $"{lamps[i - 1]}.{plus}", $"{lamps[i]}.{plus}", i == 0 ? 0.7 : 1, Zone.Exterior);
            builder.Power($"{lamps[i]}.{minus}", i == 0 ? $"{earth}.pin" : $"{lamps[i - 1]}.{minus}", i == 0 ? 0.7 : 1, Zone.Exterior);
        }
        builder.CapSpare(lamps);
        builder.Notes.Add(TemplateWords.PlusAndMinusBothFrom);
    }

    private static void Auto(LineBuilder builder)
    {
        builder.Use = LineUse.Rear;
        var live = builder.FromBattery();
        var relay = builder.RelayFrom(live);
        var part = builder.Switch(threeWay: true);
        builder.ToDash(builder.ControlFuse(live), $"{part}.live");
        var signal = builder.Fuse("signal-fuse", 3, Zone.Exterior, near: "reverse");
        builder.Thin(builder.PickUp("reverse.plus", Zone.Exterior), $"{signal}.in", LineBuilder.BesideMetres, Zone.Exterior);
        builder.Thin($"{signal}.out", $"{part}.signal", Math.Max(builder.Metres, LineBuilder.DashMetres), Zone.Underbody, Zone.Cabin);
        builder.ToDash($"{part}.out", $"{relay}.86");
        builder.CoilToStud($"{relay}.85");
        var lamps = builder.ToLamps($"{relay}.87", builder.Metres);
        if (builder.Lamp.Functions.Count > 1)
        {
            var red = builder.Lamp.Functions[1];
            builder.Lights(lamps, red);
            for (var i = 0; i < lamps.Count; i++) builder.Thin(i == 0 ? builder.PickUp("sideLight.plus", Zone.Exterior) : $"{lamps[i - 1]}.{red.Plus}", $"{lamps[i]}.{red.Plus}", 0.8, Zone.Exterior);
            builder.Notes.Add(TemplateWords.TheSecondLightGoesOn);
        }
        builder.CapSpare(lamps);
        builder.Notes.Add(TemplateWords.TheReversingSignalIsFetched);
    }
}
