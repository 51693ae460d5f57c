using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Routing;
using BurlyRidge.Core.Sizing;

namespace BurlyRidge.Core.Assessing;

/// <summary>The one function at the centre: from a rig to what follows from it.</summary>
public static class Assessor
{
    /// <summary>Assesses a rig that <see cref="RigValidation.Validate"/> finds nothing wrong with, in the states asked for; pure and total.</summary>
    public static Assessment Assess(Rig rig, params IReadOnlyList<RigState> states) => Assess(rig, WirePrices.None, states);

    /// <summary>The same with what wire costs.</summary>
    public static Assessment Assess(Rig rig, WirePrices prices, params IReadOnlyList<RigState> states) => AssessedRig.Of(rig, prices).In(states);

    internal static (RigSubject Subject, Assessment Assessment) Judge(Rig rig, WirePrices prices, CancellationToken cancellation)
    {
        var laid = LaidRig.Of(rig);
        rig = laid.Rig;
        var sizings = PlanWiring.Sizings(rig);
        var subject = new RigSubject(rig, RigStudy.Of(rig, sizings, cancellation), laid);
        var checks = RigChecks.Judge(subject, cancellation).ToLookup(check => check.LineId);
        var studies = subject.Study.Lines.ToDictionary(line => line.Line.Id, StringComparer.Ordinal);
        var lines = rig.Lines.Unless(cancellation).Select(line => Assess(subject, line, prices, sizings.GetValueOrDefault(line.Id), studies.GetValueOrDefault(line.Id), checks[line.Id])).ToList();
        IReadOnlyList<Check> shared = [.. checks[null]];
        return (subject, new Assessment(
            lines,
            Tally.Of(lines.SelectMany(line => line.Checks).Concat(shared)),
            shared,
            [.. subject.Study.Runs.Select(RunAnswer.Of)],
            [.. DeviceAnswer.Of(subject.Study)],
            [.. subject.Study.Whole.Select(whole => SupplyAnswer.Of(subject.Study, whole))],
            [.. laid.Ways.Select(WayAnswer.Of)],
            []));
    }

    private static AssessedLine Assess(RigSubject subject, Line line, WirePrices prices, LineSizing? sizing, LineStudy? study, IEnumerable<Check> checks)
    {
        var planned = sizing is null ? null : Assess(sizing, line.Plan!, prices);
        IReadOnlyList<Check> all = [.. (planned?.Checks ?? []).Select(check => PlanRemedies.Add(check, line)), .. checks];
        return new AssessedLine(
            line.Id, planned, study is null ? null : LineSummary.Of(subject.Saved, subject.Study.Map, study), study is null ? null : LineFigures.Of(study), all, all.Select(check => check.Verdict).DefaultIfEmpty(Verdict.Holds).Max());
    }

    /// <summary>Assesses one line that is planned in short, by itself.</summary>
    public static LineAssessment Assess(Vehicle vehicle, HouseRules rules, LinePlan plan, WirePrices? prices = null) =>
        Assess(LineSizer.Size(vehicle, rules, plan), plan, prices ?? WirePrices.None);

    private static LineAssessment Assess(LineSizing sizing, LinePlan plan, WirePrices prices)
    {
        var checks = LineChecks.Judge(new LineSubject(sizing, plan.Lamps.Sum(lamp => lamp.Count)));
        return new LineAssessment(
            sizing.Demand.LoadAmps,
            sizing.Demand.DesignAmps,
            ChoiceWords.Wire(sizing, byHand: plan.ChosenWire is not null),
            ChoiceWords.Fuse(sizing),
            ChoiceWords.Relay(sizing),
            sizing.Wire is null ? null : sizing.Wire.Point?.LampVolts ?? 0,
            LossList.Of(sizing.Wire?.Point),
            [.. sizing.Ladder.Select(rung => Entry(sizing, plan, prices, rung))],
            FuseWindows.Of(sizing),
            checks,
            checks.Max(check => check.Verdict));
    }

    private static LadderEntry Entry(LineSizing sizing, LinePlan plan, WirePrices prices, WireRung rung)
    {
        var metres = plan.OneWayMetres * LinePlan.OwnConductors(plan.Return);
        return new LadderEntry(
            rung.Wire.Name,
            rung.Wire.AreaSquareMillimetres,
            rung.Wire.CopperSquareMillimetres,
            rung.AmpacityAmps,
            rung.DropFraction(sizing.Demand.SystemVolts),
            rung.Point?.ConductorCelsius,
            rung.Holds,
            rung == sizing.Wire,
            rung.Failures,
            RungWords.Why(sizing, rung),
            rung.AmpacityAmps / Math.Max(NeededAmps(sizing), LeastAmps) - 1,
            Copper.Kilograms(rung.Wire, metres),
            prices.Cost(rung.Wire, metres));
    }

    /// <summary>Load with its margin, or what the fuse asks, A.</summary>
    private static double NeededAmps(LineSizing sizing) => Math.Max(
        sizing.Demand.DesignAmps * (1 + sizing.Demand.Limits.MarginFraction),
        sizing.Fuse is { } fuse ? Limits.WireAmpsForFuse(fuse) : 0);

    private const double LeastAmps = 1e-3;
}
