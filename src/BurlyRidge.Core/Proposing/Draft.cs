using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>A line of a draft.</summary>
internal sealed record DraftLine(Wish Wish, LightOption Option, PlannedLight Planned, string LineId, IReadOnlyList<string> Notes);

/// <summary>A whole plan, built and assessed.</summary>
/// <param name="Cost">Beyond what the rig came to without it.</param>
/// <param name="CoversOff">Covers that come off for it and did not before.</param>
/// <param name="FreeOutputs">Outputs of boxes and of the vehicle that nothing hangs on then.</param>
/// <param name="MoreWatches">Checks that have to be looked at, beyond those before.</param>
internal sealed record Draft(
    Rig Rig, IReadOnlyList<DraftLine> Lines, IReadOnlyList<NotMet> NotMet, Assessment Assessment, PlanCost Cost, IReadOnlyList<string> CoversOff, int FreeOutputs, int MoreWatches)
{
    /// <summary>A box is bought for two lines at least, those that come later among them (common practice, no source).</summary>
    private const int LeastOfBox = 2;

    /// <summary>Whether it buys a box for hardly anything, that nobody asked for.</summary>
    public bool BoxForLittle(Rig before) =>
        Rig.PowerBoxes.Count > before.PowerBoxes.Count && Lines.All(line => line.Wish.Worked != WorkedHow.ByPanel)
        && Lines.Count(line => line.Planned.Start == OutputTemplates.BoxId) + before.Wishes.Later.Count < LeastOfBox;

    /// <summary>Whether a line of it is wired with the kit at hand.</summary>
    public bool UsesKit => Lines.Any(line => line.Planned.Kit is not null);

    /// <summary>The same decisions make the same plan.</summary>
    public string Key => string.Join(';', Lines.Select(line => $"{line.Planned.Light} {line.Planned.Mount} {line.Planned.Lamp} {line.Planned.Count} {line.Planned.Start} {line.Planned.Bracket}"));
}

/// <summary>Builds whole plans upon one rig.</summary>
/// <param name="before">The rig before any of them.</param>
internal sealed class Drafting(Building before, Trade trade, CancellationToken cancellation)
{
    /// <summary>So many other lamps and mounts are tried where the first cannot be fed.</summary>
    private const int MostOthers = 3;

    private readonly Rig rig = before.Rig;
    private readonly PlanCost costBefore = trade.Cost(before.Assessed);
    private readonly IReadOnlyList<string> offBefore = CoversOff(before.Assessed.Whole);

