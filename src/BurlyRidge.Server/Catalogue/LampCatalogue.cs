using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Catalogue;

/// <summary>The lamps that a line can start from: those that ship, and the workshop's own.</summary>
public sealed class LampCatalogue(JobDatabase database, DataFolder folder, TimeProvider clock)
{
    /// <summary>The most lamps of its own that a workshop keeps.</summary>
    public const int MaxOwn = 5_000;

    /// <summary>Every lamp; one of the workshop's own stands instead of the one of the same id that ships.</summary>
    public async Task<IReadOnlyList<CatalogueLamp>> LampsAsync()
    {
        var own = await OwnAsync();
        var ids = own.Select(lamp => lamp.Fixture.Id).ToHashSet(StringComparer.Ordinal);
        return [.. own, .. ShippedCatalogue.Lamps.Where(lamp => !ids.Contains(lamp.Fixture.Id))];
    }

    /// <summary>The lamp of that id; null where there is none.</summary>
    public async Task<CatalogueLamp?> FindAsync(string id) =>
        (await database.Lamps.FindAsync(id) is { } row ? LampDocument.Read(row.Document, row.SchemaVersion) : null)
            ?? ShippedCatalogue.Lamps.FirstOrDefault(lamp => lamp.Fixture.Id == id);

    /// <summary>The workshop's own, by id.</summary>
    public async Task<IReadOnlyList<CatalogueLamp>> OwnAsync() =>
        [.. (await database.Lamps.AsNoTracking().OrderBy(row => row.Id).ToListAsync()).Select(row => LampDocument.Read(row.Document, row.SchemaVersion)).OfType<CatalogueLamp>()];

    /// <summary>Adds lamps, or puts them in the place of those of the same ids: all or none.</summary>
    public async Task PutAsync(IReadOnlyList<CatalogueLamp> lamps)
    {
        folder.MustBeThere();
        foreach (var lamp in lamps)
        {
            var row = await database.Lamps.FindAsync(lamp.Fixture.Id);
            if (row is null) database.Lamps.Add(row = new LampRow { Id = lamp.Fixture.Id, Document = "" });
            row.Document = LampDocument.Write(lamp);
            row.SchemaVersion = Rig.CurrentSchema;
            row.ChangedAt = clock.GetUtcNow().UtcDateTime;
        }
        await database.SaveChangesAsync();
        folder.MustBeThere();
    }

    /// <summary>Those of <paramref name="lamps"/> that the catalogue does not hold as they are already: what ships stays what ships.</summary>
    public async Task<IReadOnlyList<CatalogueLamp>> NewAsync(IReadOnlyList<CatalogueLamp> lamps)
    {
        var known = (await LampsAsync()).Select(LampDocument.Write).ToHashSet(StringComparer.Ordinal);
        return [.. lamps.Where(lamp => !known.Contains(LampDocument.Write(lamp)))];
    }

    /// <summary>Takes one of the workshop's own out; gives whether it was there.</summary>
    public async Task<bool> RemoveAsync(string id) => await database.Lamps.Where(row => row.Id == id).ExecuteDeleteAsync() > 0;

    /// <summary>How many lamps the workshop has of its own once these are put in.</summary>
    public async Task<int> CountWithAsync(IReadOnlyList<CatalogueLamp> lamps)
    {
        var own = await database.Lamps.Select(row => row.Id).ToListAsync();
        return own.Concat(lamps.Select(lamp => lamp.Fixture.Id)).Distinct(StringComparer.Ordinal).Count();
    }
}
