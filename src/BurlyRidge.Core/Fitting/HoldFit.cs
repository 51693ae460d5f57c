using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Does the mount hold the lamp in one of the ways that the lamp can be held?</summary>
internal static class HoldFit
{
    /// <summary>The lamp on its mount; with a bracket between, the lamp on the bracket and the bracket on the mount.</summary>
    public static IEnumerable<FitFinding> Of(Mount mount, MountedLamp lamp, UnitSystem units)
    {
        if (lamp.Bracket is not { } bracket) return [Of("hold", "How it is held", "It", "this place", "the mount", lamp.Body.Holds, mount.Holds, "How this lamp is held is not specified.", units)];
        return
        [
            Of("hold", "How its bracket holds it", "It", $"{bracket.Name}", bracket.Name, lamp.Body.Holds, bracket.Takes, "How this lamp is held is not specified.", units),
            Of("bracket", "How its bracket is held", bracket.Name, "this place", "the mount", bracket.GoesOn, mount.Holds, $"How {bracket.Name} is held is not specified.", units),
        ];
    }

    private static FitFinding Of(string id, string title, string it, string place, string giver, IReadOnlyList<Holder> owned, IReadOnlyList<Holder> given, string unsaid, UnitSystem units)
    {
        var pairs = (from hold in owned from taken in given where hold.Kind == taken.Kind select (Own: hold, There: taken)).ToList();
        var best = pairs.OrderBy(pair => Miss(pair.Own, pair.There)).FirstOrDefault();
        if (best.Own is null)
        {
            var ways = string.Join(" or ", given.Select(hold => Name(hold.Kind)).Distinct());
            return new FitFinding(id, title, Verdict.Stop, 0, 1, "-",
                owned.Count == 0 ? unsaid : $"{it} has {string.Join(" and ", owned.Select(hold => Name(hold.Kind)).Distinct())}; {place} takes {(ways.Length == 0 ? "nothing yet" : ways)}.",
                ways.Length == 0 ? $"Say how {giver} holds." : $"The version with {ways}.");
        }
        var (own, there) = best;
        var miss = Miss(own, there);
        var what = own.Kind switch
        {
            HolderKind.Ears => "gap between the ears",
            HolderKind.Feet => "spacing of the feet",
            HolderKind.Stud => "stud",
            HolderKind.Clamp => "bar",
            _ => "collar",
        };
        var reason = $"{Format.Capital(what)}: {(it == "It" ? "the lamp" : it)} takes {Range(own, units)}, {giver} gives {Range(there, units)}";
        return miss <= 0
            ? new FitFinding(id, title, Verdict.Holds, 0, 0, "mm", $"{reason}.")
            : new FitFinding(id, title, Verdict.Stop, miss, 0, "mm", $"{reason}: {Format.Millimetres(miss, units)} short.",
                own.Kind == HolderKind.Feet
                    ? $"A second hole {Format.Millimetres(miss, units)} further {(own.FromMillimetres > there.ToMillimetres ? "out" : "in")}."
                    : $"One for {Range(there, units)}.");
    }

    /// <summary>By how much two ranges miss each other, mm; nothing where they meet.</summary>
    private static double Miss(Holder own, Holder there) =>
        Math.Max(0, Math.Max(own.FromMillimetres - there.ToMillimetres, there.FromMillimetres - own.ToMillimetres));

    private static string Range(Holder hold, UnitSystem units) => hold.FromMillimetres == hold.ToMillimetres
        ? Format.Millimetres(hold.FromMillimetres, units)
        : $"{Format.Millimetres(hold.FromMillimetres, units)} to {Format.Millimetres(hold.ToMillimetres, units)}";

    private static string Name(HolderKind kind) => kind switch
    {
        HolderKind.Ears => "ears",
        HolderKind.Feet => "feet",
        HolderKind.Stud => "a stud",
        HolderKind.Clamp => "clamps",
        _ => "a receiver collar",
    };
}
