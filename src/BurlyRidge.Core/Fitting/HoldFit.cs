using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Does the mount hold the lamp in one of the ways that the lamp can be held?</summary>
internal static class HoldFit
{
    public static FitFinding Of(Mount mount, LampDimensions body, UnitSystem units)
    {
        var pairs = (from hold in body.Holds from taken in mount.Holds where hold.Kind == taken.Kind select (Own: hold, There: taken)).ToList();
        var best = pairs.OrderBy(pair => Miss(pair.Own, pair.There)).FirstOrDefault();
        if (best.Own is null)
        {
            var ways = string.Join(" or ", mount.Holds.Select(hold => Name(hold.Kind)).Distinct());
            return new FitFinding("hold", "How it is held", Verdict.Stop, 0, 1, "-",
                body.Holds.Count == 0 ? "Nobody said how this lamp is held." : $"It has {string.Join(" and ", body.Holds.Select(hold => Name(hold.Kind)).Distinct())}; this place takes {(ways.Length == 0 ? "nothing yet" : ways)}.",
                ways.Length == 0 ? "Say how the mount holds." : $"The version with {ways}.");
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
        var reason = $"{Format.Capital(what)}: the lamp takes {Range(own, units)}, the mount gives {Range(there, units)}";
        return miss <= 0
            ? new FitFinding("hold", "How it is held", Verdict.Holds, 0, 0, "mm", $"{reason}.")
            : new FitFinding("hold", "How it is held", Verdict.Stop, miss, 0, "mm", $"{reason}: {Format.Millimetres(miss, units)} short.",
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
