using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Harness;

/// <summary>
/// A rig in groups of parts that share nothing but battery posts, earths and the body: each can be solved by itself while
/// the others are off.
/// </summary>
public sealed class Partition
{
    private readonly Dictionary<string, string> parent = new(StringComparer.Ordinal);
    private readonly HashSet<string> stiff;

    private Partition(Rig rig)
    {
        stiff = [PartBook.Body, .. rig.Vehicle.Batteries.Select(battery => battery.Id), .. rig.Earths.Select(earth => earth.Id)];
        foreach (var run in rig.Runs) Join(PartBook.Split(run.From).Part, PartBook.Split(run.To).Part);
        foreach (var pin in rig.Vehicle.TrailerPins.Where(pin => pin.Carries is not null)) Join(pin.Id, VehicleSignal.NameOf(pin.Carries!.Value));
        foreach (var part in rig.Vehicle.FuseSlots.Where(slot => slot.Feed == Feed.Ignition).Select(slot => slot.Id)) Join(part, "ignition");
        foreach (var part in rig.Vehicle.AuxOutputs.Where(output => output.Feed == Feed.Ignition).Select(output => output.Id)) Join(part, "ignition");
        foreach (var line in rig.Lines)
            foreach (var lamp in line.Lights.Skip(1)) Join(PartBook.Split(line.Lights[0]).Part, PartBook.Split(lamp).Part);
        Groups = Split(rig);
    }

    /// <summary>Each group as a rig with the vehicle and the earths that it uses; lines belong to the group of their lamps.</summary>
    public IReadOnlyList<Rig> Groups { get; }

    /// <summary>Groups of <paramref name="rig"/>, whose lines are all wired part by part.</summary>
    public static Partition Of(Rig rig) => new(rig);

    private string Root(string part)
    {
        var root = part;
        while (parent.TryGetValue(root, out var up)) root = up;
        while (parent.TryGetValue(part, out var next) && next != root)
        {
            parent[part] = root;
            part = next;
        }
        return root;
    }

    private void Join(string a, string b)
    {
        if (stiff.Contains(a) || stiff.Contains(b)) return;
        var (first, second) = (Root(a), Root(b));
        if (first != second) parent[second] = first;
    }

    private List<Rig> Split(Rig rig)
    {
        var fixtures = rig.Fixtures.ToLookup(part => Root(part.Id));
        var protection = rig.Protection.ToLookup(part => Root(part.Id));
        var relays = rig.Relays.ToLookup(part => Root(part.Id));
        var switches = rig.Switches.ToLookup(part => Root(part.Id));
        var boxes = rig.PowerBoxes.ToLookup(part => Root(part.Id));
        var joints = rig.Joints.ToLookup(part => Root(part.Id));
        var loads = rig.Loads.ToLookup(part => Root(part.Id));
        var converters = rig.Converters.ToLookup(part => Root(part.Id));
        var panels = rig.SolarPanels.ToLookup(part => Root(part.Id));
        var runs = rig.Runs.ToLookup(run =>
        {
            var (from, to) = (PartBook.Split(run.From).Part, PartBook.Split(run.To).Part);
            return !stiff.Contains(from) ? Root(from) : !stiff.Contains(to) ? Root(to) : "";
        });
        var lines = rig.Lines.ToLookup(line => line.Lights.Count == 0 ? "" : Root(PartBook.Split(line.Lights[0]).Part));
        var earths = rig.Earths.ToDictionary(earth => earth.Id, StringComparer.Ordinal);
        var keys = runs.Select(group => group.Key).Concat(fixtures.Select(group => group.Key)).Concat(loads.Select(group => group.Key)).Distinct();
        return
        [
            .. keys.Select(key =>
            {
                // What joins stiff terminals directly is in every group.
                List<Run> own = key == "" ? [.. runs[""]] : [.. runs[key], .. runs[""]];
                return rig with
                {
                    Fixtures = [.. fixtures[key]],
                    Protection = [.. protection[key]],
                    Relays = [.. relays[key]],
                    Switches = [.. switches[key]],
                    PowerBoxes = [.. boxes[key]],
                    Joints = [.. joints[key]],
                    Loads = [.. loads[key]],
                    Converters = [.. converters[key]],
                    SolarPanels = [.. panels[key]],
                    Runs = own,
                    Earths = [.. own.SelectMany(run => new[] { run.From, run.To }).Distinct().Select(end => earths.GetValueOrDefault(end)).OfType<Earth>()],
                    Lines = [.. lines[key]],
                };
            }),
        ];
    }
}
