using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Wires;

/// <summary>Does the wire carry the load with its margin?</summary>
internal static class WireLoadCheck
{
    public static Check? Judge(LineSubject subject)
    {
        if (subject.Sizing.Wire is not { } rung) return null;
        var design = subject.Demand.DesignAmps;
        var need = subject.Limits.WireAmpsForLoad(design);
        var verdict = Limits.AtLeast(rung.AmpacityAmps, need) ? Verdict.Holds
            : rung.AmpacityAmps > design ? Verdict.Watch
            : Verdict.Stop;
        var reason = verdict switch
        {
            Verdict.Holds => $"{rung.Wire.Name} carries {Say.Amps(rung.AmpacityAmps)} where it lies; "
                + $"{Say.Amps(design)} and {Say.Percent(subject.Limits.MarginFraction)} are asked of it.",
            Verdict.Watch => $"{rung.Wire.Name} carries the load of {Say.Amps(design)} but not the margin of "
                + $"{Say.Percent(subject.Limits.MarginFraction)}. Take a thicker wire.",
            _ => $"{rung.Wire.Name} carries {Say.Amps(rung.AmpacityAmps)} where it lies, less than the load. Take a thicker wire.",
        };
        return new Check("wire-load", verdict, "Wire carries the load", rung.AmpacityAmps, need, "A", reason,
            "ABYC E-11 ampacity (from memory), IEC 60364-5-52 ambient factor (from memory); margin by house rule");
    }
}
