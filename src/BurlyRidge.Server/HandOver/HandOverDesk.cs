using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Commissioning;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Beams;
using BurlyRidge.Server.Bench;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.PowerUp;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.RunSheets;
using BurlyRidge.Server.Shops;

namespace BurlyRidge.Server.HandOver;

/// <summary>Photos that go into the pack.</summary>
public sealed record ChosenPhotos(PackPhotos Of, IReadOnlyList<string> Photos);

/// <summary>A sign-off, and whether what was signed still stands.</summary>
/// <param name="Broken">What is no longer as it was signed; none: all of it is.</param>
/// <param name="ChangedSince">The plan has newer revisions.</param>
public sealed record SignOffAnswer(DateTimeOffset At, string Who, string Because, IReadOnlyList<Obstacle> Open, int Revision, string Tables, string JobSum, string RecordSum, IReadOnlyList<string> Broken, bool ChangedSince);

/// <summary>How far a vehicle is from being handed over.</summary>
/// <param name="Obstacles">What keeps it; none: nothing does.</param>
/// <param name="Words">What the shop wrote in its own words, by key.</param>
/// <param name="Keys">Parts of the pack that it can, in their order.</param>
/// <param name="SignOff">Null: it was not handed over.</param>
public sealed record HandOverAnswer(
    IReadOnlyList<Obstacle> Obstacles, IReadOnlyList<Difference> Differences, IReadOnlyDictionary<string, string> Words, IReadOnlyList<string> Keys,
    IReadOnlyList<SheetEvent.Photographed> Photos, IReadOnlyList<ChosenPhotos> Chosen, SignOffAnswer? SignOff);

/// <summary>Puts plan, work, readings and what was written for the hand-over together.</summary>
public sealed class HandOverDesk(JobStore jobs, RecordStore records, ShopStore shops, SheetDesk sheets, CommissioningDesk commissioning, BenchDesk bench, Seals seals, TimeProvider clock)
{
    /// <summary>The log of a job that is the hand-over's.</summary>
    public const string Log = "handOver";

    /// <summary>What was written on a job, folded; nothing for none.</summary>
    public async Task<HandOverRecord> RecordAsync(string? job, CancellationToken cancellation) => job is null ? HandOverRecord.Nothing
        : HandOverRecord.Of((await records.ReadAsync<HandOverEvent>(job, Log, cancellation)).Select(entry => (entry.Number, entry.At, entry.What)));

    /// <summary>How far a rig is; null: for no job.</summary>
    public async Task<HandOverAnswer> LookAsync(Rig rig, string? job, CancellationToken cancellation)
    {
        var state = await StandAsync(rig, job, cancellation);
        var own = state.Own;
        return new HandOverAnswer(
            state.Open, state.Differences, own.Words, OwnWords.All, state.Record.Photos, [.. own.Photos.Select(chosen => new ChosenPhotos(chosen.Key, chosen.Value))],
            own.SignOff is { What.Sealed: { } signed } signing && job is not null
                ? new SignOffAnswer(signing.At, signing.What.Who, signing.What.Because, signing.What.Open, signed.Revision, signed.Tables, signed.JobSum, signed.RecordSum, await seals.BrokenAsync(job, signed, cancellation), await jobs.FindAsync(job, cancellation) is { } now && now.Head.Number != signed.Revision)
                : null);
    }

    /// <summary>What is no longer as it was signed on a job.</summary>
    public async Task<IReadOnlyList<string>> BrokenAsync(string job, CancellationToken cancellation) => await seals.BrokenAsync(job, (await RecordAsync(job, cancellation)).SignOff?.What.Sealed, cancellation);

    /// <summary>What is wrong with something that is to be written down, and it with what the plan has of it.</summary>
    public async Task<(HandOverEvent What, IReadOnlyList<Core.Problem> Problems)> JudgeAsync(StoredJob job, HandOverEvent what, CancellationToken cancellation)
    {
        switch (what)
        {
            case HandOverEvent.Settled settled:
                var there = (await StandAsync(job.Workable, job.Row.Id, cancellation)).Differences;
                return (what, there.Any(one => one.Key == settled.Difference) ? [] : [new Core.Problem("difference", ServerWords.NoSuchDifference)]);
            case HandOverEvent.SignedOff signing:
                var open = (await StandAsync(job.Workable, job.Row.Id, cancellation)).Open;
                if (open.Count > 0 && string.IsNullOrWhiteSpace(signing.Because)) return (what, [new Core.Problem("because", ServerWords.GiveAReason), .. open.Select(one => new Core.Problem("open", one.Words))]);
                return (signing with { Open = open, Because = open.Count == 0 ? "" : signing.Because.Trim(), Sealed = await seals.OfAsync(job, cancellation) }, []);
            default:
                return (what, []);
        }
    }

    /// <summary>All that the pack of a rig is made of.</summary>
    /// <param name="job">Whose record; null: nothing happened.</param>
    /// <param name="units">That it is printed in; null: those of the rig.</param>
    public async Task<PackSource> SourceAsync(Rig rig, StoredJob? job, UnitSystem? units, CancellationToken cancellation)
    {
        var id = job?.Row.Id;
        var state = await StandAsync(rig, id, cancellation);
        var shown = units is { } wanted && wanted != rig.HouseRules.Units ? rig with { HouseRules = rig.HouseRules with { Units = wanted } } : rig;
        var assessed = await AssessmentCache.OfAsync(shown, cancellation);
        var lit = await LitRig.OfAsync(shown, null, false, cancellation);
        var (shop, _) = await shops.ReadAsync();
        var signing = state.Own.SignOff;
        var sum = signing?.What.Sealed ?? (job is null ? new SealedJob(0, ServerWords.UnnamedJob, "", new JobParticulars(), JobSeal.TablesVersion, JobSeal.Sum(RigDocument.Write(rig)), Seals.RecordSum([]), 0) : await seals.OfAsync(job, cancellation));
        return new PackSource(
            sum.Particulars, shop, assessed, CommissioningDesk.PlanFor(assessed), (await bench.LayAsync(shown, id, cancellation)).View, BeamView.MarksOf(lit, lit.Saved.Beams, new BeamLook(null, [], false, false)),
            state.Sheet, state.Record, state.Commissioned, state.Measured, state.Own, state.Differences, state.Open, sum, Handout.Day(signing?.At ?? clock.GetLocalNow()))
        {
            Sizes = QuickSizeCache.Sizes,
        };
    }

    private sealed record Stand(AssessedRig Assessed, SheetView Sheet, SheetRecord Record, IReadOnlyList<CommissionedLine> Commissioned, CommissioningRecord Measured, HandOverRecord Own, IReadOnlyList<Difference> Differences, IReadOnlyList<Obstacle> Open);

    private async Task<Stand> StandAsync(Rig rig, string? job, CancellationToken cancellation)
    {
        var assessed = await AssessmentCache.OfAsync(rig, cancellation);
        var (record, own, measured) = (await sheets.RecordAsync(job, cancellation), await RecordAsync(job, cancellation), await commissioning.RecordAsync(job, cancellation));
        var sheet = (await sheets.LookAsync(rig, job, cancellation)).View;
        var view = CommissioningView.LinesOf(CommissioningDesk.PlanFor(assessed), measured);
        var differences = Difference.Of(assessed, record, own);
        return new Stand(assessed, sheet, record, view, measured, own, differences, Obstacle.Of(assessed, sheet, view, differences));
    }
}
