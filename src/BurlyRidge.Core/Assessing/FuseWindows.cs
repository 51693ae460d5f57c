using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>Builds the fuse window of a sized line or of a run.</summary>
/// <param name="DesignAmps">The most that flows, A.</param>
/// <param name="FromAmps">The smallest rating that the load allows, A.</param>
/// <param name="Wire">The wire taken with its ampacity, A; null without one.</param>
/// <param name="Taken">The fuse taken.</param>
/// <param name="Ladder">Every size with its ampacity, thin to thick.</param>
internal sealed record FuseWindows(
    double DesignAmps, double FromAmps, (WireSize Size, double Amps)? Wire, Fuse? Taken, IReadOnlyList<(WireSize Size, double Amps)> Ladder)
{
    private const double RoomAbove = 1.15;

    public FuseWindow Build()
    {
        var marks = FuseTable.All.Select(fuse => new FuseMark(fuse.RatingAmps, fuse.Family, Inside(fuse, Wire?.Amps), fuse == Taken)).ToList();
        var empty = !marks.Any(mark => mark.Inside);
        var openedBy = empty ? Ladder.Where(rung => FuseTable.All.Any(fuse => Inside(fuse, rung.Amps))).Select(rung => rung.Size.ToString()).FirstOrDefault() : null;
        var top = RoomAbove * Math.Max(Math.Max(FromAmps, Wire?.Amps ?? 0), Taken?.RatingAmps ?? 0);
        return new FuseWindow(DesignAmps, FromAmps, Wire?.Amps, top, marks, empty, openedBy, Sentence(marks, openedBy));
    }

    private bool Inside(Fuse fuse, double? ampacity) =>
        Limits.FuseCarries(fuse.RatingAmps, 1, FromAmps) && ampacity is { } amps && Limits.AtLeast(amps, Limits.WireAmpsForFuse(fuse));

    private string Sentence(List<FuseMark> marks, string? openedBy)
    {
        var inside = marks.Where(mark => mark.Inside).Select(mark => mark.RatingAmps).Distinct().Order().ToList();
        if (inside.Count > 0 && Wire is { } wire)
        {
            return LineWords.FormatFromToTheOf(Format.Amps(FromAmps), Format.Amps(wire.Amps), wire.Size.Name) + " "
                + (inside.Count == 1 ? LineWords.FormatAFits(inside[0]) : LineWords.FormatAFit(string.Join(", ", inside)));
        }
        if (openedBy is null) return LineWords.FormatNothingBetweenAndAnyWire(Format.Amps(FromAmps));
        return Wire is null
            ? LineWords.FormatFromUpWouldCarrySuch(Format.Amps(FromAmps), openedBy)
            : LineWords.FormatEmptyNoStandardRatingFrom(Format.Amps(FromAmps), openedBy);
    }
}
