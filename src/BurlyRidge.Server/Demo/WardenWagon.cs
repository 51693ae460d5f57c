using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.Catalogue;

namespace BurlyRidge.Server.Demo;

/// <summary>A short wagon with two lines that was carried all the way to the hand-over: its record, its photos and its pack are there.</summary>
internal static class WardenWagon
{
    private const string Front = "Driving bar", Rear = "Backing-up pods";

    public static DemoJob Job()
    {
        var rig = Started();
        var wire = rig.Runs.First(run => run.Lay is not null && run.LengthMetres > 2).Id;
        return new DemoJob(
            "Warden's short wagon",
            "Hut track in the dark. Driving bar on the high beam, pods for backing up to the wood store.",
            new JobParticulars("Larch Top hut", "LT 116", new DateOnly(2026, 11, 20), WorkState.HandedOver),
            rig)
        {
            Measures = new DemoMeasures([DemoMeasures.Vehicle, .. rig.Lines.Select(line => line.Id)], "", "", int.MaxValue),
            AtTheVehicle = new DemoWork(null, "")
            {
                Vehicle = new VehicleKind("Short wagon, forest series", "2023", "Plain"),
                Beside =
                [
                    ("tidy", new SheetEvent.Altered(AlteredHow.Notched, "Lip of the lower grille, left") { Size = "12 mm", Sealed = "Edge filed, painted and covered with trim", Back = "A new grille brings it back." }),
                    ("tidy", new SheetEvent.Found(new Finding(FindingKind.EarlierWork, "Tap of an earlier radio left in the tail harness, dead") { Place = "behind the left tail lamp", FoundOn = "2026-11-18" })),
                    ("tidy", new SheetEvent.Otherwise(wire) { Note = "Tied to the left rail, not to the right one" }),
                ],
            },
            HandedOver = new DemoHandOver("Workshop lead")
            {
                Words = new Dictionary<string, string>(StringComparer.Ordinal)
                {
                    [OwnWords.Owner] = "Arm the driving bar with the switch on the dash. The stalk does the rest.",
                    [OwnWords.Agreed] = "No marker light was fitted: the pods have none.",
                    [OwnWords.GloveBox] = "Key for the tamper-proof bolts of the driving bar",
                    [OwnWords.Standard] = "The two grille clips that were replaced are in a bag in the glove box.",
                    [OwnWords.Law] = "Looked up: one additional driving lamp, lit with the high beam only. Pods at the rear on reverse gear only.",
                },
                Settled = "As well there: it is away from the exhaust.",
            },
        };
    }

    /// <summary>The plan as a newcomer would make it: two templates on two mounts.</summary>
    private static Rig Started()
    {
        var rig = Rig.Empty(12, UnitSystem.Metric) with { Body = GenericBody.Of(BodyKind.ShortWagon) };
        rig = rig with { Vehicle = rig.Vehicle with { Batteries = [rig.Vehicle.Batteries[0] with { CapacityAmpHours = 70 }], HighBeam = rig.Vehicle.HighBeam with { FuseAmps = 10 } } };
        rig = Do(rig, new AddTemplateLine("beam-pair", Front, "slim-bar-30", 1, At: "roof-bar"));
        rig = Do(rig, new AddTemplateLine("rear-auto", Rear, "square-pod", 2, At: "rear-left"));
        rig = Do(rig, new PlacePart(rig.Lines[^1].Lamps()[^1], "rear-right"));
        return AutoSizer.Propose(rig).Rig;
    }

    private static Rig Do(Rig rig, EditCommand command) => command.Run(new EditContext(rig) { Lamps = ShippedCatalogue.Lamps }) switch
    {
        EditOutcome.Done done => done.Rig,
        EditOutcome.Refused refused => throw new InvalidOperationException(string.Join(' ', refused.Problems)),
        var other => throw new InvalidOperationException($"{other}"),
    };
}
