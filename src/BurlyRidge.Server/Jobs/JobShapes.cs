using BurlyRidge.Core;
using BurlyRidge.Core.Wording;
using BurlyRidge.Server.Hosting;
using BurlyRidge.Server.QuickSize;
using BurlyRidge.Server.Storage;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Assess;

namespace BurlyRidge.Server.Jobs;

/// <summary>A job in the Yard.</summary>
/// <param name="SystemVolts">Null where the job cannot be read.</param>
/// <param name="LineCount">Null where the job cannot be read.</param>
/// <param name="Tally">Null where the job cannot be read or is too large to be worked out.</param>
/// <param name="Trouble">What is wrong with it; empty where nothing is.</param>
public sealed record JobSummary(
    string Id, string Name, string Note, JobParticulars Particulars, bool Archived, int DetailsVersion, int? SystemVolts, int? LineCount, Tally? Tally, string Trouble, DateTimeOffset ChangedAt)
{
    /// <summary>A job as the Yard shows it.</summary>
    internal static JobSummary Of(JobRow row)
    {
        var digest = row.Digest;
        var tally = digest is { Stop: { } stop, Watch: { } watch, Holds: { } holds } ? new Tally(stop, watch, holds) : null;
        return new JobSummary(row.Id, row.Name, row.Note, StoredJob.ParticularsOf(row), row.Archived, row.DetailsVersion, digest.SystemVolts, digest.LineCount, tally, digest.Trouble, Utc(row.ChangedAt));
    }

    /// <summary>A time as the database has it, with its offset.</summary>
    internal static DateTimeOffset Utc(DateTime time) => new(DateTime.SpecifyKind(time, DateTimeKind.Utc));
}

/// <summary>A job opened: its newest rig and what follows from it.</summary>
/// <param name="Revision">Number of the newest revision; the next save names it.</param>
/// <param name="UndoWhat">What undo would take back, in words; empty where nobody kept it.</param>
/// <param name="RedoWhat">What redo would put back, in words.</param>
/// <param name="Removes">Whether the newest revision took something out.</param>
/// <param name="ReadOnly">Why it can be looked at and exported alone; null where it can be changed. Its assessment is empty then.</param>
public sealed record OpenJob(
    string Id,
    string Name,
    string Note,
    JobParticulars Particulars,
    bool Archived,
    int DetailsVersion,
    int Revision,
    bool CanUndo,
    bool CanRedo,
    string UndoWhat,
    string RedoWhat,
    bool Removes,
    string? ReadOnly,
    Rig Rig,
    Assessment Assessment)
{
    /// <summary>The same with an assessment about one line; null: about all.</summary>
    public OpenJob About(string? lineId) => lineId is null ? this : this with { Assessment = Assessment.About(lineId) };

    /// <summary>The job as the client sees it.</summary>
    public static async Task<OpenJob> OfAsync(StoredJob job, CancellationToken cancellation)
    {
        var large = string.Join(' ', job.TooLarge.Select(problem => problem.Message));
        return new OpenJob(
            job.Row.Id,
            job.Row.Name,
            job.Row.Note,
            job.Particulars,
            job.Row.Archived,
            job.Row.DetailsVersion,
            job.Head.Number,
            job.Head.UndoTo is not null,
            job.Head.RedoTo is not null,
            job.Head.UndoWhat,
            job.Head.RedoWhat,
            job.Head.Removes,
            large.Length == 0 ? null : ServerWords.FormatThisJobIsLargerThan(large),
            job.Rig,
            large.Length == 0 ? (await AssessmentCache.OfAsync(job.Rig, cancellation)).Assessment : Assessment.Nothing);
    }
}

/// <summary>One save of a rig.</summary>
/// <param name="What">What it changed, in words; empty where nobody kept it.</param>
public sealed record Revision(int Number, DateTimeOffset SavedAt, string What);

/// <summary>A new job: with an empty rig, like another, or with a line that was sized without a job.</summary>
/// <param name="Like">Id of a job whose plan it starts from; volts and units are that one's then.</param>
/// <param name="Quick">A line sized without a job; its figures become the house rules.</param>
/// <param name="Again">Id of a job whose vehicle comes back: what it planned is on it.</param>
/// <param name="Found">The vehicle as it comes in; null: nobody said.</param>
/// <param name="Wishes">What light is wanted of it; null: nobody said.</param>
/// <param name="QuickName">What that line is called; "Quick line" where nothing is given.</param>
public sealed record NewJob(
    string Name, int SystemVolts, UnitSystem Units, [property: LongText] string Note = "", string? Like = null, QuickSizeRequest? Quick = null, string? QuickName = null, JobParticulars? Particulars = null,
    VehicleAsFound? Found = null, Wishes? Wishes = null, string? Again = null);

/// <summary>A change of a job's details, made on a version of them; what is left out stays.</summary>
public sealed record DetailsChange(int OnVersion, string? Name = null, [property: LongText] string? Note = null, bool? Archived = null, JobParticulars? Particulars = null);

/// <summary>A save of a rig, made on a revision.</summary>
/// <param name="OnRevision">The revision that the edit started from; may come as the header If-Match instead.</param>
/// <param name="IdempotencyKey">The same for a repeated save; may come as the header Idempotency-Key instead.</param>
/// <param name="About">The line that is looked at closely: the answer tells no more of the others than an assessment about it does; null: all.</param>
public sealed record RigSave(Rig Rig, int? OnRevision = null, string? IdempotencyKey = null, string? About = null) : IAboutRig;

/// <summary>An undo or redo, made on a revision.</summary>
public sealed record RigStep(int OnRevision, string IdempotencyKey);

/// <summary>A problem document that carries the newest state of the job beside it (409).</summary>
public sealed record StaleProblem(string Title, string Detail, int Status, OpenJob Newest, string Type);
