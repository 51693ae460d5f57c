using System.Text.Json;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Demo;
using BurlyRidge.Server.Jobs;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Catalogue;

/// <summary>The lamps that a line can start from: those that ship, and the workshop's own.</summary>
public sealed class LampCatalogue(JobDatabase database, TimeProvider clock)
{
    /// <summary>The most lamps of its own that a workshop keeps.</summary>
    public const int MostOwn = 5_000;

    /// <summary>Every lamp; one of the workshop's own stands instead of the one of the same id that ships.</summary>
    public async Task<IReadOnlyList<CatalogueLamp>> LampsAsync()
    {
        var own = await OwnAsync();
        var ids = own.Select(lamp => lamp.Fixture.Id).ToHashSet(StringComparer.Ordinal);
        return [.. own, .. DemoCatalogue.Lamps.Where(lamp => !ids.Contains(lamp.Fixture.Id))];
    }

    /// <summary>The lamp of that id; null where there is none.</summary>
    public async Task<CatalogueLamp?> FindAsync(string id) =>
        await database.Lamps.FindAsync(id) is { } row ? Read(row) : DemoCatalogue.Lamps.FirstOrDefault(lamp => lamp.Fixture.Id == id);

    /// <summary>The workshop's own, by id.</summary>
    public async Task<IReadOnlyList<CatalogueLamp>> OwnAsync() =>
        [.. (await database.Lamps.AsNoTracking().OrderBy(row => row.Id).ToListAsync()).Select(Read)];

    /// <summary>Adds lamps, or puts them in the place of those of the same ids: all or none.</summary>
    public async Task PutAsync(IReadOnlyList<CatalogueLamp> lamps)
    {
        foreach (var lamp in lamps)
        {
            var row = await database.Lamps.FindAsync(lamp.Fixture.Id);
            if (row is null) database.Lamps.Add(row = new LampRow { Id = lamp.Fixture.Id, Document = "" });
            row.Document = JsonSerializer.Serialize(lamp, JsonRules.Stored);
            row.SchemaVersion = Rig.CurrentSchema;
            row.ChangedAt = clock.GetUtcNow().UtcDateTime;
        }
        await database.SaveChangesAsync();
    }

    /// <summary>Takes one of the workshop's own out; gives whether it was there.</summary>
    public async Task<bool> RemoveAsync(string id) => await database.Lamps.Where(row => row.Id == id).ExecuteDeleteAsync() > 0;

    /// <summary>How many of these would be new to the workshop's own.</summary>
    public async Task<int> CountAsync() => await database.Lamps.CountAsync();

    private static CatalogueLamp Read(LampRow row) => JsonSerializer.Deserialize<CatalogueLamp>(row.Document, JsonRules.Stored)!;
}
