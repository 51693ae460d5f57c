using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Kits;
using BurlyRidge.Server.Storage;
using Microsoft.EntityFrameworkCore;
using System.Text;
using System.Text.Json;

namespace BurlyRidge.Server.Catalogue;

/// <summary>The bought harnesses that a line can be wired with: those that ship, and the workshop's own.</summary>
public sealed class KitCatalogue(JobDatabase database, DataFolder folder, TimeProvider clock)
{
    /// <summary>The most kits of its own that a workshop keeps.</summary>
    public const int MaxOwn = 500;

    /// <summary>Every kit; one of the workshop's own stands instead of the one of the same id that ships.</summary>
    public async Task<IReadOnlyList<Kit>> KitsAsync()
    {
        var own = await OwnAsync();
        var ids = own.Select(kit => kit.Id).ToHashSet(StringComparer.Ordinal);
        return [.. own, .. ShippedKits.All.Where(kit => !ids.Contains(kit.Id))];
    }

    /// <summary>The workshop's own, by id.</summary>
    public async Task<IReadOnlyList<Kit>> OwnAsync() =>
        [.. (await database.Kits.AsNoTracking().OrderBy(row => row.Id).ToListAsync()).Select(row => JsonReading.Read<Kit>(Encoding.UTF8.GetBytes(row.Document)).Value).OfType<Kit>()];

    /// <summary>Adds kits, or puts them in the place of those of the same ids: all or none.</summary>
    public async Task PutAsync(IReadOnlyList<Kit> kits)
    {
        folder.MustBeThere();
        foreach (var kit in kits)
        {
            var row = await database.Kits.FindAsync(kit.Id);
            if (row is null) database.Kits.Add(row = new KitRowStored { Id = kit.Id, Document = "" });
            row.Document = JsonSerializer.Serialize(kit, JsonRules.Stored);
            row.ChangedAt = clock.GetUtcNow().UtcDateTime;
        }
        await database.SaveChangesAsync();
        folder.MustBeThere();
    }

    /// <summary>Takes one of the workshop's own out; gives whether it was there.</summary>
    public async Task<bool> RemoveAsync(string id) => await database.Kits.Where(row => row.Id == id).ExecuteDeleteAsync() > 0;

    /// <summary>How many kits the workshop has of its own once these are put in.</summary>
    public async Task<int> CountWithAsync(IReadOnlyList<Kit> kits) =>
        (await database.Kits.Select(row => row.Id).ToListAsync()).Concat(kits.Select(kit => kit.Id)).Distinct(StringComparer.Ordinal).Count();
}
