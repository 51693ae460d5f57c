using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Beams;

/// <summary>The least that ends the glare of the lamps on a mount; null: not within what there is room for.</summary>
/// <param name="Mount">Its name.</param>
/// <param name="BackMetres">So much further back, m.</param>
/// <param name="UpMetres">So much higher, m.</param>
/// <param name="DownMetres">So much lower, m.</param>
/// <param name="StripMetres">A strip of shade under the lamps that stands out so far before their faces, m.</param>
public sealed record GlareEnd(string Mount, double? BackMetres, double? UpMetres, double? DownMetres, double? StripMetres)
{
    /// <summary>There is one.</summary>
    internal bool Any => BackMetres is not null || UpMetres is not null || DownMetres is not null || StripMetres is not null;
}

/// <summary>Looks for what ends glare: the lamps elsewhere, or something before them.</summary>
internal static class GlareEnds
{
    private const double MostBack = 1.2, MostUp = 0.5, MostStrip = 0.4;
    private const double Step = 0.05, Fine = 0.01;
    private const double Thick = 0.002;
    private const double StripOver = 0.05;

    /// <summary>For each mount whose lamps light what the eye sees of the bonnet; none where nothing disturbs.</summary>
    /// <param name="mounts">By lamp, the mount that it is on.</param>
    public static IReadOnlyList<GlareEnd> Of(Glare glare, IReadOnlyList<BeamLamp> lit, Shade shade, Ground ground, Attitude attitude, IReadOnlyDictionary<string, Mount> mounts, CancellationToken cancellation = default)
    {
        if (!glare.Disturbs(glare.Of(new LitScene(lit, shade, ground)))) return [];
        var ends = new List<GlareEnd>();
        foreach (var group in lit.Where(lamp => mounts.ContainsKey(lamp.Lamp)).GroupBy(lamp => mounts[lamp.Lamp].Id))
        {
            cancellation.ThrowIfCancellationRequested();
            var own = group.ToList();
            if (!glare.Of(new LitScene(own, shade, ground)).Lights) continue;
            var others = glare.Of(new LitScene([.. lit.Except(own)], shade, ground));
            bool Ended(IReadOnlyList<BeamLamp> lamps, Shade stands)
            {
                var falls = glare.Of(new LitScene(lamps, stands, ground));
                return !falls.Lights || !glare.Disturbs(falls.Plus(others));
            }
            bool MovedEnds(Vec by) => Ended([.. own.Select(lamp => lamp.Moved(attitude.Turned(by)))], shade);
            ends.Add(new GlareEnd(
                mounts[own[0].Lamp].Name,
                Least(MostBack, metres => MovedEnds(new Vec(-metres, 0, 0))),
                Least(MostUp, metres => MovedEnds(new Vec(0, 0, metres))),
                Least(MostUp, metres => own.All(lamp => lamp.At.Up - metres > 0) && MovedEnds(new Vec(0, 0, -metres))),
                Least(MostStrip, metres => Ended(own, own.Aggregate(shade, (all, lamp) => all.With(Strip(lamp, metres)))))));
        }
        return ends;
    }

    /// <summary>A plate along the lower edge of a face, a little wider than it.</summary>
    private static Solid Strip(BeamLamp lamp, double metres)
    {
        var (edge, half) = (lamp.At - lamp.Frame.Up * (lamp.High / 2 + Thick), lamp.Wide / 2 + StripOver);
        (Vec Normal, double Off) Plane(Vec normal, double off) => (normal, normal.Dot(edge) + off);
        return new Solid([
            Plane(lamp.Frame.Up, Thick), Plane(lamp.Frame.Up * -1, Thick), Plane(lamp.Frame.Right, half), Plane(lamp.Frame.Right * -1, half),
            Plane(lamp.Frame.Forward, metres), Plane(lamp.Frame.Forward * -1, 0),
        ]);
    }

    /// <summary>The least length that ends it, to the centimetre.</summary>
    private static double? Least(double most, Func<double, bool> ended)
    {
        for (var far = Step; far <= most + Fine / 2; far += Step)
        {
            if (!ended(far)) continue;
            for (var near = far - Step + Fine; near < far - Fine / 2; near += Fine)
                if (ended(near)) return Math.Round(near, 2);
            return Math.Round(far, 2);
        }
        return null;
    }
}
