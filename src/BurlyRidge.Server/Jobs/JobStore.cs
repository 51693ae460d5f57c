using BurlyRidge.Core;
using BurlyRidge.Core.Changes;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Storage;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Jobs;

/// <summary>A job and its newest rig.</summary>
public sealed record StoredJob(JobRow Row, RevisionRow Head)
{
    /// <summary>Whose it is, and by when it is wanted.</summary>
    public JobParticulars Particulars => ParticularsOf(Row);

    internal static JobParticulars ParticularsOf(JobRow row) => new(row.Customer, row.Plate, row.Due, row.Work);

    private readonly Lazy<(Rig? Rig, IReadOnlyList<Problem> Problems)> read = new(() => StoredRig.Read(Head.Document));

    /// <summary>Why the rig of the head revision cannot be read; empty where it can.</summary>
    public IReadOnlyList<Problem> Unreadable => read.Value.Problems;

    /// <summary>The rig of the head revision, however large.</summary>
    /// <exception cref="UnreadableJobException">It cannot be read.</exception>
    public Rig Rig => read.Value.Rig ?? throw new UnreadableJobException(this);

    /// <summary>What of the rig is too large for anything but to be read and written; empty where nothing is.</summary>
    public IReadOnlyList<Problem> TooLarge => RigSize.Problems(Rig);

    /// <summary>The rig, to be worked out.</summary>
    /// <exception cref="UnreadableJobException">It cannot be read.</exception>
    /// <exception cref="JobTooLargeException">It is too large.</exception>
    public Rig Workable => TooLarge.Count == 0 ? Rig : throw new JobTooLargeException();
}

/// <summary>The document of one job cannot be read; the others can.</summary>
public sealed class UnreadableJobException(StoredJob job) : Exception(ServerWords.FormatTheJobCannotBeRead(job.Row.Id))
{
    /// <summary>The job.</summary>
    public StoredJob Job { get; } = job;
}

/// <summary>The rig of a job is too large for what is asked of it.</summary>
public sealed class JobTooLargeException() : Exception(ServerWords.TheJobIsTooLarge);

/// <summary>A job to be stored.</summary>
public sealed record JobDraft(string Name, string Note, Rig Rig, JobParticulars? Particulars = null);

/// <summary>How a save went.</summary>
public abstract record SaveOutcome
{
    private SaveOutcome() { }

    /// <summary>It is stored.</summary>
    public sealed record Saved(StoredJob Job) : SaveOutcome;

    /// <summary>It was made on a revision that is no longer the newest; nothing is stored.</summary>
    public sealed record Stale(StoredJob Newest) : SaveOutcome;

    /// <summary>There is no such job.</summary>
    public sealed record Missing : SaveOutcome;

    /// <summary>The key of the save was used for another rig already; nothing is stored.</summary>
    public sealed record KeyTaken : SaveOutcome;

    /// <summary>There is nothing to undo or redo.</summary>
    public sealed record NothingThere : SaveOutcome;

    /// <summary>The job is in the archive; nothing is stored.</summary>
    public sealed record Archived : SaveOutcome;
}

/// <summary>Jobs and the revisions of their rigs.</summary>
public sealed class JobStore(JobDatabase database, DataFolder folder, TimeProvider clock)
{
    private const int MaxTries = 20;

    /// <summary>One at a time, so that the same key sent twice at once makes one job.</summary>
    private static readonly SemaphoreSlim KeyedCreation = new(1);

    /// <summary>Whether there is no job at all, archived ones counted.</summary>
    public async Task<bool> IsEmptyAsync() => !await database.Jobs.AnyAsync();

    /// <summary>Jobs, last changed first. What another build worked out of one is worked out anew, and kept.</summary>
    public async Task<IReadOnlyList<JobRow>> ListAsync(bool archived, CancellationToken cancellation)
    {
        var rows = await database.Jobs.AsNoTracking().Where(row => row.Archived == archived).OrderByDescending(row => row.ChangedAt).ToListAsync(cancellation);
        for (var i = 0; i < rows.Count; i++)
            if (rows[i].Digest.Build != Digests.Build && await FindAsync(rows[i].Id, cancellation) is { } job) rows[i] = await DigestedAsync(job);
        return rows;
    }

    /// <summary>Names of the jobs that are not archived, by id.</summary>
    public Task<Dictionary<string, string>> NamesAsync(CancellationToken cancellation) =>
        database.Jobs.Where(row => !row.Archived).ToDictionaryAsync(row => row.Id, row => row.Name, StringComparer.Ordinal, cancellation);

