using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using BurlyRidge.Core;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Commissioning.Diagnosing;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Running.Faults;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.RunSheets;
using BurlyRidge.Server.Shops;

namespace BurlyRidge.Server.PowerUp;

/// <summary>Looks for what is wrong with a line, with what the job's record and the shop know.</summary>
public sealed class DiagnosisDesk(CommissioningDesk desk, SheetDesk sheets, ShopStore shops, RecordStore records)
{
    private static readonly ConditionalWeakTable<AssessedRig, ConcurrentDictionary<string, SharedWork<DiagnosisProgress, DiagnosisTables?>>> Known = [];

    /// <summary>What is wrong with a line as far as it is known; null where nothing lights it.</summary>
    public async Task<DiagnosisView?> LookAsync(DiagnosisRequest request, IProgress<DiagnosisProgress> progress, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        if (await TablesOfAsync(assessed, request.Line, progress, cancellation) is not { } tables) return null;
        var (found, (shop, _)) = (await FoundAsync(cancellation), await shops.ReadAsync());
        var reach = Reach.Of(assessed, shop.TaskTable());
        if (request.Trial is { } trial) return Report(trial.OfType<CommissioningEvent.OfSearch>().Where(what => what.Line == request.Line).Aggregate(LineSearch.Nothing, (search, what) => search.After(what)), [], null);
        var record = await desk.RecordAsync(request.Job, cancellation);
        return Report(record.Searches.GetValueOrDefault(request.Line, LineSearch.Nothing), Before(tables, record), request.Job is null ? null : (await sheets.LookAsync(request.Rig, request.Job, cancellation)).View);

        DiagnosisView Report(LineSearch search, IEnumerable<ReadHere> before, SheetView? sheet)
        {
            var evidence = new Evidence(search.Seen, [.. before, .. search.Read], sheet is null ? [] : Reach.Unfinished(sheet), search.LookedInto, found);
            return cancellation.WorkOut(token => DiagnosisReport.Of(Diagnosis.Of(tables, evidence, token), tables, reach, search.Beyond, sheet is null ? [] : reach.Off(sheet.Open), token));
        }
    }

    /// <summary>What the simulated vehicle shows, as it could have been built, with faults in it.</summary>
    public static async Task<TriedHere?> TryAsync(TryRequest request, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(request.Rig, cancellation);
        if (await TablesOfAsync(assessed, request.Line, null, cancellation) is not { } tables) return null;
        var stands = tables.Standings;
        if (stands.FirstOrDefault(stand => stand.Id == request.Stand) is not { } asked) return null;
        return cancellation.WorkOut(_ =>
        {
            var vehicle = new DrawnVehicle(CommissioningDesk.PlanFor(assessed), request.Faults, Vehicle);
            // Somebody turned everything on before the complaint: what blows has blown.
            foreach (var stand in stands) vehicle.Stand(stand.State, stand.Out);
            vehicle.Stand(asked.State, asked.Out);
            return new TriedHere([.. asked.Lamps.Select(lamp => new SeenLamp(asked.Id, lamp, vehicle.Look(lamp)))], request.Probing is { } probing ? vehicle.Read(probing) : null);
        });
    }

    /// <summary>What is wrong with something that is to be written down.</summary>
    public static async Task<IReadOnlyList<Problem>> JudgeAsync(StoredJob job, CommissioningEvent.OfSearch what, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(job.Workable, cancellation);
        if (await TablesOfAsync(assessed, what.Line, null, cancellation) is not { } tables) return [new Problem("line", ServerWords.NoSuchReading)];
        return what switch
        {
            CommissioningEvent.Looked look when look.Lamps.Any(lamp => !tables.HasLamp(look.Stand, lamp.Lamp)) => [new Problem("lamps", ServerWords.NoSuchReading)],
            CommissioningEvent.Probed probed when !tables.HasProbe(probed.Stand, probed.Probing) => [new Problem("probing.red", ServerWords.NoSuchReading)],
            CommissioningEvent.Probed probed when ReadingJudge.Refuse(assessed.Study.Wired, probed.Probing, probed.Value) is { Length: > 0 } why => [new Problem("value", why)],
            CommissioningEvent.LookedInto into when into.Faults.Any(fault => tables.NameOf(fault) is null) => [new Problem("faults", ServerWords.NoSuchFault)],
            CommissioningEvent.FaultFound found when found.Fault.Length > 0 && tables.NameOf(found.Fault) is null => [new Problem("fault", ServerWords.NoSuchFault)],
            _ => [],
        };
    }

    /// <summary>The simulated vehicle is always the same one.</summary>
    private const ulong Vehicle = 1;

    /// <summary>What was measured while the line was commissioned; of a line that is passed it was before the fault came.</summary>
    private static IEnumerable<ReadHere> Before(DiagnosisTables tables, CommissioningRecord record)
    {
        if (record.Passed.ContainsKey(tables.Line)) return [];
        var taken = record.Readings.Where(pair => pair.Key.Line == tables.Line).Select(pair => pair.Value);
        return record.BatteryVolts is { } volts && tables.AtRest(volts) is { } rest ? tables.Commissioned(taken).Append(rest) : tables.Commissioned(taken);
    }

    /// <summary>How likely each kind of fault is, from what the shop found on all of its jobs.</summary>
    private async Task<FaultOdds> FoundAsync(CancellationToken cancellation) => FaultOdds.Of(
        (await records.ReadAllAsync<CommissioningEvent>(CommissioningDesk.Log, cancellation)).SelectMany(job => job).OfType<CommissioningEvent.FaultFound>()
            .SelectMany(found => found.Fault.Split('+', StringSplitOptions.RemoveEmptyEntries)).GroupBy(fault => fault.Split(':')[0]).ToDictionary(group => group.Key, group => group.Count(), StringComparer.Ordinal));

    /// <summary>The tables of a line: they follow from the plan, and are worked out once.</summary>
    internal static Task<DiagnosisTables?> TablesOfAsync(AssessedRig assessed, string line, IProgress<DiagnosisProgress>? progress, CancellationToken client) =>
        Known.GetOrCreateValue(assessed).GetOrAdd(line, _ => new((heard, token) => DiagnosisTables.Of(CommissioningDesk.PlanFor(assessed), line, heard, token))).WaitAsync(progress, client);
}
