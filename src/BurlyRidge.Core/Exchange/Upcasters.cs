using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Parts;

namespace BurlyRidge.Core.Exchange;

/// <summary>
/// Reads rigs of older shapes; each step takes a document one version up. Version 2 knew nothing of where things are, version
/// 3 nothing of how a panel looks, version 4 took any text as the id of a wire, a light or an output, version 5 always named a
/// drop, version 6 had figures of the vehicle that nobody entered, and covers by their names alone; version 7
/// knew nothing of bought harnesses, and of a lane only whether there is nothing to tie to; version 8 knew nothing of aims,
/// version 9 nothing of the way back to standard, version 10 nothing of wishes.
/// </summary>
internal static class Upcasters
{
    private static readonly Dictionary<int, Action<JsonObject>> From = new() { [1] = FromFirst, [2] = _ => { }, [3] = _ => { }, [4] = FromFourth, [5] = FromFifth, [6] = FromSixth, [7] = FromSeventh, [8] = _ => { }, [9] = _ => { }, [10] = _ => { } };

    /// <summary>The oldest shape that is read.</summary>
    public static int Oldest => From.Keys.Min();

    /// <summary>The shape that a rig says it has; null where it says none.</summary>
    public static int? VersionOf(JsonElement rig) =>
        rig.ValueKind == JsonValueKind.Object && rig.TryGetProperty("schemaVersion", out var value) && value.ValueKind == JsonValueKind.Number && value.TryGetInt32(out var version) ? version : null;

    /// <summary>Whether a rig has an older shape that is known.</summary>
    public static bool IsOld(JsonElement rig) => VersionOf(rig) is { } version && From.ContainsKey(version);

    /// <summary>Brings <paramref name="rig"/> to today's shape where its version is a known one.</summary>
    public static void Raise(JsonObject rig)
    {
        while (rig["schemaVersion"] is JsonValue value && value.TryGetValue<int>(out var version) && From.TryGetValue(version, out var step))
        {
            step(rig);
            rig["schemaVersion"] = version + 1;
        }
    }

    /// <summary>Version 1 knew lines planned in short alone, with their figures beside the name, and no vehicle but its volts.</summary>
    private static void FromFirst(JsonObject rig)
    {
        if (rig["vehicle"] is JsonObject vehicle && vehicle["systemVolts"] is JsonValue volts && volts.TryGetValue<int>(out var system))
            rig["vehicle"] = JsonSerializer.SerializeToNode(Vehicle.Usual(system), JsonRules.Stored);
        if (rig["lines"] is not JsonArray lines) return;
        foreach (var line in lines.OfType<JsonObject>())
        {
            var plan = new JsonObject();
            foreach (var (name, value) in line.Where(field => field.Key is not ("id" or "name")).ToList())
            {
                line.Remove(name);
                plan[name] = value;
            }
            line["plan"] = plan;
        }
    }

    /// <summary>The limits that every job of version 5 got named nobody: the school's count. Others were somebody's and stay.</summary>
    private static void FromFifth(JsonObject rig)
    {
        if (rig["houseRules"] is not JsonObject rules) return;
        foreach (var (name, usual) in new[] { ("dropLimitRegulatedLed", 0.05), ("dropLimitOther", 0.03) })
            if (rules[name] is JsonValue value && value.TryGetValue<double>(out var limit) && limit == usual) rules.Remove(name);
    }

    /// <summary>Version 7 knew of a lane only whether there is nothing to tie to.</summary>
    private static void FromSeventh(JsonObject rig)
    {
        if (rig["body"] is JsonObject body) TieLanes(body);
    }

    /// <summary>What wires are tied to has a name.</summary>
    internal static void TieLanes(JsonObject body)
    {
        foreach (var lane in (body["lanes"] as JsonArray ?? []).OfType<JsonObject>())
        {
            if (lane["nothingToTieTo"]?.GetValueKind() == JsonValueKind.True) lane["tieTo"] = "nothing";
            lane.Remove("nothingToTieTo");
        }
    }

    /// <summary>Figures that every vehicle of version 6 got are nobody's: not specified. Others were somebody's and stay.</summary>
    private static void FromSixth(JsonObject rig)
    {
        if (rig["vehicle"] is JsonObject vehicle)
        {
            var volts = vehicle["systemVolts"]?.GetValueKind() == JsonValueKind.Number && vehicle["systemVolts"]!.GetValue<double>() == 24 ? 28.4 : 14.2;
            Forget(vehicle, ("houseLoadAmps", 15), ("keyOffDrainAmps", 0));
            foreach (var battery in (vehicle["batteries"] as JsonArray ?? []).OfType<JsonObject>())
                Forget(battery, ("capacityAmpHours", 80), ("stateOfCharge", 0.9), ("internalMilliohms", 6), ("peukertExponent", 1.2));
            if (vehicle["alternator"] is JsonObject alternator) Forget(alternator, ("regulatedVolts", volts), ("idleAmps", 60), ("cruiseAmps", 120));
            foreach (var signal in new[] { "highBeam", "reverse", "sideLight" })
            {
                if (vehicle[signal] is not JsonObject lamp) continue;
                Forget(lamp, ("watts", 60), ("fuseAmps", 15));
                if (lamp["switched"]?.GetValueKind() == JsonValueKind.String && (string)lamp["switched"]! == "plus") lamp.Remove("switched");
                foreach (var name in new[] { "moduleDriven", "pulsed" })
                    if (lamp[name]?.GetValueKind() == JsonValueKind.False) lamp.Remove(name);
            }
        }
        if (rig["body"] is JsonObject body) NameCovers(body);
    }

    /// <summary>A cover that was a name becomes a record with that name.</summary>
    internal static void NameCovers(JsonObject body)
    {
        foreach (var lane in (body["lanes"] as JsonArray ?? []).OfType<JsonObject>())
            if (lane["covers"] is JsonArray covers)
                lane["covers"] = new JsonArray([.. covers.Select(cover => cover?.GetValueKind() == JsonValueKind.String ? new JsonObject { ["what"] = (string)cover! } : cover?.DeepClone())]);
    }

    private static void Forget(JsonObject record, params IReadOnlyList<(string Name, double Usual)> fields)
    {
        foreach (var (name, usual) in fields)
            if (record[name] is JsonValue value && value.TryGetValue<double>(out var figure) && figure == usual) record.Remove(name);
    }

    private static void FromFourth(JsonObject rig)
    {
        PlainIds.Give(rig);
        PlainTexts.Give(rig);
    }
}
