using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Everything in its place: held first, then loose, then tight.</summary>
internal static class Mounting
{
    private const double HeavyKilograms = 10;

    /// <summary>Parts held at their station, nothing fixed; every lead laid to both its ends.</summary>
    public static void MockUp(Draft draft)
    {
        var parts = draft.Fixed().GroupBy(part => draft.HoldOf(part.Id), StringComparer.Ordinal).ToList();
        foreach (var there in parts)
            draft.Add(new SheetStep(there.Key, Stage.MockUp, RunSheetWords.FormatHoldInPlace(Format.And(Few(draft, there))), RunSheetWords.MockUpWhy)
            {
                About = [.. there.Select(part => part.Id)],
                After = [.. draft.CoversOf(there.Select(part => part.Id))],
                How = [RunSheetWords.MockUpHow],
                Asks = [Ask.Yes("room", RunSheetWords.LidAndPlugsOpen)],
                Facts = [.. there.Select(part => new Fact(part.Id, draft.Names[part.Id], Where(draft, part.Id)))],
                Leaves = [new Standing(StandingKind.NotFixed, there.First().Id, RunSheetWords.FormatIsNotFixed(Format.And(Few(draft, there))), [.. there.Select(part => $"fix-{part.Id}")])],
            });
        if (draft.Runs.Count == 0) return;
        draft.Add(new SheetStep("reach", Stage.MockUp, RunSheetWords.LayOutLeads, RunSheetWords.LayOutLeadsWhy)
        {
            After = [.. draft.Of(Stage.MockUp), .. draft.CoversOf(draft.Runs.Select(run => run.Id))],
            How = [RunSheetWords.LayOutLeadsHow],
            About = [.. draft.Runs.Where(run => draft.Names.Wire(run).Length > 0).Select(run => run.Id)],
            Asks = [Ask.Yes("reaches", RunSheetWords.EveryLeadReaches)],
            Facts = [.. draft.Runs.Select(run => new Fact(run.Id, draft.Names.Wire(run), Ends(draft, run)))],
        });
    }

    private static string Ends(Draft draft, Run run)
    {
        var (from, to) = (draft.Where.OfTerminal(run.From), draft.Where.OfTerminal(run.To));
        return from is null || to is null ? "" : RunSheetWords.FormatFromTo(draft.Names.Place(from), draft.Names.Place(to));
    }

