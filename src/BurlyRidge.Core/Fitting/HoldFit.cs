using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Does the mount hold the lamp in one of the ways that the lamp can be held?</summary>
internal static class HoldFit
{
    /// <summary>The lamp on its mount; with a bracket between, the lamp on the bracket and the bracket on the mount.</summary>
    public static IEnumerable<FitFinding> Of(Mount mount, MountedLamp lamp, UnitSystem units)
    {
        if (lamp.Bracket is not { } bracket) return [Of("hold", VehicleWords.HowItIsHeld, VehicleWords.It, VehicleWords.ThisPlace, VehicleWords.TheMount, lamp.Body.Holds, mount.Holds, VehicleWords.HowThisLampIsHeld, units)];
        return
        [
            Of("hold", VehicleWords.HowItsBracketHoldsIt, VehicleWords.It, $"{bracket.Name}", bracket.Name, lamp.Body.Holds, bracket.Takes, VehicleWords.HowThisLampIsHeld, units),
            Of("bracket", VehicleWords.HowItsBracketIsHeld, bracket.Name, VehicleWords.ThisPlace, VehicleWords.TheMount, bracket.GoesOn, mount.Holds, VehicleWords.FormatHowIsHeldIsNot(bracket.Name), units),
        ];
    }

    private static FitFinding Of(string id, string title, string it, string place, string giver, IReadOnlyList<Holder> owned, IReadOnlyList<Holder> given, string unsaid, UnitSystem units)
    {
        var pairs = (from hold in owned from taken in given where hold.Kind == taken.Kind select (Own: hold, There: taken)).ToList();
        var best = pairs.OrderBy(pair => Miss(pair.Own, pair.There)).FirstOrDefault();
        if (best.Own is null)
        {
            var ways = Format.Or(given.Select(hold => Name(hold.Kind)).Distinct());
            return new FitFinding(id, title, Verdict.Stop, 0, 1, "-",
                owned.Count == 0 ? unsaid : VehicleWords.FormatHasTakes(it, Format.And(owned.Select(hold => Name(hold.Kind)).Distinct()), place, ways.Length == 0 ? VehicleWords.NothingYet : ways),
                ways.Length == 0 ? VehicleWords.FormatSayHowHolds(giver) : VehicleWords.FormatTheVersionWith(ways));
        }
        var (own, there) = best;
        var miss = Miss(own, there);
        var what = own.Kind switch
        {
            HolderKind.Ears => VehicleWords.GapBetweenTheEars,
            HolderKind.Feet => VehicleWords.SpacingOfTheFeet,
            HolderKind.Stud => VehicleWords.Stud,
            HolderKind.Clamp => VehicleWords.Bar,
            _ => VehicleWords.Collar,
        };
        var reason = VehicleWords.FormatTakesGives(Format.Capital(what), it == VehicleWords.It ? VehicleWords.TheLamp : it, Range(own, units), giver, Range(there, units));
        return miss <= 0
            ? new FitFinding(id, title, Verdict.Holds, 0, 0, "mm", $"{reason}.")
            : new FitFinding(id, title, Verdict.Stop, miss, 0, "mm", VehicleWords.FormatShort(reason, Format.Millimetres(miss, units)),
                own.Kind == HolderKind.Feet
                    ? own.FromMillimetres > there.ToMillimetres ? VehicleWords.FormatASecondHoleFurtherOut(Format.Millimetres(miss, units)) : VehicleWords.FormatASecondHoleFurtherIn(Format.Millimetres(miss, units))
                    : VehicleWords.FormatOneFor(Range(there, units)));
    }

    /// <summary>By how much two ranges miss each other, mm; nothing where they meet.</summary>
    private static double Miss(Holder own, Holder there) =>
        Math.Max(0, Math.Max(own.FromMillimetres - there.ToMillimetres, there.FromMillimetres - own.ToMillimetres));

    private static string Range(Holder hold, UnitSystem units) => hold.FromMillimetres == hold.ToMillimetres
        ? Format.Millimetres(hold.FromMillimetres, units)
        : VehicleWords.FormatTo(Format.Millimetres(hold.FromMillimetres, units), Format.Millimetres(hold.ToMillimetres, units));

    private static string Name(HolderKind kind) => kind switch
    {
        HolderKind.Ears => VehicleWords.Ears,
        HolderKind.Feet => VehicleWords.Feet,
        HolderKind.Stud => VehicleWords.AStud,
        HolderKind.Clamp => VehicleWords.Clamps,
        _ => VehicleWords.AReceiverCollar,
    };
}
