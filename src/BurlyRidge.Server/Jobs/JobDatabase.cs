using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Jobs;

/// <summary>A job as stored: its details, and which revision of its rig is the newest.</summary>
public sealed class JobRow
{
    public required string Id { get; init; }

    public required string Name { get; set; }

    public required string Note { get; set; }

    public bool Archived { get; set; }

    /// <summary>Rises with every change of name, note or archive.</summary>
    public int DetailsVersion { get; set; }

    /// <summary>Number of the newest revision of the rig.</summary>
    public int HeadRevision { get; set; }

    public DateTime CreatedAt { get; init; }

    public DateTime ChangedAt { get; set; }
}

/// <summary>One revision of a job's rig; never rewritten.</summary>
public sealed class RevisionRow
{
    public required string JobId { get; init; }

    public required int Number { get; init; }

    /// <summary>The rig as JSON, in the shape of its own schema version.</summary>
    public required string Document { get; init; }

    /// <summary>Names the save that made it, so that a repeated save is the same save.</summary>
    public required string IdempotencyKey { get; init; }

    /// <summary>The revision that undo goes back to.</summary>
    public int? UndoTo { get; init; }

    /// <summary>The revision that redo goes on to.</summary>
    public int? RedoTo { get; init; }

    public DateTime SavedAt { get; init; }
}

/// <summary>A lamp of the workshop's own catalogue.</summary>
public sealed class LampRow
{
    public required string Id { get; init; }

    /// <summary>The lamp as JSON, in the shape of its schema version.</summary>
    public required string Document { get; set; }

    public int SchemaVersion { get; set; }

    public DateTime ChangedAt { get; set; }
}

/// <summary>The database.</summary>
public sealed class JobDatabase(DbContextOptions<JobDatabase> options) : DbContext(options)
{
    public DbSet<JobRow> Jobs => Set<JobRow>();

    public DbSet<RevisionRow> Revisions => Set<RevisionRow>();

    public DbSet<LampRow> Lamps => Set<LampRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<JobRow>(job =>
        {
            job.ToTable("Jobs").HasKey(row => row.Id);
            job.Property(row => row.DetailsVersion).IsConcurrencyToken();
            job.Property(row => row.HeadRevision).IsConcurrencyToken();
        });
        modelBuilder.Entity<LampRow>().ToTable("Lamps").HasKey(row => row.Id);
        modelBuilder.Entity<RevisionRow>(revision =>
        {
            revision.ToTable("Revisions").HasKey(row => new { row.JobId, row.Number });
            revision.HasIndex(row => new { row.JobId, row.IdempotencyKey }).IsUnique();
            revision.HasOne<JobRow>().WithMany().HasForeignKey(row => row.JobId);
        });
    }
}