    /// <summary>Builds one line after another, those at the front first, each by the first start that holds.</summary>
    /// <param name="done">Is told after each wish.</param>
    public Draft Of(IReadOnlyList<Choice> choices, FeedSchool school, Action done)
    {
        var (now, kit) = (before, rig.Wishes.KitAtHand);
        var (lines, left) = (new List<DraftLine>(), new List<NotMet>());
        var used = choices.SelectMany(choice => choice.Option?.Mounts() ?? []).ToHashSet(StringComparer.Ordinal);
        foreach (var choice in choices.OrderBy(choice => choice.Option is { } option ? Building.Order(rig, option.Mount) : double.MaxValue))
        {
            if (choice.Option is not { } first) left.Add(new NotMet(choice.Wish.Light, choice.WhyNone));
            else if (Line(choice, first) is { } line)
            {
                lines.Add(line);
                if (line.Option.Share < 1) left.Add(new NotMet(choice.Wish.Light, ProposingWords.FormatNotAllTheLight(Format.Percent(line.Option.Share), line.Option.At)));
            }
            done();
        }
        now = now.Finished(rig, trade, cancellation);
        var assessment = now.Assessed.Assessment;
        return new Draft(
            now.Rig, InOrder(lines, line => line.Wish.Light), InOrder(left, wish => wish.Light), assessment, trade.Cost(now.Assessed).Beyond(costBefore), NewCovers(now.Assessed.Whole), Outputs.Free(now.Rig),
            Math.Max(0, assessment.Tally.Watch - before.Assessed.Assessment.Tally.Watch));

        DraftLine? Line(Choice choice, LightOption first)
        {
            var why = "";
            foreach (var option in choice.Others.Where(other => !other.Mounts().Any(used.Contains)).Take(MostOthers).Prepend(first))
            {
                if (Moving.Of(now.Rig, option, used) is not { } moves)
                {
                    why = ProposingWords.FormatWhatIsThereHasNowhereToGo(option.At);
                    continue;
                }
                foreach (var (start, byKit) in Starts(choice.Wish, option))
                {
                    var planned = new PlannedLight(choice.Wish.Light, option.Mount, option.Lamp.Fixture.Id, option.Count, start)
                    {
                        Bracket = option.Lamp.Fixture.Bracket?.Name,
                        ByAdaptor = !Conditions.MayCut(rig.Wishes),
                        Kit = byKit,
                        Moves = moves,
                    };
                    if (now.With(planned, trade, cancellation) is not { } next) continue;
                    if (rig.Wishes.CoversStay.Count > 0 && Conditions.ToStay(rig.Wishes, NewCovers(next.Building.Assessed.Whole)) is { Count: > 0 } covers)
                    {
                        why = ProposingWords.FormatACoverWouldHaveToComeOff(Format.And(covers), option.At);
                        continue;
                    }
                    if (next.Building.Stops > now.Stops)
                    {
                        if (why.Length == 0) why = FirstStop(next.Building.Assessed);
                        continue;
                    }
                    now = next.Building;
                    if (byKit is not null) kit = null;
                    used.UnionWith(option.Mounts());
                    used.UnionWith(moves.Select(move => move.To));
                    return new DraftLine(choice.Wish, option, planned, next.Line.LineId, next.Line.Notes);
                }
            }
            left.Add(new NotMet(choice.Wish.Light, why.Length > 0 ? why : NoFeed(choice.Wish)));
            return null;
        }

        // A harness that is at hand stands in for one that would be made.
        IEnumerable<(string Start, string? Kit)> Starts(Wish wish, LightOption option) =>
        [
            .. kit is null ? [] : FeedChoice.Starts(now.Rig, wish, option.Watts, FeedSchool.OwnHarnesses).Select(start => (start, (string?)kit)),
            .. FeedChoice.Starts(now.Rig, wish, option.Watts, school).Select(start => (start, (string?)null)),
        ];
    }

    private string NoFeed(Wish wish) => !rig.Wishes.FactorySwitchesOnly ? ProposingWords.NoStartSuits
        : rig.Vehicle.AuxOutputs.Count == 0 ? ProposingWords.NoFactoryOutputs
        : wish.Worked == WorkedHow.ByPanel ? ProposingWords.APanelIsASwitchOfOurs
        : ProposingWords.NoFactoryOutputIsLeft;

    private string FirstStop(AssessedRig assessed)
    {
        var known = before.Assessed.Assessment.Lines.SelectMany(line => line.Checks).Concat(before.Assessed.Assessment.Checks).Where(check => check.Verdict == Verdict.Stop).Select(check => (check.Id, check.About)).ToHashSet();
        var stop = assessed.Assessment.Lines.SelectMany(line => line.Checks).Concat(assessed.Assessment.Checks).FirstOrDefault(check => check.Verdict == Verdict.Stop && !known.Contains((check.Id, check.About)));
        return stop is null ? ProposingWords.NoStartSuits : ProposingWords.FormatACheckStopsIt(stop.Title, stop.Reason);
    }

    private IReadOnlyList<string> NewCovers(WholeRig whole) => [.. CoversOff(whole).Except(offBefore, StringComparer.OrdinalIgnoreCase)];

    private static IReadOnlyList<string> CoversOff(WholeRig whole) =>
        [.. ComesOff.Of(whole.Wired, whole.Routed, PartNames.Of(whole.Wired)).Where(cover => !cover.LoosenOnly).Select(cover => cover.What)];

    private IReadOnlyList<T> InOrder<T>(IEnumerable<T> all, Func<T, LightWanted> light)
    {
        var order = rig.Wishes.Lights.Select(wish => wish.Light).ToList();
        return [.. all.OrderBy(one => order.IndexOf(light(one)))];
    }
}
