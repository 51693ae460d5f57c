using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Protection;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;

namespace BurlyRidge.Core.Sizing;

/// <summary>
/// Sizes wires, fuses and relays of a wired rig, or of one line of it. What is fixed by hand stays. Sizes follow from what
/// stays and from how things are joined, never from the sizes found, so that sizing a sized rig changes nothing.
/// </summary>
public sealed class AutoSizer
{
    private const int MaxRounds = 12;
    private const double IdleAmps = 0.1;

    private readonly CancellationToken cancellation;
    private readonly Rig saved;
    private readonly Rig wired;
    private readonly Rig first;
    private readonly Func<Rig, CancellationToken, RigStudy> studyOf;
    private readonly List<WireSize> gauges;
    private readonly HashSet<string> freeRuns;
    private readonly HashSet<string> freeDevices;
    private readonly HashSet<string> freeRelays;
    private readonly Dictionary<string, (int Gauge, string Why)> wires = new(StringComparer.Ordinal);
    private readonly Dictionary<string, Fuse> fuses = new(StringComparer.Ordinal);
    private readonly Dictionary<string, double> contacts = new(StringComparer.Ordinal);
    private readonly List<string> left = [];

    /// <summary>The most that a run gets for the drop's sake, by its place among the gauges.</summary>
    private readonly Dictionary<string, int> most = new(StringComparer.Ordinal);

    /// <param name="saved">The rig whose parts are sized.</param>
    /// <param name="wired">The same with every line in full wiring.</param>
    /// <param name="first">As much of it as is studied until sizes are found in it; then all of it is.</param>
    /// <param name="whole">That as it is, where more than one line hangs on it; null: all that is not fixed is free.</param>
    private AutoSizer(Rig saved, Rig wired, Rig first, RigStudy? whole, Func<Rig, CancellationToken, RigStudy> studyOf, string? lineId, CancellationToken cancellation)
    {
        this.studyOf = studyOf;
        this.cancellation = cancellation;
        this.saved = saved;
        this.wired = wired;
        this.first = first;
        gauges = [.. WireTable.Of(saved.HouseRules.Gauges)];
        if (whole is not { } today)
        {
            freeRuns = [.. saved.Runs.Where(Free).Select(run => run.Id)];
            freeDevices = [.. saved.Protection.Where(device => !device.Fixed).Select(device => device.Id)];
            freeRelays = [.. saved.Relays.Where(relay => !relay.Fixed).Select(relay => relay.Id)];
            if (MakersSay(saved)) TakeMakers(studyOf(saved, cancellation), lineId);
            return;
        }
        var existing = saved.Lines.Where(line => line.Existing).Select(line => line.Id).ToHashSet(StringComparer.Ordinal);
        bool InScope(string element) => today.LinesOf(element) is var lines
            && (lineId is null || lines.Contains(lineId)) && (lines.Count == 0 || !lines.All(existing.Contains));
        // What no load asks for and no short flows through, such as the thin minus of a box's electronics, stays as its maker has it.
        var idle = today.Runs.Where(figures => figures.DesignAmps < IdleAmps && figures.Behind.Count == 0 && figures.Faults.All(fault => fault.FarAmps <= 0)).Select(figures => figures.Run.Id).ToHashSet(StringComparer.Ordinal);
        freeRuns = [.. saved.Runs.Where(run => Free(run) && InScope(run.Id) && !idle.Contains(run.Id)).Select(run => run.Id)];
        freeDevices = [.. saved.Protection.Where(device => !device.Fixed && InScope(device.Id)).Select(device => device.Id)];
        freeRelays = [.. saved.Relays.Where(relay => !relay.Fixed && InScope($"{relay.Id}.contact")).Select(relay => relay.Id)];
        if (saved.HouseRules.Sizing == SizingSchool.MakersHarness) TakeMakers(today, lineId);
    }

    private static bool MakersSay(Rig rig) => rig.HouseRules.Sizing == SizingSchool.MakersHarness && rig.Fixtures.Any(lamp => lamp.HarnessWire is not null);