    /// <summary>Keeps what the Yard shows of a job; whoever saves it meanwhile keeps his own.</summary>
    public async Task<JobRow> DigestedAsync(StoredJob job)
    {
        var digest = await Digests.OfAsync(job.Head.Document);
        if (job.Row.Digest == digest) return job.Row;
        await database.Jobs.Where(row => row.Id == job.Row.Id && row.HeadRevision == job.Head.Number).ExecuteUpdateAsync(row => row.SetProperty(one => one.Digest, digest));
        job.Row.Digest = digest;
        return job.Row;
    }

    /// <summary>The job, or null.</summary>
    public async Task<StoredJob?> FindAsync(string id, CancellationToken cancellation = default)
    {
        var row = await database.Jobs.AsNoTracking().SingleOrDefaultAsync(job => job.Id == id, cancellation);
        if (row is null) return null;
        return new StoredJob(row, await RevisionAsync(id, row.HeadRevision));
    }

    /// <summary>The revisions of a job, newest first; null where there is no such job.</summary>
    public async Task<IReadOnlyList<(int Number, DateTime SavedAt, string What)>?> HistoryAsync(string id, CancellationToken cancellation)
    {
        if (!await database.Jobs.AnyAsync(job => job.Id == id, cancellation)) return null;
        var rows = await database.Revisions.Where(row => row.JobId == id).OrderByDescending(row => row.Number).Select(row => new { row.Number, row.SavedAt, row.What }).ToListAsync(cancellation);
        return [.. rows.Select(row => (row.Number, row.SavedAt, row.What))];
    }

    /// <summary>One revision of a job, or null.</summary>
    public async Task<StoredJob?> FindRevisionAsync(string id, int number, CancellationToken cancellation)
    {
        var job = await database.Jobs.AsNoTracking().SingleOrDefaultAsync(row => row.Id == id, cancellation);
        var revision = await database.Revisions.AsNoTracking().SingleOrDefaultAsync(row => row.JobId == id && row.Number == number, cancellation);
        return job is null || revision is null ? null : new StoredJob(job, revision);
    }

    /// <summary>Stores a new job with its first revision; with a key that made one already, gives that.</summary>
    public async Task<StoredJob> CreateAsync(JobDraft draft, string? key = null)
    {
        if (key is null) return (await CreateAllAsync([draft]))[0];
        await KeyedCreation.WaitAsync();
        try
        {
            var made = await database.Revisions.AsNoTracking().Where(row => row.Number == 1 && row.IdempotencyKey == key).Select(row => row.JobId).FirstOrDefaultAsync();
            return (made is null ? null : await FindAsync(made)) ?? (await CreateAllAsync([draft], key))[0];
        }
        finally
        {
            KeyedCreation.Release();
        }
    }

    /// <summary>Revisions of a job: those numbers that are kept, and the newest.</summary>
    public async Task<IReadOnlyList<RevisionRow>> KeptAsync(string id, IReadOnlyCollection<int> numbers, CancellationToken cancellation)
    {
        var head = await database.Jobs.Where(job => job.Id == id).Select(job => job.HeadRevision).SingleAsync(cancellation);
        return await database.Revisions.AsNoTracking().Where(row => row.JobId == id && (row.Number == head || numbers.Contains(row.Number))).OrderBy(row => row.Number).ToListAsync(cancellation);
    }

    /// <summary>Whether no job has that id.</summary>
    public async Task<bool> IsFreeAsync(string id, CancellationToken cancellation) => !await database.Jobs.AnyAsync(job => job.Id == id, cancellation);

    /// <summary>The job whose newest or first revision was made under a key; null: none was.</summary>
    public async Task<StoredJob?> MadeByAsync(string key, CancellationToken cancellation) =>
        await database.Revisions.AsNoTracking().Where(row => row.IdempotencyKey == key).Select(row => row.JobId).FirstOrDefaultAsync(cancellation) is { } id ? await FindAsync(id, cancellation) : null;

    /// <summary>Stores a job that was kept elsewhere, with its revisions and its record: all of it or none.</summary>
    public async Task<StoredJob> ReopenAsync(JobRow row, IReadOnlyList<RevisionRow> revisions, IReadOnlyList<RecordRow> records, CancellationToken cancellation)
    {
        folder.MustBeThere();
        row.Digest = await Digests.OfAsync(revisions[^1].Document);
        database.Add(row);
        database.AddRange(revisions);
        database.AddRange(records);
        await database.SaveChangesAsync(cancellation);
        folder.MustBeThere();
        return (await FindAsync(row.Id, cancellation))!;
    }

    /// <summary>Stores new jobs, all of them or none; the last comes first in the Yard.</summary>
    public async Task<IReadOnlyList<StoredJob>> CreateAllAsync(IEnumerable<JobDraft> jobs, string? key = null)
    {
        folder.MustBeThere();
        var stored = new List<StoredJob>();
        foreach (var draft in jobs) stored.Add(New(draft, key, await Digests.OfAsync(draft.Rig), clock.GetUtcNow().UtcDateTime.AddMilliseconds(stored.Count)));
        foreach (var job in stored)
        {
            database.Add(job.Row);
            database.Add(job.Head);
        }
        await database.SaveChangesAsync();
        folder.MustBeThere();
        return stored;
    }

