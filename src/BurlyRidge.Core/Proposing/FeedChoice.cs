using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>How the lines of a plan are fed where there is a choice.</summary>
public enum FeedSchool
{
    /// <summary>By what is on the vehicle: a pin, a wire, a factory output; else on a harness of its own.</summary>
    AsFound,

    /// <summary>Each on a harness of its own.</summary>
    OwnHarnesses,

    /// <summary>On outputs of one box.</summary>
    OneBox,
}

/// <summary>Which start a fitter would take for a light.</summary>
public static class FeedChoice
{
    /// <summary>Lamps of no more together need no relay, W (common practice, no source).</summary>
    private const double SmallWatts = 30;

    /// <summary>The schools that come out differently on a vehicle.</summary>
    public static IReadOnlyList<FeedSchool> Schools(Rig rig) =>
        rig.Wishes.FactorySwitchesOnly ? [FeedSchool.AsFound]
        : rig.Vehicle.AuxOutputs.Count > 0 || HasReversePin(rig) ? [FeedSchool.AsFound, FeedSchool.OwnHarnesses, FeedSchool.OneBox]
        : [FeedSchool.OwnHarnesses, FeedSchool.OneBox];

    /// <summary>How a light is worked where nobody said (common practice, no source).</summary>
    public static WorkedHow Usual(LightWanted light, HouseRules rules) => light switch
    {
        LightWanted.FarAhead or LightWanted.WideAhead when rules.ForwardTrigger == TriggerSchool.LinkedToHighBeam => WorkedHow.Armed,
        LightWanted.BackingUp => WorkedHow.WithReverse,
        LightWanted.GrilleMarker => WorkedHow.WithSideLights,
        _ => WorkedHow.BySwitch,
    };

    /// <summary>The starts that would do, the best first.</summary>
    /// <param name="watts">Of all lamps of the line, W.</param>
    public static IReadOnlyList<string> Starts(Rig rig, Wish wish, double watts, FeedSchool school)
    {
        var worked = wish.Worked ?? Usual(wish.Light, rig.HouseRules);
        if (rig.Wishes.FactorySwitchesOnly) return ByFactory(rig, wish, worked);
        IReadOnlyList<string> found = worked switch
        {
            WorkedHow.WithReverse when HasReversePin(rig) => ["rear-socket"],
            WorkedHow.BySwitch when rig.Vehicle.AuxOutputs.Count > 0 => ["factory-output"],
            _ => [],
        };
        var loose = worked switch
        {
            WorkedHow.Armed => ["beam-pair"],
            WorkedHow.WithTheBeam => ["beam-pair-both"],
            WorkedHow.WithReverse => ["rear-auto", "rear-relay"],
            WorkedHow.WithSideLights => ["parking-light", "fuse-tap"],
            WorkedHow.ByPanel => [OutputTemplates.BoxId],
            _ when watts <= SmallWatts => [OutputTemplates.SmallSwitchId, "own-harness"],
            _ => (IReadOnlyList<string>)["own-harness"],
        };
        IReadOnlyList<string> box = worked switch
        {
            // Bought for the beam alone it would be a box for one or two lamps.
            WorkedHow.Armed when Outputs.AnyFree(rig, WorkedBy.Input) => ["relay-box-beam"],
            WorkedHow.BySwitch or WorkedHow.ByPanel => [OutputTemplates.BoxId],
            _ => [],
        };
        // What is on the vehicle already is used before something is bought.
        if (box.Count > 0 && Outputs.AnyFree(rig, worked == WorkedHow.Armed ? WorkedBy.Input : WorkedBy.Slot)) return [.. box, .. loose];
        return school switch
        {
            FeedSchool.OneBox => [.. box, .. loose],
            FeedSchool.AsFound => [.. found, .. loose],
            _ => loose,
        };
    }

    /// <summary>By what the vehicle has, and no switch of ours.</summary>
    private static IReadOnlyList<string> ByFactory(Rig rig, Wish wish, WorkedHow worked)
    {
        var outputs = rig.Vehicle.AuxOutputs.Count > 0;
        return worked switch
        {
            WorkedHow.Armed => outputs ? ["output-and-beam"] : [],
            WorkedHow.WithTheBeam => ["beam-pair-both"],
            WorkedHow.WithReverse => HasReversePin(rig) ? ["rear-socket", "rear-relay"] : ["rear-relay"],
            WorkedHow.WithSideLights => ["parking-light", "fuse-tap"],
            WorkedHow.BySwitch when wish.Light == LightWanted.Inside => outputs ? ["factory-output", "fuse-tap"] : ["fuse-tap"],
            WorkedHow.BySwitch => outputs ? ["factory-output", "relay-box-output"] : [],
            _ => [],
        };
    }

    private static bool HasReversePin(Rig rig) => rig.Vehicle.TrailerPins.Any(pin => pin.Carries == Signal.Reverse);
}
