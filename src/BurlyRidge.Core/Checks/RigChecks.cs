using BurlyRidge.Core.Checks.Wires;
using BurlyRidge.Core.Checks.Fuses;
using BurlyRidge.Core.Checks.Controls;
using BurlyRidge.Core.Checks.Earths;
using BurlyRidge.Core.Checks.Lamps;
using BurlyRidge.Core.Checks.Supply;
using BurlyRidge.Core.Checks.Boxes;
using BurlyRidge.Core.Checks.Routes;
using BurlyRidge.Core.Checks.Fit;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Checks;

/// <summary>Every check of a whole rig, in the order in which a fitter would ask.</summary>
public static class RigChecks
{
    private static readonly RigCheck[] All =
    [
        new(HighVoltageCheck.Kind, HighVoltageCheck.Judge),
        new(LineLightsCheck.Kind, LineLightsCheck.Judge),
        new(LineOffCheck.Kind, LineOffCheck.Judge),
        new(WireFoundCheck.Kind, WireFoundCheck.Judge),
        new(WireLoadCheck.Kind, WireLoadCheck.Judge),
        new(WireFuseCheck.Kind, WireFuseCheck.Judge),
        new(ReturnCheck.Kind, ReturnCheck.Judge),
        new(ZoneHeatCheck.Kind, ZoneHeatCheck.Judge),
        new(FuseLoadCheck.Kind, FuseLoadCheck.Judge),
        new(FuseHeatCheck.Kind, FuseHeatCheck.Judge),
        new(FuseFamilyCheck.Kind, FuseFamilyCheck.Judge),
        new(FuseVoltsCheck.Kind, FuseVoltsCheck.Judge),
        new(FarShortCheck.Kind, FarShortCheck.Judge) { RestsOn = Unspecified.Resistance },
        new(ContactFuseCheck.Kind, ContactFuseCheck.Judge),
        new(BreakingCheck.Kind, BreakingCheck.Judge) { RestsOn = Unspecified.Resistance },
        new(SelectivityCheck.Kind, SelectivityCheck.Judge),
        new(UnfusedLeadCheck.Kind, UnfusedLeadCheck.Judge),
        new(TwoSourcesCheck.Kind, TwoSourcesCheck.Judge),
        new(OneFeedOutCheck.Kind, OneFeedOutCheck.Judge),
        new(BackFeedCheck.Kind, BackFeedCheck.Judge),
        new(FedBackwardsCheck.Kind, FedBackwardsCheck.Judge),
        new(DropCheck.Kind, DropCheck.Judge),
        new(FarLampCheck.Kind, FarLampCheck.Judge),
        new(LampRunsCheck.Kind, LampRunsCheck.Judge),
        new(LampVoltsCheck.Kind, LampVoltsCheck.Judge),
        new(SeriesLampsCheck.Kind, SeriesLampsCheck.Judge),
        new(PartVoltsCheck.Kind, PartVoltsCheck.Judge),
        new(HalfTapCheck.Kind, HalfTapCheck.Judge),
        new(RelayContactCheck.Kind, RelayContactCheck.Judge),
        new(ContactBypassedCheck.Kind, ContactBypassedCheck.Judge),
        new(CoilVoltsCheck.Kind, CoilVoltsCheck.Judge),
        new(CoilPullCheck.Kind, CoilPullCheck.Judge),
        new(CoilDiodeCheck.Kind, CoilDiodeCheck.Judge),
        new(SuppressionCheck.Kind, SuppressionCheck.Judge),
        new(SwitchCurrentCheck.Kind, SwitchCurrentCheck.Judge),
        new(OutputRatingCheck.Kind, OutputRatingCheck.Judge),
        new(BoxTotalCheck.Kind, BoxTotalCheck.Judge),
        new(BoxMainCheck.Kind, BoxMainCheck.Judge),
        new(BoxMinusCheck.Kind, BoxMinusCheck.Judge),
        new(SenseWiredCheck.Kind, SenseWiredCheck.Judge),
        new(SlotTapCheck.Kind, SlotTapCheck.Judge),
        new(SlotKeyCheck.Kind, SlotKeyCheck.Judge),
        new(OutletFuseCheck.Kind, OutletFuseCheck.Judge),
        new(ConverterLoadCheck.Kind, ConverterLoadCheck.Judge),
        new(CurrentSensorCheck.Kind, CurrentSensorCheck.Judge),
        new(EarthPracticeCheck.Kind, EarthPracticeCheck.Judge),
        new(HarnessStyleCheck.Kind, HarnessStyleCheck.Judge) { RestsOn = Unspecified.Style },
        new(TriggerStyleCheck.Kind, TriggerStyleCheck.Judge),
        new(MarkerKeyCheck.Kind, MarkerKeyCheck.Judge),
        new(SignalFollowsCheck.Kind, SignalFollowsCheck.Judge),
        new(SignalLoadCheck.Kind, SignalLoadCheck.Judge) { RestsOn = Unspecified.Share },
        new(SignalPulsedCheck.Kind, SignalPulsedCheck.Judge) { RestsOn = Unspecified.Steady },
        new(SwitchLampEarthCheck.Kind, SwitchLampEarthCheck.Judge) { RestsOn = Unspecified.Style },
        new(MinusSwitchedCheck.Kind, MinusSwitchedCheck.Judge),
        new(JointKindCheck.Kind, JointKindCheck.Judge),
        new(JointRangeCheck.Kind, JointRangeCheck.Judge),
        new(JointCurrentCheck.Kind, JointCurrentCheck.Judge),
        new(TerminalShareCheck.Kind, TerminalShareCheck.Judge),
        new(TerminalHeatCheck.Kind, TerminalHeatCheck.Judge),
        new(SpareLeadCheck.Kind, SpareLeadCheck.Judge),
        new(LiveEndCheck.Kind, LiveEndCheck.Judge),
        new(RegisterCheck.Kind, RegisterCheck.Judge),
        new(AlternatorIdleCheck.Kind, AlternatorIdleCheck.Judge) { RestsOn = Unspecified.AtIdle },
        new(AlternatorCruiseCheck.Kind, AlternatorCruiseCheck.Judge) { RestsOn = Unspecified.AtCruise },
        new(LeftOnCheck.Kind, LeftOnCheck.Judge) { RestsOn = Unspecified.Charge },
        new(SourcesJoinedCheck.Kind, SourcesJoinedCheck.Judge),
        new(KeyOffDrainCheck.Kind, KeyOffDrainCheck.Judge) { RestsOn = Unspecified.Parked },
        new(SettlesCheck.Kind, SettlesCheck.Judge),
        new(IsolationCheck.Kind, IsolationCheck.Judge),
        new(RouteFoundCheck.Kind, RouteFoundCheck.Judge),
        new(RouteMeasuredCheck.Kind, RouteMeasuredCheck.Judge),
        new(HazardCheck.Kind, HazardCheck.Judge),
        new(HoleRoomCheck.Kind, HoleRoomCheck.Judge),
        new(HoleEdgeCheck.Kind, HoleEdgeCheck.Judge),
        new(TiedCheck.Kind, TiedCheck.Judge),
        new(PanelLeadCheck.Kind, PanelLeadCheck.Judge),
        new(LampFitCheck.Kind, LampFitCheck.Judge),
        new(PartFitCheck.Kind, PartFitCheck.Judge),
        new(PairCheck.Kind, PairCheck.Judge),
        new(ArrivalCheck.Kind, ArrivalCheck.Judge),
        new(WaterCheck.Kind, WaterCheck.Judge),
        new(HeldCheck.Kind, HeldCheck.Judge),
        new(PanelInReachCheck.Kind, PanelInReachCheck.Judge),
    ];

