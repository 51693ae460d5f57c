using System.Runtime.CompilerServices;
using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.Shops;

namespace BurlyRidge.Server.RunSheets;

/// <summary>The work on a vehicle, with what the shop knows of others like it.</summary>
/// <param name="Vehicle">Which kind of vehicle it is; null: nobody said.</param>
/// <param name="Offered">What was found on earlier vehicles of the kind.</param>
/// <param name="Kinds">Kinds of vehicle that the shop has had.</param>
/// <param name="SecondName">Whether a hold point needs a second name.</param>
public sealed record SheetAnswer(SheetView View, VehicleKind? Vehicle, IReadOnlyList<OfferedFinding> Offered, IReadOnlyList<string> Kinds, bool SecondName);

/// <summary>Puts plan, record and shop together.</summary>
public sealed class SheetDesk(ShopStore shops, RecordStore records, JobStore jobs, SheetLogs logs)
{
    /// <summary>The log of a job that is the run sheet's.</summary>
    public const string Log = "runSheet";

    private static readonly ConditionalWeakTable<AssessedRig, Kept> Steps = [];

    /// <summary>What happened on a job, folded.</summary>
    public async Task<SheetRecord> RecordAsync(string? job, CancellationToken cancellation) =>
        job is null ? SheetRecord.Nothing : (await logs.OfAsync(job, records, cancellation)).Record;

    /// <summary>Looks at the work on a rig; null: for no job.</summary>
    public async Task<SheetAnswer> LookAsync(Rig rig, string? job, CancellationToken cancellation)
    {
        var (shop, _) = await shops.ReadAsync();
        var record = await RecordAsync(job, cancellation);
        var all = await logs.AllAsync(records, cancellation);
        var steps = StepsOf(await AssessmentCache.OfAsync(rig, cancellation), record, shop);
        return new SheetAnswer(
            SheetView.Of(steps, record, [.. all.SelectMany(log => log.Value.Timed(log.Key))], job ?? ""), record.Vehicle,
            record.Vehicle is { } vehicle ? [.. Offered(vehicle, all.Where(log => log.Key != job), await jobs.NamesAsync(cancellation))] : [],
            [.. all.Values.Select(log => log.Record.Vehicle?.Name.Trim()).OfType<string>().Distinct(StringComparer.OrdinalIgnoreCase).Order(StringComparer.OrdinalIgnoreCase)],
            shop.SecondNameAtHolds);
    }

    private static IEnumerable<OfferedFinding> Offered(VehicleKind vehicle, IEnumerable<KeyValuePair<string, SheetLog>> others, Dictionary<string, string> names) =>
        from other in others
        from finding in other.Value.Record.Findings
        let found = finding.What.Vehicle ?? other.Value.Record.Vehicle
        where found is not null && vehicle.Like(found)
        select new OfferedFinding(finding.What, other.Key, names.GetValueOrDefault(other.Key, ""), finding.What.FoundOn, vehicle.GuessFrom(found), finding.Photos);

    /// <summary>What is wrong with something that is to be written down, and it with what the plan has of its step.</summary>
    /// <param name="spoken">The rig of the revision that it speaks of.</param>
    public async Task<(SheetEvent What, IReadOnlyList<Problem> Problems, string Told)> JudgeAsync(StoredJob job, Rig spoken, SheetEvent what, string who, CancellationToken cancellation)
    {
        if (what is not (SheetEvent.Done or SheetEvent.Undone or SheetEvent.Waits)) return (what, [], "");
        var (shop, _) = await shops.ReadAsync();
        var record = await RecordAsync(job.Row.Id, cancellation);
        var now = StepsOf(await AssessmentCache.OfAsync(job.Workable, cancellation), record, shop);
        if (what is SheetEvent.Waits waits) return (what, now.Any(step => step.Id == waits.Step) ? [] : [new Problem("step", ServerWords.NoSuchStep)], "");
        if (what is SheetEvent.Undone undone) return (what, record.Done.ContainsKey(undone.Step) ? [] : [new Problem("step", ServerWords.NothingToTakeBack)], "");
        var done = (SheetEvent.Done)what;
        if (now.FirstOrDefault(step => step.Id == done.Step) is { } step)
            return (done.Of(step), SheetView.Judge(now, record, done, who, shop.SecondNameAtHolds), "");
        // A plan came between that no longer has the step. It was done all the same: it is kept, and is to be taken back.
        var then = StepsOf(await AssessmentCache.OfAsync(spoken, cancellation), record, shop);
        return then.FirstOrDefault(step => step.Id == done.Step) is { } old ? (done.Of(old), [], ServerWords.FormatStepIsGone(old.Title)) : (what, [new Problem("step", ServerWords.NoSuchStep)], "");
    }

    /// <summary>The steps of a plan; they stay the same from tick to tick.</summary>
    private static IReadOnlyList<SheetStep> StepsOf(AssessedRig assessed, SheetRecord record, Core.Bench.Shop shop)
    {
        var key = string.Join('|', [.. shop.Minutes.Select(row => $"{row}"), .. record.Waits.Select(wait => $"{wait}")]);
        if (Steps.TryGetValue(assessed, out var kept) && kept.Key == key) return kept.Steps;
        var steps = SheetView.StepsOf(assessed, record, shop.TaskTable());
        Steps.AddOrUpdate(assessed, new Kept(key, steps));
        return steps;
    }

    private sealed record Kept(string Key, IReadOnlyList<SheetStep> Steps);
}
