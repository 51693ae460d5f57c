using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Fitting;

/// <summary>Which way a lamp looks.</summary>
public enum Facing
{
    /// <summary>To the front.</summary>
    Ahead,

    /// <summary>To the rear.</summary>
    Astern,

    /// <summary>To the left.</summary>
    Left,

    /// <summary>To the right.</summary>
    Right,
}

/// <summary>A lamp where it is on the vehicle.</summary>
/// <param name="Middle">Of its face.</param>
internal sealed record PlacedLamp(string Part, string At, IReadOnlyList<string> Lines, bool Planned, LampDimensions Body, Point Middle, Facing Facing)
{
    /// <summary>A lamp that is not chosen yet is drawn as a pod of this size, mm (typical).</summary>
    private static readonly LampDimensions Unknown = new(100, 100, 80, 1);

    /// <summary>Every lamp that is on a mount, and those that are planned to be.</summary>
    public static IReadOnlyList<PlacedLamp> Of(Rig rig)
    {
        if (rig.Body is not { } body) return [];
        var mounts = body.Mounts.ToDictionary(mount => mount.Id, StringComparer.Ordinal);
        var bodies = rig.Fixtures.Select(MountedLamp.Of).OfType<MountedLamp>().ToDictionary(lamp => lamp.Id, lamp => lamp.Body, StringComparer.Ordinal);
        var placed = Cards.OfMounts(rig).SelectMany(card => card.Parts.Select((part, i) =>
            Stand(body, mounts[card.At], part, Lighting(rig, part), false, bodies[part], card.Stance?.CentresMillimetres[i] ?? 0, card.Stance?.MiddleProudMillimetres ?? 0))).ToList();
        var taken = placed.Select(lamp => lamp.At).ToHashSet(StringComparer.Ordinal);
        var planned = rig.Lines
            .Where(line => line.Plan is { Fixtures.Count: 0 } plan && !taken.Contains(plan.Lay?.To ?? ""))
            .Select(line => (Line: line, Mount: mounts.GetValueOrDefault(line.Plan?.Lay?.To ?? ""), Count: Math.Clamp(line.Plan?.Lamps.Sum(set => set.Count) ?? 1, 1, 12)))
            .SelectMany(plan => plan.Mount is not { } mount ? [] : Row.Of(mount, [.. Enumerable.Repeat(Unknown.WidthMillimetres, plan.Count)])
                .CentresMillimetres.Select(centre => Stand(body, mount, plan.Line.Id, [plan.Line.Id], true, Unknown, centre, 0)));
        return [.. placed, .. planned];
    }

    /// <summary>A lamp of which nobody knows the size, in the middle of its mount; null: it is on none.</summary>
    public static PlacedLamp? InMiddle(Rig rig, string lamp) =>
        rig.Body is { } body && rig.Places.FirstOrDefault(place => place.Part == lamp) is { } place && body.Mounts.FirstOrDefault(mount => mount.Id == place.At) is { } mount
            ? Stand(body, mount, lamp, Lighting(rig, lamp), false, Unknown, 0, 0) : null;

    private static IReadOnlyList<string> Lighting(Rig rig, string part) =>
        [.. rig.Lines.Where(line => line.Lights.Any(light => light.StartsWith($"{part}.", StringComparison.Ordinal)) || line.Plan?.Fixtures.Contains(part) == true).Select(line => line.Id)];

    /// <summary>So far right of the middle of the mount, on its curve, and so far proud of it.</summary>
    private static PlacedLamp Stand(Body body, Mount mount, string part, IReadOnlyList<string> lines, bool planned, LampDimensions lamp, double centre, double proud)
    {
        var facing = Looks(body, mount);
        var falls = Sagitta.OfFace(mount) is { } radius && Math.Abs(centre) < radius ? Sagitta.Of(radius, 2 * Math.Abs(centre)) : 0;
        var (across, ahead) = (centre / 1000, (proud - falls) / 1000);
        return new PlacedLamp(part, mount.Id, lines, planned, lamp, facing switch
        {
            Facing.Ahead => mount.At with { Right = mount.At.Right + across, Back = mount.At.Back - ahead },
            Facing.Astern => mount.At with { Right = mount.At.Right + across, Back = mount.At.Back + ahead },
            Facing.Left => mount.At with { Back = mount.At.Back + across, Right = mount.At.Right - ahead },
            _ => mount.At with { Back = mount.At.Back + across, Right = mount.At.Right + ahead },
        }, facing);
    }

    /// <summary>Lamps at the flanks between the axles look out, the others ahead or astern, as the half that they are in.</summary>
    public static Facing Looks(Body body, Mount mount)
    {
        var (half, length) = (body.Size.WidthMetres / 2, body.Size.LengthMetres);
        if (Math.Abs(mount.At.Right) > 0.85 * half && mount.At.Back > 0.35 * length && mount.At.Back < 0.92 * length) return mount.At.Right < 0 ? Facing.Left : Facing.Right;
        return mount.At.Back < length / 2 ? Facing.Ahead : Facing.Astern;
    }
}
