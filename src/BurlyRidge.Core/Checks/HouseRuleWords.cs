using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>The house rules as a check says them: which, and why.</summary>
public static class HouseRuleWords
{
    /// <summary>The margin of the wire.</summary>
    public static string Margin(HouseRules rules) =>
        $"Wire {Format.Percent(rules.MarginFraction)} above the load: a bundle, a hot day and a lamp that draws more than printed still fit.";

    /// <summary>How far a fuse is loaded.</summary>
    public static string FuseLoad(HouseRules rules) => $"Fuse loaded to {Format.Percent(rules.FuseLoadFraction)}: nearer its rating it ages and opens for nothing.";

    /// <summary>The drop allowed.</summary>
    public static string Drop(double fraction) => $"Drop up to {Format.Percent(fraction)}: what is lost on the way is light not seen, or current drawn on top.";

    /// <summary>How joints are made.</summary>
    public static string Joints(HouseRules rules) => rules.Joints switch
    {
        JointSchool.SolderToo => "Crimp or solder: solder lasts in a signal wire that does not shake.",
        JointSchool.TapsToo => "Taps allowed in signal wires of the cabin: quick there, and nowhere else.",
        _ => "Crimp and heat-shrink: holds where it shakes and where it is wet.",
    };

    /// <summary>Where currents return.</summary>
    public static string Earths(HouseRules rules) => rules.Earths switch
    {
        EarthSchool.Body => "Earth on the body near the lamp: short, and half the copper.",
        EarthSchool.Post => "Return by wire to the post: immune to what becomes of body joints.",
        _ => "Body or post, whichever suits the place.",
    };

    /// <summary>How the vehicle is made dead.</summary>
    public static string Isolation(HouseRules rules) => rules.Isolation == IsolationSchool.FuseOut
        ? "The circuit's own fuse out while working: it is the last thing in."
        : "Minus of every battery off while working, plus last on.";

    /// <summary>What turns on light ahead.</summary>
    public static string Trigger(HouseRules rules) => rules.ForwardTrigger == TriggerSchool.OwnSwitch
        ? "Light ahead on a switch of its own: for slow work off the road."
        : "Light ahead linked to the high beam: one flick of the stalk darkens everything for oncoming traffic.";

    /// <summary>How long things may be left on.</summary>
    public static string LeftOn(HouseRules rules) => $"Everything may be left on for {Format.Hours(rules.LeftOnHours)}: the engine still starts then.";
}
