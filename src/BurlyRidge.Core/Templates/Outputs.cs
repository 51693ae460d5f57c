using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Templates;

/// <summary>Outputs that nothing hangs on yet.</summary>
internal static class Outputs
{
    /// <summary>Free outputs of power boxes worked by a slot that carry <paramref name="amps"/>, the smallest first.</summary>
    public static IReadOnlyList<string> OfBoxes(Rig rig, double amps) =>
    [
        .. rig.PowerBoxes.SelectMany(box => box.Outputs.Where(output => output.WorkedBy == WorkedBy.Slot && Free(rig, $"{box.Id}.{output.Id}") && Carries(rig, output.RatingAmps, amps))
                .Select(output => (Id: $"{box.Id}.{output.Id}", output.RatingAmps, Slot: output.Slot ?? int.MaxValue)))
            .OrderBy(output => output.RatingAmps).ThenBy(output => output.Slot).Select(output => output.Id),
    ];

    /// <summary>Free outputs of the vehicle's own that carry <paramref name="amps"/>, the smallest first.</summary>
    public static IReadOnlyList<string> OfVehicle(Rig rig, double amps) =>
    [
        .. rig.Vehicle.AuxOutputs.Where(output => Free(rig, $"{output.Id}.out") && Carries(rig, output.RatingAmps, amps))
            .OrderBy(output => output.RatingAmps).ThenBy(output => output.Id, StringComparer.Ordinal).Select(output => output.Id),
    ];

    /// <summary>How many outputs nothing hangs on, of boxes of either kind and of the vehicle.</summary>
    public static int Free(Rig rig) =>
        OfVehicle(rig, 0).Count + rig.PowerBoxes.Sum(box => box.Outputs.Count(output => Free(rig, $"{box.Id}.{output.Id}")));

    /// <summary>Whether a box has one that is worked so and that nothing hangs on.</summary>
    public static bool AnyFree(Rig rig, WorkedBy worked) =>
        rig.PowerBoxes.Any(box => box.Outputs.Any(output => output.WorkedBy == worked && Free(rig, $"{box.Id}.{output.Id}")));

    private static bool Free(Rig rig, string terminal) => !rig.Runs.Any(run => run.From == terminal || run.To == terminal);

    private static bool Carries(Rig rig, double rating, double amps) => Limits.AtLeast(rig.HouseRules.FuseLoadFraction * rating, amps);
}
