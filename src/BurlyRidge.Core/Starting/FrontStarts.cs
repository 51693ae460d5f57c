using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Starting;

/// <summary>Bars and lamps ahead on harnesses of their own.</summary>
internal static class FrontStarts
{
    public static IReadOnlyList<Start> All { get; } =
    [
        new("own-harness", "On its own harness and switch", "Battery, fuse, relay, lamp; a small switch in the dash works the coil. Suits anything that is wanted at will.", 1, [StartQuestion.Return]) { Build = OwnHarness },
        new("beam-pair", "Armed by a switch, on with the high beam", "One flick of the stalk darkens everything for who comes the other way. Asks which wire of the beam goes on and off, and wires the coil for it.", 2,
            [StartQuestion.BeamSwitched, StartQuestion.Return]) { Build = draft => OnBeam(draft, byLamp: false) },
        new("beam-pair-both", "On with the high beam, coil back by the lamp's own wire", "Both wires of the beam are taken, as a plug-in adaptor does: the coil does not go by the body. No switch of its own.", 2,
            [StartQuestion.BeamSwitched, StartQuestion.Return]) { Build = draft => OnBeam(draft, byLamp: true) },
        new("y-lead", "Two on a Y lead behind one relay", "Two bars behind a grille, joined by a Y lead, pulled in across both beam wires.", 2, [StartQuestion.BeamSwitched, StartQuestion.Return]) { Build = YLead },
        new("two-functions", "Main beam and backlight on two switches", "A lamp with two lights on one three-core cable: the main light through a relay, the small one straight from its switch.", 1, [StartQuestion.Return])
        {
            WhyNot = (_, lamp) => lamp.Functions.Count < 2 ? "The lamp has one light only." : null,
            Build = TwoFunctions,
        },
    ];

    private static void OwnHarness(Draft draft)
    {
        var live = draft.FromBattery();
        var relay = draft.RelayFrom(live);
        SwitchedCoil(draft, live, relay);
        draft.ToLamps($"{relay}.87", draft.Metres);
    }

    /// <summary>A dash switch behind a small fuse of its own works the coil.</summary>
    public static void SwitchedCoil(Draft draft, string live, string relay)
    {
        var control = draft.ControlFuse(live);
        var part = draft.Switch();
        draft.ToDash(control, $"{part}.in");
        draft.ToDash($"{part}.out", $"{relay}.86");
        draft.CoilToStud($"{relay}.85");
        draft.Did.Add("The switch carries the coil's current alone, behind a 3 A fuse of its own.");
    }

    private static void OnBeam(Draft draft, bool byLamp)
    {
        draft.Use = LineUse.Forward;
        var live = draft.FromBattery();
        var relay = draft.RelayFrom(live);
        Coil(draft, live, relay, armed: !byLamp, byLamp);
        draft.ToLamps($"{relay}.87", draft.Metres);
    }

    /// <summary>The coil on the high beam: after the beam's own plus, or between fused plus and the wire that turns to earth.</summary>
    private static void Coil(Draft draft, string live, string relay, bool armed, bool byLamp)
    {
        var minusSwitched = draft.Rig.Vehicle.HighBeam.Switched == SwitchedSide.Minus;
        var part = armed ? draft.Switch() : null;
        if (minusSwitched)
        {
            draft.Thin(draft.ControlFuse(live), $"{relay}.86", Draft.NearMetres);
            if (part is null) draft.Thin($"{relay}.85", "highBeam.minus", 1);
            else
            {
                draft.ToDash($"{relay}.85", $"{part}.in");
                draft.ToDash($"{part}.out", "highBeam.minus");
            }
            draft.Did.Add("The beam is switched in its minus: the coil hangs between fused plus and the wire that turns to earth, and the switch's own lamp stays unearthed.");
            return;
        }
        if (part is null) draft.Thin("highBeam.plus", $"{relay}.86", 1);
        else
        {
            var pickUp = draft.Joint("pick-up", JointKind.Crimp, Zone.EngineBay, atLamps: false);
            draft.Thin("highBeam.plus", $"{pickUp}.a", 0.2);
            draft.ToDash($"{pickUp}.b", $"{part}.in");
            draft.ToDash($"{part}.out", $"{relay}.86");
        }
        if (byLamp) draft.Thin($"{relay}.85", "highBeam.minus", 1);
        else draft.CoilToStud($"{relay}.85");
        draft.Did.Add("The beam's wire gives the coil's current and no more.");
    }

    private static void YLead(Draft draft)
    {
        draft.Use = LineUse.Forward;
        var live = draft.FromBattery();
        var relay = draft.RelayFrom(live);
        Coil(draft, live, relay, armed: false, byLamp: true);
        var lamps = draft.Lamps();
        var (fork, home) = (draft.Joint("y", JointKind.Crimp, Zone.EngineBay), draft.Joint("y-back", JointKind.Crimp, Zone.EngineBay));
        draft.Power($"{relay}.87", $"{fork}.a", draft.Metres);
        for (var i = 0; i < lamps.Count; i++)
        {
            draft.Power($"{fork}.b{i + 1}", $"{lamps[i]}.{draft.Pin(0, lamp => lamp.Plus)}", 0.4 + 0.2 * i);
            draft.Power($"{lamps[i]}.{draft.Pin(0, lamp => lamp.Minus)}", $"{home}.b{i + 1}", 0.4 + 0.2 * i);
        }
        draft.Back($"{home}.a");
    }

    private static void TwoFunctions(Draft draft)
    {
        var live = draft.FromBattery();
        var relay = draft.RelayFrom(live);
        SwitchedCoil(draft, live, relay);
        var lamps = draft.ToLamps($"{relay}.87", draft.Metres);
        var second = draft.Request.Lamp.Functions[1];
        draft.Lights(lamps, second);
        var fuse = draft.Fuse("backlight-fuse", Math.Max(1, lamps.Count * second.Watts / draft.Rig.Vehicle.SystemVolts / 0.8));
        draft.Power(live, $"{fuse}.in", Draft.BesideMetres);
        var part = draft.Switch("backlight-switch");
        draft.ToDash($"{fuse}.out", $"{part}.in");
        foreach (var lamp in lamps) draft.Thin($"{part}.out", $"{lamp}.{second.Plus}", draft.Metres + Draft.DashMetres, Zone.Cabin, Zone.EngineBay);
        draft.Did.Add("The small light goes straight from its own switch, behind its own fuse; both share the return.");
    }
}
