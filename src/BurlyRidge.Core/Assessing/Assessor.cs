using BurlyRidge.Core.Checks;
using BurlyRidge.Core.Conductors;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Sizing;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Assessing;

/// <summary>The one function at the centre: from a rig to what follows from it.</summary>
public static class Assessor
{
    /// <summary>Assesses a rig that <see cref="RigValidation.Validate"/> finds nothing wrong with, in the states asked for; pure and total.</summary>
    public static Assessment Assess(Rig rig, params IReadOnlyList<RigState> states) => Assess(rig, WirePrices.None, states);

    /// <summary>The same with what wire costs.</summary>
    public static Assessment Assess(Rig rig, WirePrices prices, params IReadOnlyList<RigState> states) => AssessedRig.Of(rig, prices).In(states);

    internal static (RigSubject Subject, Assessment Assessment) Judge(WholeRig whole, WirePrices prices, CancellationToken cancellation)
    {
        var subject = new RigSubject(whole, whole.Study(cancellation));
        var checks = RigChecks.Judge(subject, cancellation).Select(check => Acceptance.On(check, whole.Saved.Accepted)).ToLookup(check => check.LineId);
        var studies = subject.Study.Lines.ToDictionary(line => line.Line.Id, StringComparer.Ordinal);
        IReadOnlyList<Check> shared = [.. checks[null].Select(check => subject.LinesOfPart(check.About) is { Count: > 0 } users ? check with { Lines = users } : check)];
        var worstShared = shared.SelectMany(check => check.Lines.Select(line => (line, check.Counts))).GroupBy(pair => pair.line, StringComparer.Ordinal)
            .ToDictionary(group => group.Key, group => group.Max(pair => pair.Counts), StringComparer.Ordinal);
        var lines = whole.Saved.Lines.Unless(cancellation).Select(line => Assess(subject, line, prices, studies.GetValueOrDefault(line.Id), [.. checks[line.Id]], worstShared.GetValueOrDefault(line.Id, Verdict.Holds))).ToList();
        return (subject, new Assessment(
            lines,
            Tally.Of(lines.SelectMany(line => line.Checks).Concat(shared)),
            shared,
            [.. subject.Study.Runs.Select(RunAnswer.Of)],
            [.. DeviceAnswer.Of(subject.Study)],
            [.. subject.Study.Whole.Select(state => SupplyAnswer.Of(subject.Study, state))],
            [.. subject.Routed.Routes.Select(RouteAnswer.Of)],
            [])
        {
            Names = subject.Names.InDocument(whole.Saved),
        });
    }

    private static AssessedLine Assess(RigSubject subject, Line line, WirePrices prices, LineStudy? study, IReadOnlyList<Check> checks, Verdict shared)
    {
        var summary = study is null ? null : LineSummary.Of(subject.Saved, subject.Study.Map, study);
        return new(line.Id, summary, study is null ? null : LineFigures.Of(study), checks, checks.Select(check => check.Counts).Append(shared).Max())
        {
            Cautions = LineCautions.Of(subject.Rig, study?.Line ?? line, study?.Trigger, summary?.Output ?? ""),
            Sizes = subject.Whole.Quick.TryGetValue(line.Id, out var sizing) ? new(() => LineAssessment.Of(QuickAsk.Of(subject.Saved, line.Plan!), sizing, prices, checks)) : null,
        };
    }

    /// <summary>A quick plan by itself on a vehicle, judged by the checks that its sizes are made by.</summary>
    public static LineAssessment Assess(Vehicle vehicle, HouseRules rules, LinePlan plan, WirePrices? prices = null, QuickSizes? sizes = null)
    {
        var rig = Rig.Empty(vehicle.SystemVolts, rules.Units) with { Vehicle = vehicle, HouseRules = rules, Lines = [new Line("quick", LineWords.QuickSize, plan)] };
        var found = Judge(WholeRig.Of(rig, sizes), prices ?? WirePrices.None, default).Assessment.Lines[0].Assessment!;
        IReadOnlyList<Check> checks = [.. found.Checks.Where(check => OfSizes.Contains(check.Id))];
        return found with { Checks = checks, Verdict = checks.Max(check => check.Verdict) };
    }

    /// <summary>What a quick plan by itself is judged by; the others ask for more of the vehicle than it knows.</summary>
    private static readonly string[] OfSizes = ["wire-found", "wire-load", "wire-fuse", "zone-heat", "fuse-load", "fuse-heat", "far-short", "drop", "lamp-runs", "relay-contact", "switch-current"];
}
