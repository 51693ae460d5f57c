using BurlyRidge.Core.Wording;
using System.Text.Json;
using System.Text.Json.Nodes;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Commissioning.Training;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Catalogue;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace BurlyRidge.Server;

/// <summary>Gives every operation of the interface an example: of its body where it takes one, else of what is in its address.</summary>
internal static class OpenApiExamples
{
    private static readonly Dictionary<string, Func<JsonNode>> Bodies = new(StringComparer.Ordinal)
    {
        ["assess"] = () => About(("states", new JsonArray(new JsonObject { ["key"] = true, ["engine"] = "cruise" }))),
        ["compareRules"] = () => About(("houseRules", new JsonObject { ["marginFraction"] = 0.5 })),
        ["netlist"] = () => About(("state", new JsonObject { ["key"] = true })),
        ["judgeRun"] = () => About(("run", ExampleRig.Runs[0].Id)),
        ["previewEdit"] = () => About(("lineId", ExampleRig.Lines[0].Id), ("run", ExampleRig.Runs[0].Id)),
        ["lookAtLine"] = () => About(("lineId", ExampleRig.Lines[0].Id)),
        ["drawWiring"] = () => About(("lineId", ExampleRig.Lines[0].Id)),
        ["drawPages"] = () => About(),
        ["offerTemplates"] = () => About(("lamp", "square-pod"), ("count", 2)),
        ["lookAtPanel"] = () => About(),
        ["lookAtBench"] = () => About(),
        ["listParts"] = () => About(),
        ["walkaround"] = () => AboutPlaced(),
        ["offerRoutes"] = () => AboutPlaced(("id", ExampleRig.Runs[0].Id)),
        ["offerCandidates"] = () => AboutPlaced(("mount", ExampleBody.Mounts[0].Id)),
        ["edit"] = () => About(("command", new JsonObject { ["kind"] = "removeLine", ["lineId"] = ExampleRig.Lines[0].Id })),
        ["changes"] = () => About(("other", JsonNode.Parse(RigDocument.Write(ExampleRig with { Lines = [] }))!)),
        ["measure"] = () => AboutPlaced(("side", "left"), ("from", new JsonObject { ["x"] = 1, ["y"] = 1 }), ("to", new JsonObject { ["x"] = 3, ["y"] = 1 })),
        ["usualBody"] = () => new JsonObject { ["kind"] = "longWagon" },
        ["readVehicleFile"] = () => JsonNode.Parse(VehicleFile.Write("Example wagon", ExampleBody))!,
        ["importJobFile"] = () => JsonNode.Parse(JobFile.Write("Example wagon", "", ExampleRig))!,
        ["createJob"] = () => new JsonObject { ["name"] = "Example wagon", ["systemVolts"] = 12, ["units"] = "metric" },
        ["changeJob"] = () => new JsonObject { ["onVersion"] = 1, ["name"] = "Example wagon, second visit" },
        ["saveRig"] = () => About(("onRevision", 1), ("idempotencyKey", "one-for-each-save")),
        ["undo"] = () => new JsonObject { ["onRevision"] = 2, ["idempotencyKey"] = "one-for-each-undo" },
        ["redo"] = () => new JsonObject { ["onRevision"] = 3, ["idempotencyKey"] = "one-for-each-redo" },
        ["goBack"] = () => new JsonObject { ["onRevision"] = 3, ["idempotencyKey"] = "one-for-each-going-back" },
        ["autoSize"] = () => new JsonObject { ["onRevision"] = 2 },
        ["assignSlots"] = () => new JsonObject { ["onRevision"] = 2 },
        ["reroute"] = () => new JsonObject { ["onRevision"] = 2 },
        ["putLamp"] = () => new JsonObject
        {
            ["fixture"] = new JsonObject
            {
                ["id"] = "own-pod",
                ["name"] = "Own pod",
                ["functions"] = new JsonArray(new JsonObject { ["id"] = "main", ["kind"] = "regulatedLed", ["watts"] = 20 }),
            },
            ["lumens"] = 1800,
            ["price"] = 40,
        },
        ["quickSize"] = () => new JsonObject
        {
            ["systemVolts"] = 12,
            ["lamps"] = new JsonArray(new JsonObject { ["kind"] = "regulatedLed", ["count"] = 2, ["watts"] = 40 }),
            ["oneWayMetres"] = 4,
            ["return"] = "wire",
            ["zone"] = "engineBay",
            ["gauges"] = "awg",
        },
        ["layKit"] = () => About(("lineId", ExampleRig.Lines[0].Id), ("kit", "trail-pair"), ("wish", new JsonObject { ["trigger"] = "highBeam", ["cab"] = "inDash" })),
        ["compareBuilds"] = () => About(("builds", new JsonArray(new JsonObject { ["kind"] = "asPlanned" }, new JsonObject { ["kind"] = "byTemplate", ["template"] = "power-box", ["lineIds"] = new JsonArray() }))),
        ["addToBenchRecord"] = () => new JsonObject
        {
            ["what"] = new JsonObject { ["kind"] = "ordered", ["item"] = "relay-40-a", ["count"] = 2, ["supplier"] = "Counter" },
            ["who"] = "Fitter",
            ["client"] = "Bench tablet",
            ["revision"] = 1,
            ["idempotencyKey"] = "one-for-each-entry",
        },
        ["lookAtRunSheet"] = () => About(),
        ["addToRunSheet"] = () => new JsonObject
        {
            ["what"] = new JsonObject { ["kind"] = "noted", ["step"] = "", ["text"] = "Two clips of the grille were broken already." },
            ["who"] = "Fitter",
            ["client"] = "Bench tablet",
            ["revision"] = 1,
            ["idempotencyKey"] = "one-for-each-entry-here",
        },
        ["lookAtBeams"] = () => AboutPlaced(("own", new JsonArray("high")), ("coarse", true)),
        ["readAimMarks"] = () => AboutPlaced(("marks", new JsonArray(new JsonObject { ["lamp"] = "bar", ["upMetres"] = 0.92, ["rightMetres"] = 0.1 }))),
        ["drawBeams"] = () => AboutPlaced(("coarse", true)),
        ["tabulateBeams"] = () => AboutPlaced(),
        ["writeBeamFile"] = () => AboutPlaced(("light", ExampleRig.Lines[0].Lights[0])),
        ["lookAtDashboard"] = () => About(),
        ["runRig"] = () => About(("events", KeyTurned()), ("since", 0), ("until", 5)),
        ["probeRig"] = () => About(("events", KeyTurned()), ("at", 5), ("probing", new JsonObject { ["setting"] = "volts", ["red"] = "battery.plus", ["black"] = "body" })),
        ["lookAtCommissioning"] = () => About(),
        ["lookAtReadings"] = () => About(("line", ExampleRig.Lines[0].Id)),
        ["diagnose"] = () => About(("line", ExampleRig.Lines[0].Id)),
        ["tryVehicle"] = () => About(("line", ExampleRig.Lines[0].Id), ("stand", "off"), ("faults", new JsonArray())),
        ["readExercise"] = () => JsonNode.Parse(ExerciseFile.Write(ExampleExercise))!,
        ["train"] = () => new JsonObject { ["exercise"] = JsonSerializer.SerializeToNode(ExampleExercise, JsonRules.Stored), ["acts"] = new JsonArray(new JsonObject { ["kind"] = "turns", ["dash"] = new JsonObject { ["key"] = true } }) },
        ["makeExercise"] = () => About(("title", "One line"), ("line", ExampleRig.Lines[0].Id), ("seed", 1), ("fault", "")),
        ["findWire"] = () => About(("signal", "highBeam"), ("volts", 12.6), ("place", "left headlamp"), ("pins", new JsonArray(
            new JsonObject { ["pin"] = "1", ["colour"] = "black", ["off"] = 0, ["on"] = 0 }, new JsonObject { ["pin"] = "2", ["colour"] = "blue/white", ["off"] = 0.02, ["on"] = 12.4 }))),
        ["addToCommissioning"] = () => new JsonObject
        {
            ["what"] = new JsonObject { ["kind"] = "batteryMeasured", ["volts"] = 12.62 },
            ["who"] = "Fitter",
            ["client"] = "Bench tablet",
            ["revision"] = 1,
            ["idempotencyKey"] = "one-for-each-reading",
        },
        ["plan"] = () => With(ExampleRig with { Body = ExampleBody, Wishes = new Wishes { Lights = [new Wish(LightWanted.Verge)] } }, []),
        ["lookAtHandOver"] = () => About(),
        ["lookAtPack"] = () => AboutPlaced(("paper", "letter"), ("units", "imperial")),
        ["lookAtLabels"] = () => About(("kinds", new JsonArray("fuse", "relay"))),
        ["addToHandOver"] = () => new JsonObject
        {
            ["what"] = new JsonObject { ["kind"] = "worded", ["key"] = "gloveBox", ["text"] = "Key for the tamper-proof bolts" },
            ["who"] = "Fitter",
            ["client"] = "Bench tablet",
            ["revision"] = 1,
            ["idempotencyKey"] = "one-for-each-text",
        },
        ["openAgain"] = () => new JsonObject { ["name"] = "Example wagon, second visit", ["toStandard"] = false, ["who"] = "Fitter", ["client"] = "Bench tablet" },
        ["openArchive"] = () => JsonValue.Create("the bytes of the archive"),
        ["addPhoto"] = () => JsonValue.Create("the bytes of the picture"),
        ["importFindings"] = () => JsonValue.Create("kind,what,place,colour,vehicle,year\nwire,Reversing signal,behind the rear lamp,green/black,Long wagon,2024\n"),
        ["importWireRegister"] = () => JsonValue.Create("at,colour,wire,note\nbox.o1,orange,,first from the front\n"),
        ["writeShop"] = () => new JsonObject { ["shop"] = JsonSerializer.SerializeToNode(new Shop(), JsonRules.Stored), ["onVersion"] = 0 },
        ["importPrices"] = () => JsonValue.Create("item,price,stock\nrelay-40-a,8.50,4\n"),
        ["putKit"] = () => JsonSerializer.SerializeToNode(ShippedKits.All[0] with { Id = "own-kit", Name = "Own kit" }, JsonRules.Stored)!,
        ["importKits"] = () => JsonValue.Create(KitCsv.Write([ShippedKits.All[0] with { Id = "own-kit-2", Name = "Own kit 2" }])),
        ["importLamps"] = () => JsonValue.Create("id,name,kind,watts,lumens,price\nown-pod-2,Own pod,regulatedLed,20,1800,40\n"),
    };

