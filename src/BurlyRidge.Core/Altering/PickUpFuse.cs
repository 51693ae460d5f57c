using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Altering;

/// <summary>A small fuse right behind the place where a signal of the vehicle is taken.</summary>
public static class PickUpFuse
{
    private const double BehindMetres = 0.15;

    /// <summary>Wires that leave a pick-up and are behind no fuse of ours yet; none where the joint is no pick-up.</summary>
    /// <param name="joint">Id of the joint.</param>
    public static IReadOnlyList<Run> Unfused(Rig rig, string joint) => rig.Joints.All(other => other.Id != joint || other.PickUp is null) ? [] :
        [.. rig.Runs.Where(run => Parts(run).Contains(joint) && !Parts(run).Any(part => VehicleSignal.Names.Contains(part) || rig.Protection.Any(device => device.Id == part)))];

    /// <summary>Puts one before all of them.</summary>
    public static Rig At(Rig rig, string joint) => Before(rig, Unfused(rig, joint), end => TerminalIndex.Split(end).Part == joint, $"{joint}-fuse", rig.Places.FirstOrDefault(place => place.Part == joint)?.At);

    private static IEnumerable<string> Parts(Run run) => run.Ends().Select(end => TerminalIndex.Split(end).Part);

    /// <summary>Puts one before <paramref name="behind"/>, which leave the same place.</summary>
    /// <param name="behind">Wires that leave the place, at least one.</param>
    /// <param name="isThere">Whether an end of a wire is at the place.</param>
    /// <param name="name">What the id of the fuse begins with.</param>
    /// <param name="at">Where the fuse sits; null: not specified.</param>
    public static Rig Before(Rig rig, IReadOnlyList<Run> behind, Func<string, bool> isThere, string name, string? at)
    {
        var fuse = FreeName.In(rig, name);
        var first = behind[0].Ends().First(isThere);
        string Moved(string end) => isThere(end) ? $"{fuse}.out" : end;
        var moved = behind.Select(run => run.Id).ToHashSet(StringComparer.Ordinal);
        return rig with
        {
            Protection = [.. rig.Protection, new ProtectiveDevice(fuse, FuseTable.AtLeast(SizeChoice.SmallestFuseAmps(rig.Vehicle.SystemVolts)), behind[0].Zones[0])],
            Runs =
            [
                .. rig.Runs.Select(run => moved.Contains(run.Id) ? Cut(run with { From = Moved(run.From), To = Moved(run.To) }, isThere(run.From), isThere(run.To)) : run),
                behind[0] with { Id = FreeName.In(rig, $"to-{fuse}"), From = first, To = $"{fuse}.in", LengthMetres = BehindMetres, Zones = [behind[0].Zones[0]], Lay = null, LaneCelsius = null, Fixed = false, Given = false, Kit = null },
            ],
            Places = at is null ? rig.Places : [.. rig.Places, new Place(fuse, at)],
        };
    }

    /// <summary>A lead of a bought harness loses its terminal there.</summary>
    private static Run Cut(Run run, bool from, bool to) => run.Kit is { } kit ? run with { Kit = kit with { CutFrom = kit.CutFrom || from, CutTo = kit.CutTo || to } } : run;
}
