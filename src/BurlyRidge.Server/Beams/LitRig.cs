using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using System.Text.Json;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Beams;

/// <summary>Rigs in full wiring with how bright their lamps are; what is asked while somebody drags is known already.</summary>
internal static class LitRig
{
    /// <summary>So many states of a rig are remembered.</summary>
    private const int Most = 16;

    private static readonly ConditionalWeakTable<WholeRig, ConcurrentDictionary<string, BeamRig>> Known = [];

    /// <summary>Wires it and solves the state.</summary>
    /// <param name="state">Null: everything on, at cruise.</param>
    public static async Task<BeamRig> OfAsync(Rig rig, RigState? state, bool engineOff, CancellationToken cancellation)
    {
        using var held = AssessmentCache.Hold(rig);
        var whole = await held.WholeAsync(cancellation);
        var on = state ?? RigStates.EverythingOn(whole.Wired);
        if (engineOff) on = on with { Engine = Engine.Off };
        var known = Known.GetOrCreateValue(whole);
        if (known.Count >= Most) known.Clear();
        return known.GetOrAdd(JsonSerializer.Serialize(on, JsonRules.Stored), _ => cancellation.WorkOut(_ => new BeamRig(whole.Saved, whole.Wired, LampBrightness.Of(whole.Wired, HarnessCompiler.Solve(whole.Wired, on)))));
    }

    /// <summary>The rig's own plan of its light, with what is tried for it.</summary>
    public static BeamPlan Plan(this BeamRig rig, IReadOnlyList<LampAim>? aims, double? noseUp) => rig.Saved.Beams with { Aims = aims ?? rig.Saved.Beams.Aims, NoseUpDegrees = noseUp ?? rig.Saved.Beams.NoseUpDegrees };
}
