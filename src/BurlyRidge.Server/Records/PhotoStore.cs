using System.Security.Cryptography;
using BurlyRidge.Core;
using BurlyRidge.Server.Storage;
using SkiaSharp;

namespace BurlyRidge.Server.Records;

/// <summary>Photos of jobs, as files beside the database, named by their content; what a camera writes into a picture beside it is left out.</summary>
public sealed class PhotoStore(DataFolder folder)
{
    /// <summary>The largest picture that is taken, bytes.</summary>
    public const long LargestBytes = 15 * 1024 * 1024;

    /// <summary>The most photos of a job.</summary>
    public const int Most = 200;

    private const long MostPixels = 50_000_000;
    private const int MostWidth = 2048;
    private const int Quality = 85;
    private const string Ending = ".jpg";

    /// <summary>A picture of fifty megapixels takes two hundred megabytes while it is opened: one at a time.</summary>
    private static readonly SemaphoreSlim OneAtATime = new(1);

    /// <summary>Stores a picture; gives its name, or why it is not taken.</summary>
    public async Task<(string? Name, Problem? Refused)> AddAsync(string job, ReadOnlyMemory<byte> picture, CancellationToken cancellation)
    {
        if (picture.Length > LargestBytes) return (null, new Problem("photo", ServerWords.FormatPhotoIsTooLarge(Math.Ceiling(picture.Length / 1024.0 / 1024), LargestBytes / 1024 / 1024)));
        await OneAtATime.WaitAsync(cancellation);
        try
        {
            var (bytes, refused) = Plain(picture);
            if (bytes is null) return (null, refused);
            var name = NameOf(bytes);
            var path = Path.Combine(Directory(job), name);
            if (File.Exists(path)) return (name, null);
            if (Count(job) >= Most) return (null, new Problem("photo", ServerWords.FormatTooManyPhotos(Most)));
            folder.MustBeThere();
            await WriteAsync(path, bytes);
            return (name, null);
        }
        finally
        {
            OneAtATime.Release();
        }
    }

    /// <summary>Whether a job has a photo of that name.</summary>
    public bool Has(string job, string name) => Find(job, name) is not null;

    /// <summary>Where a photo lies; null: there is none of that name.</summary>
    public string? Find(string job, string name) => IsName(name) && Path.Combine(Directory(job), name) is var path && File.Exists(path) ? path : null;

    /// <summary>The names of a job's photos.</summary>
    public IReadOnlyList<string> Names(string job) =>
        System.IO.Directory.Exists(Directory(job)) ? [.. System.IO.Directory.EnumerateFiles(Directory(job), $"*{Ending}").Select(path => Path.GetFileName(path)).Where(IsName).Order(StringComparer.Ordinal)] : [];

    /// <summary>Whether a photo is what its name says.</summary>
    public static bool IsWhole(string name, byte[] bytes) => NameOf(bytes) == name;

    /// <summary>Stores photos that were taken elsewhere as they are, each under its own name.</summary>
    public async Task KeepAsync(string job, IEnumerable<(string Name, byte[] Bytes)> pictures)
    {
        folder.MustBeThere();
        foreach (var (name, bytes) in pictures) await WriteAsync(Path.Combine(Directory(job), name), bytes);
    }

    private static string NameOf(byte[] bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes))[..40] + Ending;

    /// <summary>So many photos of a job.</summary>
    public int Count(string job) => System.IO.Directory.Exists(Directory(job)) ? System.IO.Directory.EnumerateFiles(Directory(job), $"*{Ending}").Count() : 0;

    /// <summary>Takes away all photos of a job that is deleted.</summary>
    public void Delete(string job)
    {
        if (System.IO.Directory.Exists(Directory(job))) System.IO.Directory.Delete(Directory(job), recursive: true);
    }

    /// <summary>Whether a photo may be called so.</summary>
    public static bool IsName(string name) => name.EndsWith(Ending, StringComparison.Ordinal) && name[..^Ending.Length] is { Length: 40 } digest && digest.All(char.IsAsciiHexDigitLower);

    private string Directory(string job) => Path.Combine(folder.Photos, job);

    /// <summary>The whole file is on the disk before it has its name: a picture that was half written is none.</summary>
    private static async Task WriteAsync(string path, byte[] bytes)
    {
        System.IO.Directory.CreateDirectory(Path.GetDirectoryName(path)!);
        var half = $"{path}.{Guid.NewGuid():n}.half";
        await using (var file = new FileStream(half, FileMode.CreateNew))
        {
            await file.WriteAsync(bytes);
            file.Flush(flushToDisk: true);
        }
        File.Move(half, path, overwrite: true);
    }

    /// <summary>The picture upright, no wider than is kept, and nothing but the picture; its size is read from its header before it is opened.</summary>
    private static (byte[]? Bytes, Problem? Refused) Plain(ReadOnlyMemory<byte> picture)
    {
        using var data = SKData.CreateCopy(picture.Span);
        using var codec = SKCodec.Create(data);
        if (codec is not { EncodedFormat: SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp } || codec.Info.Width < 1 || codec.Info.Height < 1) return (null, new Problem("photo", ServerWords.PhotoIsNone));
        var pixels = (long)codec.Info.Width * codec.Info.Height;
        if (pixels > MostPixels) return (null, new Problem("photo", ServerWords.FormatPhotoHasTooManyPixels(Math.Ceiling(pixels / 1e6), MostPixels / 1_000_000)));
        using var decoded = new SKBitmap(new SKImageInfo(codec.Info.Width, codec.Info.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(decoded.Info, decoded.GetPixels()) != SKCodecResult.Success) return (null, new Problem("photo", ServerWords.PhotoIsNone));
        var (turned, mirrored) = Turn(codec.EncodedOrigin);
        var (width, height) = turned % 180 == 0 ? (decoded.Width, decoded.Height) : (decoded.Height, decoded.Width);
        var scale = Math.Min(1, (double)MostWidth / width);
        using var upright = new SKBitmap(Math.Max(1, (int)Math.Round(width * scale)), Math.Max(1, (int)Math.Round(height * scale)));
        using (var canvas = new SKCanvas(upright))
        {
            canvas.Clear(SKColors.White);
            canvas.Scale((float)upright.Width / width, (float)upright.Height / height);
            canvas.Translate(width / 2f, height / 2f);
            canvas.RotateDegrees(turned);
            if (mirrored) canvas.Scale(-1, 1);
            canvas.Translate(-decoded.Width / 2f, -decoded.Height / 2f);
            using var image = SKImage.FromBitmap(decoded);
            canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        }
        using var encoded = upright.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return (encoded.ToArray(), null);
    }

    /// <summary>How a camera was held: degrees to turn clockwise, after mirroring left and right (EXIF 2.32, tag Orientation).</summary>
    private static (int Degrees, bool Mirrored) Turn(SKEncodedOrigin origin) => origin switch
    {
        SKEncodedOrigin.TopRight => (0, true),
        SKEncodedOrigin.BottomRight => (180, false),
        SKEncodedOrigin.BottomLeft => (180, true),
        SKEncodedOrigin.LeftTop => (270, true),
        SKEncodedOrigin.RightTop => (90, false),
        SKEncodedOrigin.RightBottom => (90, true),
        SKEncodedOrigin.LeftBottom => (270, false),
        _ => (0, false),
    };
}
