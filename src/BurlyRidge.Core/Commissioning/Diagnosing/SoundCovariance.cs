namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>
/// How much readings of sound rigs go together: a battery that is weaker or a lamp that draws more shows in all of them alike.
/// From rigs that are drawn once for all standings, so that a part is the same in each.
/// </summary>
internal sealed class SoundCovariance
{
    private readonly int[] starts;
    private readonly float[][] rows;
    private readonly int samples;

    public SoundCovariance(IReadOnlyList<StandTable> stands)
    {
        starts = new int[stands.Count + 1];
        for (var s = 0; s < stands.Count; s++) starts[s + 1] = starts[s] + stands[s].Standing.Probes.Count;
        samples = stands.Max(stand => stand.Drawn.Count);
        rows = new float[starts[^1]][];
        for (var s = 0; s < stands.Count; s++)
            for (var i = 0; i < stands[s].Standing.Probes.Count; i++)
                rows[starts[s] + i] = [.. stands[s].Drawn.Select(one => (float)one[i])];
    }

    /// <summary>Covariance of two probes, each in its standing, on their scales.</summary>
    public double Of(int stand, int probe, int otherStand, int otherProbe)
    {
        var (one, other) = (rows[starts[stand] + probe], rows[starts[otherStand] + otherProbe]);
        var sum = 0f;
        for (var i = 0; i < samples; i++) sum += one[i] * other[i];
        return sum / (samples - 1);
    }
}
