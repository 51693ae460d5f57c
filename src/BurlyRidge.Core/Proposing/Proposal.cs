using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>A wish that a plan meets.</summary>
/// <param name="Planned">What was decided.</param>
/// <param name="Name">What the line is called.</param>
/// <param name="Lamp">What the lamp is called.</param>
/// <param name="Bracket">What stands between lamp and mount; empty: nothing.</param>
/// <param name="At">What the place is called.</param>
/// <param name="Feed">What the start is called.</param>
/// <param name="Wire">The wire that carries the lamps' current, and what protects it.</param>
/// <param name="Why">Why this lamp, this mount, this feed, a sentence or two each.</param>
/// <param name="Notes">What was put in, a sentence each.</param>
public sealed record ProposedLine(PlannedLight Planned, string Name, string Lamp, string Bracket, string At, string Feed, string Wire, ProposedWhy Why, IReadOnlyList<string> Notes);

/// <summary>Why a line is as it is.</summary>
public sealed record ProposedWhy(string Lamp, string Mount, string Feed);

/// <summary>What a wish does not get.</summary>
/// <param name="Why">With what would have to give.</param>
public sealed record NotMet(LightWanted Light, string Why);

/// <summary>A whole plan for what is wanted.</summary>
/// <param name="Aims">What it is the best for; the first is what it was made for.</param>
/// <param name="Rig">With the plan in it; what was there stays.</param>
/// <param name="NotMet">Wishes that get nothing, or less than was wanted.</param>
/// <param name="Price">What it adds, with labour and tax, in the workshop's money.</param>
/// <param name="Parts">Pieces that it adds, wire apart.</param>
/// <param name="Lumens">Light of the lamps that it adds, lm.</param>
/// <param name="Watts">What they draw, W.</param>
/// <param name="Holes">That are drilled.</param>
/// <param name="CoversOff">That come off and did not before.</param>
/// <param name="FreeOutputs">Outputs of boxes and of the vehicle that nothing hangs on then.</param>
/// <param name="Tally">How the checks of the whole rig come out.</param>
public sealed record Proposal(
    IReadOnlyList<ProposalAim> Aims, Rig Rig, IReadOnlyList<ProposedLine> Lines, IReadOnlyList<NotMet> NotMet, double Price, int Parts, double Lumens, double Watts, int Holes, IReadOnlyList<string> CoversOff, int FreeOutputs, Tally Tally)
{
    /// <summary>How many of parts, lumens and free outputs are other than another's.</summary>
    public int DiffersIn(Proposal other) => (Parts != other.Parts ? 1 : 0) + (Math.Abs(Lumens - other.Lumens) >= 1 ? 1 : 0) + (FreeOutputs != other.FreeOutputs ? 1 : 0);
}

/// <summary>Plans for what is wanted.</summary>
/// <param name="All">One to three, few parts first; none where nothing is wanted.</param>
/// <param name="Standing">Wishes that a line of the rig answers already: they are left as they are.</param>
public sealed record ProposalSet(IReadOnlyList<Proposal> All, IReadOnlyList<LightWanted> Standing)
{
    /// <summary>Why a kit at hand is in none of them; empty where it is, or none is at hand.</summary>
    public string KitUnused { get; init; } = "";

    /// <summary>Two plans have to differ in so many of parts, lumens and free outputs to stand beside each other.</summary>
    public const int LeastDifference = 2;

    /// <summary>
    /// Plans what the rig's wishes ask for: the same answer for the same question. Lamps and mounts are searched for each aim, every one of
    /// them is fed by each school, and each aim takes the one that has the most points by its scale.
    /// </summary>
    /// <param name="rig">A valid rig with its wishes.</param>
    /// <param name="trade">What there is to plan with.</param>
    /// <param name="progress">Is told how far it is, from 0 to 1; on any thread.</param>
    /// <param name="cancellation">Ends the work early.</param>
    /// <exception cref="OperationCanceledException"/>
    public static ProposalSet Of(Rig rig, Trade trade, Action<double>? progress = null, CancellationToken cancellation = default)
    {
        var standing = rig.Wishes.Lights.Select(wish => wish.Light).Where(light => rig.Lines.Any(line => line.Answers.Contains(light))).ToList();
        var open = rig.Wishes.Lights.Where(wish => !standing.Contains(wish.Light)).ToList();
        if (open.Count == 0) return new ProposalSet([], standing);
        var found = open.Select(wish => (wish, LightOptions.Of(rig, wish, trade.Lamps))).ToList();
        // Aims that want the same lamps on the same mounts, and schools that feed them alike, are drafted once.
        var wanted = (from aim in Aims let scale = Scale.Of(aim, rig.Wishes.Weights, rig.Vehicle) select (scale, choices: Choosing.Of(found, scale, null, cancellation))).DistinctBy(one => Key(one.choices)).ToList();
        var schools = FeedChoice.Schools(rig);
        var drafting = new Drafting(Building.On(rig, trade, cancellation), trade, cancellation);
        var (done, all) = (0, wanted.Count * schools.Count * open.Count);
        void Done() => progress?.Invoke(Math.Min(1, (double)Interlocked.Increment(ref done) / all));
        var drafts = (from one in wanted from school in schools select (one.scale, one.choices, school)).AsParallel().AsOrdered().WithCancellation(cancellation)
            .Select(way => Within(rig, found, way.choices, way.scale, way.school, drafting, Done, cancellation)).ToList().DistinctBy(draft => draft.Key).ToList();
        var taken = Taken([.. drafts.Select(draft => (draft, Presenting.Of(draft, rig)))], rig);
        var kit = trade.Kits.FirstOrDefault(other => other.Id == rig.Wishes.KitAtHand);
        return new ProposalSet(taken, standing) { KitUnused = kit is null || taken.Any(proposal => proposal.Lines.Any(line => line.Planned.Kit is not null)) ? "" : ProposingWords.FormatTheKitServesNone(kit.Name) };
    }

