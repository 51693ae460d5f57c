using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Terminals and joints, part by part; what sits on a battery's plus comes last.</summary>
internal static class Joining
{
    /// <summary>The step in which an ending is made.</summary>
    public static string IdOf(Draft draft, MakingOff end) => $"join-{(OnPost(draft, end) ? end.At.Replace('.', '-') : TerminalIndex.Split(end.At).Part)}";

    private static bool OnPost(Draft draft, MakingOff end) => draft.Rig.Vehicle.Batteries.Any(battery => end.At == $"{battery.Id}.plus");

    private static IEnumerable<IGrouping<string, MakingOff>> Groups(Draft draft) => draft.Cuts.Endings.Where(end => end.Wires.Any(wire => !draft.IsExisting(wire))).GroupBy(end => IdOf(draft, end));

    public static void Outside(Draft draft) => Make(draft, Stage.Join, group => !OnPost(draft, group.First()) && !InCabin(draft, group));

    public static void Inside(Draft draft) => Make(draft, Stage.JoinInside, group => !OnPost(draft, group.First()) && InCabin(draft, group));

    public static void Posts(Draft draft, IReadOnlyList<string> after) => Make(draft, Stage.Live, group => OnPost(draft, group.First()), after);

    /// <summary>Behind a hole: everything that has a wire through one is joined there after it is fed.</summary>
    private static bool InCabin(Draft draft, IGrouping<string, MakingOff> group) => draft.Inside(TerminalIndex.Split(group.First().At).Part);

    private static void Make(Draft draft, Stage stage, Func<IGrouping<string, MakingOff>, bool> here, IReadOnlyList<string>? after = null)
    {
        var laid = draft.Steps.Where(step => step.Stage is Stage.Lay).SelectMany(step => step.About.Select(wire => (wire, step.Id))).ToLookup(pair => pair.wire, pair => pair.Id, StringComparer.Ordinal);
        var fed = draft.Steps.Where(step => step.Id.StartsWith("feed-", StringComparison.Ordinal)).SelectMany(step => step.About.Select(wire => (wire, step.Id))).ToLookup(pair => pair.wire, pair => pair.Id, StringComparer.Ordinal);
        var earths = draft.Rig.Earths.Select(earth => earth.Id).ToHashSet(StringComparer.Ordinal);
        var parts = draft.Rig.AllParts().ToDictionary(part => part.Id, StringComparer.Ordinal);
        foreach (var group in Groups(draft).Where(here).OrderByDescending(group => earths.Contains(TerminalIndex.Split(group.First().At).Part)))
        {
            var part = TerminalIndex.Split(group.First().At).Part;
            var known = parts.GetValueOrDefault(part);
            var wires = group.SelectMany(end => end.Wires).Where(wire => !draft.IsExisting(wire)).Distinct().ToList();
            var crimps = group.Where(end => end.Kind is not (null or EndKind.Solder or EndKind.Tap)).Sum(end => end.Kind == EndKind.ButtJoint && known is Joint ? end.Wires.Count : 1);
            var (name, plain) = (OnPost(draft, group.First()) ? draft.Names.Terminal(group.First().At) : draft.Names[part], known is null);
            draft.Add(new SheetStep(group.Key, stage, plain ? RunSheetWords.JoinBody : RunSheetWords.FormatJoinAt(PartNames.Small(name)), earths.Contains(part) ? RunSheetWords.JoinEarthWhy : stage == Stage.Live ? RunSheetWords.JoinPlusWhy : RunSheetWords.JoinWhy)
            {
                About = [part, .. wires],
                Task = WorkTask.Ending,
                Share = group.Count(),
                After = [.. after ?? [], .. wires.SelectMany(wire => laid[wire]), .. stage == Stage.JoinInside ? wires.SelectMany(wire => fed[wire]) : [], .. new[] { $"bare-{part}", $"fix-{part}" }.Where(draft.Has), .. draft.About([part]).Where(step => step.Hold == Hold.SignalProven).Select(step => step.Id)],
                Hold = Hold.JointsProven,
                How = [.. group.SelectMany(end => Ends(draft, end))],
                Tools = [.. group.Select(end => end.Terminal?.Tool).OfType<Crimper>().Distinct().Select(ToolWords)],
                Parts = [.. group.Where(end => end.Kind is not null).CountBy(end => EndWords.Of(end)).Select(kind => Format.Count(kind.Value, kind.Key, kind.Key))],
                Cautions = [.. group.Any(end => end.Kind is EndKind.ButtJoint or EndKind.Ring or EndKind.Solder or EndKind.Cap) ? [RunSheetWords.HotAirCaution] : Array.Empty<string>(), .. stage == Stage.Live ? [RunSheetWords.SpannerCaution] : Array.Empty<string>()],
                Asks = [.. Asks(draft, known, crimps)],
                Ends = [.. group.SelectMany(end => RegisterOf(draft, end))],
                Facts = [.. group.SelectMany(end => end.Wires.Where(wire => !draft.IsExisting(wire)).Select(wire => new Fact($"{end.At}/{wire}", draft.Names.Terminal(end.At), RunSheetWords.FormatWireInFitting(draft.Names[wire], Laying.Laid(draft, draft.RunOf(wire)), EndWords.Of(end)))))],
            });
        }
    }

