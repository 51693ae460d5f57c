using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Checks.Fuses;

/// <summary>Does the fuse carry the load for good?</summary>
internal static class FuseLoadCheck
{
    public static Check Judge(LineSubject subject)
    {
        var design = subject.Demand.DesignAmps;
        var fraction = subject.Limits.FuseLoadFraction;
        const string title = "Fuse carries the load";
        const string source = "Continuous load at most 80 % of the rating (common practice; makers say 70 to 80 %); house rule";
        if (subject.Sizing.Fuse is not { } fuse)
        {
            var largest = Protection.FuseTable.Proposable[^1].RatingAmps;
            return new Check("fuse-load", Verdict.Stop, title, design, fraction * largest, "A",
                $"The largest standard fuse is {Say.Amps(largest)}. Split the line.", source);
        }
        var verdict = Limits.AtLeast(fuse.RatingAmps, subject.Limits.FuseAmpsForLoad(design)) ? Verdict.Holds
            : fuse.RatingAmps > design ? Verdict.Watch
            : Verdict.Stop;
        var loading = $"{Say.Amps(design)} load the {fuse} fuse to {Say.Percent(design / fuse.RatingAmps)}";
        var reason = verdict switch
        {
            Verdict.Holds => $"{loading}, {Say.Percent(fraction)} allowed.",
            Verdict.Watch => $"{loading}, {Say.Percent(fraction)} allowed: it ages and may open for nothing. Take a larger one if the wire allows it.",
            _ => $"{loading}: it opens in use. Take a larger one and a wire that it protects.",
        };
        return new Check("fuse-load", verdict, title, design, fraction * fuse.RatingAmps, "A", reason, source);
    }
}
