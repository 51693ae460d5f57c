using BurlyRidge.Core.Commissioning.Diagnosing;

namespace BurlyRidge.Core.Tests.Commissioning.Diagnosing;

/// <summary>What a reading is expected to tell, against the integral over all that it may come to (Cover and Thomas, Elements of Information Theory: I(X;Y) = h(Y) − h(Y|X)).</summary>
public class InformationTests
{
    /// <summary>Readings that go wrong tell nothing.</summary>
    private const double Right = 0.97;

    [Fact]
    public void Two_values_far_apart_tell_one_bit() => Assert.Equal(Right, Information.Bits([new Chance(0, 0.1, 0, 0.5), new Chance(12, 0.1, 1, 0.5)]), 3);

    [Fact]
    public void A_value_that_all_share_tells_nothing() => Assert.Equal(0, Information.Bits([new Chance(12, 0.1, 0, 0.5), new Chance(12, 0.1, 1, 0.5)]), 6);

    [Fact]
    public void Several_values_of_one_class_tell_nothing() => Assert.Equal(0, Information.Bits([new Chance(0, 0.1, 0, 0.5), new Chance(12, 0.1, 0, 0.5)]), 6);

    [Fact]
    public void Random_mixtures_agree_with_brute_force()
    {
        var random = new Random(20_261);
        for (var trial = 0; trial < 40; trial++)
        {
            var chances = Enumerable.Range(0, random.Next(2, 9)).Select(_ => new Chance(random.NextDouble() * 3, 0.02 + random.NextDouble() * 0.3, random.Next(4), 0.05 + random.NextDouble())).ToList();
            Assert.Equal(Right * BruteForce(chances), Information.Bits(chances), 0.03);
        }
    }

    /// <summary>Summed in 40,000 steps.</summary>
    private static double BruteForce(IReadOnlyList<Chance> chances)
    {
        const int steps = 40_000;
        var all = chances.Sum(chance => chance.Weight);
        var classes = chances.Select(chance => chance.Class).Distinct().ToList();
        var (low, high) = (chances.Min(chance => chance.Value - 6 * chance.Spread), chances.Max(chance => chance.Value + 6 * chance.Spread));
        var width = (high - low) / steps;
        var bits = 0.0;
        for (var i = 0; i < steps; i++)
        {
            var y = low + (i + 0.5) * width;
            double Density(int of) => chances.Where(chance => chance.Class == of).Sum(chance => chance.Weight / all * Math.Exp(-Math.Pow((y - chance.Value) / chance.Spread, 2) / 2) / (chance.Spread * Math.Sqrt(2 * Math.PI)));
            var densities = classes.ConvertAll(Density);
            var sum = densities.Sum();
            for (var k = 0; k < classes.Count; k++)
                if (densities[k] > 1e-300) bits += width * densities[k] * Math.Log2(densities[k] / (sum * chances.Where(chance => chance.Class == classes[k]).Sum(chance => chance.Weight) / all));
        }
        return bits;
    }
}
