using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>One run with every size of wire judged on the network.</summary>
/// <param name="Run">What it carries and withstands.</param>
/// <param name="Ladder">Every size, thin to thick.</param>
/// <param name="FuseWindow">Load, ratings and wire on one scale of amps.</param>
/// <param name="Sheet">Fuse, wire, load and short on one sheet of time and current.</param>
public sealed record RunAssessment(RunAnswer Run, IReadOnlyList<LadderEntry> Ladder, FuseWindow FuseWindow, TimeCurrentSheet Sheet)
{
    /// <summary>Judges a run by its id; null where there is none.</summary>
    public static RunAssessment? Of(AssessedRig assessed, string run, WirePrices? prices = null, CancellationToken cancellation = default)
    {
        var (rules, study) = (assessed.Whole.Saved.HouseRules, assessed.Study);
        if (study.Runs.FirstOrDefault(figures => figures.Run.Id == run) is not { } found) return null;
        var ladder = WireLadder.Of(study, [found], cancellation);
        var smallest = ladder.FirstOrDefault(rung => rung.Holds);
        double? limit = study.Lines.Where(line => found.Lines.Contains(line.Line.Id)).Select(line => (double?)line.DropLimit).Min();
        var device = found.Devices.MinBy(link => link.Fuse!.RatingAmps);
        var window = new FuseWindows(
            found.DesignAmps, found.DesignAmps / rules.FuseLoadFraction, (found.Wire, found.AmpacityAmps), device?.Fuse,
            [.. ladder.Select(rung => (rung.Wire, rung.AmpacityAmps))]);
        return new RunAssessment(RunAnswer.Of(found), [.. ladder.Select(rung => LadderEntry.Of(rules, found, rung, rung.Wire == found.Wire, rung == smallest, limit, found.Run.LengthMetres, prices ?? WirePrices.None))], window.Build(),
            TimeCurrentSheet.Of(study, found));
    }
}
