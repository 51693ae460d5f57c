using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Lamps tried on the bench, and wires of the vehicle's own proven before they are opened.</summary>
internal static class Proving
{
    /// <summary>Signal wires read about battery voltage when on: 11 V of a 12 V system (common practice, no source).</summary>
    private const double LiveFraction = 11.0 / 12;

    /// <summary>A wire below this is dead, V (common practice, no source).</summary>
    private const double DeadVolts = 1;

    /// <summary>A wire of the vehicle's own that something is taken from.</summary>
    /// <param name="Id">Of the joint that takes it, or of the part of the vehicle.</param>
    /// <param name="Part">The part of the vehicle.</param>
    /// <param name="Covers">Steps that have to be done to get at it.</param>
    internal sealed record Proof(string Id, IPart Part, IReadOnlyList<string> Covers)
    {
        /// <summary>All joints and parts that take it.</summary>
        public IReadOnlyList<string> Takes { get; init; } = [];
    }

    public static IReadOnlyList<Proof> Of(Draft draft)
    {
        var vehicle = draft.Rig.AllParts().Where(part => part is VehicleSignal or FuseSlot or TrailerPin or IgnitionFeed).ToDictionary(part => part.Id, StringComparer.Ordinal);
        var joints = draft.Rig.Joints.Where(joint => joint.PickUp is not null).Select(joint => joint.Id).ToHashSet(StringComparer.Ordinal);
        var found = new Dictionary<string, Proof>(StringComparer.Ordinal);
        foreach (var run in draft.Rig.Runs.Where(run => !draft.IsExisting(run.Id)))
            foreach (var (end, other) in new[] { (run.From, run.To), (run.To, run.From) })
            {
                if (!vehicle.TryGetValue(TerminalIndex.Split(end).Part, out var part) || part is TrailerPin { Carries: null } || (part is VehicleSignal signal && end != signal.Turning && joints.Contains(TerminalIndex.Split(other).Part))) continue;
                var id = joints.Contains(TerminalIndex.Split(other).Part) ? TerminalIndex.Split(other).Part : part.Id;
                found.TryAdd(id, new Proof(id, part, [.. draft.CoversOf(id, part.Id)]));
            }
        foreach (var joint in draft.Rig.Joints.Where(joint => joint.PickUp is not null && !draft.IsExisting(joint.Id) && !found.ContainsKey(joint.Id)))
            if (Taken(draft, joint, vehicle) is { } part) found.Add(joint.Id, new Proof(joint.Id, part, [.. draft.CoversOf(joint.Id, part.Id)]));
        // One wire at one place is proven once, whatever is taken from it.
        return [.. found.Values.GroupBy(proof => (proof.Part.Id, Place(draft, proof))).Select(same => same.First() with { Covers = [.. same.SelectMany(proof => proof.Covers).Distinct()], Takes = [.. same.Select(proof => proof.Id)] })];
    }

    private static (VehicleEnd?, Side?) Place(Draft draft, Proof proof) => draft.Rig.Joints.FirstOrDefault(joint => joint.Id == proof.Id)?.PickUp is { } pickUp ? (pickUp.End, pickUp.Side) : (null, null);

    /// <summary>The part of the vehicle that a pick-up is joined to.</summary>
    private static IPart? Taken(Draft draft, Joint joint, Dictionary<string, IPart> vehicle) =>
        draft.Rig.Runs.Where(run => run.Ends().Any(end => TerminalIndex.Split(end).Part == joint.Id)).SelectMany(run => run.Ends()).Select(end => vehicle.GetValueOrDefault(TerminalIndex.Split(end).Part)).FirstOrDefault(part => part is not null);

    public static void Bench(Draft draft)
    {
        // A lamp of several lines is tried with the first.
        var byLine = draft.Lamps.Where(lamp => draft.LinesOf(lamp).Any(line => !line.Existing)).ToLookup(lamp => draft.LinesOf(lamp).First(line => !line.Existing).Id, StringComparer.Ordinal);
        foreach (var line in draft.Rig.Lines.Where(line => !line.Existing))
        {
            var lamps = byLine[line.Id].ToList();
            if (lamps.Count == 0) continue;
            draft.Add(new SheetStep($"bench-{line.Id}", Stage.Bench, RunSheetWords.FormatTryOnTheBench(line.Name, Format.Count(lamps.Count, RunSheetWords.LampWord, RunSheetWords.LampsWord)), RunSheetWords.TryOnTheBenchWhy)
            {
                About = [.. lamps.Select(lamp => lamp.Id)],
                Task = WorkTask.Line,
                Share = 2,
                Tools = [RunSheetWords.FusedTestLead],
                Asks = [Ask.Yes("lit", RunSheetWords.EveryLightIsLit)],
                Facts = LampFacts.Of(draft, lamps),
            });
        }
    }

    public static void BeforeIsolation(Draft draft, IReadOnlyList<Proof> proofs) => Window(draft, [.. proofs.Where(proof => proof.Covers.Count == 0)], Stage.Prove, "prove");

    public static void BehindCovers(Draft draft, IReadOnlyList<Proof> proofs) => Window(draft, [.. proofs.Where(proof => proof.Covers.Count > 0)], Stage.ProveBehind, "prove-behind");

