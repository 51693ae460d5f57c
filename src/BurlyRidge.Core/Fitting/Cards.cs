using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>The fit cards of a rig: what is placed against where it is placed.</summary>
public static class Cards
{
    /// <summary>One for each mount that a lamp of known size is placed on, left to right as they are named.</summary>
    public static IReadOnlyList<FitCard> OfMounts(Rig rig)
    {
        var lamps = rig.Fixtures.Select(MountedLamp.Of).OfType<MountedLamp>().ToDictionary(lamp => lamp.Id, StringComparer.Ordinal);
        var placed = rig.Places.Where(place => lamps.ContainsKey(place.Part)).ToLookup(place => place.At, place => lamps[place.Part], StringComparer.Ordinal);
        return [.. (rig.Body?.Mounts ?? []).Where(mount => placed.Contains(mount.Id)).Select(mount => LampFit.Of(mount, [.. placed[mount.Id]], rig.HouseRules.Units))];
    }

    /// <summary>One for each part of known size that is placed in a space, and one for all that share one.</summary>
    public static IReadOnlyList<FitCard> OfSpaces(Rig rig)
    {
        var parts = rig.PartBodies.ToDictionary(part => part.Part, StringComparer.Ordinal);
        var units = rig.HouseRules.Units;
        return
        [
            .. from space in rig.Body?.Spaces ?? []
               let own = rig.Places.Where(place => place.At == space.Id && parts.ContainsKey(place.Part)).Select(place => parts[place.Part]).ToList()
               from card in own.Select(part => PartFit.Of(space, part, units)).Concat(own.Count > 1 ? [PartFit.Together(space, own, units)] : [])
               select card,
        ];
    }
}