    public static void Lamps(Draft draft)
    {
        foreach (var group in draft.LampGroups(draft.Lamps))
        {
            var mount = draft.MountOf(group.First());
            var lamps = group.ToList();
            var name = Format.And(Few(draft, lamps));
            draft.Add(new SheetStep($"mount-{group.Key}", Stage.Mount, RunSheetWords.FormatMountLoose(name), RunSheetWords.MountLooseWhy)
            {
                About = [.. lamps.Select(lamp => lamp.Id), .. mount is null ? [] : new[] { mount.Id }],
                Task = WorkTask.Lamp,
                Share = 3 * lamps.Count,
                After = [.. draft.About(lamps.Select(lamp => lamp.Id)).Where(step => step.Stage == Stage.Bench).Select(step => step.Id), .. draft.CoversOf(lamps.Select(lamp => lamp.Id))],
                How = [.. How(draft, lamps, mount)],
                Parts = [.. lamps.Where(lamp => lamp.Bracket is not null).Select(lamp => lamp.Bracket!.Name).Distinct()],
                Cautions = [.. Cautions(lamps)],
                Hold = Drilled(draft, lamps[0].Id) ? Hold.SwarfOut : null,
                Asks = Drilled(draft, lamps[0].Id) ? [Ask.Yes("swarf", RunSheetWords.SwarfIsOut)] : [],
                Facts = LampFacts.Of(draft, lamps),
                Leaves = [new Standing(StandingKind.FingerTight, lamps[0].Id, RunSheetWords.FormatIsFingerTight(name), [$"tighten-{group.Key}"])],
            });
        }
        var loose = draft.Of(Stage.Mount);
        if (loose.Count == 0) return;
        var covers = draft.Covers.Where(cover => draft.Lamps.Any(lamp => draft.CoversOf(lamp.Id).Contains(Draft.IdOf("off", cover)))).Select(cover => PartNames.Small(cover.What)).ToList();
        draft.Add(new SheetStep("offer-up", Stage.Tighten, covers.Count > 0 ? RunSheetWords.FormatOfferUp(Format.And(covers)) : RunSheetWords.LookAtLamps, RunSheetWords.OfferUpWhy)
        {
            About = [.. draft.Lamps.Select(lamp => lamp.Id)],
            After = loose,
            Hold = Hold.OfferedUp,
            How = covers.Count > 0 ? [RunSheetWords.OfferUpHow, RunSheetWords.SecondPerson] : [RunSheetWords.LookAtLampsHow],
            Tools = [RunSheetWords.SpiritLevel, RunSheetWords.TapeMeasure],
            Asks = [new Ask("fits", AskKind.Choice, RunSheetWords.HowItLooks) { Choices = [new AskChoice("keep", RunSheetWords.KeepIt), new AskChoice("shift", RunSheetWords.ShiftIt), new AskChoice("exchange", RunSheetWords.ExchangeIt)] }],
            LapsesWith = loose,
            Meanwhile = covers.Count > 0 ? [new Standing(StandingKind.OneBolt, "offer-up", RunSheetWords.FormatIsHeldUp(Format.Capital(Format.And(covers))), ["offer-up"])] : [],
        });
        foreach (var group in draft.LampGroups(draft.Lamps))
        {
            var mount = draft.MountOf(group.First());
            var lamps = FromTheMiddle(draft, [.. group]);
            draft.Add(new SheetStep($"tighten-{group.Key}", Stage.Tighten, RunSheetWords.FormatTighten(Format.And(Few(draft, lamps))), lamps.Count > 1 ? RunSheetWords.FormatTightenRowWhy(Format.And(lamps.Select(lamp => draft.Names[lamp.Id]))) : RunSheetWords.TightenWhy)
            {
                About = [.. lamps.Select(lamp => lamp.Id)],
                Task = WorkTask.Lamp,
                Share = lamps.Count,
                After = ["offer-up", $"mount-{group.Key}", .. mount?.DepthMillimetres is null ? [] : Plugs(draft, lamps)],
                How = [mount?.Structural == true || lamps.Exists(lamp => lamp.Bracket is not null) ? RunSheetWords.FormatTorque(Format.And(Torque.Usual.Select(row => RunSheetWords.FormatTorqueRow(row.Size, Torque.OnTheWrench(row.Of88))))) : RunSheetWords.TorqueOfMaker],
                Tools = [RunSheetWords.TorqueWrench],
                Cautions = [.. Cautions(lamps), .. lamps.Exists(lamp => lamp.Bracket?.Kind == BracketKind.Clamp) ? [RunSheetWords.ClampCaution] : Array.Empty<string>()],
                LapsesWith = ["offer-up", $"mount-{group.Key}"],
            });
        }
    }

    /// <summary>The steps that join lamps to their leads: in a recess nobody gets at a plug once they are set.</summary>
    private static IEnumerable<string> Plugs(Draft draft, List<Fixture> lamps)
    {
        var ids = lamps.Select(lamp => lamp.Id).ToHashSet(StringComparer.Ordinal);
        bool OfLamp(string terminal) => ids.Contains(TerminalIndex.Split(terminal).Part);
        return draft.Rig.Runs.Where(run => run.Ends().Any(OfLamp)).SelectMany(run => draft.EndingsOf(run).Where(end => run.Given || OfLamp(end.At))).Select(end => Joining.IdOf(draft, end)).Distinct();
    }

    /// <summary>From the middle outwards, both sides in turn.</summary>
    private static List<Fixture> FromTheMiddle(Draft draft, List<Fixture> lamps)
    {
        double Off(Fixture lamp, int i) => lamps.Count == 1 && draft.MountOf(lamp) is { } mount ? Math.Abs(mount.At.Right) : Math.Abs(i - (lamps.Count - 1) / 2.0);
        return [.. lamps.Select((lamp, i) => (lamp, Off: Off(lamp, i), i)).OrderBy(one => one.Off).ThenBy(one => one.i).Select(one => one.lamp)];
    }

