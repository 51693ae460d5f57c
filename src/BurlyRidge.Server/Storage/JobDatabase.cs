using BurlyRidge.Core.Exchange;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Storage;

/// <summary>A job as stored: its details, and which revision of its rig is the newest.</summary>
public sealed class JobRow
{
    public required string Id { get; init; }

    public required string Name { get; set; }

    public required string Note { get; set; }

    public bool Archived { get; set; }

    public string Customer { get; set; } = "";

    public string Plate { get; set; } = "";

    /// <summary>The day that it is promised for; null: none.</summary>
    public DateOnly? Due { get; set; }

    /// <summary>Where the work stands.</summary>
    public WorkState Work { get; set; }

    /// <summary>Rises with every change of the details above.</summary>
    public int DetailsVersion { get; set; }

    /// <summary>Number of the newest revision of the rig.</summary>
    public int HeadRevision { get; set; }

    public DateTime CreatedAt { get; init; }

    public DateTime ChangedAt { get; set; }

    /// <summary>What the Yard shows of the newest revision.</summary>
    public JobDigest Digest { get; set; } = new();
}

/// <summary>What the Yard shows of a rig, kept beside it so that a list of jobs reads no documents.</summary>
public sealed record JobDigest
{
    /// <summary>Null where the job cannot be read.</summary>
    public int? SystemVolts { get; init; }

    /// <summary>Null where the job cannot be read.</summary>
    public int? LineCount { get; init; }

    /// <summary>Checks that say Stop; null where the job cannot be read or worked out.</summary>
    public int? Stop { get; init; }

    /// <summary>Checks that say Watch.</summary>
    public int? Watch { get; init; }

    /// <summary>Checks that say Holds.</summary>
    public int? Holds { get; init; }

    /// <summary>What is wrong with it; empty where nothing is.</summary>
    public string Trouble { get; init; } = "";

    /// <summary>The build that worked it out; what another build worked out is worked out anew.</summary>
    public string Build { get; init; } = "";
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

    /// <summary>What it changed, in words; empty where nobody kept it.</summary>
    public string What { get; init; } = "";

    /// <summary>What undo would take back from here; empty: nothing.</summary>
    public string UndoWhat { get; init; } = "";

    /// <summary>What redo would put back from here; empty: nothing.</summary>
    public string RedoWhat { get; init; } = "";

    /// <summary>Whether it took something out of the rig.</summary>
    public bool Removes { get; init; }
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

/// <summary>A bought harness of the workshop's own catalogue.</summary>
public sealed class KitRowStored
{
    public required string Id { get; init; }

    /// <summary>The kit as JSON.</summary>
    public required string Document { get; set; }

    public DateTime ChangedAt { get; set; }
}

/// <summary>What the workshop charges by and has in stock: one row.</summary>
public sealed class ShopRow
{
    public const int OnlyId = 1;

    public int Id { get; init; } = OnlyId;

    /// <summary>Rises with every change.</summary>
    public int Version { get; set; }

    /// <summary>The shop as JSON.</summary>
    public required string Document { get; set; }
}

/// <summary>Something that happened on a job; never changed.</summary>
public sealed class RecordRow
{
    public required string JobId { get; init; }

    /// <summary>Counted from 1 within the job.</summary>
    public required int Number { get; init; }

    /// <summary>When, with its offset (RFC 3339).</summary>
    public required string At { get; init; }

    /// <summary>Who, as typed.</summary>
    public required string Who { get; init; }

    /// <summary>Which client it came from.</summary>
    public required string Client { get; init; }

    /// <summary>The revision of the rig that it speaks of.</summary>
    public required int Revision { get; init; }

    /// <summary>Which log it belongs to: "bench".</summary>
    public required string Log { get; init; }

    /// <summary>What happened, as JSON.</summary>
    public required string Document { get; init; }

    /// <summary>Names it, so that it sent twice is there once.</summary>
    public required string IdempotencyKey { get; init; }
}

/// <summary>The database.</summary>
public sealed class JobDatabase(DbContextOptions<JobDatabase> options) : DbContext(options)
{
    public DbSet<JobRow> Jobs => Set<JobRow>();

    public DbSet<RevisionRow> Revisions => Set<RevisionRow>();

    public DbSet<LampRow> Lamps => Set<LampRow>();

    public DbSet<KitRowStored> Kits => Set<KitRowStored>();

    public DbSet<ShopRow> Shops => Set<ShopRow>();

    public DbSet<RecordRow> Records => Set<RecordRow>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<JobRow>(job =>
        {
            job.ToTable("Jobs").HasKey(row => row.Id);
            job.Property(row => row.DetailsVersion).IsConcurrencyToken();
            job.Property(row => row.HeadRevision).IsConcurrencyToken();
            job.Property(row => row.Work).HasConversion<string>();
            job.ComplexProperty(row => row.Digest);
            job.HasIndex(row => new { row.Archived, row.ChangedAt });
        });
        modelBuilder.Entity<LampRow>().ToTable("Lamps").HasKey(row => row.Id);
        modelBuilder.Entity<KitRowStored>().ToTable("Kits").HasKey(row => row.Id);
        modelBuilder.Entity<ShopRow>(shop =>
        {
            shop.ToTable("Shop").HasKey(row => row.Id);
            shop.Property(row => row.Id).ValueGeneratedNever();
            shop.Property(row => row.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<RecordRow>(record =>
        {
            record.ToTable("Records").HasKey(row => new { row.JobId, row.Number });
            record.HasIndex(row => new { row.JobId, row.IdempotencyKey }).IsUnique();
            record.HasIndex(row => row.Log);
            record.HasOne<JobRow>().WithMany().HasForeignKey(row => row.JobId);
        });
        modelBuilder.Entity<RevisionRow>(revision =>
        {
            revision.ToTable("Revisions").HasKey(row => new { row.JobId, row.Number });
            revision.HasIndex(row => new { row.JobId, row.IdempotencyKey }).IsUnique();
            revision.Property(row => row.Document).HasConversion(text => PackedText.Pack(text), bytes => PackedText.Unpack(bytes)).HasColumnType("TEXT");
            revision.HasOne<JobRow>().WithMany().HasForeignKey(row => row.JobId);
        });
    }
}
