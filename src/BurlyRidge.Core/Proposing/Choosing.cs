using System.Globalization;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>What a wish gets.</summary>
/// <param name="Option">Null: nothing.</param>
/// <param name="Why">Why it gets nothing, or not all that was wanted; empty where it does.</param>
public sealed record Choice(Wish Wish, LightOption? Option, string Why);

/// <summary>Lamps and places for all wishes together.</summary>
public static class Choosing
{
    /// <summary>
    /// The choice with the most points in which no mount is used twice, the covers that are to stay do, and the budget is kept; of two
    /// that are as good the one whose options come first. Found by branch and bound over the options that no other on the same mount beats.
    /// </summary>
    /// <exception cref="OperationCanceledException"/>
    public static IReadOnlyList<Choice> Of(Rig rig, Wishes wishes, IReadOnlyList<CatalogueLamp> catalogue, Weights weights, CancellationToken cancellation = default)
    {
        var mounts = (rig.Body?.Mounts ?? []).ToDictionary(mount => mount.Id, StringComparer.Ordinal);
        IReadOnlyList<string> Covers(LightOption option) =>
            [.. mounts[option.Mount].Covers.Concat(option.Other is { } other ? mounts[other].Covers : []).Select(cover => cover.What).Distinct(StringComparer.OrdinalIgnoreCase)];
        var found = wishes.Lights.Select(wish => LightOptions.Of(rig, wish, catalogue)).ToList();
        var kept = found.Select(options => options.All.Where(option => !Covers(option).Intersect(wishes.CoversStay, StringComparer.OrdinalIgnoreCase).Any()).ToList()).ToList();
        var best = kept.Select(options => options.Select(option => (Option: option, Points: weights.Points(option, Covers(option).Count)))
            .Where(pair => pair.Points > 0).GroupBy(pair => pair.Option.Mount).SelectMany(Unbeaten).OrderByDescending(pair => pair.Points).ToList()).ToList();
        // The most that the wishes from one on could still bring.
        var rest = new double[best.Count + 1];
        for (var i = best.Count - 1; i >= 0; i--) rest[i] = rest[i + 1] + best[i].Select(pair => pair.Points).DefaultIfEmpty(0).Max();

        var now = new LightOption?[best.Count];
        var (most, taken) = (-1.0, new LightOption?[best.Count]);
        var used = new HashSet<string>(StringComparer.Ordinal);
        Look(0, 0, 0);
        return [.. wishes.Lights.Select((wish, i) => new Choice(wish, taken[i], Why(i)))];

        void Look(int at, double points, double price)
        {
            cancellation.ThrowIfCancellationRequested();
            if (points + rest[at] <= most) return;
            if (at == best.Count)
            {
                most = points;
                now.CopyTo(taken, 0);
                return;
            }
            foreach (var (option, worth) in best[at])
            {
                if (used.Contains(option.Mount) || (option.Other is { } pair && used.Contains(pair)) || price + option.Price > wishes.Budget) continue;
                used.Add(option.Mount);
                if (option.Other is { } other) used.Add(other);
                now[at] = option;
                Look(at + 1, points + worth, price + option.Price);
                used.Remove(option.Mount);
                if (option.Other is { } also) used.Remove(also);
            }
            now[at] = null;
            Look(at + 1, points, price);
        }

        double? Left() => wishes.Budget - taken.OfType<LightOption>().Sum(option => option.Price);

        string Money(double amount) => string.Create(CultureInfo.InvariantCulture, $"{rig.HouseRules.Currency} {amount:0}");

        string Why(int i) =>
            taken[i] is { } option ? option.Share >= 1 ? "" : ProposingWords.FormatNotAllTheLight(Format.Percent(option.Share))
            : found[i].All.Count == 0 ? found[i].WhyNone
            : kept[i].Count == 0 ? ProposingWords.FormatACoverWouldHaveToComeOff(Format.And(found[i].All.SelectMany(Covers).Intersect(wishes.CoversStay, StringComparer.OrdinalIgnoreCase).Distinct()))
            : best[i].Count == 0 ? ProposingWords.TooLittleForWhatItTakes
            : Left() is { } left && best[i].All(pair => pair.Option.Price > left) ? ProposingWords.FormatTheBudgetDoesNotReach(Money(best[i].Min(pair => pair.Option.Price)), Money(left))
            : ProposingWords.AnotherLightHasItsPlace;
    }

    /// <summary>Those on one mount that are worth more than every one that costs no more.</summary>
    private static IEnumerable<(LightOption Option, double Points)> Unbeaten(IEnumerable<(LightOption Option, double Points)> here)
    {
        var most = 0.0;
        foreach (var pair in here.OrderBy(pair => pair.Option.Price).ThenByDescending(pair => pair.Points))
        {
            if (pair.Points <= most) continue;
            most = pair.Points;
            yield return pair;
        }
    }
}