    /// <summary>Gauge and fuse as the lamps' maker has them, for lines whose lamps all say so; they are not sized then.</summary>
    private void TakeMakers(RigStudy today, string? lineId)
    {
        foreach (var harness in today.Lines.Where(line => lineId is null || line.Line.Id == lineId).Select(line => MakersHarness.Of(today, line)))
        {
            if (harness.Wire is not { } wire || harness.Fuse is not { } fuse)
            {
                left.Add(SizingWords.FormatTheMakerOfItsLamps(harness.Line.Name));
                continue;
            }
            // A harness is sold for a lamp or a pair; what a row of them draws it was not made for.
            if (harness.Lamps > 1 && harness.Devices.Any(device => SizeChoice.Fuse(saved, today.Wired.Protection.First(part => part.Id == device).Place, today.Loads.Of(device), breaker: false, longHeavy: false)?.RatingAmps > fuse.RatingAmps))
            {
                left.Add(SizingWords.FormatTheHarnessOfItsLamps(harness.Line.Name, fuse, harness.Lamps));
                continue;
            }
            var gauge = gauges.FindIndex(size => size.CopperSquareMillimetres >= wire.CopperSquareMillimetres * MakersHarness.Alike);
            foreach (var run in harness.Runs.Where(freeRuns.Remove)) wires[run] = (gauge < 0 ? gauges.Count - 1 : gauge, SizingWords.TheHarnessOfTheLamps);
            foreach (var device in harness.Devices.Where(freeDevices.Remove)) fuses[device] = fuse;
        }
    }

    /// <summary>Proposes sizes for a valid rig whose lines are all in full wiring, whole or one line.</summary>
    /// <param name="lineId">The line to size; null: all.</param>
    /// <param name="mostGauges">The most sizes of wire; null: as the house rules say.</param>
    /// <param name="cancellation">Ends the work early, with an <see cref="OperationCanceledException"/>.</param>
    public static SizingProposal Propose(Rig rig, string? lineId = null, int? mostGauges = null, CancellationToken cancellation = default) =>
        Propose(rig = RoutedRig.Of(rig).Rig, rig, lineId, mostGauges, cancellation);

    /// <summary>The same for the lines in full wiring of <paramref name="saved"/>, beside whatever else is in <paramref name="wired"/>.</summary>
    internal static SizingProposal Propose(Rig saved, Rig wired, string? lineId = null, int? mostGauges = null, CancellationToken cancellation = default)
    {
        var (first, study) = LinePiece.Of(wired, lineId, cancellation);
        return new AutoSizer(saved, wired, first, study, RigStudy.Of, lineId, cancellation).Propose(lineId, mostGauges ?? saved.HouseRules.MostGauges);
    }

    /// <summary>Sizes a rig that holds one line and nothing else, and gives what it was studied as last.</summary>
    internal static (Rig Sized, RigStudy Study) OfLine(Rig rig)
    {
        var sizer = new AutoSizer(rig, rig, rig, null, RigStudy.OfLine, null, default);
        var study = sizer.Size(null);
        return (sizer.Sized(rig), study);
    }

    /// <summary>What is fixed by hand, or came with a lamp, is not sized.</summary>
    private static bool Free(Run run) => !run.Fixed && !run.Given;

    private SizingProposal Propose(string? lineId, int? mostGauges)
    {
        Size(lineId);
        if (mostGauges is { } most) FewerGauges(most);
        return Proposal();
    }

