using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Earths bared and measured before anything is bolted to them.</summary>
internal static class Earthing
{
    /// <summary>Between a bared spot and the battery's negative lead a meter reads no more than its own leads do and a little, Ω (common practice, no source).</summary>
    private const double MostOhms = 0.2;

    public static void Bare(Draft draft)
    {
        foreach (var earth in draft.Rig.Earths.Where(earth => earth.Kind == EarthKind.Stud && !draft.IsExisting(earth.Id)))
            draft.Add(new SheetStep($"bare-{earth.Id}", Stage.Earth, RunSheetWords.FormatBareEarth(PartNames.Small(draft.Names[earth.Id])), RunSheetWords.BareEarthWhy)
            {
                About = [earth.Id],
                Task = WorkTask.Earth,
                After = [.. draft.CoversOf(earth.Id)],
                Hold = Hold.EarthBared,
                How = [earth.Fixing is EarthFixing.FactoryStud or EarthFixing.StructureBolt ? RunSheetWords.BareFactoryHow : RunSheetWords.BareHow, RunSheetWords.GreaseHow],
                Tools = [RunSheetWords.SandPaper, RunSheetWords.Multimeter],
                Asks = [.. earth.Fixing == EarthFixing.BoltAndNut ? [Ask.Yes("swarf", RunSheetWords.SwarfIsOut)] : Array.Empty<Ask>(), Ask.Yes("bright", RunSheetWords.MetalIsBright), Ask.Reading("ohms", RunSheetWords.OhmsToNegative, "Ω", null, MostOhms, (earth.StudMilliohms + earth.BodyMilliohms) / 1000)],
                Facts = [new Fact(earth.Id, draft.Names[earth.Id], draft.Station(earth.Id))],
            });
    }
}
