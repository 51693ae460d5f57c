using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>Which start a fitter would take for a light.</summary>
public static class FeedChoice
{
    /// <summary>How a light is worked where nobody said (common practice, no source).</summary>
    public static WorkedHow Usual(LightWanted light, HouseRules rules) => light switch
    {
        LightWanted.FarAhead or LightWanted.WideAhead when rules.ForwardTrigger == TriggerSchool.LinkedToHighBeam => WorkedHow.WithTheBeam,
        LightWanted.BackingUp => WorkedHow.WithReverse,
        LightWanted.GrilleMarker => WorkedHow.WithSideLights,
        _ => WorkedHow.BySwitch,
    };

    /// <summary>The starts that would do, the best first.</summary>
    /// <param name="factoryOnly">Worked by the vehicle's own switches and by nothing else.</param>
    public static IReadOnlyList<string> Starts(Rig rig, Wish wish, ProposalAim aim, bool factoryOnly)
    {
        var outputs = rig.Vehicle.AuxOutputs.Count > 0;
        var boxes = rig.PowerBoxes.SelectMany(box => box.Outputs).Any(output => output.WorkedBy == WorkedBy.Slot);
        var switched = rig.Vehicle.SystemVolts == 24 ? "series-24" : "own-harness";
        IReadOnlyList<string> WithFactory(params IReadOnlyList<string> others) => outputs ? ["factory-output", .. others] : others;
        return (wish.Worked ?? Usual(wish.Light, rig.HouseRules), factoryOnly) switch
        {
            (WorkedHow.WithTheBeam, true) => outputs ? ["output-and-beam"] : [],
            (WorkedHow.WithSideLights, _) => ["parking-light", "fuse-tap"],
            (WorkedHow.WithReverse, true) => ["rear-socket"],
            (_, true) => WithFactory(),
            (WorkedHow.WithTheBeam, _) => aim == ProposalAim.EasyToExtend ? ["relay-box-beam", "beam-pair"] : ["beam-pair"],
            (WorkedHow.WithReverse, _) => aim == ProposalAim.FewParts ? ["rear-socket", "rear-auto", "rear-relay"] : ["rear-auto", "rear-relay"],
            (WorkedHow.ByPanel, _) => ["power-box"],
            // What is on the vehicle already is used before something is bought; with room for more in mind, a box is.
            _ when aim == ProposalAim.EasyToExtend || boxes => ["power-box", switched],
            _ => WithFactory(switched),
        };
    }
}
