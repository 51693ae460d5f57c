using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Support;

/// <summary>
/// Builds a wiring as a person does on the page: from an empty vehicle, by the commands for parts and wires and by values of
/// fields. What a field cannot hold, an id above all, is as the commands made it.
/// </summary>
/// <param name="run">Does a command on a rig, as the page asks it.</param>
internal sealed class ByHand(Func<Rig, EditCommand, (Rig Rig, string? PartId)> run)
{
    private readonly Dictionary<string, string> ids = new(StringComparer.Ordinal);
    private Rig rig = Rig.Empty(12, UnitSystem.Metric);

    /// <summary>The id in what was built of a part or wire of <see cref="Build"/>'s rig.</summary>
    public string Id(string part) => ids.GetValueOrDefault(part, part);

    /// <summary>The terminal there.</summary>
    public string Terminal(string terminal)
    {
        var (part, pin) = TerminalIndex.Split(terminal);
        return pin.Length == 0 ? Id(part) : $"{Id(part)}.{pin}";
    }

    /// <summary>The state there.</summary>
    public RigState State(RigState state) => state with
    {
        Switches = state.Switches.ToDictionary(pair => Id(pair.Key), pair => pair.Value),
        Pressed = [.. state.Pressed.Select(Terminal)],
    };

    /// <summary>Builds the like of <paramref name="shape"/>.</summary>
    public Rig Build(Rig shape)
    {
        Do(new ChangeSystem(shape.Vehicle.SystemVolts));
        while (rig.Vehicle.Batteries.Count > shape.Vehicle.Batteries.Count) Do(new RemovePart(rig.Vehicle.Batteries[^1].Id));
        while (rig.Vehicle.Batteries.Count < shape.Vehicle.Batteries.Count) Do(new AddPart("vehicle.batteries"));
        foreach (var (own, theirs) in rig.Vehicle.Batteries.Zip(shape.Vehicle.Batteries)) ids[theirs.Id] = own.Id;
        rig = rig with
        {
            HouseRules = shape.HouseRules,
            Vehicle = rig.Vehicle with
            {
                BatteryLink = shape.Vehicle.BatteryLink,
                Alternator = shape.Vehicle.Alternator,
                HouseLoadAmps = shape.Vehicle.HouseLoadAmps,
                KeyOffDrainAmps = shape.Vehicle.KeyOffDrainAmps,
                HighVoltageDrive = shape.Vehicle.HighVoltageDrive,
                HighBeam = shape.Vehicle.HighBeam,
                Reverse = shape.Vehicle.Reverse,
                SideLight = shape.Vehicle.SideLight,
            },
        };
        foreach (var list in Rig.Lists.Where(list => list.Path is not ("" or "vehicle.batteries")))
            foreach (var part in list.Of(shape)) ids[part!.Id] = Do(new AddPart(list.Path, part.Name))!;
        foreach (var list in Rig.Lists.Where(list => list.Path.Length > 0))
            foreach (var part in list.Of(shape)) Fill(list.Path, part!);
        foreach (var wire in shape.Runs)
        {
            var made = Do(new AddRun(Terminal(wire.From), Terminal(wire.To)))!;
            ids[wire.Id] = made;
            rig = rig.WithRun(made, now => wire with { Id = made, From = now.From, To = now.To });
        }
        foreach (var line in shape.Lines.Where(line => line.Lights.Count > 0))
        {
            Do(new AssignLight(Terminal(line.Lights[0]), Name: line.Name));
            var made = rig.Lines[^1].Id;
            foreach (var light in line.Lights.Skip(1)) Do(new AssignLight(Terminal(light), made));
            rig = rig with { Lines = [.. rig.Lines.Select(other => other.Id == made ? line with { Id = made, Lights = other.Lights } : other)] };
        }
        rig = rig with { Body = shape.Body };
        return rig;
    }

    private string? Do(EditCommand command)
    {
        var (made, id) = run(rig, command);
        rig = made;
        return id;
    }

    /// <summary>Every field but the id as it is to be.</summary>
    private void Fill(string path, IPart part)
    {
        var document = JsonSerializer.SerializeToNode(rig, JsonRules.Stored)!;
        var list = path.Split('.').Aggregate(document, (node, key) => node[key]!).AsArray();
        var place = list.Select(node => (string)node!["id"]!).ToList().IndexOf(Id(part.Id));
        var filled = JsonSerializer.SerializeToNode(part, part.GetType(), JsonRules.Stored)!.AsObject();
        filled["id"] = Id(part.Id);
        if (part is Earth { On: { } on }) filled["on"] = Id(on);
        list[place] = filled;
        rig = document.Deserialize<Rig>(JsonRules.Stored)!;
    }
}
