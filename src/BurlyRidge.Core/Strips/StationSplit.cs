using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Strips;

/// <summary>What is inside one element of the network that a fitter sees as two things.</summary>
/// <param name="Suffix">Behind the element's id; empty for the first.</param>
/// <param name="Share">Its part of the element's resistance, 0 to 1.</param>
internal sealed record StationSplit(StripKind Kind, string Suffix, double Share)
{
    /// <summary>A fuse and its holder, a stud and the body behind it; one for all else.</summary>
    public static IReadOnlyList<StationSplit> Of(Law law, StripKind kind) => (kind, law) switch
    {
        (StripKind.Fuse, Law.Fuse { HolderOhms: > 0 and var holder } fuse) => Two(StripKind.Fuse, fuse.Ohms - holder, StripKind.Holder, "#holder", holder),
        (StripKind.Earth, Law.Joint { BodyOhms: > 0 and var body } stud) => Two(StripKind.Earth, stud.Ohms - body, StripKind.Body, "#body", body),
        _ => [new StationSplit(kind, "", 1)],
    };

    private static IReadOnlyList<StationSplit> Two(StripKind first, double ohms, StripKind second, string suffix, double otherOhms)
    {
        var share = ohms / (ohms + otherOhms);
        return [new StationSplit(first, "", share), new StationSplit(second, suffix, 1 - share)];
    }
}