    /// <summary>What the register has of an ending; at a joint, which is made as a whole, each wire has its own end.</summary>
    private static IEnumerable<WireEnd> RegisterOf(Draft draft, MakingOff end) => end.Wires.Where(wire => !draft.IsExisting(wire)).Select(draft.RunOf).Select(run => new WireEnd(
        run.Ends().First(at => at == end.At || TerminalIndex.Split(at).Part == end.At), run.Id, RunSheetWords.FormatWireAtEnd(draft.Names.Terminal(end.At), draft.Names.Wire(run)), run.Colour));

    private static IEnumerable<Ask> Asks(Draft draft, IPart? part, int crimps)
    {
        if (crimps > 0) yield return Ask.Count("pulled", RunSheetWords.CrimpsPulled, crimps);
        if (part is Relay or Switch or PowerBox or Converter) yield return Ask.Yes("pins", RunSheetWords.PinsReadBack);
        if (part is Joint { Kind: JointKind.Plug }) yield return Ask.Yes("plug", RunSheetWords.PlugClicked);
        if (part is Earth { Fixing: EarthFixing.FactoryStud or EarthFixing.StructureBolt }) yield return Ask.Yes("factory", RunSheetWords.FactoryEarthsBack);
        if (part is Joint { PickUp: not null }) yield return Ask.Yes("proven", RunSheetWords.ProvenWireOpened);
        if (crimps == 0 && part is not (Relay or Switch or PowerBox or Converter or Joint { Kind: JointKind.Plug } or Joint { PickUp: not null })) yield return Ask.Yes("made", RunSheetWords.JointHolds);
    }

    private static IEnumerable<string> Ends(Draft draft, MakingOff end) => end.Wires.Where(wire => !draft.IsExisting(wire)).Select(wire =>
    {
        var run = draft.RunOf(wire);
        var colour = run.Colour.Length > 0 ? RunSheetWords.FormatWireOfColour(run.Wire, run.Colour) : run.Wire;
        return end.Kind is null ? RunSheetWords.FormatPinTakes(draft.Names.Terminal(end.At), colour, draft.Names.Wire(run))
            : RunSheetWords.FormatPinTakesWith(draft.Names.Terminal(end.At), colour, draft.Names.Wire(run), EndWords.Of(end));
    });

    private static string ToolWords(Crimper tool) => tool switch
    {
        Crimper.Insulated => RunSheetWords.RatchetCrimper,
        Crimper.OpenBarrel => RunSheetWords.OpenBarrelCrimper,
        Crimper.Hexagon => RunSheetWords.HexagonCrimper,
        Crimper.Iron => RunSheetWords.SolderingIron,
        _ => RunSheetWords.FlatPliers,
    };
}