    private static IEnumerable<string> How(Draft draft, List<Fixture> lamps, Mount? mount)
    {
        if (lamps.Exists(lamp => lamp.Bracket is not null)) yield return RunSheetWords.BracketBeforeHole;
        if (lamps.Select(lamp => lamp.Bracket?.Hole).FirstOrDefault(hole => !string.IsNullOrEmpty(hole)) is { } hole) yield return RunSheetWords.FormatHoleOfBracket(hole);
        if (mount?.DepthMillimetres is not null) yield return RunSheetWords.PlugBeforeLamp;
        if (mount?.Supply is { } side) yield return RunSheetWords.FormatLeadLeaves(side == Side.Left ? KitWords.Left : KitWords.Right);
        if (Drilled(draft, lamps[0].Id)) yield return RunSheetWords.DrillHow;
        yield return RunSheetWords.FingerTightHow;
    }

    /// <summary>Rivet nuts, and bolts with a nut, take a hole of their own.</summary>
    private static bool Drilled(Draft draft, string part) => draft.PlacedAt.TryGetValue(part, out var place) && place.HeldBy is Fastening.RivetNut or Fastening.BoltAndNut;

    private static IEnumerable<string> Cautions(IReadOnlyList<Fixture> lamps)
    {
        if (lamps.Any(lamp => lamp.Body?.Holds.Any(hold => hold.Kind == HolderKind.Stud) == true)) yield return RunSheetWords.StudCaution;
        if (lamps.Any(lamp => lamp.Body?.Kilograms > HeavyKilograms)) yield return RunSheetWords.SecondPerson;
    }

    public static void Parts(Draft draft)
    {
        foreach (var part in draft.Fixed())
        {
            var place = draft.PlacedAt.GetValueOrDefault(part.Id);
            draft.Add(new SheetStep($"fix-{part.Id}", Stage.Fix, RunSheetWords.FormatFix(PartNames.Small(draft.Names[part.Id])), place?.HeldBy == Fastening.TappingScrew ? RunSheetWords.FixScrewWhy : RunSheetWords.FixWhy)
            {
                About = [part.Id],
                Task = WorkTask.Part,
                Share = part is PowerBox ? 2 : 1,
                After = [draft.HoldOf(part.Id), "reach", .. draft.CoversOf(part.Id)],
                How =
                [
                    .. part is Relay ? [RunSheetWords.RelayHow] : Array.Empty<string>(),
                    .. part is PowerBox ? [RunSheetWords.BoxHow] : Array.Empty<string>(),
                    .. part is ProtectiveDevice ? [RunSheetWords.FuseHow] : Array.Empty<string>(),
                    .. part is Switch ? [RunSheetWords.SwitchHow] : Array.Empty<string>(),
                    .. Drilled(draft, part.Id) ? [RunSheetWords.DrillHow] : Array.Empty<string>(),
                    .. place?.HeldBy == Fastening.FactoryBolt ? [RunSheetWords.FactoryBoltHow] : Array.Empty<string>(),
                ],
                Cautions = [.. part is Switch ? [RunSheetWords.PedalCaution] : Array.Empty<string>()],
                Hold = Drilled(draft, part.Id) ? Hold.SwarfOut : null,
                Asks = Drilled(draft, part.Id) ? [Ask.Yes("swarf", RunSheetWords.SwarfIsOut)] : [],
                Facts = [new Fact(part.Id, draft.Names[part.Id], Where(draft, part.Id)), .. Rated(draft, part)],
            });
        }
    }

    private static string Where(Draft draft, string part) => draft.Station(part) is { Length: > 0 } place ? place : RunSheetWords.PlaceNotSpecified;

    private static IEnumerable<Fact> Rated(Draft draft, IPart part)
    {
        var name = draft.Names[part.Id];
        if (part is ProtectiveDevice device) yield return new Fact($"{part.Id}.fuse", name, device.Fuse.ToString());
        if (part is Relay relay) yield return new Fact($"{part.Id}.contact", name, Format.RatedAmps(relay.ContactAmps));
        if (part is Switch own) yield return new Fact($"{part.Id}.contact", name, Format.RatedAmps(own.RatingAmps));
    }

    /// <summary>By name where they are few, else how many.</summary>
    internal static IEnumerable<string> Few(Draft draft, IEnumerable<IPart> parts)
    {
        var names = parts.Select(part => PartNames.Small(draft.Names[part.Id])).ToList();
        return names.Count <= MostNamed ? names : [.. names.Take(MostNamed - 1), RunSheetWords.FormatMore(names.Count - MostNamed + 1)];
    }

    private const int MostNamed = 4;
}