    /// <summary>The ids of all checks, in that order.</summary>
    public static IReadOnlyList<string> Ids => [.. All.Select(check => check.Kind.Id)];

    /// <summary>Judges <paramref name="subject"/>; a check that has nothing to judge says nothing.</summary>
    public static IReadOnlyList<Check> Judge(RigSubject subject, CancellationToken cancellation = default) => [.. All.Unless(cancellation).SelectMany(check => check.Judged(subject)).Select(check => OnWhole(subject, check))];

    /// <summary>A cure of a part that a quick plan stands for is put into the plan's full wiring.</summary>
    private static Check OnWhole(RigSubject subject, Check check) =>
        check.Remedy is { OfPlan: false } remedy && (subject.Whole.QuickLineOf(TerminalIndex.Split(check.About).Part) ?? check.LineId) is { } line && subject.Whole.Quick.ContainsKey(line)
            ? check with { Remedy = remedy with { Apply = rig => remedy.Apply(WholeRig.Of(rig).Expanded(line)) } }
            : check;

    /// <summary>One check, and how it judges.</summary>
    private sealed record RigCheck(CheckKind Kind, Func<RigSubject, IEnumerable<Check>> Judge)
    {
        /// <summary>Figures that it goes by and nobody entered.</summary>
        public Func<RigSubject, IEnumerable<Unspecified>>? RestsOn { get; init; }

        public IEnumerable<Check> Judged(RigSubject subject)
        {
            if (RestsOn is null) return Judge(subject);
            var unsaid = RestsOn(subject).ToList();
            return unsaid.Count == 0 ? Judge(subject) : Judge(subject).Select(check => check with { RestsOn = About(unsaid, check.About) });
        }

        /// <summary>Of what is about one signal, what concerns that one.</summary>
        private static List<Unspecified> About(List<Unspecified> unsaid, string about) =>
            VehicleSignal.Names.FirstOrDefault(name => about.StartsWith($"{name}.", StringComparison.Ordinal)) is { } signal
                ? [.. unsaid.Where(figure => figure.Field.StartsWith($"vehicle.{signal}.", StringComparison.Ordinal))] : unsaid;
    }
}
