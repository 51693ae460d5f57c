using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.RunSheet;

/// <summary>The vehicle made dead before the work, and live after it, by the way of the house.</summary>
internal static class Isolating
{
    /// <summary>What is taken off or out, and the steps that do it and undo it.</summary>
    internal sealed record Way(string Part, string Off, string On);

    /// <summary>Every battery, or every fuse between the vehicle's power and the new wiring; in the order in which they go off.</summary>
    public static IReadOnlyList<Way> Ways(Draft draft) => draft.BatteryOff
        ? [.. draft.Rig.Vehicle.Batteries.Select(battery => new Way(battery.Id, $"off-{battery.Id}", $"on-{battery.Id}"))]
        : [.. Feeders(draft).Select(part => new Way(part, $"out-{part}", $"in-{part}"))];

    /// <summary>Fuses that a battery's plus feeds without another between; slots, outputs, pins and signals of the vehicle that something is taken from.</summary>
    private static IReadOnlyList<string> Feeders(Draft draft)
    {
        var rig = draft.Rig;
        var posts = rig.Vehicle.Batteries.Select(battery => $"{battery.Id}.plus").ToHashSet(StringComparer.Ordinal);
        var own = rig.AllParts().Where(part => part is FuseSlot or AuxOutput or TrailerPin { Carries: not null } or VehicleSignal).Select(part => part.Id).ToHashSet(StringComparer.Ordinal);
        var devices = rig.Protection.Select(device => device.Id).Concat(rig.InlineBreakers.Select(breaker => breaker.Id)).ToHashSet(StringComparer.Ordinal);
        var found = new List<string>();
        foreach (var run in draft.Rig.Runs.Where(run => !draft.IsExisting(run.Id)))
            foreach (var (end, other) in new[] { (run.From, run.To), (run.To, run.From) })
            {
                var (near, far) = (TerminalIndex.Split(end).Part, TerminalIndex.Split(other).Part);
                if (posts.Contains(end) && devices.Contains(far)) found.Add(far);
                if (own.Contains(near)) found.Add(near);
            }
        return found.Count > 0 ? [.. found.Distinct()] : [rig.Vehicle.Batteries[0].Id];
    }

    public static void Off(Draft draft)
    {
        var proving = draft.Of(Stage.Prove);
        var window = proving.Count > 0 ? "prove" : "";
        string? before = null;
        foreach (var way in draft.Ways)
        {
            draft.Add(Dead(draft, way) with
            {
                After = [.. proving, .. before is null ? [] : new[] { before }],
                EndedBy = way.On,
                LapsesWith = proving,
                Leaves = [new Standing(draft.BatteryOff ? StandingKind.BatteryOff : StandingKind.FuseOut, way.Part, draft.BatteryOff ? RunSheetWords.FormatIsOff(draft.Names[way.Part]) : RunSheetWords.FormatIsOut(Called(draft, way.Part)), [way.On])],
                Window = window,
            });
            before = way.Off;
        }
    }

    private static SheetStep Dead(Draft draft, Way way)
    {
        if (!draft.BatteryOff) return MadeDead(draft, way.Off, Stage.Isolate, RunSheetWords.FormatFuseOut(Called(draft, way.Part)), RunSheetWords.FuseOutWhy) with { About = [way.Part] };
        var off = MadeDead(draft, way.Off, Stage.Isolate, RunSheetWords.FormatBatteryOff(draft.Names[way.Part]), RunSheetWords.BatteryOffWhy);
        return off with
        {
            About = [way.Part],
            How = [RunSheetWords.BatteryOffHow, RunSheetWords.BatteryMemory],
            Cautions = [RunSheetWords.SpannerCaution],
            Asks = [.. off.Asks, Ask.Yes("tied", RunSheetWords.ClampTiedAside)],
        };
    }

    /// <summary>Dead again after a time in which it was live.</summary>
    public static void Close(Draft draft, string id, Stage stage, string window, IReadOnlyList<string> after) =>
        draft.Add(MadeDead(draft, id, stage, draft.BatteryOff ? RunSheetWords.DeadAgainBattery : RunSheetWords.DeadAgainFuse, RunSheetWords.DeadAgainWhy) with
        {
            After = after,
            Window = window,
            LapsesWith = [after[0]],
        });