    /// <summary>Finds the sizes; gives the rig as it was studied last.</summary>
    private RigStudy Size(string? lineId)
    {
        foreach (var run in freeRuns) wires[run] = (gauges.Count - 1, "");
        foreach (var device in freeDevices) fuses[device] = FuseTable.All[^1];
        var thick = studyOf(Sized(first), cancellation);
        var thinnest = Math.Max(0, gauges.FindIndex(wire => wire.AreaSquareMillimetres >= Limits.ThinnestSquareMillimetres));
        foreach (var run in freeRuns) wires[run] = (thinnest, SizingWords.TheThinnestThatIsStrong);
        foreach (var device in freeDevices) fuses.Remove(device);
        var loads = thick.Loads;
        Devices(thick, loads, first: true);
        Loads(thick, 0);
        Floors(thick, lineId);
        if (first.Lines.Count > 1) Together(studyOf(Sized(first), cancellation), lineId);
        var rig = first;
        for (var round = 0; ; round++)
        {
            var study = studyOf(Sized(rig), cancellation);
            var changed = Devices(study, loads, first: false) | Loads(study, saved.HouseRules.MarginFraction) | Shorts(study);
            if (changed && round + 1 < MaxRounds) continue;
            if (ReferenceEquals(rig, wired)) return study;
            rig = wired;
        }
    }

    private Rig Sized(Rig rig) => rig with
    {
        Runs = [.. rig.Runs.Select(run => wires.TryGetValue(run.Id, out var size) ? run with { Wire = gauges[size.Gauge].Name } : run)],
        Protection = [.. rig.Protection.Select(device => fuses.TryGetValue(device.Id, out var fuse) ? device with { Fuse = fuse } : device)],
        Relays = [.. rig.Relays.Select(relay => contacts.TryGetValue(relay.Id, out var amps) ? relay with { ContactAmps = amps } : relay)],
    };

    private bool Devices(RigStudy study, LampLoads loads, bool first)
    {
        double Design(string element) => Math.Max(study.Design(element).Amps, loads.Of(element));
        var changed = false;
        foreach (var device in saved.Protection.Where(device => freeDevices.Contains(device.Id)))
        {
            var heavy = SizeChoice.FeedsLongHeavy(study.Wired, study.Feeds, study.Map.Find(device.Id)!);
            var fuse = SizeChoice.Fuse(saved, device.Place, Design(device.Id), device.Breaker, heavy) ?? FuseTable.All[^1];
            if (!first) fuse = Selective(study, device, fuse, heavy);
            if (fuses.TryGetValue(device.Id, out var known) && known.RatingAmps >= fuse.RatingAmps) continue;
            fuses[device.Id] = fuse;
            changed = true;
        }
        foreach (var relay in saved.Relays.Where(relay => freeRelays.Contains(relay.Id)))
        {
            var contact = $"{relay.Id}.contact";
            var amps = SizeChoice.Contact(saved.Vehicle.SystemVolts, study.OnContact(contact, Design(contact)), FuseBefore(study, relay)) ?? RelayTable.ContactAmps[^1];
            if (contacts.TryGetValue(relay.Id, out var known) && known >= amps) continue;
            contacts[relay.Id] = amps;
            changed = true;
        }
        return changed;
    }

    /// <summary>The largest fuse of ours right before a relay's contact, A: what it lets through the contact carries.</summary>
    private double FuseBefore(RigStudy study, Relay relay) => study.Feeds.Of($"{relay.Id}.{relay.Pinout.Common}") is { Grounded: false } section
        ? section.Feeders.Select(feeder => OwnAmps(feeder.Device!.Id)).DefaultIfEmpty(0).Max()
        : 0;

    /// <summary>What a fuse or breaker of ours is rated, A; 0 of one that is the vehicle's.</summary>
    private double OwnAmps(string device) =>
        fuses.GetValueOrDefault(device)?.RatingAmps
        ?? saved.Protection.FirstOrDefault(part => part.Id == device)?.Fuse.RatingAmps
        ?? saved.InlineBreakers.FirstOrDefault(part => part.Id == device)?.RatingAmps ?? 0;

