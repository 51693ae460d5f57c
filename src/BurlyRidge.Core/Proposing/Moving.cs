using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Proposing;

/// <summary>Makes room for a light where lamps stand that may go somewhere else.</summary>
internal static class Moving
{
    /// <summary>Where each of them goes, the first mount that looks the same way, is free and takes it; null where one has nowhere to go.</summary>
    /// <param name="used">Mounts that other lights of the plan take.</param>
    public static IReadOnlyList<LampMove>? Of(Rig rig, LightOption option, IReadOnlySet<string> used)
    {
        if (option.Moves.Count == 0 || rig.Body is not { } body) return [];
        var (moves, taken) = (new List<LampMove>(), rig.Places.Select(place => place.At).Concat(used).Concat(option.Mounts()).ToHashSet(StringComparer.Ordinal));
        foreach (var id in option.Moves)
        {
            var lamp = rig.Fixtures.First(fixture => fixture.Id == id);
            var from = body.Mounts.First(mount => mount.Id == rig.Places.First(place => place.Part == id).At);
            var way = PlacedLamp.Looks(body, from);
            var to = body.Mounts.FirstOrDefault(mount => !taken.Contains(mount.Id) && PlacedLamp.Looks(body, mount) == way
                && (MountedLamp.Of(lamp) is not { } mounted || LampFit.Of(mount, mounted, rig.HouseRules.Units).Verdict != Verdict.Stop));
            if (to is null) return null;
            moves.Add(new LampMove(id, to.Id));
            taken.Add(to.Id);
        }
        return moves;
    }
}
