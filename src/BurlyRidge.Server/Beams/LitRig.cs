using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Harness;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Hosting;

namespace BurlyRidge.Server.Beams;

/// <summary>Rigs in full wiring with how bright their lamps are; what is asked while somebody drags is known already.</summary>
internal static class LitRig
{
    // Everything on follows from the rig alone, at cruise and with the engine off.
    private static readonly ConditionalWeakTable<WholeRig, ConcurrentDictionary<bool, BeamRig>> Known = [];

    /// <summary>Wires it and solves the state.</summary>
    /// <param name="state">Null: everything on, at cruise.</param>
    public static async Task<BeamRig> OfAsync(Rig rig, RigState? state, bool engineOff, CancellationToken cancellation)
    {
        using var held = AssessmentCache.Hold(rig);
        var whole = await held.WholeAsync(cancellation);
        return state is null ? Known.GetOrCreateValue(whole).GetOrAdd(engineOff, off => Solve(RigStates.EverythingOn(whole.Wired), off)) : Solve(state, engineOff);

        BeamRig Solve(RigState on, bool off) => cancellation.WorkOut(_ => new BeamRig(whole.Saved, whole.Wired, LampBrightness.Of(whole.Wired, HarnessCompiler.Solve(whole.Wired, off ? on with { Engine = Engine.Off } : on))));
    }

    /// <summary>The rig's own plan of its light, with what is tried for it.</summary>
    public static BeamPlan Plan(this BeamRig rig, IReadOnlyList<LampAim>? aims, double? noseUp) => rig.Saved.Beams with { Aims = aims ?? rig.Saved.Beams.Aims, NoseUpDegrees = noseUp ?? rig.Saved.Beams.NoseUpDegrees };
}
