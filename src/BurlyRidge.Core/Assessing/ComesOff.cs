using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Assessing;

/// <summary>Something that comes off, once for all that lies behind it.</summary>
/// <param name="For">What it comes off for: wires, mounts, locations and pick-ups by name.</param>
public sealed record ComesOff(string What, int? Fasteners, string FastenerKind, IReadOnlyList<string> Unplugged, bool LoosenOnly, IReadOnlyList<string> For)
{
    /// <summary>The same by id: runs, lines planned in short, mounts, locations and joints.</summary>
    public IReadOnlyList<string> ForIds { get; init; } = [];

    /// <summary>All that comes off of a valid rig, in the order of the alphabet.</summary>
    public static IReadOnlyList<ComesOff> Of(Rig rig, RoutedRig laid, PartNames names) =>
    [
        .. Found(rig, laid, names).GroupBy(pair => pair.Cover.What.Trim(), StringComparer.OrdinalIgnoreCase).OrderBy(group => group.Key, StringComparer.OrdinalIgnoreCase)
            .Select(group => Together(group.Key, [.. group.Select(pair => pair.Cover)], [.. group.Select(pair => pair.For).Distinct()]) with { ForIds = [.. group.Select(pair => pair.Id).Distinct()] }),
    ];

    /// <summary>One place may know of it what another does not: the most of what is known counts.</summary>
    private static ComesOff Together(string what, IReadOnlyList<Cover> covers, IReadOnlyList<string> reasons) => new(
        what,
        covers.Max(cover => cover.Fasteners),
        covers.Select(cover => cover.FastenerKind).FirstOrDefault(kind => kind.Length > 0) ?? "",
        [.. covers.SelectMany(cover => cover.Unplugged).Distinct(StringComparer.OrdinalIgnoreCase)],
        covers.All(cover => cover.LoosenOnly),
        reasons);

    private static IEnumerable<(Cover Cover, string Id, string For)> Found(Rig rig, RoutedRig laid, PartNames names)
    {
        foreach (var route in laid.Routes)
            foreach (var cover in (route.Route?.Lanes ?? []).SelectMany(lane => lane.Covers)) yield return (cover, route.Id, route.NameIn(names));
        if (rig.Body is { } body)
        {
            var used = rig.Places.Select(place => place.At).Concat(rig.Lines.Select(line => line.Plan?.Lay?.To).OfType<string>()).ToHashSet(StringComparer.Ordinal);
            foreach (var mount in body.Mounts.Where(mount => used.Contains(mount.Id)))
                foreach (var cover in mount.Covers) yield return (cover, mount.Id, mount.Name);
            foreach (var space in body.Spaces.Where(space => used.Contains(space.Id)))
                foreach (var cover in space.Covers) yield return (cover, space.Id, space.Name);
        }
        foreach (var joint in rig.Joints.Where(joint => joint.PickUp is not null))
            foreach (var cover in WireOf(rig, joint)?.Covers ?? []) yield return (cover, joint.Id, names[joint.Id]);
    }

    /// <summary>The vehicle's wire that a pick-up takes, as somebody found it; null where nobody did.</summary>
    private static FoundWire? WireOf(Rig rig, Joint joint)
    {
        var ends = rig.Runs.Where(run => run.Ends().Any(end => TerminalIndex.Split(end).Part == joint.Id)).SelectMany(run => run.Ends()).Select(end => TerminalIndex.Split(end).Part).ToHashSet(StringComparer.Ordinal);
        return VehicleSignal.All(rig.Vehicle).Where(signal => ends.Contains(signal.Name)).SelectMany(signal => signal.Lamp.Wires)
            .FirstOrDefault(wire => (joint.PickUp!.End is null || wire.End == joint.PickUp.End) && (joint.PickUp.Side is null || wire.Side == joint.PickUp.Side));
    }
}