    /// <summary>The smallest fuse from there up that lets every branch behind it open first; the same one where none does.</summary>
    private static Fuse Selective(RigStudy study, ProtectiveDevice device, Fuse least, bool heavy)
    {
        var branches = Selectivity.Branches(study, study.Map.Find(device.Id)!).ToList();
        if (branches.Count == 0) return least;
        var boxes = study.Wired.PowerBoxes.Where(box => study.Feeds.Of($"{box.Id}.plus").Feeders.Any(feeder => feeder.Device!.Id == device.Id)).ToList();
        var most = boxes.Select(box => box.TotalAmps).Append(Limits.MaxAboveLoad * least.RatingAmps).Min();
        return (heavy ? SizeChoice.ForLongHeavy : FuseTable.All)
            .Where(fuse => fuse.RatingAmps >= least.RatingAmps && fuse.RatingAmps <= most)
            .FirstOrDefault(fuse => branches.TrueForAll(branch => branch.Before(fuse))) ?? least;
    }

    private bool Loads(RigStudy study, double margin)
    {
        var changed = false;
        foreach (var figures in study.Runs.Where(figures => freeRuns.Contains(figures.Run.Id)))
        {
            var load = figures.LoadAmps * (1 + margin);
            var fuse = figures.FuseNeedWith(device => fuses.GetValueOrDefault(device.Id) ?? device.Fuse!);
            var need = Math.Max(Math.Max(load, fuse), figures.LimitedAmps);
            var why = fuse >= load ? (figures.Behind.Count > 0 ? SizingWords.FormatForTheFuseBehindIt(Format.Amps(fuse)) : SizingWords.FormatForTheFuseBeforeIt(Format.Amps(fuse))) : SizingWords.FormatForTheLoadWithIts(Format.Amps(load));
            changed |= Raise(figures.Run.Id, Index(figures, need), why);
        }
        return changed;
    }

    private bool Shorts(RigStudy study)
    {
        var changed = false;
        foreach (var figures in study.Runs.Where(figures => freeRuns.Contains(figures.Run.Id) && !WireLadder.Clears(saved, figures, figures.Wire)))
        {
            var wire = SizeChoice.WireForShorts(saved, figures) ?? gauges[^1];
            changed |= Raise(figures.Run.Id, gauges.IndexOf(wire), SizingWords.AShortAtItsFar);
        }
        return changed;
    }

    private int Index(RunFigures figures, double neededAmps) =>
        SizeChoice.Wire(saved, figures.Run, neededAmps) is { } wire ? gauges.IndexOf(wire) : gauges.Count - 1;

    private bool Raise(string run, int gauge, string why)
    {
        if (wires[run].Gauge >= gauge) return false;
        wires[run] = (gauge, why);
        return true;
    }

    /// <summary>For each line the copper that its drop is worth; no margin enters, so that a higher one never thins a wire.</summary>
    private void Floors(RigStudy thick, string? lineId)
    {
        var needed = wires.ToDictionary(pair => pair.Key, pair => pair.Value.Gauge, StringComparer.Ordinal);
        var takes = TerminalCopper();
        foreach (var figures in thick.Runs.Where(figures => freeRuns.Contains(figures.Run.Id))) most[figures.Run.Id] = Most(figures, takes);
        // Lines that come on together share what is solved.
        var pieces = new Dictionary<(SolvedHarness, bool Named), DropFloor>();
        foreach (var line in thick.Lines.Where(line => lineId is null || line.Line.Id == lineId).Unless(cancellation))
        {
            if (line.Trigger.On is null) continue;
            DropFloor Piece(bool free)
            {
                if (!pieces.TryGetValue((line.Off, free), out var known))
                    pieces.Add((line.Off, free), known = new DropFloor(gauges, needed, free ? null : id => most[id], Sized(line.Slice), line.Slice.Runs.Where(run => freeRuns.Contains(run.Id)), line.Trigger.On!, line.Off));
                return known;
            }
            var named = Named(line);
            var piece = Piece(named);
            if (piece.Idle) continue;
            var (sizes, drop) = piece.For(line);
            // The bounds are for copper that hardly helps: a lamp too dim to be let go is a reason of its own.
            if (!named && drop.Dim > 0 && Piece(free: true).BrightEnough(line) is { } bright) sizes = bright;
            if (!drop.HoldsAlike) left.Add(Left(line, drop, named));
            foreach (var (id, gauge) in sizes) Raise(id, gauge, SizingWords.FormatTheDropOf(line.Line.Name));
        }
    }

