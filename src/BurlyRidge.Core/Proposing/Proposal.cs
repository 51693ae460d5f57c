using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Proposing;

/// <summary>A wish that was met.</summary>
/// <param name="Template">The start that it was made from.</param>
/// <param name="LineId">The line in the proposed rig.</param>
/// <param name="Notes">What was put in and why, a sentence each.</param>
public sealed record ProposedLine(Wish Wish, LightOption Option, string Template, string LineId, IReadOnlyList<string> Notes);

/// <summary>What a wish does not get.</summary>
public sealed record NotMet(Wish Wish, string Why);

/// <summary>A whole plan for what is wanted.</summary>
/// <param name="Rig">With the plan in it; what was there stays.</param>
/// <param name="NotMet">Wishes that get nothing, or less than was wanted, each with why.</param>
/// <param name="Tally">How its checks come out.</param>
public sealed record Proposal(ProposalAim Aim, Rig Rig, IReadOnlyList<ProposedLine> Lines, IReadOnlyList<NotMet> NotMet, Tally Tally)
{
    /// <summary>Of all lamps that it adds, W.</summary>
    public double Watts => Lines.Sum(line => line.Option.Watts);

    /// <summary>Of all lamps that it adds, in the workshop's money.</summary>
    public double Price => Lines.Sum(line => line.Option.Price);

    /// <summary>Plans what is wanted: the same answer for the same question.</summary>
    /// <param name="rig">A valid rig.</param>
    /// <param name="sizes">What is remembered of quick plans; null: nothing.</param>
    /// <exception cref="OperationCanceledException"/>
    public static Proposal Of(Rig rig, Wishes wishes, IReadOnlyList<CatalogueLamp> catalogue, ProposalAim aim, QuickSizes? sizes = null, CancellationToken cancellation = default)
    {
        var (lines, left) = (new List<ProposedLine>(), new List<NotMet>());
        var stopsBefore = Stops(rig, sizes, cancellation);
        foreach (var choice in Choosing.Of(rig, wishes, catalogue, Weights.Of(aim), cancellation))
        {
            if (choice.Why.Length > 0) left.Add(new NotMet(choice.Wish, choice.Why));
            if (choice.Option is not { } option) continue;
            if (Build(choice.Wish, option) is not { } built) left.Add(new NotMet(choice.Wish, ProposingWords.NoStartHoldsForIt));
            else
            {
                rig = built.Rig;
                lines.Add(built.Line);
            }
        }
        return new Proposal(aim, rig, lines, left, AssessedRig.Of(rig, sizes: sizes, cancellation: cancellation).Assessment.Tally);

        // The first start that suits and that no check stops.
        (Rig Rig, ProposedLine Line)? Build(Wish wish, LightOption option)
        {
            var lamp = option.Lamp.Fixture;
            var offered = LineTemplates.For(rig, lamp, option.Count).Where(one => one.WhyNot.Length == 0).Select(one => one.Template.Id).ToHashSet(StringComparer.Ordinal);
            foreach (var start in FeedChoice.Starts(rig, wish, aim, wishes.FactorySwitchesOnly).Where(offered.Contains))
            {
                var built = LineTemplates.Build(rig, new TemplateAnswers(start, NameFor(wish), lamp, option.Count) { At = option.Mount }, sizes, cancellation);
                var used = built.Rig with { Lines = [.. built.Rig.Lines.Select(line => line.Id == built.LineId ? line with { Use = UseOf(wish.Light) } : line)] };
                var stops = Stops(used, sizes, cancellation);
                if (stops > stopsBefore) continue;
                stopsBefore = stops;
                return (used, new ProposedLine(wish, option, start, built.LineId, built.Notes));
            }
            return null;
        }

        string NameFor(Wish wish)
        {
            var name = NameOf(wish.Light);
            return FreeName.Among(rig.Lines.Select(line => line.Name).ToHashSet(StringComparer.OrdinalIgnoreCase), name);
        }
    }

    private static int Stops(Rig rig, QuickSizes? sizes, CancellationToken cancellation) => AssessedRig.Of(rig, sizes: sizes, cancellation: cancellation).Assessment.Tally.Stop;

    private static LineUse UseOf(LightWanted light) => light switch
    {
        LightWanted.FarAhead or LightWanted.WideAhead => LineUse.Forward,
        LightWanted.Verge or LightWanted.Cornering => LineUse.Side,
        LightWanted.BackingUp => LineUse.Rear,
        LightWanted.GrilleMarker => LineUse.Marker,
        LightWanted.Inside => LineUse.Inside,
        _ => LineUse.Work,
    };

    private static string NameOf(LightWanted light) => light switch
    {
        LightWanted.FarAhead => ProposingWords.FarAhead,
        LightWanted.WideAhead => ProposingWords.WideAhead,
        LightWanted.Verge => ProposingWords.Verge,
        LightWanted.Cornering => ProposingWords.Cornering,
        LightWanted.BackingUp => ProposingWords.BackingUp,
        LightWanted.RoundTheBed => ProposingWords.RoundTheBed,
        LightWanted.AtTheHitch => ProposingWords.AtTheHitch,
        LightWanted.LoadingSide => ProposingWords.LoadingSide,
        LightWanted.GrilleMarker => ProposingWords.GrilleMarkers,
        _ => ProposingWords.Inside,
    };
}
