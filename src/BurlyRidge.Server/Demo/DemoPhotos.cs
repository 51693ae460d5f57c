using SkiaSharp;

namespace BurlyRidge.Server.Demo;

/// <summary>Photos of the demo vehicle. Nobody took them: they are drawn, and look it.</summary>
internal static class DemoPhotos
{
    private const int Wide = 960, High = 640, Horizon = 300;

    /// <summary>By night with the vehicle's own lamps.</summary>
    public static IReadOnlyList<(Func<byte[]> Picture, string Caption)> Before { get; } = [(() => Night(0.32f, 0.9f, 90), "Hut track, own high beam (drawn)")];

    /// <summary>By night with the new ones.</summary>
    public static IReadOnlyList<(Func<byte[]> Picture, string Caption)> After { get; } = [(() => Night(0.62f, 1.6f, 190), "Hut track, driving bar (drawn)"), (() => Night(0.5f, 2.4f, 160), "Wood store from the cab, backing-up pods (drawn)")];

    /// <summary>Of the work.</summary>
    public static IReadOnlyList<(Func<byte[]> Picture, string Caption)> Work { get; } = [(Relay, "Relay beside the battery, terminals down (drawn)")];

    /// <summary>A track between trees, lit so far and so wide.</summary>
    private static byte[] Night(float far, float wide, byte bright) => Draw(canvas =>
    {
        canvas.Clear(new SKColor(8, 11, 14));
        Fill(canvas, FormattableString.Invariant($"M{Wide * 0.47} {Horizon}L{Wide * 0.53} {Horizon}L{Wide * 0.95} {High}L{Wide * 0.05} {High}Z"), new SKColor(24, 25, 24));
        for (var i = 0; i < 9; i++)
        {
            var (left, near) = (i % 2 == 0, 1 - i / 9.0);
            var x = Wide * (left ? 0.45 - 0.42 * near : 0.55 + 0.42 * near);
            Fill(canvas, FormattableString.Invariant($"M{x} {Horizon - 260 * near}L{x - 70 * near} {Horizon + 150 * near}L{x + 70 * near} {Horizon + 150 * near}Z"), new SKColor(14, 22, 18));
        }
        using var light = new SKPaint
        {
            BlendMode = SKBlendMode.Screen,
            Shader = SKShader.CreateRadialGradient(new SKPoint(Wide / 2f, High * 0.9f), High * (far + 0.35f), [new SKColor(bright, bright, (byte)(bright * 0.9)), SKColors.Transparent], SKShaderTileMode.Clamp)
                .WithLocalMatrix(SKMatrix.CreateScale(wide, 1, Wide / 2f, High)),
        };
        canvas.DrawRect(0, 0, Wide, High, light);
    });

    private static byte[] Relay() => Draw(canvas =>
    {
        canvas.Clear(new SKColor(70, 74, 72));
        Box(canvas, 80, 220, 380, 300, new SKColor(36, 38, 40));
        Box(canvas, 120, 190, 70, 40, new SKColor(150, 60, 50));
        Box(canvas, 350, 190, 70, 40, new SKColor(40, 44, 46));
        Box(canvas, 600, 160, 130, 130, new SKColor(26, 28, 30));
        for (var i = 0; i < 4; i++) Box(canvas, 615 + i * 28, 290, 12, 40, new SKColor(190, 150, 70));
        using var wire = new SKPaint { Color = new SKColor(180, 40, 35), StrokeWidth = 14, Style = SKPaintStyle.Stroke, IsAntialias = true };
        using var path = SKPath.ParseSvgPathData("M155 200C220 60 480 80 621 330");
        canvas.DrawPath(path, wire);
    });

    private static void Box(SKCanvas canvas, float x, float y, float width, float height, SKColor colour)
    {
        using var paint = new SKPaint { Color = colour, IsAntialias = true };
        canvas.DrawRoundRect(x, y, width, height, 8, 8, paint);
    }

    private static void Fill(SKCanvas canvas, string data, SKColor colour)
    {
        using var paint = new SKPaint { Color = colour, IsAntialias = true };
        using var path = SKPath.ParseSvgPathData(data);
        canvas.DrawPath(path, paint);
    }

    private static byte[] Draw(Action<SKCanvas> draw)
    {
        using var bitmap = new SKBitmap(Wide, High);
        using (var canvas = new SKCanvas(bitmap)) draw(canvas);
        using var encoded = bitmap.Encode(SKEncodedImageFormat.Jpeg, 85);
        return encoded.ToArray();
    }
}
