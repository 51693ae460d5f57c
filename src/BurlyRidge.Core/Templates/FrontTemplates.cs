using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Templates;

/// <summary>Bars and lamps ahead on harnesses of their own.</summary>
internal static class FrontTemplates
{
    public static IReadOnlyList<Template> All { get; } =
    [
        new("own-harness", TemplateWords.OnItsOwnHarnessAnd, TemplateWords.BatteryFuseRelayLampA, 1, [TemplateQuestion.Return]) { Build = OwnHarness },
        new("beam-pair", TemplateWords.ArmedByASwitchOn, TemplateWords.OneFlickOfTheStalk, 2,
            [TemplateQuestion.BeamSwitched, TemplateQuestion.Return]) { Build = builder => OnBeam(builder, byLamp: false) },
        new("beam-pair-both", TemplateWords.OnWithTheHighBeam, TemplateWords.BothWiresOfTheBeam, 2,
            [TemplateQuestion.BeamSwitched, TemplateQuestion.Return]) { Build = builder => OnBeam(builder, byLamp: true) },
        new("y-lead", TemplateWords.TwoOnAYLead, TemplateWords.TwoBarsBehindAGrille, 2, [TemplateQuestion.BeamSwitched, TemplateQuestion.Return]) { Build = YLead },
        new("two-functions", TemplateWords.MainBeamAndBacklightOn, TemplateWords.ALampWithTwoLights, 1, [TemplateQuestion.Return])
        {
            WhyNot = (_, lamp) => lamp.Functions.Count < 2 ? TemplateWords.TheLampHasOneLight : null,
            Build = TwoFunctions,
        },
    ];

    private static void OwnHarness(LineBuilder builder)
    {
        var live = builder.FromBattery();
        var relay = builder.RelayFrom(live);
        builder.SwitchedCoil(live, relay);
        builder.ToLamps($"{relay}.87", builder.Metres);
    }

    private static void OnBeam(LineBuilder builder, bool byLamp)
    {
        builder.Use = LineUse.Forward;
        var live = builder.FromBattery();
        var relay = builder.RelayFrom(live);
        builder.SignalledCoil(live, relay, Signal.HighBeam, byLamp ? null : builder.Switch(), byLamp);
        builder.ToLamps($"{relay}.87", builder.Metres);
    }

    private static void YLead(LineBuilder builder)
    {
        builder.Use = LineUse.Forward;
        var live = builder.FromBattery();
        var relay = builder.RelayFrom(live);
        builder.SignalledCoil(live, relay, Signal.HighBeam, armedBy: null, byLamp: true);
        var lamps = builder.Lamps();
        var (fork, home) = (builder.Joint("y", JointKind.Crimp, Zone.EngineBay), builder.Joint("y-back", JointKind.Crimp, Zone.EngineBay));
        builder.Power($"{relay}.87", $"{fork}.a", builder.Metres);
        for (var i = 0; i < lamps.Count; i++)
        {
            builder.Power($"{fork}.b{i + 1}", $"{lamps[i]}.{builder.Pin(0, lamp => lamp.Plus)}", 0.4 + 0.2 * i);
            builder.Power($"{lamps[i]}.{builder.Pin(0, lamp => lamp.Minus)}", $"{home}.b{i + 1}", 0.4 + 0.2 * i);
        }
        builder.Back($"{home}.a");
    }

    private static void TwoFunctions(LineBuilder builder)
    {
        // Two small fuses beside the relay: a third wire would not go into the fuse's terminal.
        var splice = builder.Joint("splice", JointKind.Crimp, Zone.EngineBay, atLamps: false);
        builder.Power(builder.FromBattery(), $"{splice}.a", LineBuilder.BesideMetres);
        var relay = builder.RelayFrom($"{splice}.d");
        builder.SwitchedCoil($"{splice}.b", relay);
        var lamps = builder.ToLamps($"{relay}.87", builder.Metres);
        var second = builder.Lamp.Functions[1];
        builder.Lights(lamps, second);
        var fuse = builder.Fuse("backlight-fuse", Math.Max(1, lamps.Count * second.Power / builder.Rig.Vehicle.SystemVolts / 0.8));
        builder.Power($"{splice}.c", $"{fuse}.in", LineBuilder.BesideMetres);
        var part = builder.Switch("backlight-switch");
        builder.ToDash($"{fuse}.out", $"{part}.in");
        foreach (var lamp in lamps) builder.Thin($"{part}.out", $"{lamp}.{second.Plus}", builder.Metres + LineBuilder.DashMetres, Zone.Cabin, Zone.EngineBay);
        builder.Notes.Add(TemplateWords.TheSmallLightGoesStraight);
    }
}
