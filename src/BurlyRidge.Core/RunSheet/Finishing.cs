using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>What comes once every line works: tied, sealed, aimed, looked at in the dark, handed over.</summary>
internal static class Finishing
{
    public static void Tidy(Draft draft)
    {
        draft.Add(new SheetStep("tidy", Stage.Tidy, RunSheetWords.Tidy, RunSheetWords.TidyWhy)
        {
            After = [.. draft.Of(Stage.Test, Stage.Tighten)],
            How = [RunSheetWords.TidyHow, RunSheetWords.FoldWhatIsOver],
            Tools = [RunSheetWords.CutterAndTies],
            Cautions = [RunSheetWords.HotAirCaution],
            Asks = [Ask.Yes("clear", RunSheetWords.NothingHangs)],
            LapsesWith = draft.Of(Stage.Lay, Stage.Join, Stage.Feed, Stage.JoinInside),
            LapsesWithUndone = true,
        });
    }

    /// <summary>Sealed and poured over before it is covered.</summary>
    public static void Water(Draft draft)
    {
        foreach (var hole in draft.Runs.SelectMany(draft.Holes).DistinctBy(hole => hole.Id).ToList())
            draft.Add(new SheetStep($"water-{hole.Id}", Stage.Water, RunSheetWords.FormatPourWater(PartNames.Small(hole.Name)), RunSheetWords.PourWaterWhy)
            {
                About = [hole.Id],
                Task = WorkTask.Bulkhead,
                After = ["tidy", $"feed-{hole.Id}"],
                Hold = Hold.HoleWatertight,
                How = [RunSheetWords.SealFirst, RunSheetWords.PourWaterHow],
                Parts = [BenchWords.Sealant],
                Asks = [Ask.Yes("slack", RunSheetWords.EnoughWireOutside), Ask.Yes("dry", RunSheetWords.DryInside)],
                Facts = [new Fact(hole.Id, hole.Name, hole.Name)],
                LapsesWith = [$"feed-{hole.Id}"],
            });
    }

    public static void AimBehind(Draft draft) => Aim(draft, behind: true, Stage.Aim, draft.Of(Stage.Test));

    private static void Aim(Draft draft, bool behind, Stage stage, IReadOnlyList<string> after)
    {
        foreach (var group in draft.LampGroups(draft.Lamps.Where(lamp => draft.CoversOf(lamp.Id).Any() == behind && IsAimed(draft, lamp))))
        {
            var (key, lamps) = (group.Key, group.ToList());
            draft.Add(new SheetStep($"aim-{key}", stage, RunSheetWords.FormatAim(Format.And(Mounting.Few(draft, lamps))), behind ? RunSheetWords.AimBehindWhy : RunSheetWords.AimWhy)
            {
                About = [.. lamps.Select(lamp => lamp.Id)],
                Task = WorkTask.Lamp,
                Share = lamps.Count,
                After = [.. after, $"tighten-{key}"],
                How = [RunSheetWords.AimHow, .. lamps.Exists(lamp => Rear(draft, lamp)) ? [RunSheetWords.AimRearHow] : Array.Empty<string>()],
                Tools = [RunSheetWords.SpiritLevel, RunSheetWords.TapeMeasure],
                Asks = [Ask.Yes("level", RunSheetWords.LevelAndAlike)],
                Facts = LampFacts.Of(draft, lamps),
                LapsesWith = [$"tighten-{key}"],
            });
        }
    }

    /// <summary>What is only to be seen, or lights the inside, has no direction.</summary>
    private static bool IsAimed(Draft draft, Fixture lamp) => !draft.LinesOf(lamp).Any(line => line.Use is LineUse.Marker or LineUse.Inside);

    private static bool Rear(Draft draft, Fixture lamp) => draft.LinesOf(lamp).Any(line => line.Use == LineUse.Rear);

    public static void Dark(Draft draft)
    {
        if (draft.Fixed().Any(part => draft.Where.Of(part.Id) is not null && !draft.Inside(part.Id)))
            draft.Add(new SheetStep("bonnet", Stage.Refit, RunSheetWords.LowerBonnet, RunSheetWords.LowerBonnetWhy)
            {
                About = [.. draft.Fixed().Where(part => !draft.Inside(part.Id)).Select(part => part.Id)],
                After = ["tidy", .. draft.Of(Stage.Refit)],
                Hold = Hold.BonnetCloses,
                How = [RunSheetWords.LowerBonnetHow],
                Asks = [Ask.Yes("clears", RunSheetWords.BonnetClears)],
                LapsesWith = [.. draft.Fixed().Where(part => !draft.Inside(part.Id)).Select(part => $"fix-{part.Id}")],
            });
        // The last that is put back comes after every test.
        IReadOnlyList<string> before = draft.Of(Stage.Refit) is [.., var last] ? [last] : draft.Of(Stage.Test, Stage.Tidy, Stage.Aim);
        Aim(draft, behind: false, Stage.Dark, before);
        foreach (var line in draft.Lines)
        {
            var aimed = draft.About(line.Lamps()).Where(step => step.Id.StartsWith("aim-", StringComparison.Ordinal)).Select(step => step.Id).ToList();
            draft.Add(new SheetStep($"dark-{line.Id}", Stage.Dark, RunSheetWords.FormatLookInTheDark(line.Name), RunSheetWords.LookInTheDarkWhy)
            {
                About = [.. line.Lamps()],
                Task = WorkTask.Line,
                Share = 3,
                After = [.. before, .. aimed],
                How = [RunSheetWords.DarkHow, RunSheetWords.PhotoByNight, .. line.Use == LineUse.Rear ? [RunSheetWords.CameraByNight] : Array.Empty<string>()],
                Cautions = [RunSheetWords.RoadLaw],
                Asks = [Ask.Yes("light", RunSheetWords.LightIsWhereItShould)],
                LapsesWith = [$"test-{line.Id}", .. aimed],
            });
        }
    }

    public static void HandOver(Draft draft)
    {
        draft.Add(new SheetStep("labels", Stage.HandOver, RunSheetWords.LabelAll, RunSheetWords.LabelAllWhy)
        {
            After = [.. draft.Of(Stage.Test, Stage.Refit)],
            Asks = [Ask.Yes("labels", RunSheetWords.LabelsAreOn)],
            Facts = [.. draft.Rig.PowerBoxes.SelectMany(Settings.FactsOf)],
        });
        draft.Add(new SheetStep("hand-over", Stage.HandOver, RunSheetWords.HandOver, RunSheetWords.HandOverWhy)
        {
            After = [.. draft.Steps.Select(step => step.Id)],
            How = [RunSheetWords.HandOverHow],
            LapsesWith = [.. draft.Steps.Select(step => step.Id)],
            LapsesWithUndone = true,
        });
    }
}
