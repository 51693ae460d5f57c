using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>Builds the fuse window of a sized line.</summary>
internal static class FuseWindows
{
    private const double RoomAbove = 1.15;

    public static FuseWindow Of(LineSizing sizing)
    {
        var limits = sizing.Demand.Limits;
        var from = limits.FuseAmpsForLoad(sizing.Demand.DesignAmps);
        var wireAmps = sizing.Wire?.AmpacityAmps;
        bool Inside(Fuse fuse, double? ampacity) =>
            Limits.AtLeast(fuse.RatingAmps, from)
            && ampacity is { } amps && Limits.AtLeast(amps, Limits.WireAmpsForFuse(fuse));

        var marks = FuseTable.All
            .Select(fuse => new FuseMark(fuse.RatingAmps, fuse.Family, Inside(fuse, wireAmps), fuse == sizing.Fuse))
            .ToList();
        var empty = !marks.Any(mark => mark.Inside);
        var openedBy = empty
            ? sizing.Ladder.FirstOrDefault(rung => FuseTable.All.Any(fuse => Inside(fuse, rung.AmpacityAmps)))?.Wire.ToString()
            : null;
        var top = RoomAbove * Math.Max(Math.Max(from, wireAmps ?? 0), sizing.Fuse?.RatingAmps ?? 0);
        return new FuseWindow(
            sizing.Demand.DesignAmps, from, wireAmps, top, marks, empty, openedBy, Sentence(sizing, marks, from, openedBy));
    }

    private static string Sentence(LineSizing sizing, List<FuseMark> marks, double from, string? openedBy)
    {
        var inside = marks.Where(mark => mark.Inside).Select(mark => mark.RatingAmps).Distinct().Order().ToList();
        if (inside.Count > 0 && sizing.Wire is { } wire)
        {
            return $"From {Say.Amps(from)} to the {Say.Amps(wire.AmpacityAmps)} of {wire.Wire.Name}: "
                + (inside.Count == 1 ? $"{inside[0]} A fits." : $"{string.Join(", ", inside)} A fit.");
        }
        if (openedBy is null) return $"Nothing between {Say.Amps(from)} and any wire in the table: split the line.";
        return sizing.Wire is null
            ? $"From {Say.Amps(from)} up; {openedBy} would carry such a fuse, but no wire will do as the line stands."
            : $"Empty: no standard rating from {Say.Amps(from)} up is within the wire. {openedBy} opens it.";
    }
}