    /// <summary>Proving needs power: what is off goes on for it and off again.</summary>
    private static void Window(Draft draft, IReadOnlyList<Proof> proofs, Stage stage, string window)
    {
        if (proofs.Count == 0) return;
        var dead = draft.Has(draft.Ways[0].Off);
        var (open, close) = ($"window-{window}-open", dead ? $"window-{window}-close" : draft.Ways[^1].Off);
        IReadOnlyList<string> before = [.. draft.Of(Stage.Isolate), .. draft.Of(Stage.StripDown)];
        draft.Add(new SheetStep(open, stage, !dead ? RunSheetWords.BeginProving : draft.BatteryOff ? RunSheetWords.GoLiveToProve : RunSheetWords.FuseInToProve, RunSheetWords.GoLiveToProveWhy)
        {
            After = before,
            Hold = Hold.WindowOpens,
            Window = window,
            EndedBy = close,
            Asks = [Ask.Yes("ends", RunSheetWords.NoEndCanTouch), Ask.Yes("state", RunSheetWords.ReadyToProve)],
            Leaves = [new Standing(StandingKind.Live, "", RunSheetWords.LiveForProving, [close])],
        });
        foreach (var proof in proofs) Prove(draft, proof, stage, window, [open, .. proof.Covers]);
        if (dead) Isolating.Close(draft, close, stage, window, [open, .. proofs.Select(proof => $"prove-{proof.Id}")]);
    }

    private static void Prove(Draft draft, Proof proof, Stage stage, string window, IReadOnlyList<string> after)
    {
        var (part, names) = (proof.Part, draft.Names);
        var volts = draft.Rig.Vehicle.SystemVolts;
        var signal = part switch { VehicleSignal one => one.Signal, TrailerPin { Carries: { } carried } => carried, _ => (Signal?)null };
        var toEarth = part is VehicleSignal { Lamp.ToEarth: true };
        var terminal = part switch { VehicleSignal one => one.Turning, TrailerPin pin => $"{pin.Id}.pin", FuseSlot slot => $"{slot.Id}.tap", _ => IgnitionFeed.Out };
        var (on, off) = VoltsOf(draft.Rig, terminal, signal, part is FuseSlot { Feed: Feed.Battery });
        var (live, dead) = (LiveFraction * volts, DeadVolts);
        IReadOnlyList<Ask> asks = part is FuseSlot { Feed: Feed.Battery }
            ? [Ask.Reading("on", RunSheetWords.VoltsKeyOff, "V", live, null, on)]
            : toEarth
                ? [Ask.Reading("on", RunSheetWords.VoltsSignalOn, "V", null, dead, on), Ask.Reading("off", RunSheetWords.VoltsSignalOff, "V", live, null, off), Ask.Yes("other", RunSheetWords.TestLampToPlus)]
                : [Ask.Reading("on", signal is null ? RunSheetWords.VoltsKeyOn : RunSheetWords.VoltsSignalOn, "V", live, null, on), Ask.Reading("off", signal is null ? RunSheetWords.VoltsKeyOff : RunSheetWords.VoltsSignalOff, "V", null, dead, off)];
        var title = signal is { } word ? RunSheetWords.FormatProveSignal(word.Word()) : RunSheetWords.FormatProveLive(PartNames.Small(names[part.Id]));
        draft.Add(new SheetStep($"prove-{proof.Id}", stage, title, toEarth ? RunSheetWords.ProveNegativeWhy : RunSheetWords.ProveWhy)
        {
            About = [.. proof.Takes.Union([part.Id])],
            After = after,
            Hold = Hold.SignalProven,
            Window = window,
            How = [.. Found(part), .. signal is null ? [RunSheetWords.ProveSlotHow] : new[] { RunSheetWords.ProveSignalHow, toEarth ? RunSheetWords.TestLampEarthed : RunSheetWords.TestLampLive }, RunSheetWords.ColourIsNoProof],
            Tools = [RunSheetWords.Multimeter, RunSheetWords.TestLamp],
            Asks = [.. asks, Ask.Yes("alone", RunSheetWords.NothingElseWasOn)],
            Facts = [.. proof.Takes.Select(taker => new Fact(taker, names[taker], $"{names[part.Id]}, {draft.Station(taker)}, {(toEarth ? PartWords.OnToEarth : PartWords.On)}"))],
        });
    }

    /// <summary>Where somebody found its wires.</summary>
    private static IEnumerable<string> Found(IPart part) => part is VehicleSignal signal
        ? signal.Lamp.Wires.Select(wire => RunSheetWords.FormatFoundWire(wire.Colour.Length > 0 ? wire.Colour : RunSheetWords.ColourNotSpecified, wire.Reached.Length > 0 ? wire.Reached : RunSheetWords.PlaceNotSpecified)) : [];

    /// <summary>What the meter should read there on the vehicle as it is, on and off, V.</summary>
    private static (double? On, double? Off) VoltsOf(Rig rig, string terminal, Signal? signal, bool always)
    {
        var bare = HarnessCompiler.Compile(Rig.Empty(rig.Vehicle.SystemVolts, rig.HouseRules.Units) with { Vehicle = rig.Vehicle });
        if (!bare.Nodes.ContainsKey(terminal)) return (null, null);
        var key = new RigState { Key = true };
        var off = always || signal is null ? new RigState() : key;
        return (bare.Solve(signal is { } one ? key.WithSignals(other => other == one) : always ? off : key).Volts(terminal), bare.Solve(off).Volts(terminal));
    }
}
