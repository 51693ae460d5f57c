using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Jobs;

/// <summary>A job and its newest rig.</summary>
public sealed record StoredJob(JobRow Row, RevisionRow Head)
{
    /// <summary>The rig of the head revision.</summary>
    public Rig Rig { get; } = RigDocument.Read(Head.Document);
}

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

    /// <summary>There is nothing to undo or redo.</summary>
    public sealed record NothingThere : SaveOutcome;
}

/// <summary>Jobs and the revisions of their rigs.</summary>
public sealed class JobStore(JobDatabase database, TimeProvider clock)
{
    /// <summary>Whether there is no job at all, archived ones counted.</summary>
    public async Task<bool> IsEmptyAsync() => !await database.Jobs.AnyAsync();

    /// <summary>Jobs with their newest rig, last changed first.</summary>
    public async Task<IReadOnlyList<StoredJob>> ListAsync(bool archived)
    {
        var jobs = await database.Jobs
            .Where(row => row.Archived == archived)
            .OrderByDescending(row => row.ChangedAt)
            .Join(database.Revisions,
                row => new { JobId = row.Id, Number = row.HeadRevision },
                head => new { head.JobId, head.Number },
                (row, head) => new { row, head })
            .AsNoTracking()
            .ToListAsync();
        return [.. jobs.Select(job => new StoredJob(job.row, job.head))];
    }

    /// <summary>The job, or null.</summary>
    public async Task<StoredJob?> FindAsync(string id)
    {
        var row = await database.Jobs.AsNoTracking().SingleOrDefaultAsync(job => job.Id == id);
        if (row is null) return null;
        return new StoredJob(row, await RevisionAsync(id, row.HeadRevision));
    }

    /// <summary>The revisions of a job, newest first; null where there is no such job.</summary>
    public async Task<IReadOnlyList<RevisionRow>?> HistoryAsync(string id)
    {
        if (!await database.Jobs.AnyAsync(job => job.Id == id)) return null;
        return await database.Revisions.AsNoTracking().Where(row => row.JobId == id).OrderByDescending(row => row.Number).ToListAsync();
    }

    /// <summary>One revision of a job, or null.</summary>
    public async Task<Rig?> RevisionRigAsync(string id, int number)
    {
        var row = await database.Revisions.AsNoTracking().SingleOrDefaultAsync(revision => revision.JobId == id && revision.Number == number);
        return row is null ? null : RigDocument.Read(row.Document);
    }

    /// <summary>Stores a new job with its first revision.</summary>
    public async Task<StoredJob> CreateAsync(string name, string note, Rig rig)
    {
        var now = clock.GetUtcNow().UtcDateTime;
        var row = new JobRow
        {
            Id = Guid.CreateVersion7().ToString("n"),
            Name = name,
            Note = note,
            DetailsVersion = 1,
            HeadRevision = 1,
            CreatedAt = now,
            ChangedAt = now,
        };
        var head = new RevisionRow
        {
            JobId = row.Id,
            Number = 1,
            Document = RigDocument.Write(rig),
            IdempotencyKey = row.Id,
            SavedAt = now,
        };
        database.Add(row);
        database.Add(head);
        await database.SaveChangesAsync();
        return new StoredJob(row, head);
    }

    /// <summary>Changes name, note or archive; what is null stays.</summary>
    public async Task<SaveOutcome> ChangeDetailsAsync(string id, int onVersion, string? name, string? note, bool? archived)
    {
        var row = await database.Jobs.SingleOrDefaultAsync(job => job.Id == id);
        if (row is null) return new SaveOutcome.Missing();
        if (row.DetailsVersion != onVersion) return await StaleAsync(id);
        row.Name = name ?? row.Name;
        row.Note = note ?? row.Note;
        row.Archived = archived ?? row.Archived;
        row.DetailsVersion++;
        row.ChangedAt = clock.GetUtcNow().UtcDateTime;
        return await CommitAsync(id);
    }

    /// <summary>Stores <paramref name="rig"/> as the next revision, made on <paramref name="onRevision"/>.</summary>
    public Task<SaveOutcome> SaveRigAsync(string id, int onRevision, string key, Rig rig) =>
        AppendAsync(id, onRevision, key, head => Task.FromResult<Step?>(new Step(RigDocument.Write(rig), head.Number, null)));

    /// <summary>Stores the rig from before the newest edit as the next revision.</summary>
    public Task<SaveOutcome> UndoAsync(string id, int onRevision, string key) =>
        AppendAsync(id, onRevision, key, async head =>
        {
            if (head.UndoTo is not { } number) return null;
            var target = await RevisionAsync(id, number);
            return new Step(target.Document, target.UndoTo, head.Number);
        });

    /// <summary>Stores the rig that the newest undo took away as the next revision.</summary>
    public Task<SaveOutcome> RedoAsync(string id, int onRevision, string key) =>
        AppendAsync(id, onRevision, key, async head =>
        {
            if (head.RedoTo is not { } number) return null;
            var target = await RevisionAsync(id, number);
            return new Step(target.Document, head.Number, target.RedoTo);
        });

    private sealed record Step(string Document, int? UndoTo, int? RedoTo);

    private async Task<SaveOutcome> AppendAsync(string id, int onRevision, string key, Func<RevisionRow, Task<Step?>> next)
    {
        var row = await database.Jobs.SingleOrDefaultAsync(job => job.Id == id);
        if (row is null) return new SaveOutcome.Missing();
        if (await ByKeyAsync(id, key) is { } done) return new SaveOutcome.Saved(new StoredJob(row, done));
        if (row.HeadRevision != onRevision) return await StaleAsync(id);

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
        });
        row.HeadRevision = onRevision + 1;
        row.ChangedAt = now;
        return await CommitAsync(id);
    }

    /// <summary>Writes; another save that came between makes this one stale.</summary>
    private async Task<SaveOutcome> CommitAsync(string id)
    {
        try
        {
            await database.SaveChangesAsync();
        }
        catch (DbUpdateException)
        {
            database.ChangeTracker.Clear();
            return await StaleAsync(id);
        }
        return new SaveOutcome.Saved((await FindAsync(id))!);
    }

    private async Task<SaveOutcome> StaleAsync(string id) => new SaveOutcome.Stale((await FindAsync(id))!);

    private Task<RevisionRow> RevisionAsync(string id, int number) =>
        database.Revisions.AsNoTracking().SingleAsync(row => row.JobId == id && row.Number == number);

    private Task<RevisionRow?> ByKeyAsync(string id, string key) =>
        database.Revisions.AsNoTracking().SingleOrDefaultAsync(row => row.JobId == id && row.IdempotencyKey == key);
}