    private static readonly Dictionary<string, JsonNode> Addresses = new(StringComparer.Ordinal)
    {
        ["id"] = "0193f5c2a7d87f0c9a51c2b7e6d41f30",
        ["number"] = 2,
        ["line"] = "bar",
        ["photo"] = "3f1c7d0a9b5e4c82a6d1f0e47b9c2d5a8e6f1b04.jpg",
        ["box"] = "box",
        ["archived"] = false,
        ["paper"] = "a4",
        ["units"] = "metric",
        ["kinds"] = "fuse,relay",
        ["sheet"] = 1,
    };

    private static readonly Lazy<Rig> Example = new(() =>
    {
        var started = new AddTemplateLine("own-harness", "Roof bar", "square-pod", 2).Run(new EditContext(Rig.Empty(12, UnitSystem.Metric)) { Lamps = ShippedCatalogue.Lamps });
        return ((EditOutcome.Done)started).Rig;
    });

    private static JsonArray KeyTurned() => new(new JsonObject { ["kind"] = "turns", ["seconds"] = 1, ["dash"] = new JsonObject { ["key"] = true, ["engine"] = "idle" } });

    private static Rig ExampleRig => Example.Value;

    private static Exercise ExampleExercise => Exercise.Of("One line", ExampleRig, ExampleRig.Lines[0].Id, 1, $"lamp-dead:{ExampleRig.Lines[0].Lights[0]}");

