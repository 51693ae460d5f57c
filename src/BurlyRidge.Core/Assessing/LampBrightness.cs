using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;

namespace BurlyRidge.Core.Assessing;

/// <summary>How bright the lamps of a rig are in a state, by their operating points.</summary>
public static class LampBrightness
{
    /// <summary>By light, "fixture.light".</summary>
    /// <param name="rig">In full wiring.</param>
    public static IReadOnlyDictionary<string, Brightness> Of(Rig rig, SolvedHarness solved) => rig.Fixtures
        .SelectMany(lamp => lamp.Functions.Select(light => (Id: $"{lamp.Id}.{light.Id}", light)))
        .Where(pair => solved.Harness.Has(pair.Id))
        .ToDictionary(pair => pair.Id, pair => new Brightness(
            solved.IsLit(pair.Id, pair.light) ? pair.light.LightFraction(solved.Across(pair.Id), solved.Amps(pair.Id)) : 0, Math.Abs(solved.Amps(pair.Id))), StringComparer.Ordinal);
}
