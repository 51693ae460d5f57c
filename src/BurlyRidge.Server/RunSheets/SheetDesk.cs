using BurlyRidge.Core;
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
public sealed class SheetDesk(ShopStore shops, RecordStore records, JobStore jobs, SheetDigests digests)
{
    /// <summary>The log of a job that is the run sheet's.</summary>
    public const string Log = "runSheet";

    /// <summary>Entries as Core folds them.</summary>
    public static IEnumerable<Logged> Logged(IEnumerable<Entry<SheetEvent>> entries) => entries.Select(entry => new Logged(entry.Number, entry.At, entry.Who, entry.What));

    /// <summary>What happened on a job, folded.</summary>
    public async Task<SheetRecord> RecordAsync(string? job, CancellationToken cancellation) =>
        job is null ? SheetRecord.Nothing : SheetRecord.Of(Logged(await records.ReadAsync<SheetEvent>(job, Log, cancellation)));

    /// <summary>Looks at the work on a rig; null: for no job.</summary>
    public async Task<SheetAnswer> LookAsync(Rig rig, string? job, CancellationToken cancellation)
    {
        var (shop, _) = await shops.ReadAsync();
        var record = await RecordAsync(job, cancellation);
        var all = await digests.AllAsync(records, cancellation);
        var names = await jobs.NamesAsync(cancellation);
        var assessed = await AssessmentCache.OfAsync(rig, cancellation);
        return new SheetAnswer(
            SheetView.Of(assessed, record, shop.TaskTable(), [.. all.SelectMany(digest => digest.Timed)], job ?? ""), record.Vehicle,
            record.Vehicle is { } vehicle ? [.. Offered(vehicle, all.Where(digest => digest.Job != job), names)] : [],
            [.. all.Select(digest => digest.Vehicle?.Name.Trim()).OfType<string>().Distinct(StringComparer.OrdinalIgnoreCase).Order(StringComparer.OrdinalIgnoreCase)],
            shop.SecondNameAtHolds);
    }

    private static IEnumerable<OfferedFinding> Offered(VehicleKind vehicle, IEnumerable<SheetDigest> others, Dictionary<string, string> names) =>
        from digest in others
        from finding in digest.Findings
        let found = finding.Vehicle ?? digest.Vehicle
        where found is not null && vehicle.Like(found)
        select new OfferedFinding(finding, names.GetValueOrDefault(digest.Job, ""), finding.FoundOn, vehicle.GuessFrom(found));

    /// <summary>What is wrong with something that is to be written down, and it with what the plan has of its step.</summary>
    /// <param name="spoken">The rig of the revision that it speaks of.</param>
    public async Task<(SheetEvent What, IReadOnlyList<Problem> Problems, string Told)> JudgeAsync(StoredJob job, Rig spoken, SheetEvent what, string who, CancellationToken cancellation)
    {
        if (what is not (SheetEvent.Done or SheetEvent.Undone or SheetEvent.Waits)) return (what, [], "");
        var (shop, _) = await shops.ReadAsync();
        var record = await RecordAsync(job.Row.Id, cancellation);
        var now = SheetView.StepsOf(await AssessmentCache.OfAsync(job.Workable, cancellation), record, shop.TaskTable());
        if (what is SheetEvent.Waits waits) return (what, now.Any(step => step.Id == waits.Step) ? [] : [new Problem("step", ServerWords.NoSuchStep)], "");
        if (what is SheetEvent.Undone undone) return (what, record.Done.ContainsKey(undone.Step) ? [] : [new Problem("step", ServerWords.NothingToTakeBack)], "");
        var done = (SheetEvent.Done)what;
        if (now.FirstOrDefault(step => step.Id == done.Step) is { } step)
            return (done.Of(step), SheetView.Judge(now, record, done, who, shop.SecondNameAtHolds), "");
        // A plan came between that no longer has the step. It was done all the same: it is kept, and is to be taken back.
        var then = SheetView.StepsOf(await AssessmentCache.OfAsync(spoken, cancellation), record, shop.TaskTable());
        return then.FirstOrDefault(step => step.Id == done.Step) is { } old ? (done.Of(old), [], ServerWords.FormatStepIsGone(old.Title)) : (what, [new Problem("step", ServerWords.NoSuchStep)], "");
    }
}
