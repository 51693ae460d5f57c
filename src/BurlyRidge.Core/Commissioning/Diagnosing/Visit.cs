using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Diagnosing;

/// <summary>How somebody stood a vehicle, and what was held to it there.</summary>
/// <param name="Stand">Id of the standing.</param>
/// <param name="Out">What is taken out, as keys of the fault library.</param>
/// <param name="Probing">Where a meter was held; null: it was looked at.</param>
/// <param name="Lamp">Where a test lamp was; null: there was none.</param>
internal sealed record Visit(string Stand, RigState State, IReadOnlyList<string> Out, Probing? Probing = null, Probing? Lamp = null)
{
    /// <summary>Of a vehicle that stands so; a standing of the tables in which everything stands alike is that one.</summary>
    /// <param name="probing">Where a tester is held; null: it is looked at.</param>
    public static Visit Of(DiagnosisTables tables, RigState state, IReadOnlyList<string> without, Probing? probing)
    {
        var key = Standing.KeyOf(tables.Plan.Study.Wired, state, without);
        return probing is { Setting: TesterSetting.TestLamp } ? new Visit($"{key} {probing.Red} {probing.Black}", state, without, null, probing)
            : new Visit(tables.StandingAt(state, without)?.Id ?? key, state, without, probing);
    }
}