    /// <summary>
    /// The best of each aim. A light less is no answer to any, and a kit at hand is used where that takes none away. What an earlier one does
    /// as well or better by the aim's own measure serves both; of one alone another way is shown beside it.
    /// </summary>
    private static List<Proposal> Taken(IReadOnlyList<(Draft Draft, Proposal Said)> drafts, Rig rig)
    {
        var taken = new List<Proposal>();
        foreach (var aim in Aims)
        {
            var ranked = Ranked(drafts, aim, rig);
            if (taken.MaxBy(other => Measure(aim, other)) is { } most && Measure(aim, most) >= Measure(aim, ranked[0])) taken[taken.IndexOf(most)] = most with { Aims = [.. most.Aims, aim] };
            else if (ranked.FirstOrDefault(proposal => taken.All(other => proposal.DiffersIn(other) >= LeastDifference && Measure(aim, proposal) > Measure(aim, other))) is { } best) taken.Add(best);
        }
        if (taken.Count == 1 && Ranked(drafts, ProposalAim.AnotherWay, rig).FirstOrDefault(proposal => proposal.DiffersIn(taken[0]) >= LeastDifference) is { } another) taken.Add(another);
        return taken;
    }

    private static readonly ProposalAim[] Aims = [ProposalAim.FewParts, ProposalAim.MostLight, ProposalAim.EasyToExtend];

    private static string Key(IReadOnlyList<Choice> choices) => string.Join(';', choices.Select(choice => choice.Option is { } option ? $"{option.Mount} {option.Lamp.Fixture.Id} {option.Count} {option.Lamp.Fixture.Bracket?.Name}" : ""));

    private static List<Proposal> Ranked(IReadOnlyList<(Draft Draft, Proposal Said)> drafts, ProposalAim aim, Rig rig)
    {
        var scale = Scale.Of(aim, rig.Wishes.Weights, rig.Vehicle);
        return
        [
            .. drafts.OrderByDescending(one => one.Draft.Lines.Count).ThenByDescending(one => one.Draft.UsesKit).ThenBy(one => aim != ProposalAim.EasyToExtend && one.Draft.BoxForLittle(rig))
                .ThenByDescending(one => scale.Points(one.Draft, rig.Wishes.Later.Count)).Select(one => one.Said with { Aims = [aim] }),
        ];
    }

    private static double Measure(ProposalAim aim, Proposal proposal) => aim switch
    {
        ProposalAim.FewParts => -proposal.Parts,
        ProposalAim.MostLight => proposal.Lumens,
        _ => proposal.FreeOutputs,
    };

    /// <summary>
    /// A draft that keeps the budget: with cheaper lamps, and where that does not do, without the least important wishes. What a line comes
    /// to is taken as its lamps and its share of all the rest, and then held against what the bench says.
    /// </summary>
    private static Draft Within(
        Rig rig, IReadOnlyList<(Wish Wish, LightOptions Options)> found, IReadOnlyList<Choice> choices, Scale scale, FeedSchool school, Drafting drafting, Action done, CancellationToken cancellation)
    {
        var full = drafting.Of(choices, school, done);
        if (rig.Wishes.Budget is not { } most || full.Cost.Price <= most) return full;
        var (kept, draft) = (found.ToList(), full);
        double Lamps(Draft one) => one.Lines.Sum(line => line.Option.Price);
        var cheaper = drafting.Of(Choosing.Of(kept, scale, Math.Max(0, Lamps(full) - (full.Cost.Price - most)), cancellation), school, () => { });
        if (cheaper.Lines.Count == full.Lines.Count) draft = cheaper;
        while (draft.Cost.Price > most && kept.Count > 0)
        {
            var rest = (draft.Cost.Price - Lamps(draft)) / Math.Max(1, draft.Lines.Count);
            var over = draft.Cost.Price - most;
            do
            {
                over -= rest + (draft.Lines.FirstOrDefault(line => line.Wish == kept[^1].Wish)?.Option.Price ?? -rest);
                kept.RemoveAt(kept.Count - 1);
            }
            while (over > 0 && kept.Count > 0);
            draft = drafting.Of(Choosing.Of(kept, scale, most, cancellation), school, () => { });
        }
        var why = ProposingWords.FormatTheBudgetDoesNotReachFor(Presenting.Money(rig, most), Presenting.Money(rig, full.Cost.Price));
        var open = found.Select(one => one.Wish).Except(draft.Lines.Select(line => line.Wish)).ToList();
        return draft with
        {
            NotMet =
            [
                .. draft.NotMet.Where(wish => draft.Lines.Any(line => line.Wish.Light == wish.Light)),
                .. open.Select(wish => full.Lines.Any(line => line.Wish == wish) ? new NotMet(wish.Light, why) : full.NotMet.First(other => other.Light == wish.Light)),
            ],
        };
    }
}
