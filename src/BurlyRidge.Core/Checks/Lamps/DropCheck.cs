using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Lamps;

/// <summary>Do enough volts arrive?</summary>
internal static class DropCheck
{
    public static Check? Judge(LineSubject subject)
    {
        if (subject.Sizing.Wire is not { Point: { } point } rung) return null;
        var demand = subject.Demand;
        var limit = subject.Limits.DropFraction;
        var drop = rung.DropFraction(demand.SystemVolts);
        var verdict = subject.Limits.DropHolds(drop) ? Verdict.Holds
            : drop <= Math.Max(limit, Limits.WorstDropFraction) ? Verdict.Watch
            : Verdict.Stop;
        var said = $"{Say.Volts(demand.SystemVolts - point.LampVolts)} of {demand.SystemVolts} V are lost at {Say.Amps(point.Amps)}; "
            + $"{RungWords.NotWire(point)}.";
        return new Check("drop", verdict, "Volts arrive at the lamp", drop, limit, "", said,
            "ABYC E-11 limits of 3 and 10 % (from memory); 5 % for regulated LED by house rule");
    }
}
