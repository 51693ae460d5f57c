using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Checks;

/// <summary>The house rules as a check says them: which, and why.</summary>
public static class HouseRuleWords
{
    /// <summary>The margin of the wire.</summary>
    public static string Margin(HouseRules rules) =>
        CheckWords.FormatWireAboveTheLoadA(Format.Percent(rules.MarginFraction));

    /// <summary>How far a fuse is loaded.</summary>
    public static string FuseLoad(HouseRules rules) => CheckWords.FormatFuseLoadedToNearerIts(Format.Percent(rules.FuseLoadFraction));

    /// <summary>The drop allowed.</summary>
    public static string Drop(double fraction) => CheckWords.FormatDropUpToWhatIs(Format.Percent(fraction));

    /// <summary>How joints are made.</summary>
    public static string Joints(HouseRules rules) => rules.Joints switch
    {
        JointSchool.SolderToo => CheckWords.CrimpOrSolderSolderLasts,
        JointSchool.TapsToo => CheckWords.TapsAllowedInSignalWires,
        _ => CheckWords.CrimpAndHeatShrinkHolds,
    };

    /// <summary>Where currents return.</summary>
    public static string Earths(HouseRules rules) => rules.Earths switch
    {
        EarthSchool.Body => CheckWords.EarthOnTheBodyNear,
        EarthSchool.Post => CheckWords.ReturnByWireToThe,
        _ => CheckWords.BodyOrPostWhicheverSuits,
    };

    /// <summary>How the vehicle is made dead.</summary>
    public static string Isolation(HouseRules rules) => rules.Isolation == IsolationSchool.FuseOut
        ? CheckWords.TheCircuitSOwnFuse
        : CheckWords.MinusOfEveryBatteryOff;

    /// <summary>What turns on light ahead.</summary>
    public static string Trigger(HouseRules rules) => rules.ForwardTrigger == TriggerSchool.OwnSwitch
        ? CheckWords.LightAheadOnASwitch
        : CheckWords.LightAheadLinkedToThe;

    /// <summary>How long things may be left on.</summary>
    public static string LeftOn(HouseRules rules) => CheckWords.FormatEverythingMayBeLeftOn(Format.Hours(rules.LeftOnHours));
}