    /// <summary>Made dead by the way of the house, and shown to be.</summary>
    private static SheetStep MadeDead(Draft draft, string id, Stage stage, string title, string why) => new(id, stage, title, why)
    {
        Hold = draft.BatteryOff ? Hold.BatteryIsolated : Hold.FuseOut,
        Tools = draft.BatteryOff ? [RunSheetWords.TerminalSpanner, RunSheetWords.Multimeter] : [RunSheetWords.FusePuller],
        Asks = draft.BatteryOff ? [Ask.Reading("volts", RunSheetWords.VoltsToTheBody, "V", -DeadVolts, DeadVolts, 0)] : [Ask.Yes("out", RunSheetWords.FuseIsInYourHand)],
    };

    /// <summary>Between an isolated vehicle's posts and body no more than this is read, V (common practice, no source).</summary>
    private const double DeadVolts = 0.5;

    /// <summary>Fuse out: earth first, then plus, the fuse last. Battery off: every lead on, then the negative.</summary>
    public static void On(Draft draft)
    {
        IReadOnlyList<string> joined = [.. draft.Of(Stage.Lay, Stage.Fix, Stage.Earth, Stage.Join, Stage.Feed, Stage.JoinInside, Stage.Settings, Stage.Tighten, Stage.Mount, Stage.Try), .. draft.Of(Stage.Prove, Stage.ProveBehind)];
        draft.Add(new SheetStep("caps", Stage.Live, RunSheetWords.LookForLiveEnds, RunSheetWords.LookForLiveEndsWhy)
        {
            After = joined,
            Hold = Hold.NothingLiveUncapped,
            How = [.. Spare(draft)],
            Asks = [Ask.Yes("capped", RunSheetWords.EveryEndIsCapped), Ask.Yes("away", RunSheetWords.ToolsAreAway)],
            Facts = [.. Spare(draft).Select((words, i) => new Fact($"spare-{i}", words, words))],
            LapsesWith = joined,
            LapsesWithUndone = true,
        });
        Joining.Posts(draft, ["caps"]);
        string? before = null;
        foreach (var way in draft.Ways.Reverse())
        {
            draft.Add(new SheetStep(way.On, Stage.Live, draft.BatteryOff ? RunSheetWords.FormatBatteryOn(draft.Names[way.Part]) : RunSheetWords.FormatFuseIn(Called(draft, way.Part)), draft.BatteryOff ? RunSheetWords.BatteryOnWhy : RunSheetWords.FuseInWhy)
            {
                About = [way.Part],
                After = [way.Off, "caps", .. draft.Of(Stage.Live).Where(id => id.StartsWith("join-", StringComparison.Ordinal)), .. before is null ? [] : new[] { before }],
                Tools = draft.BatteryOff ? [RunSheetWords.TerminalSpanner] : [RunSheetWords.FusePuller],
                Parts = draft.BatteryOff ? [] : [Rating(draft.Rig, way.Part)],
                Cautions = [RunSheetWords.HotFuseCaution],
                Facts = draft.BatteryOff ? [] : [new Fact(way.Part, Called(draft, way.Part), Rating(draft.Rig, way.Part))],
                LapsesWith = [way.Off],
            });
            before = way.On;
        }
    }

    /// <summary>Leads that stay unused: they are capped and noted.</summary>
    private static IEnumerable<string> Spare(Draft draft) => draft.Rig.Joints.Where(joint => joint.Kind == JointKind.Cap && !draft.IsExisting(joint.Id)).Select(joint => RunSheetWords.FormatCapped(draft.Names[joint.Id], draft.Station(joint.Id)))
        .Concat(draft.Lamps.SelectMany(lamp => lamp.SparePins.Where(pin => !draft.Rig.Runs.Any(run => run.Ends().Contains($"{lamp.Id}.{pin}"))).Select(pin => RunSheetWords.FormatCapped(draft.Names.Terminal($"{lamp.Id}.{pin}"), draft.Station(lamp.Id)))));

    private static string Called(Draft draft, string part) => draft.Rig.Protection.Any(device => device.Id == part) || draft.Rig.InlineBreakers.Any(device => device.Id == part) ? PartNames.Small(draft.Names[part]) : RunSheetWords.FormatFuseOfPart(PartNames.Small(draft.Names[part]));

    private static string Rating(Rig rig, string part) => rig.Protection.FirstOrDefault(device => device.Id == part) is { } own ? own.Fuse.ToString()
        : rig.AllParts().FirstOrDefault(other => other.Id == part) switch
        {
            FuseSlot slot => Format.RatedAmps(slot.RatingAmps),
            AuxOutput output => Format.RatedAmps(output.RatingAmps),
            VehicleSignal signal => Format.RatedAmps(signal.Lamp.TakenFuseAmps),
            _ => RunSheetWords.AsItWas,
        };
}
