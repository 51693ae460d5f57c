using BurlyRidge.Core.HandOver;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Server.HandOver;
using BurlyRidge.Server.Jobs;
using BurlyRidge.Server.Records;
using BurlyRidge.Server.RunSheets;

namespace BurlyRidge.Server.Demo;

/// <summary>Hands a demo vehicle over.</summary>
internal static class DemoSignOff
{
    /// <summary>Writes it into the job's record, the sign-off last.</summary>
    public static async Task WriteAsync(this DemoHandOver handed, StoredJob job, HandOverDesk desk, Seals seals, RecordStore records, PhotoStore photos, string client)
    {
        var id = job.Row.Id;
        NewEntry Entry(string key) => new(handed.Who, client, job.Head.Number, $"demo-hand-over-{key}");
        foreach (var (role, night) in new[] { (PackPhotos.Before, DemoPhotos.Before), (PackPhotos.After, DemoPhotos.After), (PackPhotos.Work, DemoPhotos.Work) })
        {
            var names = new List<string>();
            foreach (var (picture, caption) in night)
            {
                if ((await photos.AddAsync(id, picture(), CancellationToken.None)).Name is not { } name) continue;
                names.Add(name);
                await records.AddAsync<SheetEvent>(id, SheetDesk.Log, Entry($"{role}-{names.Count}-photo"), new SheetEvent.Photographed("", "", name, caption));
            }
            await records.AddAsync<HandOverEvent>(id, HandOverDesk.Log, Entry($"{role}"), new HandOverEvent.Chosen(role, names));
        }
        foreach (var (key, text) in handed.Words) await records.AddAsync<HandOverEvent>(id, HandOverDesk.Log, Entry(key), new HandOverEvent.Worded(key, text));
        foreach (var (difference, i) in (await desk.LookAsync(job.Workable, id, CancellationToken.None)).Differences.Select((difference, i) => (difference, i)))
            await records.AddAsync<HandOverEvent>(id, HandOverDesk.Log, Entry($"difference-{i}"), new HandOverEvent.Settled(difference.Key, handed.Settled));
        await records.AddAsync<HandOverEvent>(id, HandOverDesk.Log, Entry("sign-off"), new HandOverEvent.SignedOff(handed.Who) { Sealed = await seals.OfAsync(job, CancellationToken.None) });
    }
}