    private static StoredJob New(JobDraft draft, string? key, JobDigest digest, DateTime now)
    {
        var id = Guid.CreateVersion7().ToString("n");
        var particulars = draft.Particulars ?? new JobParticulars();
        return new StoredJob(
            new JobRow { Id = id, Name = draft.Name, Note = draft.Note, Customer = particulars.Customer, Plate = particulars.Plate, Due = particulars.Due, Work = particulars.Work, DetailsVersion = 1, HeadRevision = 1, CreatedAt = now, ChangedAt = now, Digest = digest },
            new RevisionRow { JobId = id, Number = 1, Document = RigDocument.Write(draft.Rig), IdempotencyKey = key ?? id, SavedAt = now, What = ServerWords.JobOpened });
    }

    /// <summary>Changes details; what is null stays.</summary>
    public Task<SaveOutcome> ChangeDetailsAsync(string id, DetailsChange change) => WriteAsync(async () =>
    {
        var row = await database.Jobs.SingleOrDefaultAsync(job => job.Id == id);
        if (row is null) return new SaveOutcome.Missing();
        if (row.DetailsVersion != change.OnVersion) return await StaleAsync(id);
        row.Name = change.Name?.Trim() ?? row.Name;
        row.Note = change.Note ?? row.Note;
        row.Archived = change.Archived ?? row.Archived;
        if (change.Particulars is { } particulars) (row.Customer, row.Plate, row.Due, row.Work) = (particulars.Customer.Trim(), particulars.Plate.Trim(), particulars.Due, particulars.Work);
        row.DetailsVersion++;
        row.ChangedAt = clock.GetUtcNow().UtcDateTime;
        return null;
    }, id);

    /// <summary>Stores <paramref name="rig"/> as the next revision, made on <paramref name="onRevision"/>.</summary>
    public async Task<SaveOutcome> SaveRigAsync(string id, int onRevision, string key, Rig rig)
    {
        var document = RigDocument.Write(rig);
        var digest = await Digests.OfAsync(rig);
        return await AppendAsync(id, onRevision, key,
            head =>
            {
                var changes = StoredRig.Read(head.Document).Rig is { } before ? RigChange.Between(before, rig) : [];
                var what = RigChange.Summary(changes);
                return Task.FromResult<Step?>(new Step(document, digest, head.Number, null, what, what, "", changes.Any(change => change.Kind == ChangeKind.Removed)));
            },
            done => done.Document == document || (StoredRig.Read(done.Document).Rig is { } stored && RigDocument.Write(stored) == document));
    }

    /// <summary>Stores the rig from before the newest edit as the next revision.</summary>
    public Task<SaveOutcome> UndoAsync(string id, int onRevision, string key) =>
        AppendAsync(id, onRevision, key, async head =>
        {
            if (head.UndoTo is not { } number || await KeptAsync(id, number) is not { } target) return null;
            return new Step(target.Document, await Digests.OfAsync(target.Document), target.UndoTo, head.Number, $"Undone: {head.UndoWhat}", target.UndoWhat, head.UndoWhat);
        }, done => done.Number == onRevision + 1);

    /// <summary>Stores the rig that the newest undo took away as the next revision.</summary>
    public Task<SaveOutcome> RedoAsync(string id, int onRevision, string key) =>
        AppendAsync(id, onRevision, key, async head =>
        {
            if (head.RedoTo is not { } number || await KeptAsync(id, number) is not { } target) return null;
            return new Step(target.Document, await Digests.OfAsync(target.Document), head.Number, target.RedoTo, $"Redone: {head.RedoWhat}", target.UndoWhat, target.RedoWhat);
        }, done => done.Number == onRevision + 1);

    /// <summary>Stores the rig of an older revision as the next one.</summary>
    public Task<SaveOutcome> GoBackAsync(string id, int number, int onRevision, string key) =>
        AppendAsync(id, onRevision, key, async head =>
        {
            var target = await database.Revisions.AsNoTracking().SingleOrDefaultAsync(row => row.JobId == id && row.Number == number);
            if (target is null) return null;
            var what = ServerWords.FormatBackToRevision(number);
            return new Step(target.Document, await Digests.OfAsync(target.Document), head.Number, null, what, what, "");
        }, done => done.Number == onRevision + 1);