    /// <summary>The copper that the drop is worth of lines which keep it one by one and lose it together.</summary>
    private void Together(RigStudy study, string? lineId)
    {
        var over = study.Lines.Where(line => (lineId is null || line.Line.Id == lineId)
            && line.Lamps.Any(lamp => lamp.Together is { } together && together.DropFraction > lamp.DropFraction && !Limits.AtLeast(lamp.DropLimit, together.DropFraction))).ToList();
        if (over.Count == 0) return;
        var anyState = new RigSlices(study.Wired, study.Map).In(null);
        foreach (var together in over.GroupBy(line => string.Join(',', anyState.PiecesOf(line.Line.Lights)), StringComparer.Ordinal).Unless(cancellation))
        {
            var piece = anyState.Of(anyState.PiecesOf(together.First().Line.Lights));
            var on = RigStates.EverythingOn(study.Wired);
            var needed = wires.ToDictionary(pair => pair.Key, pair => pair.Value.Gauge, StringComparer.Ordinal);
            var named = together.Any(Named);
            var floor = new DropFloor(gauges, needed, named ? null : id => most[id], piece, piece.Runs.Where(run => freeRuns.Contains(run.Id)), on, LineStudy.In(piece, on));
            foreach (var line in together)
            {
                if (floor.Idle) continue;
                var (sizes, drop) = floor.For(line);
                if (!drop.HoldsAlike) left.Add(LeftTogether(line, drop));
                foreach (var (id, gauge) in sizes) Raise(id, gauge, SizingWords.FormatTheDropOfWithEverything(line.Line.Name));
            }
        }
    }

    /// <summary>Whether somebody named what its lamps may lose: then no bound is set to the copper for it.</summary>
    private bool Named(LineStudy line) => line.Lamps.Any(lamp => saved.HouseRules.NamedDropLimit(lamp.Function.Kind) is not null);

    private static string LeftTogether(LineStudy line, LineDrop drop) =>
        SizingWords.FormatIsLostWithEverythingOn(line.Line.Name, Format.Percent(drop.Fraction), Format.Percent(drop.Fraction - Math.Max(drop.Missing, 0)));

    private static string Left(LineStudy line, LineDrop drop, bool named) => drop.Missing > 0
        ? SizingWords.FormatIsLostWhereIsWanted(line.Line.Name, Format.Percent(drop.Fraction), Format.Percent(drop.Fraction - drop.Missing))
            + " " + (named ? SizingWords.NoWireInTheTable : SizingWords.AndMoreCopperHardlyHelps)
        : SizingWords.FormatTheFarLampStaysDimmer(line.Line.Name);

    /// <summary>The thickest that a run gets for the drop's sake: as the house has it, and what its terminals take.</summary>
    private int Most(RunFigures figures, IReadOnlyDictionary<string, double> takes)
    {
        var amps = figures.Devices.Select(device => (fuses.GetValueOrDefault(device.Id) ?? device.Fuse!).RatingAmps).DefaultIfEmpty(0).Max();
        var house = amps > HeavyFromAmps ? saved.HouseRules.DropCopperHeavy : saved.HouseRules.DropCopper;
        var copper = figures.Run.Ends().Select(end => takes.GetValueOrDefault(end, house)).Append(house).Min();
        return Math.Max(0, gauges.FindLastIndex(wire => wire.CopperSquareMillimetres <= copper));
    }

