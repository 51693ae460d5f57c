using System.Text;
using System.Text.Json;
using BurlyRidge.Core.Bench;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BurlyRidge.Server.Shops;

/// <summary>What the workshop charges by and has in stock.</summary>
public sealed class ShopStore(JobDatabase database, DataFolder folder)
{
    /// <summary>The shop, and the version that a change has to name; version 0 is what ships.</summary>
    public async Task<(Shop Shop, int Version)> ReadAsync()
    {
        var row = await database.Shops.AsNoTracking().SingleOrDefaultAsync();
        return row is not null && JsonReading.Read<Shop>(Encoding.UTF8.GetBytes(row.Document)).Value is { } shop ? (shop, row.Version) : (new Shop(), row?.Version ?? 0);
    }

    /// <summary>Stores it in the place of the version that it was made on; false where another change came between.</summary>
    public async Task<bool> WriteAsync(Shop shop, int onVersion)
    {
        folder.MustBeThere();
        var row = await database.Shops.SingleOrDefaultAsync();
        if ((row?.Version ?? 0) != onVersion) return false;
        if (row is null) database.Shops.Add(row = new ShopRow { Document = "" });
        row.Document = JsonSerializer.Serialize(shop, JsonRules.Stored);
        row.Version = onVersion + 1;
        try
        {
            await database.SaveChangesAsync();
        }
        catch (DbUpdateConcurrencyException)
        {
            return false;
        }
        folder.MustBeThere();
        return true;
    }
}
