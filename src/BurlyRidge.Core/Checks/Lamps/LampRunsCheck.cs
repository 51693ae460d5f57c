using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Does a regulated LED lamp stay above its drop-out voltage?</summary>
internal static class LampRunsCheck
{
    public static Check? Judge(LineSubject subject)
    {
        if (subject.Sizing.Wire is not { } rung || subject.Sizing.Fuse is null || subject.Demand.Watts.RegulatedLed <= 0) return null;
        var dropOut = LampFunction.UsualDropOut * subject.Demand.SystemVolts;
        var volts = rung.Point?.LampVolts ?? 0;
        return new Check("lamp-runs", rung.Point is null ? Verdict.Stop : Verdict.Holds, "Lamps stay lit", volts, dropOut, "V",
            rung.Point is null
                ? $"On {rung.Wire.Name} no state of the line leaves the lamps their drop-out voltage of {Say.Volts(dropOut)}: "
                    + "they flicker or stay dark. Take a thicker wire or a shorter way."
                : $"{Say.Volts(volts)} arrive; they drop out below {Say.Volts(dropOut)}.",
            "Drop-out voltage of regulated LED lamps (typical, no source): see the maker's sheet");
    }
}