    /// <summary>Deletes an archived job for good; false where there is none of that id in the archive.</summary>
    public async Task<bool> DeleteAsync(string id)
    {
        folder.MustBeThere();
        await using var whole = await database.Database.BeginTransactionAsync();
        if (!await database.Jobs.AnyAsync(job => job.Id == id && job.Archived)) return false;
        await database.Records.Where(record => record.JobId == id).ExecuteDeleteAsync();
        await database.Revisions.Where(revision => revision.JobId == id).ExecuteDeleteAsync();
        await database.Jobs.Where(job => job.Id == id).ExecuteDeleteAsync();
        await whole.CommitAsync();
        folder.MustBeThere();
        return true;
    }

    private sealed record Step(string Document, JobDigest Digest, int? UndoTo, int? RedoTo, string What, string UndoWhat, string RedoWhat, bool Removes = false);

    private Task<SaveOutcome> AppendAsync(string id, int onRevision, string key, Func<RevisionRow, Task<Step?>> next, Func<RevisionRow, bool> isSame) => WriteAsync(async () =>
    {
        var row = await database.Jobs.SingleOrDefaultAsync(job => job.Id == id);
        if (row is null) return new SaveOutcome.Missing();
        if (await ByKeyAsync(id, key) is { } done) return isSame(done) ? new SaveOutcome.Saved(new StoredJob(row, done)) : new SaveOutcome.KeyTaken();
        if (row.HeadRevision != onRevision) return await StaleAsync(id);
        if (row.Archived) return new SaveOutcome.Archived();

        var step = await next(await RevisionAsync(id, row.HeadRevision));
        if (step is null) return new SaveOutcome.NothingThere();
        var now = clock.GetUtcNow().UtcDateTime;
        database.Add(new RevisionRow
        {
            JobId = id,
            Number = onRevision + 1,
            Document = step.Document,
            IdempotencyKey = key,
            UndoTo = step.UndoTo,
            RedoTo = step.RedoTo,
            SavedAt = now,
            What = step.What,
            UndoWhat = step.UndoWhat,
            RedoWhat = step.RedoWhat,
            Removes = step.Removes,
        });
        row.HeadRevision = onRevision + 1;
        row.ChangedAt = now;
        row.Digest = step.Digest;
        if (row.HeadRevision % Thinning.Every == 0) await ThinAsync(row, step.UndoTo ?? row.HeadRevision, now);
        return null;
    }, id);

    /// <summary>Takes out old revisions that no entry of the record speaks of; those before what undo goes back to stay whole.</summary>
    private async Task ThinAsync(JobRow row, int undoTo, DateTime now)
    {
        var old = await database.Revisions.Where(revision => revision.JobId == row.Id && revision.Number <= undoTo - Thinning.Whole && !database.Records.Any(record => record.JobId == row.Id && record.Revision == revision.Number))
            .OrderBy(revision => revision.Number).Select(revision => new { revision.Number, revision.SavedAt }).ToListAsync();
        var gone = Thinning.Gone([.. old.Select(revision => (revision.Number, revision.SavedAt))], now);
        if (gone.Count > 0) await database.Revisions.Where(revision => revision.JobId == row.Id && gone.Contains(revision.Number)).ExecuteDeleteAsync();
    }

    /// <summary>
    /// Makes a change and writes it. <paramref name="change"/> gives how it went where there is nothing to write. Where
    /// another write came between, it is asked again: what that one did decides whether this one is the same, stale, or
    /// has nothing to do with it.
    /// </summary>
    private async Task<SaveOutcome> WriteAsync(Func<Task<SaveOutcome?>> change, string id)
    {
        for (var tries = 1; ; tries++)
        {
            folder.MustBeThere();
            if (await change() is { } outcome) return outcome;
            try
            {
                await database.SaveChangesAsync();
                folder.MustBeThere();
                return new SaveOutcome.Saved((await FindAsync(id))!);
            }
            catch (DbUpdateException error) when (tries < MaxTries && IsRace(error))
            {
                database.ChangeTracker.Clear();
            }
        }
    }

    private static bool IsRace(DbUpdateException error)
    {
        const int constraint = 19; // sqlite.org/rescode.html
        return error is DbUpdateConcurrencyException || error.InnerException is SqliteException { SqliteErrorCode: constraint };
    }

    private async Task<SaveOutcome> StaleAsync(string id) => new SaveOutcome.Stale((await FindAsync(id))!);

    private Task<RevisionRow> RevisionAsync(string id, int number) =>
        database.Revisions.AsNoTracking().SingleAsync(row => row.JobId == id && row.Number == number);

    /// <summary>That revision, or the last one before it that was kept; null where none was.</summary>
    private Task<RevisionRow?> KeptAsync(string id, int number) =>
        database.Revisions.AsNoTracking().Where(row => row.JobId == id && row.Number <= number).OrderByDescending(row => row.Number).FirstOrDefaultAsync();

    private Task<RevisionRow?> ByKeyAsync(string id, string key) =>
        database.Revisions.AsNoTracking().SingleOrDefaultAsync(row => row.JobId == id && row.IdempotencyKey == key);
}
