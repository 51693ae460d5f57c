using System.Globalization;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>Says a draft in words.</summary>
internal static class Presenting
{
    /// <summary>The draft as a proposal of no aim yet, upon <paramref name="before"/>.</summary>
    public static Proposal Of(Draft draft, Rig before) => new(
        [], draft.Rig, [.. draft.Lines.Select(line => Line(line, draft, before))], draft.NotMet, draft.Cost.Price, draft.Cost.Parts,
        draft.Lines.Sum(line => line.Option.Lumens), draft.Lines.Sum(line => line.Option.Watts), draft.Lines.Sum(line => line.Option.Holes), draft.CoversOff, draft.FreeOutputs, draft.Assessment.Tally);

    /// <summary>An amount of the workshop's money, whole.</summary>
    public static string Money(Rig rig, double amount) => string.Create(CultureInfo.InvariantCulture, $"{rig.HouseRules.Currency}{amount:0}");

    private static ProposedLine Line(DraftLine line, Draft draft, Rig before)
    {
        var option = line.Option;
        var summary = draft.Assessment.Lines.First(other => other.Id == line.LineId).Summary;
        var start = LineTemplates.All.First(template => template.Id == line.Planned.Start);
        return new ProposedLine(
            line.Planned, draft.Rig.Lines.First(other => other.Id == line.LineId).Name,
            option.Count == 1 ? option.Lamp.Fixture.Name : ProposingWords.FormatTimesLamp(option.Count, option.Lamp.Fixture.Name), option.Lamp.Fixture.Bracket?.Name ?? "", option.At, start.Name,
            summary is null ? "" : summary.Fuse.Length > 0 ? ProposingWords.FormatWireAndFuse(summary.Wire, summary.Fuse) : summary.Wire,
            new ProposedWhy(WhyLamp(line, before), WhyMount(line, before), WhyFeed(line, start)), line.Notes);
    }

    private static string WhyLamp(DraftLine line, Rig rig)
    {
        var (option, units) = (line.Option, rig.HouseRules.Units);
        if (option.Lux is not { } lux || LightTarget.Of(line.Wish) is not { } target) return ProposingWords.FormatToBeSeen(Format.Watts(option.Watts));
        return ProposingWords.FormatGivesLux(Lux(lux), Format.Metres(target.Metres, units), Lux(target.Lux), Money(rig, option.Price));
    }

    private static string Lux(double lux) => ProposingWords.FormatLux((lux >= 10 ? Math.Round(lux) : Math.Round(lux, 1)).ToString(CultureInfo.InvariantCulture));

    private static string WhyMount(DraftLine line, Rig rig)
    {
        var option = line.Option;
        var says = new List<string>
        {
            option.Card.Verdict == Verdict.Watch ? option.Card.Findings.First(finding => finding.Verdict == Verdict.Watch).Reason : ProposingWords.ItFits,
            option.Holes == 0 ? ProposingWords.NothingIsDrilled : ProposingWords.FormatHolesAreDrilled(Format.Count(option.Holes, ProposingWords.Hole, ProposingWords.Holes)),
        };
        if (option.Lamp.Fixture.Bracket is { } bracket) says.Add(ProposingWords.FormatOnTheBracket(bracket.Name));
        if (option.Covers.Count > 0) says.Add(ProposingWords.FormatComesOff(Format.And(option.Covers)));
        says.AddRange(line.Planned.Moves.Select(move => ProposingWords.FormatGoesTo(rig.Fixtures.First(lamp => lamp.Id == move.Lamp).Name, rig.Body!.Mounts.First(mount => mount.Id == move.To).Name)));
        return string.Join(' ', says);
    }

    private static string WhyFeed(DraftLine line, Template start) =>
        line.Planned.Kit is not null ? line.Notes[0]
        : line.Planned.ByAdaptor && start.Id is "beam-pair" or "parking-light" or "rear-relay" or "rear-auto" ? $"{start.Words} {ProposingWords.ByAdaptor}"
        : start.Words;
}
