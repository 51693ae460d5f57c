using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>What a wish gets.</summary>
/// <param name="Option">Null: nothing.</param>
/// <param name="WhyNone">Why it gets nothing; empty where it does.</param>
/// <param name="Others">What else it could have on mounts of its own, the best first.</param>
public sealed record Choice(Wish Wish, LightOption? Option, string WhyNone, IReadOnlyList<LightOption> Others);

/// <summary>Lamps and places for all wishes together.</summary>
public static class Choosing
{
    /// <summary>
    /// The choice with the most points in which no mount is used twice and the lamps cost no more than <paramref name="budget"/>; of two
    /// that are as good the one whose options come first. Found by branch and bound over the options that no other on the same mount beats.
    /// </summary>
    /// <param name="found">The options of each wish, in the order of the wishes.</param>
    /// <exception cref="OperationCanceledException"/>
    public static IReadOnlyList<Choice> Of(IReadOnlyList<(Wish Wish, LightOptions Options)> found, Scale scale, double? budget, CancellationToken cancellation = default)
    {
        var best = found.Select(one => one.Options.All.Select(option => (Option: option, Points: scale.Points(option))).Where(pair => pair.Points > 0)
            .GroupBy(pair => pair.Option.Mount).SelectMany(here => Unbeaten(here, budget is null)).OrderByDescending(pair => pair.Points).ToList()).ToList();
        // The most that the wishes from one on could still bring.
        var rest = new double[best.Count + 1];
        for (var i = best.Count - 1; i >= 0; i--) rest[i] = rest[i + 1] + best[i].Select(pair => pair.Points).DefaultIfEmpty(0).Max();

        var now = new LightOption?[best.Count];
        var (most, taken) = (-1.0, new LightOption?[best.Count]);
        var used = new HashSet<string>(StringComparer.Ordinal);
        Look(0, 0, 0);
        return [.. found.Select((one, i) => new Choice(one.Wish, taken[i], taken[i] is null ? WhyNone(i) : "", [.. best[i].Select(pair => pair.Option).Where(option => option != taken[i])]))];

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
                if (option.Mounts().Any(used.Contains) || price + option.Price > budget) continue;
                used.UnionWith(option.Mounts());
                now[at] = option;
                Look(at + 1, points + worth, price + option.Price);
                used.ExceptWith(option.Mounts());
            }
            now[at] = null;
            Look(at + 1, points, price);
        }

        string WhyNone(int i) =>
            found[i].Options.All.Count == 0 ? found[i].Options.WhyNone
            : best[i].Count == 0 ? ProposingWords.TooLittleForWhatItTakes
            : budget is { } money && best[i].All(pair => pair.Option.Price > money - taken.OfType<LightOption>().Sum(option => option.Price)) ? ProposingWords.TheBudgetDoesNotReach
            : ProposingWords.FormatAnotherLightHasItsPlace(Format.Or(best[i].Select(pair => pair.Option.At).Distinct()));
    }

    /// <summary>Those on one mount that are worth more than every one that costs no more; without a budget the best alone.</summary>
    private static IEnumerable<(LightOption Option, double Points)> Unbeaten(IEnumerable<(LightOption Option, double Points)> here, bool bestAlone)
    {
        if (bestAlone) return here.OrderByDescending(pair => pair.Points).Take(1);
        var (most, kept) = (0.0, new List<(LightOption, double)>());
        foreach (var pair in here.OrderBy(pair => pair.Option.Price).ThenByDescending(pair => pair.Points))
        {
            if (pair.Points <= most) continue;
            most = pair.Points;
            kept.Add(pair);
        }
        return kept;
    }
}