    private static Body ExampleBody => GenericBody.Of(BodyKind.LongWagon);

    /// <summary>Puts them into the document.</summary>
    public static Task GiveAsync(OpenApiOperation operation, OpenApiOperationTransformerContext context, CancellationToken cancellation)
    {
        foreach (var parameter in operation.Parameters?.OfType<OpenApiParameter>() ?? [])
            if (Addresses.TryGetValue(parameter.Name ?? "", out var value)) parameter.Example = value.DeepClone();
        if (operation.OperationId is { } id && Bodies.TryGetValue(id, out var body))
            foreach (var media in operation.RequestBody?.Content?.Values.OfType<OpenApiMediaType>() ?? []) media.Example = body();
        return Task.CompletedTask;
    }

    private static JsonObject About(params (string Name, JsonNode? Value)[] more) => With(ExampleRig, more);

    private static JsonObject AboutPlaced(params (string Name, JsonNode? Value)[] more) => With(ExampleRig with { Body = ExampleBody }, more);

    private static JsonObject With(Rig rig, (string Name, JsonNode? Value)[] more)
    {
        var asked = new JsonObject { ["rig"] = JsonNode.Parse(RigDocument.Write(rig)) };
        foreach (var (name, value) in more) asked[name] = value;
        return asked;
    }
}
