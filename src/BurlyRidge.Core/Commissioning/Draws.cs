namespace BurlyRidge.Core.Commissioning;

/// <summary>Random figures that depend on nothing but a seed, the number of the sample and what they are for: a part has the same draw in every state.</summary>
internal readonly record struct Draws(ulong Seed, int Sample)
{
    /// <summary>What a figure is for, as a number (FNV-1a).</summary>
    public static ulong Of(string name)
    {
        var hash = 14695981039346656037UL;
        foreach (var letter in name) hash = (hash ^ letter) * 1099511628211UL;
        return hash;
    }

    /// <summary>Evenly from 0 to 1.</summary>
    public double Even(ulong of) => (Mixed(of) >> 11) * (1.0 / (1UL << 53));

    /// <summary>Evenly, so far either way.</summary>
    public double Either(ulong of, double most) => most * (2 * Even(of) - 1);

    /// <summary>Normally, with a standard deviation of 1 (Box and Muller).</summary>
    public double Normal(ulong of) => Math.Sqrt(-2 * Math.Log(1 - Even(of))) * Math.Cos(2 * Math.PI * Even(~of));

    /// <summary>SplitMix64 (Steele, Lea and Flood 2014).</summary>
    private ulong Mixed(ulong of)
    {
        var state = of + Seed * 0x9E3779B97F4A7C15UL + (ulong)Sample * 0xD1342543DE82EF95UL;
        state += 0x9E3779B97F4A7C15UL;
        state = (state ^ (state >> 30)) * 0xBF58476D1CE4E5B9UL;
        state = (state ^ (state >> 27)) * 0x94D049BB133111EBUL;
        return state ^ (state >> 31);
    }
}
