using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace BurlyRidge.Server.Storage;

/// <summary>Lets the migration tool see the model without starting the server.</summary>
internal sealed class JobDatabaseDesign : IDesignTimeDbContextFactory<JobDatabase>
{
    public JobDatabase CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<JobDatabase>().UseSqlite("Data Source=:memory:").Options);
}
