using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>The fit cards of a rig: what is placed against where it is placed.</summary>
public static class Cards
{
    /// <summary>One for each mount that a lamp of known size is placed on, left to right as they are named.</summary>
    public static IReadOnlyList<FitCard> OfMounts(Rig rig)
    {
        var lamps = rig.Fixtures.Where(fixture => (fixture.Measured ?? fixture.Body) is not null).ToDictionary(fixture => fixture.Id, fixture => (fixture.Measured ?? fixture.Body)!, StringComparer.Ordinal);
        var placed = rig.Places.Where(place => lamps.ContainsKey(place.Part)).ToLookup(place => place.At, place => (place.Part, lamps[place.Part]), StringComparer.Ordinal);
        return [.. (rig.Body?.Mounts ?? []).Where(mount => placed.Contains(mount.Id)).Select(mount => LampFit.Of(mount, [.. placed[mount.Id]], rig.HouseRules.Units))];
    }

    /// <summary>One for each part of known size that is placed in a space.</summary>
    public static IReadOnlyList<FitCard> OfSpaces(Rig rig)
    {
        var parts = rig.PartBodies.ToDictionary(part => part.Part, StringComparer.Ordinal);
        return
        [
            .. from place in rig.Places
               let space = rig.Body?.Spaces.FirstOrDefault(space => space.Id == place.At)
               where space is not null && parts.ContainsKey(place.Part)
               select PartFit.Of(space, parts[place.Part], rig.HouseRules.Units),
        ];
    }
}