    /// <summary>The most copper of one wire that a terminal takes, mm², where that is known: of a joint its own, of a blade with a second wire in it what that leaves.</summary>
    private Dictionary<string, double> TerminalCopper()
    {
        var (blades, ranges) = (BladeTerminals.PartsOf(saved), saved.Joints.Where(joint => joint.Takes is not null).ToDictionary(joint => joint.Id, joint => joint.Takes!.ToSquareMillimetres, StringComparer.Ordinal));
        var takes = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var end in saved.Runs.SelectMany(run => run.Ends()).GroupBy(end => end, StringComparer.Ordinal))
        {
            var part = TerminalIndex.Split(end.Key).Part;
            if (ranges.TryGetValue(part, out var most)) takes[end.Key] = most;
            else if (end.Count() > 1 && blades.Contains(part)) takes[end.Key] = Limits.TerminalSquareMillimetres - Limits.ControlSquareMillimetres;
        }
        return takes;
    }

    /// <summary>A fuse above this is a heavy one, A (house rule).</summary>
    private const double HeavyFromAmps = 30;

    /// <summary>Buys fewer sizes: of all choices of so many the one with the least copper, every run going up to the next.</summary>
    private void FewerGauges(int most)
    {
        var used = wires.Values.Select(size => size.Gauge).Distinct().Order().ToArray();
        if (used.Length <= most) return;
        var lengths = saved.Runs.Where(run => wires.ContainsKey(run.Id)).ToLookup(run => wires[run.Id].Gauge, run => run.LengthMetres);
        double Copper(int[] bought) => used.Sum(gauge => lengths[gauge].Sum() * gauges[bought.First(other => other >= gauge)].CopperSquareMillimetres);
        var best = Choices(used, most - 1).Select(choice => (int[])[.. choice, used[^1]]).MinBy(Copper)!;
        foreach (var (run, (gauge, _)) in wires.ToList()) Raise(run, best.First(other => other >= gauge), SizingWords.FormatNoMoreThanSizesAre(most));
    }

    /// <summary>Every choice of <paramref name="count"/> from all but the last, in order.</summary>
    private static IEnumerable<int[]> Choices(int[] from, int count)
    {
        if (count <= 0) return [[]];
        return from.SkipLast(1).SelectMany((first, i) => Choices(from[(i + 1)..], count - 1).Select(rest => (int[])[first, .. rest]));
    }

    private static string Range(CopperRange takes) => SizingWords.FormatTo(Format.Copper(takes.FromSquareMillimetres), Format.Copper(takes.ToSquareMillimetres));

    private SizingProposal Proposal()
    {
        var sized = TerminalFit.After(saved, Sized(saved));
        var (changes, names) = (new List<SizeChange>(), PartNames.Of(wired));
        foreach (var (before, after) in saved.Runs.Zip(sized.Runs))
            if (before.Wire != after.Wire) changes.Add(new SizeChange(before.Id, names[before.Id], "wire", before.Wire, after.Wire, wires[before.Id].Why));
        foreach (var (before, after) in saved.Protection.Zip(sized.Protection))
            if (before.Fuse != after.Fuse) changes.Add(new SizeChange(before.Id, names[before.Id], "fuse", before.Fuse.ToString(), after.Fuse.ToString(), SizingWords.TheLoadWithItsMargin));
        foreach (var (before, after) in saved.Relays.Zip(sized.Relays))
            if (before.ContactAmps != after.ContactAmps) changes.Add(new SizeChange(before.Id, names[before.Id], "relay", $"{before.ContactAmps} A", $"{after.ContactAmps} A", SizingWords.TheSmallestContactThatCarries));
        foreach (var (before, after) in saved.Joints.Zip(sized.Joints))
            if (before.Takes != after.Takes) changes.Add(new SizeChange(before.Id, names[before.Id], "terminals", Range(before.Takes!), Range(after.Takes!), SizingWords.TheWiresInThem));
        var bought = sized.Runs.Select(run => WireTable.Find(run.Wire)!).Distinct().OrderBy(wire => wire.CopperSquareMillimetres).Select(wire => wire.Name);
        return new SizingProposal(sized, changes, [.. bought], left);
    }
}
